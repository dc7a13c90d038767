import type { Face, Panel } from '../assembly'
import { linesRound, type Words } from '../art'
import { engravingsOn, type BoxSpec } from '../box'
import {
  intersection,
  linesWithin,
  mapRegion,
  signedArea,
  type Point,
  type Region,
  type Ring,
} from '../geometry'
import type { DerivedBox } from './box'
import type { Joined } from './joined'

export type Faces = Map<string, Face>

/** Nothing. */
export const BARE: Face = { engraved: [], scored: [] }

type Faced = Pick<DerivedBox, 'panels' | 'made' | 'joined'>

/** What is on one panel. */
export function faceOf(panel: Panel, spec: BoxSpec, words?: Words): Face {
  const all = engravingsOn(spec, panel.id, panel.blank, words)
  if (all.length === 0) return BARE
  return {
    engraved: all.flatMap(({ of, areas }) => (of.as === 'engrave' ? areas : [])),
    scored: all.flatMap(({ of, areas, lines }) => [
      ...(of.as === 'score' ? linesRound(areas) : []),
      ...lines,
    ]),
  }
}

/** What is on a face, taken onto another plane. */
function moved({ engraved, scored }: Face, onto: (point: Point) => Point): Face {
  const region = (each: Region): Region => {
    const there = mapRegion(each, (ring) => ring.map(onto))
    return signedArea(there.outline) < 0 ? mapRegion(there, (ring) => [...ring].reverse()) : there
  }
  return {
    engraved: engraved.map(region),
    scored: scored.map(({ points, closed }) => ({ points: points.map(onto), closed })),
  }
}

/** What of a face is on a half of its panel. */
const partOf = (face: Face, within: Ring | null): Face =>
  within
    ? {
        engraved: face.engraved.flatMap((region) => intersection(region, within)),
        scored: linesWithin(face.scored, within),
      }
    : face

/** The panels with what is on them; none of them is touched where nothing is. */
export const withFaces = (panels: Panel[], spec: BoxSpec): Panel[] =>
  spec.engravings.length === 0
    ? panels
    : panels.map((panel) => {
        const face = faceOf(panel, spec)
        return face === BARE ? panel : { ...panel, face }
      })

/** What is on a bent sheet: all that is on its panels. */
export function together(
  { faces }: Pick<Joined, 'faces'>,
  faceBy: (panel: string) => Face | undefined,
): Face {
  const all = faces.map(({ panel, onto, within }) => moved(partOf(faceBy(panel) ?? BARE, within), onto))
  return {
    engraved: all.flatMap(({ engraved }) => engraved),
    scored: all.flatMap(({ scored }) => scored),
  }
}

/** What is on each piece that is cut: a bent sheet has what is on all its panels. */
export function facesOf({ panels, made, joined }: Faced, words?: Words): Faces {
  const faces: Faces = new Map()
  if (!made || !panels || made.spec.engravings.length === 0) return faces
  for (const panel of panels) faces.set(panel.id, faceOf(panel, made.spec, words))
  if (!joined) return faces
  faces.set(
    joined.piece.id,
    together(joined, (name) => faces.get(name)),
  )
  return faces
}
