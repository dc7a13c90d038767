import type { Bounds, Point, Region, Ring } from './types'

/** A rectangle that is filled or cleared; later strokes cover earlier ones. */
export interface Stroke {
  area: Bounds
  fill: boolean
}

/** A tenth of a micrometre's tenth: coordinates closer than this are one, mm. */
const GRID = 1e5
const onGrid = (value: number): number => Math.round(value * GRID) / GRID

const sorted = (values: number[]): number[] => [...new Set(values)].sort((a, b) => a - b)
const indexOf = (values: number[]): Map<number, number> => new Map(values.map((value, i) => [value, i]))

/** Which of the cells between the coordinates are filled, with an empty border all round. */
function fillCells(strokes: Stroke[], xs: number[], ys: number[]): { cells: Uint8Array; wide: number } {
  const [atX, atY] = [indexOf(xs), indexOf(ys)]
  const wide = xs.length + 1
  const cells = new Uint8Array(wide * (ys.length + 1))
  for (const { area, fill } of strokes) {
    const [from, to] = [atX.get(area.minX)! + 1, atX.get(area.maxX)! + 1]
    for (let row = atY.get(area.minY)! + 1; row <= atY.get(area.maxY)!; row++)
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
  const drawn = strokes
    .map(({ area: { minX, minY, maxX, maxY }, fill }) => ({
      fill,
      area: { minX: onGrid(minX), minY: onGrid(minY), maxX: onGrid(maxX), maxY: onGrid(maxY) },
    }))
    .filter(({ area }) => area.maxX > area.minX && area.maxY > area.minY)
  const xs = sorted(drawn.flatMap(({ area }) => [area.minX, area.maxX]))
  const ys = sorted(drawn.flatMap(({ area }) => [area.minY, area.maxY]))
  const { cells, wide } = fillCells(drawn, xs, ys)
  const filled = (column: number, row: number): boolean => cells[(row + 1) * wide + column + 1] === 1
  /** Whether the border goes on from a grid point this way, with the filled side to its left. */
  const goes = (x: number, y: number, way: number): boolean => {
    const [dx, dy] = WAYS[way]
    const [left, right] = [
      [x + (dx - dy - 1) / 2, y + (dy + dx - 1) / 2],
      [x + (dx + dy - 1) / 2, y + (dy - dx - 1) / 2],
    ]
    return filled(left[0], left[1]) && !filled(right[0], right[1])
  }
  const done = new Set<number>()
  const rings: Ring[] = []
  for (let row = 0; row < ys.length; row++) {
    for (let column = 0; column < xs.length; column++) {
      for (const first of [0, 2]) {
        if (!goes(column, row, first) || done.has((row * xs.length + column) * 4 + first)) continue
        rings.push(trace(column, row, first))
      }
    }
  }
  return sortRings(rings)

  function trace(startX: number, startY: number, first: number): Ring {
    const ring: Ring = []
    let [x, y, way] = [startX, startY, first]
    do {
      done.add((y * xs.length + x) * 4 + way)
      x += WAYS[way][0]
      y += WAYS[way][1]
      // Turning left first keeps two pieces apart that touch at a corner.
      const next = [1, 0, 3].map((turn) => (way + turn) % 4).find((each) => goes(x, y, each))!
      if (next !== way) ring.push({ x: xs[x], y: ys[y] })
      way = next
    } while (x !== startX || y !== startY || way !== first)
    return ring
  }
}
