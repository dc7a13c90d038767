import type { Bounds, Point, Region, Ring } from './types'

/** A rectangle that is filled or cleared; later strokes cover earlier ones. */
export interface Stroke {
  area: Bounds
  fill: boolean
}

/** A tenth of a micrometre's tenth: coordinates closer than this are one, mm. */
const GRID = 1e5
export const roundCoordinate = (value: number): number => Math.round(value * GRID) / GRID

/** The different coordinates among these, in order. */
function distinct(values: Float64Array): number[] {
  values.sort()
  const found: number[] = []
  for (const value of values) if (value !== found[found.length - 1]) found.push(value)
  return found
}

const indexOf = (values: number[]): Map<number, number> => new Map(values.map((value, i) => [value, i]))

/** Corners of strokes on the grid, four figures each, and those strokes that have any width. */
function cornersOf(strokes: Stroke[]): { corners: Float64Array; wide: number[] } {
  const corners = new Float64Array(strokes.length * 4)
  const wide: number[] = []
  for (const [i, { area }] of strokes.entries()) {
    const at = wide.length * 4
    corners[at] = roundCoordinate(area.minX)
    corners[at + 1] = roundCoordinate(area.maxX)
    corners[at + 2] = roundCoordinate(area.minY)
    corners[at + 3] = roundCoordinate(area.maxY)
    if (corners[at + 1] > corners[at] && corners[at + 3] > corners[at + 2]) wide.push(i)
  }
  return { corners: corners.subarray(0, wide.length * 4), wide }
}

/** Which stroke came last over each cell between the coordinates, from 1 on; an empty border all round. */
interface Cells {
  strokes: Uint16Array
  isFilled: Uint8Array
  columns: number
}

function fillCells(strokes: Stroke[], xs: number[], ys: number[], made: ReturnType<typeof cornersOf>): Cells {
  const { corners, wide } = made
  const [atX, atY] = [indexOf(xs), indexOf(ys)]
  const columns = xs.length + 1
  const size = columns * (ys.length + 1)
  const cells: Cells = { strokes: new Uint16Array(size), isFilled: new Uint8Array(size), columns }
  for (const [n, i] of wide.entries()) {
    const from = atX.get(corners[n * 4])! + 1
    const to = atX.get(corners[n * 4 + 1])! + 1
    const last = atY.get(corners[n * 4 + 3])!
    for (let row = atY.get(corners[n * 4 + 2])! + 1; row <= last; row++) {
      cells.strokes.fill(i + 1, row * columns + from, row * columns + to)
      cells.isFilled.fill(strokes[i].fill ? 1 : 0, row * columns + from, row * columns + to)
    }
  }
  return cells
}

const signedAreaOf = (ring: Ring): number =>
  ring.reduce((sum, { x, y }, i) => {
    const next = ring[(i + 1) % ring.length]
    return sum + x * next.y - next.x * y
  }, 0) / 2

const contains = (ring: Ring, { x, y }: Point): boolean => {
  let inside = false
  for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
    const [a, b] = [ring[i], ring[j]]
    if (a.y > y !== b.y > y && x < ((b.x - a.x) * (y - a.y)) / (b.y - a.y) + a.x) inside = !inside
  }
  return inside
}

/** Each hole goes to the smallest outline around it. @param inside a filled point's neighbour within it */
function sortRings(rings: Ring[]): Region[] {
  const regions = rings
    .filter((ring) => signedAreaOf(ring) > 0)
    .map((outline): Region => ({ outline, holes: [] }))
    .sort((a, b) => signedAreaOf(a.outline) - signedAreaOf(b.outline))
  for (const hole of rings.filter((ring) => signedAreaOf(ring) < 0)) {
    // A corner of a hole may lie on the outline; the middle of its first side, a little inward, does not.
    const [a, b] = hole
    const at = { x: (a.x + b.x) / 2 - (b.y - a.y) * 1e-9, y: (a.y + b.y) / 2 + (b.x - a.x) * 1e-9 }
    regions.find(({ outline }) => contains(outline, at))?.holes.push(hole)
  }
  return regions
}

const WAYS = [
  [1, 0],
  [0, 1],
  [-1, 0],
  [0, -1],
] as const

