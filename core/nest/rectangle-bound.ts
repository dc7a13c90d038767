import { ringsOf, type Region } from '../geometry'
import { packsInto, type Packed } from './exact-packing'

/** What floating point may add to a length, of a whole sheet's side. */
const SLIVER = 1e-9

type Measure = (x: number) => number

/**
 * Functions of a length (of a side of 1) whose sum over any lengths that fit beside each other is 1 at most.
 * [PUB: Fekete & Schepers, New classes of fast lower bounds for bin packing problems, Mathematical
 * Programming 91 (2001), 11–31, their u(k), U(ε) and φ(ε)]
 */
export const rounded = (k: number): Measure => {
  return (x) => {
    const times = (k + 1) * x
    return Math.abs(times - Math.round(times)) < 1e-12 ? x : Math.floor(times) / k
  }
}
export const largeOnly =
  (e: number): Measure =>
  (x) =>
    x > 1 - e ? 1 : x < e ? 0 : x
export const counted = (e: number): Measure => {
  const most = Math.floor(1 / e)
  return (x) => (x > 0.5 ? 1 - Math.floor((1 - x) / e) / most : x >= e ? 1 / most : 0)
}

const SHARES = [0.5, 0.45, 0.4, 1 / 3, 0.3, 0.25, 0.2, 1 / 6, 0.15, 0.1, 0.05]
const MEASURES: Measure[] = [
  (x) => x,
  ...[1, 2, 3, 4, 5, 6, 8, 10].map(rounded),
  ...SHARES.map(largeOnly),
  ...SHARES.map(counted),
]

/**
 * Sheets that rectangles take at the very least, by every pair of measures: better than by area alone where
 * parts are large.
 */
export function rectangleBound(items: Packed[], width: number, height: number): number {
  // Taken a sliver smaller, which can only make the bound smaller.
  const shares = items.map((item) => ({
    turns: item.turns,
    asIs: [item.width / width - SLIVER, item.height / height - SLIVER],
    turned: [item.height / width - SLIVER, item.width / height - SLIVER],
  }))
  let most = 0
  for (const across of MEASURES)
    for (const along of MEASURES) {
      let sum = 0
      for (const { asIs, turned, turns } of shares) {
        const fits = turned[0] <= 1 && turned[1] <= 1
        const value = asIs[0] <= 1 && asIs[1] <= 1 ? across(asIs[0]) * along(asIs[1]) : Infinity
        const other = turns && fits ? across(turned[0]) * along(turned[1]) : Infinity
        const least = Math.min(value, other)
        if (Number.isFinite(least)) sum += least
      }
      if (sum > most) most = sum
    }
  return Math.max(0, Math.ceil(most - 1e-6))
}

const isUpright = ({ outline, holes }: Region): boolean =>
  [outline, ...holes].every((ring) =>
    ring.every((a, i) => {
      const b = ring[(i + 1) % ring.length]
      return Math.abs(a.x - b.x) < 1e-9 || Math.abs(a.y - b.y) < 1e-9
    }),
  )

/** Corners beyond which no rectangle is looked for. */
const MOST_CORNERS = 400

/**
 * The largest rectangle that lies inside a part whose edges run along the axes; null for other parts. What
 * lies beside it is left out of account.
 */
export function rectangleInside(shape: Region): { width: number; height: number } | null {
  const rings = ringsOf(shape)
  if (rings.reduce((sum, ring) => sum + ring.length, 0) > MOST_CORNERS || !isUpright(shape)) return null
  const lines = (axis: 'x' | 'y'): number[] =>
    [...new Set(rings.flat().map((point) => Math.round(point[axis] * 1e6) / 1e6))].sort((a, b) => a - b)
  const [xs, ys] = [lines('x'), lines('y')]
  const edges = rings.flatMap((ring) => ring.map((a, i) => [a, ring[(i + 1) % ring.length]] as const))
  const isInside = (x: number, y: number): boolean =>
    edges.filter(([a, b]) => a.y > y !== b.y > y && a.x > x).length % 2 === 1
  const heights = new Array<number>(xs.length - 1).fill(0)
  let best: { width: number; height: number } | null = null
  for (let row = 0; row + 1 < ys.length; row++) {
    for (let i = 0; i + 1 < xs.length; i++)
      heights[i] = isInside((xs[i] + xs[i + 1]) / 2, (ys[row] + ys[row + 1]) / 2)
        ? heights[i] + ys[row + 1] - ys[row]
        : 0
    for (let left = 0; left < heights.length; left++) {
      let height = Infinity
      for (let right = left; right < heights.length && heights[right] > 0; right++) {
        height = Math.min(height, heights[right])
        const width = xs[right + 1] - xs[left]
        if (!best || width * height > best.width * best.height) best = { width, height }
      }
    }
  }
  return best
}

/** What was found of a shape: copies share it, and it is asked for with every plan. */
const known = new WeakMap<Region, ReturnType<typeof rectangleInside>>()

/** How much of the gap counts on both axes: less than all, where parts lie corner to corner. */
const CORNERWISE = Math.SQRT1_2

/** Parts with the angles that they may lie at. */
export type Lying = { shape: Region; turns: number[] }[]

interface Room {
  width: number
  height: number
}

/** Rectangles inside of parts that lie by quarter turns, and the room, each as if the gap were part of it. */
function inside(parts: Lying, gap: number, room: Room): { items: Packed[]; room: Room } {
  const apart = gap * CORNERWISE
  const items = parts.flatMap(({ shape, turns }): Packed[] => {
    if (!known.has(shape)) known.set(shape, rectangleInside(shape))
    const own = known.get(shape)
    if (!own || turns.some((turn) => turn % 90 !== 0)) return []
    const [width, height] = [own.width + apart, own.height + apart]
    const isTurned = turns.some((turn) => turn % 180 !== 0)
    const isAsIs = turns.some((turn) => turn % 180 === 0)
    return [isAsIs ? { width, height, turns: isTurned } : { width: height, height: width, turns: false }]
  })
  return { items, room: { width: room.width + apart, height: room.height + apart } }
}

/**
 * Sheets that parts take at the very least, by the rectangles inside them.
 * @param room of the largest sheet inside its margins, mm
 */
export function fewestByRectangles(parts: Lying, gap: number, room: Room): number {
  const { items, room: all } = inside(parts, gap, room)
  return rectangleBound(items, all.width, all.height)
}

/**
 * More rectangles than these are not looked at one by one, and no longer than this many nodes: it is asked
 * for with every plan.
 */
const MOST_EXACT = 12
const NODES = 6_000

/** What was told before, for the same rectangles in the same room. */
const told = new Map<string, boolean>()
const MOST_TOLD = 200

/**
 * Whether it is proven that parts cannot all lie on one sheet: not even the rectangles inside of them do,
 * whatever the order. False where it is not known.
 * @param nodes that are looked at, at most
 */
export function cannotLieOnOne(parts: Lying, gap: number, room: Room, nodes = NODES): boolean {
  const { items, room: all } = inside(parts, gap, room)
  if (items.length > MOST_EXACT) return false
  const key = JSON.stringify([items, all, nodes])
  const before = told.get(key)
  if (before !== undefined) return before
  const proven = packsInto(items, all.width, all.height, nodes).fits === false
  if (told.size >= MOST_TOLD) told.clear()
  told.set(key, proven)
  return proven
}
