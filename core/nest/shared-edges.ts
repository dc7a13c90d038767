import {
  bounds,
  moveRegion,
  shiftPoints,
  shiftRegion,
  turnPoints,
  turnRegion,
  union,
  type Point,
  type Region,
  type Ring,
  type Turn,
} from '../geometry'
import type { NestProgress } from './nest'
import { placedWithHost, hostedTurns, type Hosted } from './hosted'
import { isFree, turnsOf, type Layout, type NestPart, type NestRules } from './types'

/** Sides that differ by less are of one length, mm. */
const SAME = 0.02

/** A side is shared where it is as long as this share of the whole width, and this long, mm. */
const WHOLE = 0.6
const SHORTEST = 20

interface Side {
  part: NestPart
  /** The turn that makes it the upper one. */
  up: Turn
  length: number
  /** From its left end, as it lies uppermost, to the part's lower left corner then. */
  left: number
}

const UPWARDS: Turn[] = [0, 90, 180, 270]

/** The straight side that lies uppermost, where there is a single one that is nearly as long as the part. */
function topOf(ring: Ring): { from: number; to: number } | null {
  const { minX, maxX, maxY } = bounds(ring)
  const tops = ring.flatMap((a, i) => {
    const b: Point = ring[(i + 1) % ring.length]
    const isTop = Math.abs(a.y - maxY) < 1e-6 && Math.abs(b.y - maxY) < 1e-6
    return isTop && Math.abs(a.x - b.x) > 1e-6 ? [{ from: Math.min(a.x, b.x), to: Math.max(a.x, b.x) }] : []
  })
  const [from, to] = [Math.min(...tops.map((top) => top.from)), Math.max(...tops.map((top) => top.to))]
  const length = tops.reduce((sum, top) => sum + top.to - top.from, 0)
  const isWhole = Math.abs(to - from - length) < 1e-6
  return isWhole && length >= Math.max(SHORTEST, WHOLE * (maxX - minX)) ? { from, to } : null
}

const sidesOf = (part: NestPart): Side[] =>
  UPWARDS.flatMap((up) => {
    const ring = turnPoints(part.shape.outline, up)
    const top = topOf(ring)
    return top ? [{ part, up, length: top.to - top.from, left: top.from - bounds(ring).minX }] : []
  })

/** Two parts that lie on one straight edge, as one. */
interface Pair {
  whole: NestPart
  members: Hosted[]
}

const middleOf = ({ outline }: Region): Point => {
  const { minX, minY, maxX, maxY } = bounds(outline)
  return { x: (minX + maxX) / 2, y: (minY + maxY) / 2 }
}

/** Puts one part on another's side; the first lies as it lies by itself. */
function join(low: Side, high: Side, rules: NestRules): Pair | null {
  // With its side uppermost the first has the second on it, whose own side is turned down.
  const turn = (((high.up + 180 - low.up) % 360) + 360) % 360
  if (!hostedTurns(high.part, low.part, rules).includes(turn)) return null
  const below = turnRegion(low.part.shape, low.up)
  const turned = turnRegion(high.part.shape, (high.up + 180) % 360)
  const [at, own] = [bounds(below.outline), bounds(turned.outline)]
  // Turned by half, the second's side runs from the other end.
  const from = own.maxX - high.left - high.length
  const above = shiftRegion(turned, at.minX + low.left - from, at.maxY - own.minY)
  const back = (region: Region): Region => turnRegion(region, (360 - low.up) % 360)
  const [first, second] = [back(below), back(above)]
  const [shape, ...more] = union([first.outline, second.outline])
  if (!shape || more.length > 0) return null
  const { minX, minY } = bounds(shape.outline)
  const move = ({ x, y }: Point): Point => ({ x: x - minX, y: y - minY })
  const outline = shiftPoints(shape.outline, -minX, -minY)
  const holes = [...first.holes, ...second.holes].map((hole) => shiftPoints(hole, -minX, -minY))
  const id = `${low.part.id} + ${high.part.id}`
  const whole: Region = { outline, holes: [...shape.holes.map((hole) => hole.map(move)), ...holes] }
  const member = (part: NestPart, lies: Region, by: Turn): Hosted => ({
    host: id,
    part: part.id,
    turn: by,
    at: middleOf(moveRegion(lies, move)),
  })
  const areBothFree = isFree(low.part, rules) && isFree(high.part, rules)
  return {
    whole: {
      id,
      shape: whole,
      turnedShape: whole,
      ...(areBothFree ? {} : { turns: turnsOf(low.part, rules) }),
      ...(low.part.box !== undefined && low.part.box === high.part.box ? { box: low.part.box } : {}),
    },
    members: [member(low.part, first, 0), member(high.part, second, turn)],
  }
}

/** Pairs of parts with a straight side of one length, those of one box and the longest sides first. */
export function pairsOf(parts: NestPart[], rules: NestRules): Pair[] {
  // Where the beam is not round a turned part has other sides.
  const sides = parts.filter(({ shape, turnedShape }) => shape === turnedShape).flatMap(sidesOf)
  const sorted = sides.sort((a, b) => b.length - a.length)
  const taken = new Set<NestPart>()
  const pairs: Pair[] = []
  for (const ofOneBox of [true, false])
    for (const [i, low] of sorted.entries()) {
      if (taken.has(low.part)) continue
      for (const high of sorted.slice(i + 1)) {
        if (low.length - high.length > SAME) break
        if (high.part === low.part || taken.has(high.part)) continue
        if (ofOneBox && high.part.box !== low.part.box) continue
        const pair = join(low, high, rules)
        if (!pair) continue
        pairs.push(pair)
        taken.add(low.part)
        taken.add(high.part)
        break
      }
    }
  return pairs
}

/** A layout of pairs as one of their parts. */
export function unpaired(pairs: Pair[], parts: NestPart[]): (layout: Layout) => Layout {
  const byId = new Map([...parts, ...pairs.map(({ whole }) => whole)].map((part) => [part.id, part]))
  const membersOf = new Map(pairs.map(({ whole, members }) => [whole.id, members]))
  return ({ placements, unplaced }) => ({
    placements: placements.flatMap((placement) =>
      (membersOf.get(placement.part) ?? []).length > 0
        ? membersOf.get(placement.part)!.map((each) => placedWithHost(each, placement, byId))
        : [placement],
    ),
    unplaced: unplaced.flatMap((each) => {
      const members = membersOf.get(each.part)
      return members ? members.map(({ part }) => ({ ...each, part })) : [each]
    }),
  })
}

/** Lays out pairs in place of their parts. @param steps what lays parts out */
export function* nestPaired(
  parts: NestPart[],
  rules: NestRules,
  pinned: ReadonlySet<string>,
  steps: (parts: NestPart[]) => Generator<NestProgress, Layout>,
): Generator<NestProgress, Layout> {
  const pairs = pairsOf(
    parts.filter(({ id }) => !pinned.has(id)),
    rules,
  )
  const inPair = new Set(pairs.flatMap(({ members }) => members.map(({ part }) => part)))
  const own = unpaired(pairs, parts)
  const under = steps([...pairs.map(({ whole }) => whole), ...parts.filter(({ id }) => !inPair.has(id))])
  for (;;) {
    const step = under.next()
    if (step.done) return own(step.value)
    yield { ...step.value, layout: own(step.value.layout) }
  }
}
