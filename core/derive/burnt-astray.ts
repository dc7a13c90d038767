import { onFace } from '../art'
import {
  alongLines,
  area,
  bounds,
  difference,
  moveRegion,
  offset,
  piecesOutside,
  sharedArea,
  type Bounds,
  type DrawnLine,
  type Point,
  type Region,
} from '../geometry'
import type { Job } from '../job'
import type { Operation } from '../machine'
import { placedShape, type Load, type Placement, type Surface } from '../nest'
import type { FaceUp, Lying } from './lying'
import type { Part } from './parts'
import { ontoSheet } from './paths'

/** Something that the beam would burn beside the part it is meant for. */
export interface BurntAstray {
  part: string
  /**
   * What it is burnt onto: another part, by id; beyond the side of the sheet or of what the bed reaches; or
   * what is left over of the sheet.
   */
  onto: { part: string } | 'sheet' | 'bed' | 'rest'
  sheet: number
  /** How far over the side, mm; 0 for another part. */
  by: number
  /** Where, mm on the sheet. */
  box: Bounds
}

/** As wide as a line is burnt, in the worst case, mm. */
const LINE = 0.1
/** What rounding may leave, mm² and mm. */
const TOUCH = 0.01
const NEARLY = 0.05

interface Outside {
  areas: Region[]
  lines: DrawnLine[]
}
const NONE: Outside = { areas: [], lines: [] }
const known = new WeakMap<FaceUp, Map<string, Outside>>()

/** What is switched off, and which of the maker's own operations engrave, as they fill; others score. */
interface Off {
  off: readonly Operation[]
  filling: readonly string[]
}

/** A face without what is switched off. */
const doneOf = (face: FaceUp, { off, filling }: Off): FaceUp => ({
  engraved: off.includes('engrave') ? [] : face.engraved,
  pictures: off.includes('engrave') ? [] : face.pictures,
  pockets: off.includes('pocket') ? [] : face.pockets,
  grooves: off.includes('pocket') ? [] : face.grooves,
  scored: off.includes('score') ? [] : face.scored,
  own: face.own.map(({ by, areas, lines }) => ({
    by,
    areas: off.includes(filling.includes(by) ? 'engrave' : 'score') ? [] : areas,
    lines: off.includes('score') ? [] : lines,
  })),
})

/** What of a face is burnt where its part is not: worked out once, in the part's own coordinates. */
function outsideOf(shape: Region, face: FaceUp, off: Off): Outside {
  const ways = known.get(face) ?? new Map<string, Outside>()
  known.set(face, ways)
  const key = `${off.off.join()} ${off.filling.join()}`
  const before = ways.get(key)
  if (before) return before
  const done = doneOf(face, off)
  const { areas, lines } = onFace(done)
  const all = [...lines, ...done.grooves.map((points) => ({ points, closed: false }))]
  const [own] = offset(shape, NEARLY)
  const found = areas.length + all.length === 0 || !own ? NONE : piecesOutside(own, areas, all)
  ways.set(key, found)
  return found
}

/** One placed part, and where its pieces lie. */
interface Placed {
  part: Part
  placement: Placement
  lying: Lying
}

const overSide = (inner: Bounds, outer: Bounds): number =>
  Math.max(outer.minX - inner.minX, inner.maxX - outer.maxX, outer.minY - inner.minY, inner.maxY - outer.maxY)

const meets = (a: Bounds, b: Bounds): boolean =>
  a.minX < b.maxX && b.minX < a.maxX && a.minY < b.maxY && b.minY < a.maxY

const boundsOf = ({ x, y, width, height }: Load): Bounds => ({
  minX: x,
  minY: y,
  maxX: x + width,
  maxY: y + height,
})

/**
 * Everything in one load that would be burnt onto another part, or beyond the sheet or the bed.
 * @param placed parts of that load
 * @param cut what is switched off, and whether the other face is done
 * @param operations the maker's own
 */
export function burntAstray(
  placed: { part: Part; placement: Placement }[],
  surface: Surface,
  load: Load,
  { off, turn }: Pick<Job['cut'], 'off' | 'turn'>,
  operations: Job['tune']['own'],
): BurntAstray[] {
  const lying = placed.map((each): Placed => ({
    ...each,
    lying: each.part.lies[each.placement.turn % 180 === 0 ? 0 : 1],
  }))
  const filling = operations.filter(({ how }) => how === 'fill').map(({ id }) => id)
  return lying.flatMap((own): BurntAstray[] => {
    const { shape, up, under } = own.lying
    const faces = turn === 'leave out' ? [up] : [up, under]
    const outside = faces.map((face) => outsideOf(shape, face, { off, filling }))
    if (outside.every(({ areas, lines }) => areas.length + lines.length === 0)) return []
    const onto = ontoSheet(own.part, own.placement)
    const at = (point: Point): Point => onto([point])[0]
    const pieces = outside.flatMap(({ areas, lines }): Region[] => [
      ...areas.map((each) => moveRegion(each, at)),
      ...alongLines(
        lines.map(({ points, closed }) => ({ points: onto(points), closed })),
        LINE,
      ),
    ])
    return pieces.flatMap((piece) => overOf(piece, own, lying, surface, load))
  })
}

function overOf(
  piece: Region,
  { part, placement }: Placed,
  all: Placed[],
  surface: Surface,
  load: Load,
): BurntAstray[] {
  const around = bounds(piece.outline)
  const found = { part: part.id, sheet: placement.sheet, box: around }
  const whole: Bounds = { minX: 0, minY: 0, maxX: surface.width, maxY: surface.height }
  const { outline } = surface
  const isOff = outline && difference(piece, [outline]).some((lost) => area(lost) > TOUCH)
  const overSheet = isOff ? 2 * NEARLY : overSide(around, whole)
  if (overSheet > NEARLY) return [{ ...found, onto: 'sheet', by: overSheet }]
  const overBed = overSide(around, boundsOf(load))
  if (overBed > NEARLY) return [{ ...found, onto: 'bed', by: overBed }]
  const hit = all.filter((other) => {
    if (other.part.id === part.id) return false
    const shape = placedShape(other.part, other.placement)
    return meets(bounds(shape.outline), around) && sharedArea(shape, piece) > TOUCH
  })
  if (hit.length === 0) return [{ ...found, onto: 'rest', by: 0 }]
  return hit.map((other) => ({ ...found, onto: { part: other.part.id }, by: 0 }))
}
