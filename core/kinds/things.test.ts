import { beforeAll, describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { Judge } from '../../scripts/testing/judge'
import { runs, seedOf } from '../../scripts/testing/runs'
import { deriveBox } from '../derive'
import { makeJob } from './index'
import { divisionsFor, readThings, type Division, type Things } from './things'
import { traysFor } from './things-tray'

const read = (text: string, unit: 'mm' | 'in' = 'mm'): Things[] => {
  const found = readThings(text, unit)
  if (!found.ok) throw new Error(found.error)
  return found.things
}
const error = (text: string): string => {
  const found = readThings(text, 'mm')
  return found.ok ? '' : found.error
}
const sum = (list: number[]): number => list.reduce((total, each) => total + each, 0)
const areaOf = ({ columns, rows }: Division): number => sum(columns) * sum(rows)

describe('a list of things', () => {
  test('is read with counts, round ones, any unit, semicolons or lines', () => {
    expect(read('6 of 30 × 20 x 15; d 22*70\n2: 1 in × 2 cm × 3 mm')).toEqual([
      expect.objectContaining({ count: 6, width: 30, depth: 20, height: 15, isRound: false }),
      expect.objectContaining({ count: 1, width: 22, depth: 22, height: 70, isRound: true }),
      expect.objectContaining({ count: 2, width: 25.4, depth: 20, height: 3 }),
    ])
    expect(read('1 × 2 × 3', 'in')[0].height).toBeCloseTo(76.2, 9)
    expect(read('3 of 40 × 25 × 20 mm', 'in')[0]).toMatchObject({ width: 40, depth: 25, height: 20 })
    expect(read('1 × 2 × 1/2 in')[0]).toMatchObject({ width: 25.4, height: 12.7 })
  })
  test('is refused in one sentence that shows what is wrong', () => {
    expect(error('')).toContain('Say what goes in')
    expect(error('30 × 20')).toMatch(/“30 × 20” cannot be read\. Type it as/)
    expect(error('d 30 × 20 × 10')).toContain('cannot be read')
    expect(error('6 of glue × 2 × 3')).toContain('“6 of glue × 2 × 3”')
    expect(error('0 of 3 × 3 × 3')).toContain('at least one')
    expect(error('3000 × 3 × 3')).toContain('from 1 mm to 2 m')
    expect(error('900 of 3 × 3 × 3')).toContain('400 are the most')
    expect(error('x'.repeat(3000))).toContain('too long')
  })
})

describe('known packings', () => {
  // By hand: six of 40 × 25 leave nothing free in 3 × 2 (120 × 50) or 2 × 3 (80 × 75) cells.
  test('things alike fill a tray without a rest, in cells of their own or together', () => {
    for (const kept of ['one a cell', 'alike together'] as const) {
      const [best] = divisionsFor(read('6 of 40 × 25 × 20'), kept, 0, 0)
      expect([kept, areaOf(best)]).toEqual([kept, 6 * 40 * 25])
    }
  })
  // By hand: 60 × 40, two of 30 × 40 turned or not, and 60 × 20 make 60 × 100 in one column of three rows,
  // where the two of 30 × 40 lie beside each other.
  test('one column of three', () => {
    const things = read('60 × 40 × 5; 2 of 30 × 40 × 5; 20 × 60 × 5')
    const areas = divisionsFor(things, 'alike together', 0, 0).map(areaOf)
    expect(Math.min(...areas)).toBeCloseTo(60 * 100, 6)
  })
  test('walls count: where they are thick, fewer are better', () => {
    const things = read('4 of 30 × 30 × 5')
    const [thin] = divisionsFor(things, 'one a cell', 0, 0)
    expect(thin.columns.length * thin.rows.length).toBe(4)
    expect(thin.columns).toHaveLength(2) // 60 × 60 rather than 120 × 30
  })
})

const anyThings = fc.array(
  fc.record({
    name: fc.constant('thing'),
    count: fc.integer({ min: 1, max: 5 }),
    width: fc.integer({ min: 8, max: 120 }),
    depth: fc.integer({ min: 8, max: 120 }),
    height: fc.integer({ min: 5, max: 60 }),
    isRound: fc.boolean(),
  }),
  { minLength: 1, maxLength: 7 },
)

test('any list: each thing has a cell that takes it with room, no cell stands over its column or row', () => {
  fc.assert(
    fc.property(
      anyThings,
      fc.constantFrom('one a cell' as const, 'alike together' as const),
      (list, kept) => {
        const things = list.map((each) => (each.isRound ? { ...each, depth: each.width } : each))
        const divisions = divisionsFor(things, kept, 4, 3)
        expect(divisions.length).toBeGreaterThan(0)
        for (const { cells, columns, rows } of divisions) {
          expect(cells).toHaveLength(columns.length * rows.length)
          for (const [i, cell] of cells.entries()) {
            if (!cell) continue
            const { width, depth, count } = cell.things
            const [w, d] = cell.each
            expect([cell.width, cell.depth]).toEqual([w * cell.across + 4, d * cell.along + 4])
            expect([w, d].sort((a, b) => a - b)).toEqual([width, depth].sort((a, b) => a - b))
            expect(cell.across * cell.along).toBeGreaterThanOrEqual(kept === 'one a cell' ? 1 : count)
            expect(cell.width).toBeLessThanOrEqual(columns[i % columns.length] + 1e-9)
            expect(cell.depth).toBeLessThanOrEqual(rows[Math.floor(i / columns.length)] + 1e-9)
          }
          for (const each of things) {
            const own = cells.filter((cell) => cell?.things === each)
            expect(own).toHaveLength(kept === 'one a cell' ? each.count : 1)
          }
        }
      },
    ),
    { numRuns: runs(200), seed: seedOf(12) },
  )
})

describe('a tray for given things', () => {
  let judge: Judge
  beforeAll(async () => {
    judge = await Judge.make()
  })
  test.each(['1', '2', '3'])(
    'proposal %s: everything goes in and out, as the solid library sees it',
    (proposal) => {
      const typed = { things: '6 of 40 × 25 × 20; 2 of 120 × 30 × 25; 4 of d 30 × 40', proposal }
      const made = makeJob('things-tray', { ...typed, kept: 'one a cell' }, 'k', '')
      if (!made.ok) throw new Error(made.error)
      const { panels, made: box, proof } = deriveBox(made.job)
      expect(proof!.faults).toEqual([])
      const found = traysFor({ ...typed, kept: 'one a cell', 'finger-room': 6, thickness: 3 })
      if ('error' in found) throw new Error(found.error)
      const { cells, columns, rows } = found.divisions[Number(proposal) - 1]
      let placed = 0
      for (const [i, cell] of cells.entries()) {
        if (!cell) continue
        const [column, row] = [i % columns.length, Math.floor(i / columns.length)]
        const [x, y] = [3 + sum(columns.slice(0, column)) + 3 * column, 3 + sum(rows.slice(0, row)) + 3 * row]
        const size = { x: cell.width - 6, y: cell.depth - 6, z: cell.things.height - 0.02 }
        const thing = judge.blockAt(size, { x: x + 3, y: y + 3, z: 3.01 })
        expect(judge.struckUpward(thing, panels!, box!.outer.z)).toBeLessThan(0.3)
        // With its room it would still go in, but not with more.
        const wide = { x: columns[column] + 2, y: rows[row] + 2, z: 10 }
        const over = judge.blockAt(wide, { x: x - 1, y: y - 1, z: 4 })
        expect(judge.struckUpward(over, panels!, 0)).toBeGreaterThan(1)
        thing.solid.delete()
        over.solid.delete()
        placed++
      }
      expect(placed).toBe(12)
      expect(box!.inner.z).toBeCloseTo(45, 6)
    },
  )
  test('what cannot be read is refused whole', () => {
    const made = makeJob('things-tray', { things: '6 of 40' }, 'k', '')
    expect(made).toMatchObject({ ok: false, error: expect.stringContaining('cannot be read') })
    const many = makeJob('things-tray', { things: '90 of 4 × 4 × 4', kept: 'one a cell' }, 'k', '')
    expect(many).toMatchObject({ ok: false, error: expect.stringContaining('more than 60 cells') })
  })
})
