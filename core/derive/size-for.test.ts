import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { LID_NAMES, withFitting, type FittingOf } from '../fittings'
import { PLAIN_BOX, sameTabs, withLid, type BoxSpec } from '../box'
import { emptyJob, type Job } from '../job'
import { newStock } from '../stock'
import { runs, seedOf } from '../../scripts/testing/runs'
import { boxOf } from './things'
import { largestContents, shortOf } from './largest-contents'
import { sizedFor } from './size-for'
import { proveUse } from './use'

const BOX: BoxSpec = {
  ...PLAIN_BOX,
  sizesAre: 'outer',
  width: 120,
  depth: 80,
  height: 50,
  tabs: sameTabs({ rule: 'even', width: 9 }),
  proud: 0,
}
const thing = (width: number, depth: number, height: number, room = 0): FittingOf<'contents'> => ({
  type: 'contents',
  width,
  depth,
  height,
  room,
})
const jobOf = (box: BoxSpec): Job => {
  const empty = emptyJob('a', 'a', '')
  return { ...empty, measure: { ...empty.measure, stock: newStock('s', 's') }, box }
}
const holding = (box: BoxSpec, own: FittingOf<'contents'>): Job =>
  jobOf({ ...box, fittings: withFitting(box.fittings, own) })
const saidOf = (job: Job): string[] => {
  const { made, panels } = boxOf(job)
  return proveUse(made!, panels!).map(({ kind }) => kind)
}

describe('a box is made the size for what has to go in', () => {
  test('this of 6 × 4 × 2 in: the inside is that, the outside a sheet of 3 mm more on each side', () => {
    const { width, depth, height } = sizedFor(holding(BOX, thing(152.4, 101.6, 50.8)))!
    expect([width, depth, height].map((size) => Number(size.toFixed(4)))).toEqual([158.4, 107.6, 53.8])
  })
  test('with room for fingers on both sides, and above', () => {
    const { width, height } = sizedFor(holding({ ...BOX, sizesAre: 'inner' }, thing(100, 60, 30, 2)))!
    expect([width, height]).toEqual([104, 32])
  })
  test('a lid that opens, ledges and a lining take of it; what is left is what goes in, in any size', () => {
    const figure = fc.integer({ min: 200, max: 2000 }).map((tenth) => tenth / 10)
    const boxes = fc.record({
      lid: fc.constantFrom(null, ...LID_NAMES),
      size: fc.tuple(figure, figure, figure),
      room: fc.constantFrom(0, 1, 5),
    })
    let [sized, exact] = [0, 0]
    for (const { lid, size, room } of fc.sample(boxes, { numRuns: runs(400), seed: seedOf(20261131) })) {
      const box = lid === null ? BOX : withLid(BOX, lid, 3)
      const job = holding(box, thing(...size, room))
      const own = sizedFor(job)
      if (!own) continue
      sized++
      const { made } = boxOf({ ...job, box: own })
      const { x, y, z } = shortOf(thing(...size, room), largestContents(made!))
      expect([lid, Math.max(x, y, z) < 0.01]).toEqual([lid, true])
      if (Math.max(Math.abs(x), Math.abs(y), Math.abs(z)) < 0.01) exact++
    }
    expect(sized).toBeGreaterThan(0.8 * runs(400))
    // What is left over is left where a lid or its pins need the room.
    expect(exact / sized).toBeGreaterThan(0.8)
  })
  test('a divider across shares the rest out: the largest cell takes it', () => {
    const cells = { cells: [40, null], height: null, lift: 0 }
    const box = { ...BOX, dividers: { ...BOX.dividers, columns: cells } }
    const own = sizedFor(holding(box, thing(90, 60, 30)))!
    // Two walls, a divider of 3 mm, the cell of 40 beside the one of 90.
    expect(own.width).toBeCloseTo(3 + 40 + 3 + 90 + 3)
  })
  test('dividers of a height of their own are left room for', () => {
    const cells = { cells: [null, null], height: 40, lift: 0 }
    const own = sizedFor(
      holding({ ...BOX, dividers: { ...BOX.dividers, columns: cells } }, thing(90, 60, 20)),
    )!
    expect(own.width).toBeCloseTo(3 + 90 + 3 + 90 + 3)
    expect(own.height).toBe(50)
  })
  test('three equal cells grow together', () => {
    const cells = { cells: [null, null, null], height: null, lift: 0 }
    const own = sizedFor(
      holding({ ...BOX, dividers: { ...BOX.dividers, columns: cells } }, thing(90, 60, 30)),
    )!
    expect(own.width).toBeCloseTo(3 + 90 + 3 + 90 + 3 + 90 + 3)
  })
})

test('what is larger than the free room is told of, whichever way round it lies', () => {
  // Inside are 114 × 74 × 47.
  expect(saidOf(holding(BOX, thing(114, 74, 47)))).toEqual([])
  expect(saidOf(holding(BOX, thing(74, 114, 47)))).toEqual([])
  expect(saidOf(holding(BOX, thing(114.1, 74, 47)))).toEqual(['does not go in'])
  expect(saidOf(holding(BOX, thing(100, 70, 47, 0.1)))).toEqual(['does not go in'])
})
