import { bounds, offset, ringsOf, shiftRegion, turnRegion, area, type Region } from '../../core/geometry'
import { randomFrom } from '../../core/statistics'
import type { Puzzle } from './puzzles'

/** What anybody would write first: squares, lowest place first, some random orders. */
const STEP = 2.5
const ORDERS = 18

interface Squares {
  columns: number
  rows: number
  filled: [column: number, row: number][]
}

const isInside = (region: Region, x: number, y: number): boolean =>
  ringsOf(region).reduce((is, ring) => {
    for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
      const [a, b] = [ring[i], ring[j]]
      if (a.y > y !== b.y > y && x < a.x + ((y - a.y) * (b.x - a.x)) / (b.y - a.y)) is = !is
    }
    return is
  }, false)

/** A part grown by half the gap, as squares whose middle is inside, or nearly. */
function squaresOf(part: Region, angle: number, gap: number): Squares {
  const turned = turnRegion(part, angle)
  const [grown] = offset(turned, gap / 2 + STEP / 3)
  const { minX, minY, maxX, maxY } = bounds(grown.outline)
  const shape = shiftRegion(grown, -minX, -minY)
  const [columns, rows] = [maxX - minX, maxY - minY].map((side) => Math.ceil(side / STEP))
  const filled: Squares['filled'] = []
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++)
      if (isInside(shape, (column + 0.5) * STEP, (row + 0.5) * STEP)) filled.push([column, row])
  return { columns, rows, filled }
}

/** How full the fullest sheet gets, at the best of all orders: share of its area. */
export function plainRaster({ parts, turns, sheet, gap, margin }: Puzzle, seed: number): number {
  const random = randomFrom(seed)
  const [columns, rows] = [sheet.width, sheet.height].map((side) =>
    Math.floor((side - 2 * margin + gap) / STEP),
  )
  const shapes = parts.map((part) => turns.map((angle) => squaresOf(part, angle, gap)))
  let fullest = 0
  for (let i = 0; i < ORDERS; i++) {
    const keys = parts.map(() => random())
    const order = parts.map((_, at) => at).sort((a, b) => keys[a] - keys[b])
    const taken = new Uint8Array(columns * rows)
    let on = 0
    for (const at of order) {
      const place = lowest(shapes[at], taken, columns, rows)
      if (!place) continue
      for (const [x, y] of place.squares.filled) taken[(place.y + y) * columns + place.x + x] = 1
      on += area(parts[at])
    }
    fullest = Math.max(fullest, on)
  }
  return fullest / (sheet.width * sheet.height)
}

function lowest(poses: Squares[], taken: Uint8Array, columns: number, rows: number) {
  let best: { squares: Squares; x: number; y: number; top: number } | null = null
  for (const squares of poses)
    search: for (let y = 0; y + squares.rows <= rows; y++) {
      if (best && y + squares.rows >= best.top) break
      for (let x = 0; x + squares.columns <= columns; x++)
        if (squares.filled.every(([dx, dy]) => !taken[(y + dy) * columns + x + dx])) {
          best = { squares, x, y, top: y + squares.rows }
          break search
        }
    }
  return best
}
