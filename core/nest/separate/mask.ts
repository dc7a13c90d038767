import { eachRun, type Raster } from '../outline'
import type { Ring } from '../../geometry'

/** A shape in squares, as runs along rows: for each its row, its first and its last square. */
export interface Mask {
  columns: number
  rows: number
  runs: Int32Array
}

/** Squares that a shape touches, or (for a search that need not be exact) whose middle lies inside of it. */
export type Rounding = 'touched' | 'middle'

/** The squares of a shape that lies where it is, in squares of a raster. */
export function maskOf(rings: Ring[], raster: Raster, rounding: Rounding): Mask {
  const { columns, rows } = raster
  const filled = new Uint8Array(columns * rows)
  const fill = (row: number, from: number, to: number): void => {
    filled.fill(1, row * columns + from, row * columns + to + 1)
  }
  eachRun(rings, raster, 0, 0, fill, rounding === 'middle')
  // What is thinner than a square has no middle in it.
  if (rounding === 'middle' && !filled.includes(1)) return maskOf(rings, raster, 'touched')
  const runs: number[] = []
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      if (!filled[row * columns + column]) continue
      const from = column
      while (column + 1 < columns && filled[row * columns + column + 1]) column++
      runs.push(row, from, column)
    }
  return { columns, rows, runs: Int32Array.from(runs) }
}
