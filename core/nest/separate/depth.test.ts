import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { seedOf } from '../../../scripts/testing/runs'
import { depthMap } from './depth'
import type { Mask } from './mask'

/** Some squares of a small grid, as runs along its rows. */
const masks = fc
  .record({ columns: fc.integer({ min: 1, max: 9 }), rows: fc.integer({ min: 1, max: 7 }) })
  .chain(({ columns, rows }) =>
    fc.array(fc.boolean(), { minLength: columns * rows, maxLength: columns * rows }).map((filled): Mask => {
      const runs: number[] = []
      for (let row = 0; row < rows; row++)
        for (let column = 0; column < columns; column++)
          if (filled[row * columns + column]) runs.push(row, column, column)
      return { columns, rows, runs: Int32Array.from(runs) }
    }),
  )

const squaresOf = ({ runs }: Mask): [column: number, row: number][] =>
  Array.from({ length: runs.length / 3 }, (_, i) => [runs[3 * i + 1], runs[3 * i]])

test('how deep shapes lie in each other is how far one must go to be clear, in steps of 3 and 4', () => {
  fc.assert(
    fc.property(masks, masks, (fixed, moved) => {
      const there = new Set(squaresOf(fixed).map(([x, y]) => `${x} ${y}`))
      const own = squaresOf(moved)
      const meets = (dx: number, dy: number): boolean =>
        own.some(([x, y]) => there.has(`${x + dx} ${y + dy}`))
      const shifts = Array.from({ length: 41 }, (_, i) => i - 20)
      const free = shifts.flatMap((dx) => shifts.filter((dy) => !meets(dx, dy)).map((dy) => [dx, dy]))
      const { fromX, fromY, columns, rows, depth } = depthMap(fixed, moved)
      for (const dx of shifts)
        for (const dy of shifts) {
          const [column, row] = [dx - fromX, dy - fromY]
          const isInside = column >= 0 && row >= 0 && column < columns && row < rows
          const ways = free.map(([x, y]) => {
            const [a, b] = [Math.abs(x - dx), Math.abs(y - dy)]
            return 3 * Math.max(a, b) + Math.min(a, b)
          })
          expect(isInside ? depth[row * columns + column] : 0).toBe(Math.min(...ways))
        }
    }),
    { numRuns: 8, seed: seedOf(31) },
  )
})
