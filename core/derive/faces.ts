import type { Panel } from '../assembly'
import { BARE, faceWithin, isBare, joinFaces, mapFace, type Faces, type Words } from '../art'
import { engravingsOn, type BoxSpec } from '../box'
import type { DerivedBox } from './box'
import { burntBy } from './burnt'
import type { Joined } from './joined'
import { partnersOn } from './magnets'
import { bySide, NOTHING } from './sides'

export type FacesById = Map<string, Faces>

type Faced = Pick<DerivedBox, 'panels' | 'made' | 'joined' | 'divided'>

/** What is on one panel. @param panels all of its box: magnets have their partners on others */
function facesOn(panel: Panel, panels: Panel[], spec: BoxSpec, words?: Words): Faces {
  const own = engravingsOn(spec, panel.id, panel.blank, words)
  const partners = partnersOn(panel, panels, spec)
  if (own.length + partners.length === 0) return NOTHING
  return bySide((side) =>
    joinFaces([
      ...own.filter(({ of }) => of.side === side).map(burntBy),
      ...partners.filter((partner) => partner.side === side).map(({ face }) => face),
    ]),
  )
}

/** The panels with what is on them; none of them is touched where nothing is. */
export const withFaces = (panels: Panel[], spec: BoxSpec): Panel[] =>
  spec.engravings.length === 0
    ? panels
    : panels.map((panel) => {
        const faces = facesOn(panel, panels, spec)
        return faces === NOTHING ? panel : { ...panel, faces }
      })

/** What is on a bent sheet: all that is on its panels. */
export function together(
  { faces }: Pick<Joined, 'faces'>,
  facesBy: (panel: string) => Faces | undefined,
): Faces {
  return bySide((side) =>
    joinFaces(
      faces.map(({ panel, onto, within }) => {
        const face = (facesBy(panel) ?? NOTHING)[side]
        return mapFace(within ? faceWithin(face, within) : face, onto)
      }),
    ),
  )
}

/** What of a panel's faces is on a piece of it. */
export const onPiece = (faces: Faces, piece: Panel): Faces =>
  bySide((side) => (isBare(faces[side]) ? BARE : faceWithin(faces[side], piece.region.outline)))

/** The panels of a box, and its bent sheet, with what is on them in a job's own words. */
export function saidOn(box: Faced, words: Words): { panels: Panel[] | null; piece: Panel | null } {
  const piece = box.joined?.piece ?? null
  if (!box.panels?.some(({ faces }) => faces)) return { panels: box.panels, piece }
  const known = facesOf(box, words)
  const said = (panel: Panel): Panel => (panel.faces ? { ...panel, faces: known.get(panel.id) } : panel)
  return { panels: box.panels.map(said), piece: piece && said(piece) }
}

/** What is on each piece that is cut: a bent sheet has what is on all its panels. */
export function facesOf({ panels, made, joined, divided }: Faced, words?: Words): FacesById {
  const faces: FacesById = new Map()
  if (!made || !panels || made.spec.engravings.length === 0) return faces
  for (const panel of panels) faces.set(panel.id, facesOn(panel, panels, made.spec, words))
  for (const { panel, pieces } of divided)
    for (const piece of pieces) faces.set(piece.id, onPiece(faces.get(panel.id)!, piece))
  if (!joined) return faces
  faces.set(
    joined.piece.id,
    together(joined, (name) => faces.get(name)),
  )
  return faces
}
