import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { IN_METRIC } from '../length'
import { runs, seedOf } from '../../scripts/testing/runs'
import { readDiagonals, squareAdvice } from './square'

/** Diagonals of a frame whose back was moved to the right, its walls as they are: by coordinates. */
function diagonals(width: number, depth: number, lean: number): [number, number] {
  const high = Math.sqrt(depth ** 2 - lean ** 2)
  return [Math.hypot(width + lean, high), Math.hypot(width - lean, high)]
}
const advice = (frame: [number, number], first: number, second: number) => {
  const [width, depth] = frame
  return squareAdvice({ width, depth }, readDiagonals({ width, depth }, first, second), IN_METRIC)
}

test('a frame of 3, 4 and 5, square and leaning', () => {
  expect(readDiagonals({ width: 40, depth: 30 }, 50, 50)).toEqual({ lean: 0, longer: 0, astray: 0 })
  // Lying flat, one diagonal is both sides together, the other what is between them.
  expect(readDiagonals({ width: 40, depth: 30 }, 70, 10).lean).toBeCloseTo(30)
})

test('how far the back leans is read off any frame, and nothing is astray', () => {
  const side = fc.double({ min: 30, max: 800, noNaN: true })
  fc.assert(
    fc.property(side, side, fc.double({ min: -0.5, max: 0.5, noNaN: true }), (width, depth, share) => {
      const lean = share * depth
      const read = readDiagonals({ width, depth }, ...diagonals(width, depth, lean))
      expect(read.lean).toBeCloseTo(lean, 6)
      expect(read.longer * lean).toBeGreaterThanOrEqual(0)
      expect(read.astray).toBeCloseTo(0, 6)
    }),
    { numRuns: runs(800), seed: seedOf(20261201) },
  )
})

describe('what to do', () => {
  const frame: [number, number] = [200, 150]
  test.each([
    [0, 'square', 'It is square'],
    [0.1, 'square', 'It is square'],
    [2, 'push', 'The back stands 2.0 mm too far to the right. Push the front left and the back right corner'],
    [-2, 'push', 'The back stands 2.0 mm too far to the left. Push the front right and the back left corner'],
    [9, 'look', 'Clamps cannot pull that much straight'],
  ])('a back that leans by %p: %p', (lean, state, says) => {
    const found = advice(frame, ...diagonals(...frame, lean))
    expect(found.state).toBe(state)
    expect(found.says).toContain(says)
  })
  test('pushing as it says makes the two diagonals more alike', () => {
    for (const lean of [3, -3]) {
      const [first, second] = diagonals(...frame, lean)
      const isFirst = advice(frame, first, second).says.includes('front left')
      // What is pushed together gets shorter.
      const [after, other] = diagonals(...frame, lean - Math.sign(lean))
      expect(isFirst ? after < first : other < second).toBe(true)
    }
  })
  test('two that cannot both be of this box are asked about', () => {
    expect(advice(frame, 252.5, 252.5)).toMatchObject({ state: 'look' })
    expect(advice(frame, 252.5, 252.5).says).toContain('2.5 mm too long')
    expect(advice(frame, 247, 247).says).toContain('too short')
    // No joint stands open so far.
    expect(advice(frame, 999, 250).says).not.toContain('joint')
  })
})
