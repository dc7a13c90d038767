import type { CodeMove } from '../gcode'
import type { Point, Ring } from '../geometry'
import { stretchTime } from '../plan'
import type { Hidden, HiddenSheet } from './hidden'

/** A way that the beam burnt without going off, once or several times over. Lengths in mm. */
export interface Run {
  points: Ring
  closed: boolean
  /** When it was first finished, s from the start. */
  end: number
  /** Energy per face over what is needed there, where it is least and on the mean. */
  least: number
  mean: number
  /** Length of what is not cut through, and where it begins. */
  held: number
  heldAt: Point | null
  /** Stretches of it that were left uncut on purpose. */
  bridges: number
}

/** Places along a way that are looked at are this far apart, mm. */
const LOOK = 3
const SAME = 1e-3

const near = (a: Point, b: Point): boolean => Math.hypot(a.x - b.x, a.y - b.y) < SAME

/** A stretch with what it was cut with. */
interface Stretch {
  from: Point
  to: Point
  speed: number
  power: number
  at: number
}

export interface Way {
  stretches: Stretch[]
  closed: boolean
  end: number
  /** Stretches that were left out on purpose. */
  bridges?: number
}

interface Motion {
  travelSpeed: number
  acceleration: number
}

/** Cuts a program into ways, each with when it was burnt. */
export function waysOf(moves: CodeMove[], motion: Motion, hidden: Hidden): { ways: Way[]; seconds: number } {
  const ways: Way[] = []
  let way: Way | null = null
  let clock = 0
  for (const { from, to, speed, power } of moves) {
    const length = Math.hypot(to.x - from.x, to.y - from.y)
    const pace = speed ?? motion.travelSpeed
    clock += stretchTime(length, pace, motion.acceleration) * (1 + hidden.sluggish)
    if (length === 0) continue
    if (power <= 0) {
      way = null
      continue
    }
    const last = way?.stretches[way.stretches.length - 1]
    if (!way || way.closed || !last || !near(last.to, from)) {
      way = { stretches: [], closed: false, end: clock }
      ways.push(way)
    }
    way.stretches.push({ from, to, speed: pace, power, at: clock })
    way.end = clock
    way.closed = way.stretches.length > 2 && near(to, way.stretches[0].from)
  }
  return { ways, seconds: clock }
}

/** A stretch left uncut that is shorter than this is a bridge, mm. */
const LONGEST_BRIDGE = 8

/** How far a side may bend at a bridge and still count as straight, mm. */
const STRAIGHT = 0.02

const lastOf = ({ stretches }: Way): Stretch => stretches[stretches.length - 1]

/** Whether one way goes on in another one straight across a short stretch that is left out. */
function goesOn(before: Way, after: Way): boolean {
  const [a, b] = [lastOf(before), after.stretches[0]]
  const gap = { x: b.from.x - a.to.x, y: b.from.y - a.to.y }
  const length = Math.hypot(gap.x, gap.y)
  const isAlong = ({ from, to }: Stretch): boolean => {
    const [x, y] = [to.x - from.x, to.y - from.y]
    const own = Math.hypot(x, y)
    return Math.abs(x * gap.y - y * gap.x) / own < STRAIGHT && x * gap.x + y * gap.y > 0
  }
  return length > SAME && length < LONGEST_BRIDGE && isAlong(a) && isAlong(b)
}

/**
 * Ways that lie round something one after the other, with short stretches left out on its straight sides: one
 * way with bridges. What is left out is burnt with nothing.
 */
export function overBridges(ways: Way[]): Way[] {
  const joined: Way[] = []
  let open: Way[] = []
  for (const way of ways) {
    if (open.length > 0 && !goesOn(open[open.length - 1], way)) {
      joined.push(...open)
      open = []
    }
    if (way.closed) {
      joined.push(way)
      continue
    }
    open.push(way)
    const isRound = open.reduce((sum, { stretches }) => sum + stretches.length, 0) > 2
    if (!isRound || !goesOn(way, open[0])) continue
    joined.push(closedUp(open))
    open = []
  }
  return [...joined, ...open]
}

