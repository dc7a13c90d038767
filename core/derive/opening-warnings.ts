import { claimedRing, outlineOf, partsById, type Joint, type Panel, type PartsById } from '../assembly'
import { onFace } from '../art'
import { engravingsOn, type BoxSpec } from '../box'
import {
  bounds,
  difference,
  offset,
  linesWithin,
  piecesOutside,
  rectangle,
  sharedArea,
  type Bounds,
  type DrawnLine,
  type Point,
  type Region,
  type Ring,
} from '../geometry'
import type { DerivedBox } from './box'
import { burntBy } from './burnt'
import { partnersOn } from './magnets'

/**
 * What goes wrong with what is on a panel: too near to its edge or a joint; burnt where it is cut away, or
 * where another panel will cover it; or cut out all round, so that it falls out.
 */
export const REACHES = [
  'a joint',
  'the edge',
  'over its panel',
  'what is cut away',
  'another panel',
  'nothing',
] as const
export type Reaches = (typeof REACHES)[number]

/** Where an opening leaves its panel, or comes too near to a joint. */
export interface Astray {
  panel: string
  at: Point
  reaches: Reaches
  /** Which engraving of its box, from 0, where it is one. */
  engraving?: number
}

const LEAST = 1e-3

const grown = ({ minX, minY, maxX, maxY }: Bounds, by: number): Region => ({
  outline: rectangle(minX - by, minY - by, maxX + by, maxY + by),
  holes: [],
})

function middleOf(ring: Ring): Point {
  const { minX, minY, maxX, maxY } = bounds(ring)
  return { x: (minX + maxX) / 2, y: (minY + maxY) / 2 }
}

/** Where a panel meets others, and so much more on every side, mm. */
const stripsOn = (
  panel: Panel,
  joints: Joint[],
  parts: PartsById,
  by: number,
): { joint: Joint; at: Region }[] =>
  joints
    .filter((joint) => joint.parts.includes(panel.id))
    .map((joint) => ({
      joint,
      at: { outline: claimedRing(panel, joint, parts, undefined, by), holes: [] },
    }))

/** A panel before anything is taken out of it, larger by so much on every side, mm. */
const wholeOf = ({ blank, sides }: Panel, by: number): Region =>
  sides
    ? (offset({ outline: outlineOf(sides, ({ end }) => end), holes: [] }, by)[0] ?? grown(blank, by))
    : grown(blank, by)

/** What is burnt into the faces of a panel, engraving by engraving. */
const burntOn = (panel: Panel, panels: Panel[], spec: BoxSpec) => [
  ...engravingsOn(spec, panel.id, panel.blank).map((one) => ({
    index: one.index,
    mayRunOver: one.of.over,
    side: one.of.side,
    cuts: one.cuts,
    ...onFace(burntBy(one)),
  })),
  ...partnersOn(panel, panels, spec).map(({ side, face, index }) => ({
    index,
    mayRunOver: false,
    side,
    cuts: [],
    ...onFace(face),
  })),
]

/** A place where areas or lines are outside of a region. */
function placeOutside(region: Region, areas: Region[], lines: DrawnLine[]): Point | undefined {
  const outside = piecesOutside(region, areas, lines)
  return outside.areas[0]?.outline[0] ?? outside.lines[0]?.points[0]
}

const isBurntIn = (hole: Ring, areas: Region[], lines: DrawnLine[]): boolean =>
  areas.some((area) => sharedArea(area, { outline: hole, holes: [] }) > LEAST) ||
  linesWithin(lines, hole).length > 0

/** The maker's openings that leave less than a thickness to the edge of their panel, or to a joint. */
export function openingsAstray({ made, panels }: Pick<DerivedBox, 'made' | 'panels'>): Astray[] {
  if (!made || !panels) return []
  const parts = partsById(made.assembly.parts)
  return panels.flatMap((panel: Panel): Astray[] => {
    const own = panel.features.filter(({ what }) => what === 'opening')
    const engraved = burntOn(panel, panels, made.spec)
    if (own.length + engraved.length === 0) return []
    const inside = wholeOf(panel, -panel.thickness)
    const whole = panel.sides ? wholeOf(panel, 0) : grown(bounds(panel.region.outline), 0)
    const { joints } = made.assembly
    // A joint may take half of that: it is held there.
    const strips = stripsOn(panel, joints, parts, panel.thickness / 2).map(({ at }) => at)
    const astray = (at: Point, reaches: Reaches): Astray => ({ panel: panel.id, at, reaches })
    // On the inside another panel stands at every joint, in a lap on both faces.
    const hidden = engraved.flatMap(({ side, areas, lines }): Astray[] => {
      const strip = stripsOn(panel, joints, parts, 0)
        .filter(({ joint }) => side === 'inside' || joint.kind === 'lap')
        .map(({ at }) => at)
        .find((region) => isBurntIn(region.outline, areas, lines))
      return strip ? [astray(middleOf(strip.outline), 'another panel')] : []
    })
    const fallen = engraved.flatMap(({ cuts }) =>
      cuts.flatMap(({ holes }) => holes.map((hole) => astray(middleOf(hole), 'nothing'))),
    )
    const lost = engraved.flatMap(({ index, mayRunOver, areas, lines }): Astray[] => {
      const over = mayRunOver ? undefined : placeOutside(whole, areas, lines)
      if (over) return [{ ...astray(over, 'over its panel'), engraving: index }]
      // Notches and openings take something away of it, and nothing else is burnt there.
      const at = placeOutside(panel.region, areas, lines)
      return at && !mayRunOver ? [{ ...astray(at, 'what is cut away'), engraving: index }] : []
    })
    const near = own.flatMap(({ shape }): Astray[] => {
      const region: Region = { outline: shape, holes: [] }
      if (strips.some((strip) => sharedArea(region, strip) > LEAST))
        return [astray(middleOf(shape), 'a joint')]
      const isOutside = difference(region, [inside.outline]).length > 0
      return isOutside ? [astray(middleOf(shape), 'the edge')] : []
    })
    return [...lost, ...hidden, ...fallen, ...near]
  })
}
