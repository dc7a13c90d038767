import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { knownBest, type Cutting } from '../../../scripts/testing/known-best'
import { runs, seedOf } from '../../../scripts/testing/runs'
import { beamSteps } from './beam'
import { perfectBins } from './perfect'
import { areaOf, transposed, type Piece, type Put, type Size } from './piece'
import { packedInto, packedTightly } from './search'

const BIN = { width: 600, height: 400 }
const pieceOf = (size: Size, turns = true): Piece => ({
  ways: turns ? [size, transposed(size)] : [size],
  area: areaOf(size),
})
const lastOf = <R>(steps: Generator<unknown, R>): R => {
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

/** What is wrong with a packing: each piece once, inside its bin, none over another. */
function faultsOf(puts: Put[], pieces: Piece[], bins: Size[]): string[] {
  const lying = puts.map(({ piece, way, bin, x, y }) => ({ bin, x, y, ...pieces[piece].ways[way] }))
  const numbers = puts.map(({ piece }) => piece).sort((a, b) => a - b)
  const out = lying.filter(
    ({ bin, x, y, width, height }) =>
      x < -1e-6 || y < -1e-6 || x + width > bins[bin].width + 1e-5 || y + height > bins[bin].height + 1e-5,
  )
  const over = lying.flatMap((a, i) =>
    lying
      .slice(i + 1)
      .filter(
        (b) =>
          a.bin === b.bin &&
          Math.min(a.x + a.width, b.x + b.width) - Math.max(a.x, b.x) > 1e-5 &&
          Math.min(a.y + a.height, b.y + b.height) - Math.max(a.y, b.y) > 1e-5,
      ),
  )
  return [
    ...(numbers.join() === pieces.map((_, i) => i).join() ? [] : ['not each piece once']),
    ...out.map((piece) => `out of its bin: ${JSON.stringify(piece)}`),
    ...over.map((piece) => `over another: ${JSON.stringify(piece)}`),
  ]
}

/** Efforts that are spent at most until all pieces lie in so many bins. */
function effortFor(pieces: Piece[], bins: Size[], most = 6): number {
  for (let effort = 0; effort < most; effort++) {
    const found = lastOf(packedInto(pieces, bins, effort))
    if (!found) continue
    expect(faultsOf(found, pieces, bins)).toEqual([])
    return effort
  }
  return Infinity
}

const ROUGHLY: Cutting = { gap: 3, margin: 5, alike: false }
const setOf = (count: number, sheets: number, shrunk: number, seed: number, wheels = 0.3) => {
  const { parts, sheet } = knownBest(count, sheets, shrunk, seed, { ...ROUGHLY, wheels })
  const bin = { width: sheet.width - 7, height: sheet.height - 7 }
  const pieces = parts.map(({ width, height }) => pieceOf({ width: width + 3, height: height + 3 }))
  return { pieces, bins: new Array<Size>(sheets).fill(bin) }
}

// The sheets were cut up with the gap in between; each side was made smaller on its own.
describe.each([
  [15, 1],
  [24, 2],
  [40, 2],
])('%i parts that %i sheets were cut up into', (count, sheets) => {
  test('all but whole are put together again, and with 4 % free', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), fc.constantFrom(0, 0.04), (seed, shrunk) => {
        const { pieces, bins } = setOf(count, sheets, shrunk, seed)
        expect(effortFor(pieces, bins)).toBeLessThan(6)
      }),
      { numRuns: runs(32), seed: seedOf(5) },
    )
  })
  test('smaller ones never take more sheets', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const efforts = [0, 0.03, 0.06].map((shrunk) => {
          const { pieces, bins } = setOf(count, sheets, shrunk, seed)
          return effortFor(pieces, bins)
        })
        expect(Math.max(...efforts)).toBeLessThan(Infinity)
      }),
      { numRuns: runs(16), seed: seedOf(6) },
    )
  })
})