function closedUp(ways: Way[]): Way {
  const stretches = ways.flatMap((way, i) => {
    const { to: from, speed, at } = lastOf(way)
    const { from: to } = ways[(i + 1) % ways.length].stretches[0]
    return [...way.stretches, { from, to, speed, at, power: 0 }]
  })
  return { stretches, closed: true, end: ways[ways.length - 1].end, bridges: ways.length }
}

/** The same way again, whichever point it begins at, is a further pass over it. */
function keyOf({ stretches, closed }: Way): string {
  const names = stretches.map(({ from, to }) => {
    const ends = [from, to].map(({ x, y }) => `${x.toFixed(2)} ${y.toFixed(2)}`)
    return closed ? ends.sort().join(' ') : ends.join(' ')
  })
  return closed ? names.sort().join('|') : names.join('|')
}

/** How much of the power there is at a moment. */
const powerAt = ({ drift }: Hidden, at: number): number =>
  1 + drift.share * Math.sin((2 * Math.PI * at) / drift.period + drift.phase)

/** How much more energy a place needs than sound material of the mean thickness does. */
function harder({ knots }: HiddenSheet, { x, y }: Point): number {
  const there = knots.filter((knot) => Math.hypot(knot.x - x, knot.y - y) < knot.radius)
  return Math.max(1, ...there.map(({ factor }) => factor))
}

/**
 * What the beam did along every way: energy per cut face against what the place needs, pass upon pass.
 * `E = watts × power ÷ (speed × thickness)`, as in `cutEnergy`.
 */
export function burn(ways: Way[], watts: number, sheet: HiddenSheet, hidden: Hidden): Run[] {
  const runs = new Map<
    string,
    { way: Way; sums: { at: Point; ratio: number; length: number }[]; end: number }
  >()
  for (const way of ways) {
    const key = keyOf(way)
    const looks = way.stretches.flatMap(({ from, to, speed, power, at }) => {
      const length = Math.hypot(to.x - from.x, to.y - from.y)
      const count = Math.max(1, Math.ceil(length / LOOK))
      return Array.from({ length: count }, (_, i) => {
        const share = (i + 0.5) / count
        const place = { x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share }
        const energy = (watts * power * powerAt(hidden, at)) / (speed * sheet.thickness(place.x, place.y))
        return { at: place, ratio: energy / (hidden.need * harder(sheet, place)), length: length / count }
      })
    })
    const before = runs.get(key)
    if (!before) runs.set(key, { way, sums: looks, end: way.end })
    else {
      // A further pass may begin elsewhere on the way: each place takes what falls on it.
      for (const look of before.sums) {
        const nearest = looks.reduce((best, each) =>
          gap(each.at, look.at) < gap(best.at, look.at) ? each : best,
        )
        look.ratio += nearest.ratio
      }
      before.end = way.end
    }
  }
  return [...runs.values()].map(({ way, sums, end }): Run => {
    const length = sums.reduce((sum, each) => sum + each.length, 0)
    const held = sums.filter(({ ratio }) => ratio > 0 && ratio < 1)
    return {
      points: way.stretches
        .map(({ from }) => from)
        .concat(way.closed ? [] : [way.stretches[way.stretches.length - 1].to]),
      closed: way.closed,
      end,
      least: Math.min(...sums.filter(({ ratio }) => ratio > 0).map(({ ratio }) => ratio)),
      mean: sums.reduce((sum, each) => sum + each.ratio * each.length, 0) / length,
      held: held.reduce((sum, each) => sum + each.length, 0),
      heldAt: held[0]?.at ?? null,
      bridges: way.bridges ?? 0,
    }
  })
}

const gap = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y)
