import type { Bounds, Point, Region, Ring } from './types'

/** A rectangle that is filled or cleared; later strokes cover earlier ones. */
export interface Stroke {
  area: Bounds
  fill: boolean
}

/** A tenth of a micrometre's tenth: coordinates closer than this are one, mm. */
const GRID = 1e5
const onGrid = (value: number): number => Math.round(value * GRID) / GRID

/** The different coordinates among these, in order. */
function distinct(values: Float64Array): number[] {
  values.sort()
  const found: number[] = []
  for (const value of values) if (value !== found[found.length - 1]) found.push(value)
  return found
}

const indexOf = (values: number[]): Map<number, number> => new Map(values.map((value, i) => [value, i]))

/** Corners of strokes on the grid, four figures each; those without width are left out. */
function cornersOf(strokes: Stroke[]): { corners: Float64Array; fills: boolean[] } {
  const corners = new Float64Array(strokes.length * 4)
  const fills: boolean[] = []
  for (const { area, fill } of strokes) {
    const [minX, maxX, minY, maxY] = [
      onGrid(area.minX),
      onGrid(area.maxX),
      onGrid(area.minY),
      onGrid(area.maxY),
    ]
    if (maxX <= minX || maxY <= minY) continue
    corners.set([minX, maxX, minY, maxY], fills.length * 4)
    fills.push(fill)
  }
  return { corners: corners.subarray(0, fills.length * 4), fills }
}

/** Which of the cells between the coordinates are filled, with an empty border all round. */
function fillCells(
  corners: Float64Array,
  fills: boolean[],
  xs: number[],
  ys: number[],
): { cells: Uint8Array; wide: number } {
  const [atX, atY] = [indexOf(xs), indexOf(ys)]
  const wide = xs.length + 1
  const cells = new Uint8Array(wide * (ys.length + 1))
  for (const [i, fill] of fills.entries()) {
    const from = atX.get(corners[i * 4])! + 1
    const to = atX.get(corners[i * 4 + 1])! + 1
    const last = atY.get(corners[i * 4 + 3])!
    for (let row = atY.get(corners[i * 4 + 2])! + 1; row <= last; row++)
      cells.fill(fill ? 1 : 0, row * wide + from, row * wide + to)
  }
  return { cells, wide }
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

/**
 * What rectangles come to that are painted over each other, as regions: exact, however many there are.
 * Lengths in mm, on a grid of 0.00001. Pieces that touch only at a corner are two.
 */
export function paint(strokes: Stroke[]): Region[] {
  const { corners, fills } = cornersOf(strokes)
  const xs = distinct(corners.filter((_, i) => i % 4 < 2))
  const ys = distinct(corners.filter((_, i) => i % 4 >= 2))
  const { cells, wide } = fillCells(corners, fills, xs, ys)
  const filled = (column: number, row: number): boolean => cells[(row + 1) * wide + column + 1] === 1
  /** Whether the border goes on from a grid point this way, with the filled side to its left. */
  const goes = (x: number, y: number, way: number): boolean => {
    switch (way) {
      case 0:
        return filled(x, y) && !filled(x, y - 1)
      case 1:
        return filled(x - 1, y) && !filled(x, y)
      case 2:
        return filled(x - 1, y - 1) && !filled(x - 1, y)
      default:
        return filled(x, y - 1) && !filled(x - 1, y - 1)
    }
  }
  /** Turning left first keeps two pieces apart that touch at a corner. */
  const wayOn = (x: number, y: number, way: number): number => {
    const left = (way + 1) % 4
    if (goes(x, y, left)) return left
    return goes(x, y, way) ? way : (way + 3) % 4
  }
  const done = new Uint8Array(xs.length * ys.length * 4)
  const rings: Ring[] = []
  for (let row = 0; row < ys.length; row++) {
    for (let column = 0; column < xs.length; column++) {
      // A border along x begins where the cells above and below differ.
      const above = (row + 1) * wide + column + 1
      if (cells[above] === cells[above - wide] && cells[above - 1] === cells[above - wide - 1]) continue
      for (const first of [0, 2]) {
        if (!goes(column, row, first) || done[(row * xs.length + column) * 4 + first] === 1) continue
        rings.push(trace(column, row, first))
      }
    }
  }
  return sortRings(rings)

  function trace(startX: number, startY: number, first: number): Ring {
    const ring: Ring = []
    let [x, y, way] = [startX, startY, first]
    do {
      done[(y * xs.length + x) * 4 + way] = 1
      x += WAYS[way][0]
      y += WAYS[way][1]
      const next = wayOn(x, y, way)
      if (next !== way) ring.push({ x: xs[x], y: ys[y] })
      way = next
    } while (x !== startX || y !== startY || way !== first)
    return ring
  }
}
