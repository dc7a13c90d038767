/** A rectangle to be packed, mm. */
export interface Packed {
  width: number
  height: number
  /** It may lie turned by a quarter too. */
  turns: boolean
}

/** Where a rectangle lies, from the room's lower left corner. */
interface Spot {
  x: number
  y: number
  isTurned: boolean
}

/** What is known: they fit, and how; no way exists; or it would take longer to tell. */
export type Exact = { fits: true; spots: Spot[] } | { fits: false } | { fits: null }

/** Lengths below this are rounding, mm: rectangles may reach over each other by so little. */
const TINY = 1e-6

/** The lowest and the highest place that each rectangle's lower left corner can have on one axis. */
interface Axis {
  room: number
  sizes: number[]
  low: number[]
  high: number[]
  /** Pairs of which the first has to end before the second begins, and pairs that only come in that order. */
  before: [number, number][]
  notAfter: [number, number][]
  /** Which pairs were put in order, by the one's number times how many there are, and the other's. */
  apart: Uint8Array
}

const copyOf = (axis: Axis): Axis => ({
  ...axis,
  low: [...axis.low],
  high: [...axis.high],
  before: [...axis.before],
  apart: axis.apart.slice(),
})

/** Has the first of a pair end before the second begins. */
function order(axis: Axis, pair: [number, number]): void {
  const [a, b] = pair
  axis.before.push(pair)
  axis.apart[a * axis.sizes.length + b] = axis.apart[b * axis.sizes.length + a] = 1
}

/** Draws the places together until nothing changes; false where nothing is left of one. */
function tighten({ sizes, low, high, before, notAfter }: Axis): boolean {
  for (let changed = true; changed;) {
    changed = false
    const keep = (a: number, b: number, apart: number): void => {
      if (low[a] + apart > low[b] + TINY) [low[b], changed] = [low[a] + apart, true]
      if (high[b] - apart < high[a] - TINY) [high[a], changed] = [high[b] - apart, true]
    }
    for (const [a, b] of before) keep(a, b, sizes[a])
    for (const [a, b] of notAfter) keep(a, b, 0)
    if (low.some((place, i) => place > high[i] + TINY)) return false
  }
  return true
}

/**
 * Whether what must be at one place on an axis, wherever its rectangles lie, is no more than the other axis
 * has room for. [PUB: Aggoun & Beldiceanu, Extending CHIP in order to solve complex scheduling and placement
 * problems, Mathematical and Computer Modelling 17 (1993): the cumulative constraint by compulsory parts]
 */
function isRoomAcross({ sizes, low, high }: Axis, across: Axis): boolean {
  return high.every((at, i) => {
    if (at + TINY >= low[i] + sizes[i]) return true
    const there = high.reduce(
      (sum, from, j) => (from <= at + TINY && low[j] + sizes[j] > at + TINY ? sum + across.sizes[j] : sum),
      0,
    )
    return there <= across.room + TINY
  })
}

/** One of two before the other, on one axis. */
interface Way {
  axis: 'x' | 'y'
  pair: [number, number]
}

class Search {
  private left: number

  constructor(nodes: number) {
    this.left = nodes
  }

  get isSpent(): boolean {
    return this.left <= 0
  }

  /** Spots for rectangles that are not turned any more; null where there are none, undefined: given up. */
  place(x: Axis, y: Axis): [number, number][] | null | undefined {
    if (this.left-- <= 0) return undefined
    if (!tighten(x) || !tighten(y) || !isRoomAcross(x, y) || !isRoomAcross(y, x)) return null
    const ways = this.fewestWays(x, y)
    if (!ways) return x.low.map((at, i) => [at, y.low[i]])
    let isGivenUp = false
    for (const { axis, pair } of ways) {
      const [nextX, nextY] = [copyOf(x), copyOf(y)]
      order(axis === 'x' ? nextX : nextY, pair)
      const found = this.place(nextX, nextY)
      if (found) return found
      isGivenUp ||= found === undefined
    }
    return isGivenUp ? undefined : null
  }

