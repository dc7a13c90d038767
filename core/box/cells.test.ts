import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { IN_METRIC as say, sayIn } from '../length'
import { cellsText, readCells } from './cells-text'
import { dividerPlaces, shareCells, type Cells } from './cells'

const read = (text: string, unit: 'mm' | 'in' = 'mm'): Cells => {
  const result = readCells(text, unit)
  if (!result.ok) throw new Error(result.error)
  return result.cells
}
const refused = (text: string): string => {
  const result = readCells(text, 'mm')
  if (result.ok) throw new Error('it was read')
  return result.error
}

describe('cells as they are said', () => {
  test('a count is so many equal ones; one is none', () => {
    expect(read('3')).toEqual([null, null, null])
    expect(read('3 equal')).toEqual([null, null, null])
    expect(read(' 1 ')).toEqual([])
    expect(read('')).toEqual([])
  })
  test('widths, repeated ones, and what is left', () =>
    expect(read('50, 50, 2×30, rest')).toEqual([50, 50, 30, 30, null]))
  test('spaces do where no comma is, and round the times sign', () => {
    expect(read('120 150 rest')).toEqual([120, 150, null])
    expect(read('3 × 50, rest')).toEqual([50, 50, 50, null])
    expect(read('2 x 30 rest')).toEqual([30, 30, null])
    expect(read('1 1/2, 2', 'in')).toEqual([38.1, 50.8])
  })
  test('inches and fractions, by their unit or as bare figures', () => {
    expect(read('1 in; 1/2 in')).toEqual([25.4, 12.7])
    expect(read('2, 2x rest', 'in')).toEqual([50.8, null, null])
  })
  test.each([
    ['fifty', 'fifty'],
    ['99', 'from 1 to 60'],
    ['1 1/2', 'one width alone'],
    ['80 mm', '“80 mm, rest”'],
    ['0.2 mm, rest', 'too narrow'],
    ['40×1.5, 40×2', '60 are the most'],
  ])('“%s” is refused in one sentence', (text, sentence) => expect(refused(text)).toContain(sentence))
  test('what is shown is read back the same, in millimetres and in inches', () => {
    const width = fc.oneof(
      fc.constant(null),
      fc.integer({ min: 10, max: 3000 }).map((tenths) => tenths / 10),
    )
    fc.assert(
      fc.property(fc.array(width, { minLength: 2, maxLength: 12 }), (cells) => {
        expect(read(cellsText(cells, say))).toEqual(cells)
        const inches = sayIn({ length: 'in', fractions: false, speed: 'mm/s' })
        for (const [i, back] of read(cellsText(cells, inches), 'in').entries()) {
          if (cells[i] === null) expect(back).toBeNull()
          else expect(Math.abs(back! - cells[i])).toBeLessThan(0.02)
        }
      }),
    )
  })
})

describe('cells in their room', () => {
  test('equal ones share what dividers leave', () => {
    const shared = shareCells([null, null, null], 156, 3)
    expect(shared).toEqual({ ok: true, widths: [50, 50, 50] })
    expect(dividerPlaces([50, 50, 50], 3)).toEqual([
      [50, 53],
      [103, 106],
    ])
  })
  test('what is left goes to the open ones, or to the last where none is open', () => {
    expect(shareCells([20, null, null], 106, 3)).toEqual({ ok: true, widths: [20, 40, 40] })
    expect(shareCells([20, 30], 103, 3)).toEqual({ ok: true, widths: [20, 80] })
  })
  test('says by how much they are too wide', () => {
    expect(shareCells([60, 60], 100, 3)).toEqual({ ok: false, over: 23 })
    expect(shareCells([97, null], 100, 3)).toEqual({ ok: false, over: 1 }) // a cell of nothing
  })
  test('cells and dividers fill the room, whatever is asked for', () => {
    fc.assert(
      fc.property(
        fc.array(fc.oneof(fc.constant(null), fc.integer({ min: 1, max: 60 })), {
          minLength: 2,
          maxLength: 9,
        }),
        fc.integer({ min: 50, max: 900 }),
        fc.constantFrom(1, 3, 6.2),
        (cells, room, thickness) => {
          const shared = shareCells(cells, room, thickness)
          if (!shared.ok) return
          const sum = shared.widths.reduce((total, width) => total + width, 0)
          expect(sum + (cells.length - 1) * thickness).toBeCloseTo(room, 6)
          const places = dividerPlaces(shared.widths, thickness)
          expect(places).toHaveLength(cells.length - 1)
          for (const [from, to] of places) expect(to - from).toBeCloseTo(thickness, 9)
        },
      ),
    )
  })
})