/** A ring as it was traced: its corners as lines of the grid, and what made the side that leaves each. */
export interface Traced {
  columns: number[]
  rows: number[]
  /** Which stroke's edge each side is. */
  strokes: number[]
  /** Which way each side runs: 0 to 3 for +x, +y, −x, −y. The filled side is to its left. */
  ways: number[]
}

/** What rectangles come to that are painted over each other. */
export interface Painting {
  strokes: Stroke[]
  regions: Region[]
  xs: number[]
  ys: number[]
  traced: Map<Ring, Traced>
  /** Whether pieces touch at a corner only. */
  touches: boolean
}

/**
 * What rectangles come to that are painted over each other, as regions: exact, however many there are.
 * Lengths in mm, on a grid of 0.00001. Pieces that touch only at a corner are two.
 */
export function paint(strokes: Stroke[]): Painting {
  const made = cornersOf(strokes)
  const xs = distinct(made.corners.filter((_, i) => i % 4 < 2))
  const ys = distinct(made.corners.filter((_, i) => i % 4 >= 2))
  const { isFilled: cells, strokes: last, columns: wide } = fillCells(strokes, xs, ys, made)
  /** The cell to the upper right of a grid point. */
  const cellAt = (x: number, y: number): number => (y + 1) * wide + x + 1
  /** The cells to the left and to the right of a border that leaves a grid point this way. */
  const leftOf = (x: number, y: number, way: number): number =>
    cellAt(way === 1 || way === 2 ? x - 1 : x, way >= 2 ? y - 1 : y)
  const rightOf = (x: number, y: number, way: number): number =>
    cellAt(way >= 2 ? x - 1 : x, way === 0 || way === 3 ? y - 1 : y)
  /** Whether the border goes on from a grid point this way, with the filled side to its left. */
  const goes = (x: number, y: number, way: number): boolean =>
    cells[leftOf(x, y, way)] === 1 && cells[rightOf(x, y, way)] === 0
  /** A border is an edge of whichever stroke came later on either side of it. */
  const strokeAt = (x: number, y: number, way: number): number =>
    Math.max(last[leftOf(x, y, way)], last[rightOf(x, y, way)]) - 1
  let touches = false
  /** Turning left first keeps two pieces apart that touch at a corner. */
  const wayOn = (x: number, y: number, way: number): number => {
    const left = (way + 1) % 4
    const right = (way + 3) % 4
    if (goes(x, y, left)) {
      touches ||= goes(x, y, right)
      return left
    }
    return goes(x, y, way) ? way : right
  }
  const done = new Uint8Array(xs.length * ys.length * 4)
  const traced = new Map<Ring, Traced>()
  for (let row = 0; row < ys.length; row++) {
    for (let column = 0; column < xs.length; column++) {
      // A border along x begins where the cells above and below differ.
      const above = cellAt(column, row)
      if (cells[above] === cells[above - wide] && cells[above - 1] === cells[above - wide - 1]) continue
      for (const first of [0, 2]) {
        if (!goes(column, row, first) || done[(row * xs.length + column) * 4 + first] === 1) continue
        const ring = trace(column, row, first)
        traced.set(cornersIn(ring, xs, ys), ring)
      }
    }
  }
  return { strokes, regions: sortRings([...traced.keys()]), xs, ys, traced, touches }

  function trace(startX: number, startY: number, first: number): Traced {
    const ring: Traced = { columns: [], rows: [], strokes: [], ways: [] }
    let [x, y, way] = [startX, startY, first]
    let stroke = strokeAt(x, y, way)
    do {
      done[(y * xs.length + x) * 4 + way] = 1
      x += WAYS[way][0]
      y += WAYS[way][1]
      const next = wayOn(x, y, way)
      const nextStroke = strokeAt(x, y, next)
      if (next !== way || nextStroke !== stroke) {
        ring.columns.push(x)
        ring.rows.push(y)
        ring.strokes.push(nextStroke)
        ring.ways.push(next)
      }
      way = next
      stroke = nextStroke
    } while (x !== startX || y !== startY || way !== first)
    return ring
  }
}

/** The corners of a traced ring, mm; places where only the stroke changes are none. */
function cornersIn({ columns, rows, ways }: Traced, xs: number[], ys: number[]): Ring {
  const ring: Ring = []
  for (let i = 0, before = ways[ways.length - 1]; i < ways.length; before = ways[i++])
    if (ways[i] !== before) ring.push({ x: xs[columns[i]], y: ys[rows[i]] })
  return ring
}