test('whatever is packed lies in its bin by itself, turned only where it may', () => {
  const size = fc.record({
    width: fc.double({ min: 20, max: 300, noNaN: true }),
    height: fc.double({ min: 20, max: 300, noNaN: true }),
  })
  const sizes = fc.array(fc.tuple(size, fc.boolean()), { minLength: 1, maxLength: 30 })
  const bins = fc.array(
    fc.record({ width: fc.integer({ min: 320, max: 700 }), height: fc.integer({ min: 320, max: 500 }) }),
    { minLength: 1, maxLength: 6 },
  )
  let found = 0
  fc.assert(
    fc.property(sizes, bins, (some, into) => {
      const pieces = some.map(([each, turns]) => pieceOf(each, turns))
      const puts = lastOf(packedInto(pieces, into, 0))
      if (!puts) return
      found++
      expect(faultsOf(puts, pieces, into)).toEqual([])
    }),
    { numRuns: runs(400), seed: seedOf(7) },
  )
  expect(found).toBeGreaterThan(10)
})

test('what cannot lie in the bins is not said to', () => {
  expect(lastOf(packedInto([pieceOf({ width: 601, height: 10 }, false)], [BIN], 3))).toBeNull()
  expect(
    lastOf(
      packedInto([pieceOf({ width: 400, height: 390 }), pieceOf({ width: 400, height: 390 })], [BIN], 3),
    ),
  ).toBeNull()
  expect(lastOf(packedInto([pieceOf({ width: 10, height: 10 })], [], 0))).toBeNull()
})

// Four round a fifth: no cut right across takes any of them off. [DEF]
test('a wheel that fills a bin is found by its sides alone', () => {
  const sizes = [
    [400, 150],
    [200, 250],
    [350, 150],
    [250, 250],
    [150, 100],
  ]
  const pieces = sizes.map(([width, height]) => pieceOf({ width, height }))
  const [filled] = lastOf(perfectBins(pieces, BIN, 1, 0.1))
  expect(faultsOf(filled, pieces, [BIN])).toEqual([])
})

test('blocks that fill a bin have no piece in common; what is left goes elsewhere', () => {
  const strips = Array.from({ length: 4 }, () => pieceOf({ width: 600, height: 200 }, false))
  const filled = lastOf(perfectBins(strips, BIN, 3, 0.1))
  expect(filled).toHaveLength(2)
  expect(faultsOf(filled.flat(), strips, [BIN, BIN])).toEqual([])
  const pieces = [...strips, pieceOf({ width: 597, height: 398 })]
  const bins = [BIN, BIN, BIN]
  expect(faultsOf(lastOf(packedInto(pieces, bins, 0))!, pieces, bins)).toEqual([])
})

test('a beam keeps to its order of bins, and the same one gives the same packing', () => {
  const { pieces, bins } = setOf(24, 2, 0.06, 4)
  const [one, other] = [0, 1].map(() => lastOf(beamSteps(pieces, bins, { width: 60, given: 0.1, large: 1 })))
  expect(one).not.toBeNull()
  expect(one).toEqual(other)
  const order = one!.map(({ bin }) => bin)
  expect(order).toEqual([...order].sort())
})

test('the last bin is cut off as far as all goes in, from one side', () => {
  const pieces = Array.from({ length: 14 }, () => pieceOf({ width: 100, height: 100 }))
  const bins = [{ width: 400, height: 300 }, BIN]
  const found = [...packedTightly(pieces, bins, 0, BIN)].filter((puts) => puts !== null)
  expect(found.length).toBeGreaterThan(0)
  const [reach] = found.slice(-1).map((puts) => {
    const onLast = puts.filter(({ bin }) => bin === 1)
    return [Math.max(...onLast.map(({ x }) => x)) + 100, Math.max(...onLast.map(({ y }) => y)) + 100]
  })
  // Two of them beside each other: a strip of 100 along the shorter or the longer side is left of both.
  expect(Math.min(...reach)).toBe(100)
})