  /** The ways in which the hardest pair can still lie apart; null where every pair does. */
  private fewestWays(x: Axis, y: Axis): Way[] | null {
    let fewest: Way[] | null = null
    for (let i = 0; i < x.low.length; i++)
      for (let j = i + 1; j < x.low.length; j++) {
        if (isApart(x, i, j) || isApart(y, i, j)) continue
        const ways: Way[] = []
        for (const [axis, on] of [
          ['x', x],
          ['y', y],
        ] as const) {
          if (on.low[i] + on.sizes[i] <= on.high[j] + TINY) ways.push({ axis, pair: [i, j] })
          if (on.low[j] + on.sizes[j] <= on.high[i] + TINY) ways.push({ axis, pair: [j, i] })
        }
        if (!fewest || ways.length < fewest.length) fewest = ways
        if (fewest.length === 0) return fewest
      }
    return fewest
  }
}

/** Whether two lie one after the other on an axis: wherever they can be, or as was decided. */
const isApart = ({ low, high, sizes, apart }: Axis, i: number, j: number): boolean =>
  apart[i * sizes.length + j] === 1 ||
  high[i] + sizes[i] <= low[j] + TINY ||
  high[j] + sizes[j] <= low[i] + TINY

const isSame = (a: Packed, b: Packed): boolean =>
  Math.abs(a.width - b.width) < TINY && Math.abs(a.height - b.height) < TINY && a.turns === b.turns

/**
 * Whether rectangles can be packed into one without turning by anything but quarters: every order of every
 * pair on either axis is looked at or ruled out. [PUB: Pisinger & Sigurd, Using decomposition techniques and
 * constraint programming for solving the two-dimensional bin-packing problem, INFORMS Journal on Computing 19
 * (2007), their relations of pairs]
 * @param nodes of the search tree at most: beyond them it is not told
 */
export function packsInto(items: Packed[], width: number, height: number, nodes: number): Exact {
  const order = items.map((_, i) => i).sort((a, b) => sizeOf(items[b]) - sizeOf(items[a]))
  const sorted = order.map((i) => items[i])
  const search = new Search(nodes)
  let isGivenUp = false
  const turned: boolean[] = []

  const fixed = (): [number, number][] | null => {
    const sizes = sorted.map((item, i) => (turned[i] ? [item.height, item.width] : [item.width, item.height]))
    const axis = (of: 0 | 1, room: number): Axis => ({
      room,
      sizes: sizes.map((size) => size[of]),
      low: sizes.map(() => 0),
      high: sizes.map((size) => room - size[of]),
      before: [],
      notAfter: [],
      apart: new Uint8Array(sizes.length ** 2),
    })
    const [x, y] = [axis(0, width), axis(1, height)]
    // Equal ones come in their order from the left; a layout and its mirror image are one.
    for (let i = 1; i < sorted.length; i++)
      if (isSame(sorted[i - 1], sorted[i]) && turned[i - 1] === turned[i]) x.notAfter.push([i - 1, i])
    if (sorted.length > 0) {
      y.high[0] = Math.min(y.high[0], (height - sizes[0][1]) / 2)
      if (!sorted[1] || !isSame(sorted[0], sorted[1]))
        x.high[0] = Math.min(x.high[0], (width - sizes[0][0]) / 2)
    }
    const found = search.place(x, y)
    isGivenUp ||= found === undefined
    return found ?? null
  }
  function turnFrom(i: number): [number, number][] | null {
    if (search.isSpent) {
      isGivenUp = true
      return null
    }
    if (i === sorted.length) return fixed()
    const item = sorted[i]
    const isSquare = Math.abs(item.width - item.height) < TINY
    for (const isTurned of item.turns && !isSquare ? [false, true] : [false]) {
      // Of equal ones those that are turned come last.
      if (!isTurned && i > 0 && turned[i - 1] && isSame(sorted[i - 1], item)) continue
      turned[i] = isTurned
      const found = turnFrom(i + 1)
      if (found) return found
    }
    return null
  }
  const total = items.reduce((sum, item) => sum + sizeOf(item), 0)
  if (total > width * height + TINY) return { fits: false }
  const found = turnFrom(0)
  if (!found) return isGivenUp ? { fits: null } : { fits: false }
  const spots: Spot[] = []
  for (const [i, at] of found.entries()) spots[order[i]] = { x: at[0], y: at[1], isTurned: turned[i] }
  return { fits: true, spots }
}

const sizeOf = ({ width, height }: Packed): number => width * height
