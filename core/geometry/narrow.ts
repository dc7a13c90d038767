import { ringsOf, type Point, type Region, type Ring } from './types'

interface Edge {
  from: Point
  to: Point
}

/** Corners nearer to each other are one: rounding leaves such steps. mm */
const STEP = 1e-3

/** Edges are looked up by squares of that size, mm. */
const CELL = 8

/** A ring without corners that are as good as the one before. */
function withoutSteps(ring: Ring): Ring {
  const isStep = (a: Point, b: Point): boolean => Math.abs(a.x - b.x) < STEP && Math.abs(a.y - b.y) < STEP
  const kept: Ring = []
  for (const point of ring) if (kept.length === 0 || !isStep(kept[kept.length - 1], point)) kept.push(point)
  while (kept.length > 1 && isStep(kept[0], kept[kept.length - 1])) kept.pop()
  return kept
}

function isNear({ from, to }: Edge, { x, y }: Point, width: number): boolean {
  const [dx, dy] = [to.x - from.x, to.y - from.y]
  const square = dx * dx + dy * dy
  const along = square === 0 ? 0 : ((x - from.x) * dx + (y - from.y) * dy) / square
  const at = Math.min(1, Math.max(0, along))
  return Math.hypot(x - from.x - at * dx, y - from.y - at * dy) < width
}

const cellOf = (value: number): number => Math.floor(value / CELL)
const keyOf = (column: number, row: number): number => column * 65_536 + row

/** Edges by the squares that they, or the rectangles round them, come near to. */
function byCell(edges: Edge[], width: number): Map<number, Edge[]> {
  const cells = new Map<number, Edge[]>()
  for (const edge of edges) {
    const { from, to } = edge
    const lastColumn = cellOf(Math.max(from.x, to.x) + width)
    const lastRow = cellOf(Math.max(from.y, to.y) + width)
    for (let column = cellOf(Math.min(from.x, to.x) - width); column <= lastColumn; column++)
      for (let row = cellOf(Math.min(from.y, to.y) - width); row <= lastRow; row++) {
        const key = keyOf(column, row)
        const there = cells.get(key)
        if (there) there.push(edge)
        else cells.set(key, [edge])
      }
  }
  return cells
}

/**
 * Whether the border of a region comes nearer to itself than that anywhere but at a corner. Where it does
 * not, it does not fall apart when it shrinks by half of it: two sides are nearest where one of them ends.
 * @param width mm
 */
export function isNarrow(region: Region, width: number): boolean {
  const reach = width + 2 * STEP
  const edges = ringsOf(region)
    .map(withoutSteps)
    .flatMap((ring) => ring.map((from, i): Edge => ({ from, to: ring[(i + 1) % ring.length] })))
  const cells = byCell(edges, reach)
  return edges.some(({ from: at }) =>
    cells
      .get(keyOf(cellOf(at.x), cellOf(at.y)))!
      .some((edge) => edge.from !== at && edge.to !== at && isNear(edge, at, reach)),
  )
}
