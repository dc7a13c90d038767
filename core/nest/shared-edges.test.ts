import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { apart, jtsOf, shared } from '../../scripts/testing/jts'
import { partsOf, SMALL_BOX } from '../../scripts/testing/parts'
import { rectangle, type Region } from '../geometry'
import { pairsOf, unpaired } from './shared-edges'
import {
  lastOf,
  nestParts,
  placedShape,
  sharedLength,
  sheetsOf,
  surfaceOf,
  violations,
  type NestPart,
  type Placement,
} from './index'
import { seedOf } from '../../scripts/testing/runs'

const rules = {
  margin: 5,
  gap: 3,
  grain: 'free',
  turning: true,
  anyAngle: false,
  shareEdges: true,
  inOpenings: false,
} as const
const surface = surfaceOf({ width: 600, height: 400 }, null)
const part = (id: string, shape: Region): NestPart => ({ id, shape, turnedShape: shape })
const block = (id: string, width: number, height: number): NestPart =>
  part(id, { outline: rectangle(0, 0, width, height), holes: [] })
const lies = (id: string, turn = 0): Placement => ({ part: id, sheet: 0, x: 50, y: 60, turn, pinned: false })

test('what two shapes share is the length of the line that lies on both, however they are turned', () => {
  const at = (x: number, y: number, width: number, height: number): Region => ({
    outline: rectangle(x, y, x + width, y + height),
    holes: [],
  })
  // 30 of a's right side is b's left one, 20 of its upper side c's lower one; d is a gap away.
  const shapes = [at(0, 0, 40, 50), at(40, 20, 10, 80), at(20, 50, 20, 10), at(-33, 0, 30, 30)]
  expect(sharedLength(shapes)).toBeCloseTo(30 + 20 + 10, 9)
  const turned = shapes.map(({ outline }) => ({
    outline: outline.map(({ x, y }) => ({ x: 0.8 * x - 0.6 * y, y: 0.6 * x + 0.8 * y })),
    holes: [],
  }))
  expect(sharedLength(turned)).toBeCloseTo(60, 6)
  // The same sides, but on the same side of the line: nothing is cut once.
  expect(sharedLength([at(0, 0, 40, 50), at(0, 0, 10, 20)])).toBe(0)
})

describe('two parts with a straight side of one length', () => {
  test('lie on it, however the pair is turned, and nowhere else nearer than the gap', () => {
    const all = partsOf({ ...SMALL_BOX, fittings: [] }, 2)
    const pairs = pairsOf(all, rules)
    expect(pairs.length).toBeGreaterThan(2)
    for (const { whole } of pairs)
      for (const turn of [0, 90, 180, 270]) {
        const { placements } = unpaired(pairs, all)({ placements: [lies(whole.id, turn)], unplaced: [] })
        expect(violations(all, placements, rules, () => surface)).toEqual([])
        const [a, b] = placements.map((each) =>
          jtsOf(
            placedShape(
              all.find(({ id }) => id === each.part)!,
              each,
            ),
          ),
        )
        expect(shared(a, b).getArea()).toBeLessThan(1e-3)
        expect(apart(a, b)).toBeLessThan(1e-6)
        const unshared = { ...rules, shareEdges: false }
        expect(violations(all, placements, unshared, () => surface).map(({ kind }) => kind)).toEqual(['gap'])
      }
  })
  test('are pairs only with sides of one length that grain lets lie so; those of one box first', () => {
    expect(pairsOf([block('a', 100, 40), block('b', 90, 41)], rules)).toEqual([])
    const along = { ...rules, grain: 'along' } as const
    // the sides of 40 run along the grain in one, across it in the other
    expect(pairsOf([block('a', 100, 40), block('b', 40, 70)], along)).toEqual([])
    expect(pairsOf([block('a', 100, 40), block('b', 40, 70)], rules)).toHaveLength(1)
    const boxed = ['x', 'y', 'x', 'y'].map((box, i) => ({ ...block(`p${i}`, 100, 40), box }))
    expect(pairsOf(boxed, rules).map(({ members }) => members.map(({ part: id }) => id))).toEqual([
      ['p0', 'p2'],
      ['p1', 'p3'],
    ])
  })
  test('a pair that is too large for the sheet, or would cost another one, is laid out apart', () => {
    const parts = [block('a', 100, 80), block('b', 100, 80)]
    const small = surfaceOf({ width: 120, height: 100 }, null)
    const apart = lastOf(nestParts(parts, rules, sheetsOf(small, 2)))
    expect(apart.unplaced).toEqual([])
    expect(apart.placements.map(({ sheet }) => sheet).sort()).toEqual([0, 1])
    const three = [...parts, block('c', 100, 80)]
    const shared = lastOf(nestParts(three, rules, sheetsOf(surfaceOf({ width: 120, height: 180 }, null), 3)))
    expect(new Set(shared.placements.map(({ sheet }) => sheet)).size).toBe(2)
    expect(violations(three, shared.placements, { ...rules, shareEdges: false }, () => small)).not.toEqual([])
  })
  test('all parts of random boxes are laid out all the same, without a fault', () => {
    const size = fc.integer({ min: 60, max: 160 })
    fc.assert(
      fc.property(size, size, fc.integer({ min: 40, max: 90 }), (width, depth, height) => {
        const parts = partsOf({ ...SMALL_BOX, fittings: [], width, depth, height }, 2)
        const { placements, unplaced } = lastOf(nestParts(parts, rules, sheetsOf(surface, 4)))
        expect(placements.length + unplaced.length).toBe(parts.length)
        expect(unplaced).toEqual([])
        expect(violations(parts, placements, rules, () => surface)).toEqual([])
      }),
      { numRuns: 4, seed: seedOf(20261126) },
    )
  }, 120_000)
})
