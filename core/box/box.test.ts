import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { area, bounds } from '../geometry'
import {
  boxSizes,
  makePanels,
  makeShell,
  sameThickness,
  shareByCount,
  shareEvenly,
  shareFixed,
  shareWorking,
  specProblems,
  type BoxSpec,
} from './index'

const spec: BoxSpec = {
  sizesAre: 'outer',
  width: 100,
  depth: 80,
  height: 60,
  top: false,
  tabs: { rule: 'even', width: 10, counts: { uprights: 5, floor: 7, top: 7 } },
  proud: 0,
}

// Common practice, no source: outer 6.000 in, walls 0.125 in gives inner 5.750 in.
test('inner size: the worked example in inches', () => {
  const { inner } = boxSizes(
    { ...spec, width: 152.4, depth: 152.4, height: 152.4, top: true },
    sameThickness(3.175),
  )
  expect([inner.x, inner.y, inner.z].map((mm) => Number((mm / 25.4).toFixed(6)))).toEqual([5.75, 5.75, 5.75])
})

test('outer to inner and back is the same box; an open one loses the floor only', () => {
  const { inner } = boxSizes(spec, sameThickness(3))
  expect(inner).toEqual({ x: 94, y: 74, z: 57 })
  expect(
    boxSizes({ ...spec, sizesAre: 'inner', width: 94, depth: 74, height: 57 }, sameThickness(3)).outer,
  ).toEqual({ x: 100, y: 80, z: 60 })
})

describe('sharing out an edge', () => {
  // Common practice, no source: 4 in in 5 tabs is 0.8 in each, in 7 it is 0.5714 in.
  test('4 in in 5 and in 7', () => {
    expect(shareEvenly(4, 0.8)).toEqual(Array(5).fill(0.8))
    expect(shareEvenly(4, 0.5714)[0]).toBeCloseTo(0.5714, 4)
    expect(shareByCount(4, 7)[0]).toBeCloseTo(0.5714, 4)
  })
  test('evenly: odd, at least three, and no other odd count is nearer to the wanted width', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 900, noNaN: true }),
        fc.double({ min: 1, max: 100, noNaN: true }),
        (length, wanted) => {
          const n = shareEvenly(length, wanted).length
          const off = (count: number) => Math.abs(length / count - wanted)
          expect(n % 2).toBe(1)
          expect(n).toBeGreaterThanOrEqual(3)
          if (n < 999) expect(off(n)).toBeLessThanOrEqual(off(n + 2) + 1e-9)
          if (n > 3) expect(off(n)).toBeLessThanOrEqual(off(n - 2) + 1e-9)
        },
      ),
    )
  })
  test('fixed: the middle is just as wide as wanted, both ends are equal and not slivers', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 900, noNaN: true }),
        fc.double({ min: 1, max: 100, noNaN: true }),
        (length, wanted) => {
          const shares = shareFixed(length, wanted)
          expect(shares.reduce((a, b) => a + b)).toBeCloseTo(length, 6)
          expect(shares.length % 2).toBe(1)
          expect(shares[0]).toBeCloseTo(shares.at(-1)!, 9)
          if (length >= 2 * wanted) {
            expect(new Set(shares.slice(1, -1))).toEqual(new Set([wanted]))
            expect(shares[0]).toBeGreaterThanOrEqual(wanted / 2 - 1e-9)
          }
        },
      ),
    )
  })
  test('the working shows the real figures', () =>
    expect(shareWorking('the width', 'fixed', 94, 10, shareFixed(94, 10)).substituted).toBe(
      '(94.00 − 7 × 10) ÷ 2 = 12.000 mm at each end',
    ))
})

test('a box without room inside is refused in one sentence that says how to mend it', () => {
  const [problem] = specProblems({ ...spec, width: 23 }, sameThickness(12))
  expect(problem).toEqual({
    field: 'width',
    message: 'The width leaves no room inside: the sheet takes 24 mm of it. Make it at least 26 mm.',
  })
  expect(specProblems(spec, sameThickness(3))).toEqual([])
})

describe('panels', () => {
  const shell = makeShell(spec, sameThickness(3))

  test('corners belong to front and back, and every corner has one owner', () => {
    expect(shell.corners).toHaveLength(4)
    expect(new Set(shell.corners.map(({ owner }) => owner))).toEqual(new Set(['front', 'back']))
  })
  test('opposite panels mirror each other where counts are odd', () => {
    const panels = makePanels(shell, 0, 0)
    const [front, back] = ['front', 'back'].map((name) => panels.find((panel) => panel.name === name)!)
    expect(area(front.region)).toBeCloseTo(area(back.region), 6)
  })
  test('interference widens every tab by it and leaves the outer size alone', () => {
    const [plain] = makePanels(shell, 0, 0)
    const [tight] = makePanels(shell, 0, 0.1)
    expect(bounds(tight.drawn.outline)).toEqual(bounds(plain.drawn.outline))
    const tabs = shell.edges
      .filter(({ panels }) => panels.includes('floor'))
      .flatMap(({ cells }) => cells.filter(({ owner }) => owner === 'floor'))
    expect(area(tight.drawn) - area(plain.drawn)).toBeCloseTo(tabs.length * 3 * 0.1, 3)
    expect(tight.region).toEqual(plain.region)
  })
  test('proud ends stand out by that much on every side that has tabs', () => {
    const floor = makePanels(makeShell({ ...spec, proud: 0.5 }, sameThickness(3)), 0.5, 0).find(
      ({ name }) => name === 'floor',
    )!
    const { minX, minY, maxX, maxY } = bounds(floor.region.outline)
    expect([minX, minY, maxX, maxY].map((value) => Number(value.toFixed(6)))).toEqual([
      -0.5, -0.5, 100.5, 80.5,
    ])
  })
})
