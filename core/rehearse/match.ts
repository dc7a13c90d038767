import type { LoadPlan, Part } from '../derive'
import {
  bounds,
  sharedArea,
  shiftRegion,
  sizeOf,
  turnRegion,
  type Point,
  type Region,
  type Ring,
} from '../geometry'
import type { Job } from '../job'
import { poseShift, shapeFor, type Placement } from '../nest'
import { match as words } from './words'

/** A piece as it came out: the way round it as the beam was told it, and its shape, mm on the load. */
export interface Shaped {
  way: Ring
  shape: Region
}

/** A part that came out, and what is wrong with its shape. */
export interface Matched<P> {
  part: Part
  placement: Placement
  piece: P
  /** How far from its place it was cut, mm. */
  off: number
  astray: string[]
}

/** As it lies within this of where it was planned it is where it should be, mm. [FM] */
const SAME = 0.6
/** A sheet that was knocked against lies no further off than this, mm. [FM] */
const REACH = 15
/** Less than this of a neighbour is only the kerf between both, mm². [FM] */
const TOUCH = 2

/** A part as it is told to the beam, where it lies on its load. */
function plannedShape(part: Part, { turn, x, y }: Placement, load: LoadPlan, isCompensated: boolean): Region {
  const lie = part.lies[turn % 180 === 0 ? 0 : 1]
  const { dx, dy } = poseShift(shapeFor(part, turn), turn)
  const told = turnRegion(isCompensated ? lie.shape : lie.drawn, turn)
  return shiftRegion(told, dx + x - load.x, dy + y - load.y)
}

const middleOf = (ring: Ring): Point => {
  const { minX, minY, maxX, maxY } = bounds(ring)
  return { x: (minX + maxX) / 2, y: (minY + maxY) / 2 }
}
const apart = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y)
const isAlike = (a: Ring, b: Ring): boolean => {
  const [one, other] = [a, b].map((ring) => sizeOf({ outline: ring, holes: [] }))
  return Math.abs(one.width - other.width) < SAME && Math.abs(one.height - other.height) < SAME
}
const far = (distance: number): string => `${distance.toFixed(1)} mm`

/** Holes that do not lie in their part as they were planned. */
function strayHoles(planned: Region, { way, shape }: Shaped): string[] {
  const [from, to] = [middleOf(planned.outline), middleOf(way)]
  const there = shape.holes.map(middleOf)
  return planned.holes.flatMap((hole) => {
    const wanted = middleOf(hole)
    const place = { x: wanted.x - from.x + to.x, y: wanted.y - from.y + to.y }
    const off = Math.min(Infinity, ...there.map((at) => apart(at, place)))
    if (off < SAME) return []
    return [off > REACH ? words.holeNotCut : words.holeLiesBeside(far(off))]
  })
}

/**
 * Which part each piece of a load is, by shape and place, and the parts that none is. A sheet that was
 * knocked against is judged by what that did: a part that was cut whole afterwards is a good part elsewhere.
 */
export function piecesByPart<P>(
  job: Job,
  load: LoadPlan,
  parts: Part[],
  pieces: P[],
  shapedOf: (piece: P) => Shaped,
): { found: Matched<P>[]; missing: Part[] } {
  if (load.face === 'first') return { found: [], missing: [] }
  const here = new Set(load.paths.map(({ part }) => part))
  const byId = new Map(parts.map((part) => [part.id, part]))
  const wanted = (job.layout.arrangement?.placements ?? []).flatMap((placement) => {
    const part = byId.get(placement.part)
    if (!part || !here.has(placement.part)) return []
    return [{ part, placement, shape: plannedShape(part, placement, load, job.cut.compensation === 'paths') }]
  })
  const taken = pieces.map((piece) => ({ piece, shaped: shapedOf(piece) }))
  const pairs = wanted
    .flatMap((want) =>
      taken
        .filter(({ shaped }) => isAlike(want.shape.outline, shaped.way))
        .map((own) => ({ want, own, off: apart(middleOf(want.shape.outline), middleOf(own.shaped.way)) })),
    )
    .filter(({ off }) => off < REACH)
    .sort((a, b) => a.off - b.off)
  const [gone, used] = [new Set<unknown>(), new Set<unknown>()]
  const matched = pairs.filter(({ want, own }) => {
    if (gone.has(want) || used.has(own)) return false
    gone.add(want)
    used.add(own)
    return true
  })
  const found = matched.map(({ want, own, off }): Matched<P> => {
    // What was cut nearer to its place was cut before the knock, and is whole.
    const bitten = matched.find(
      (other) => other.off < off - SAME && sharedArea(own.shaped.shape, other.own.shaped.shape) > TOUCH,
    )
    const astray = strayHoles(want.shape, own.shaped)
    if (bitten) astray.unshift(words.runsIntoCut(bitten.want.part.label))
    const { part, placement } = want
    return { part, placement, piece: own.piece, off, astray }
  })
  return { found, missing: wanted.filter((want) => !gone.has(want)).map(({ part }) => part) }
}
