import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { apart, jtsOf } from '../../scripts/testing/jts'
import { rectangle, shiftRegion, type Region } from '../geometry'
import { snapTo } from './index'
import { seedOf } from '../../scripts/testing/runs'

const room = { minX: 5, minY: 5, maxX: 595, maxY: 395 }
const block = (x: number, y: number, width: number, height: number): Region => ({
  outline: rectangle(x, y, x + width, y + height),
  holes: [],
})
const snapped = (moving: Region, others: Region[], gap = 3, reach = 6) => {
  const { dx, dy } = snapTo(moving, others, room, gap, reach)
  const { x, y } = shiftRegion(moving, dx, dy).outline[0]
  return [x, y].map((value) => Math.round(value * 1e6) / 1e6)
}

describe('a part that is put down near others', () => {
  test('comes to the gap beside them, from too far and from too near', () => {
    for (const x of [158, 153.2, 151])
      expect(snapped(block(x, 40, 50, 30), [block(100, 20, 50, 100)])).toEqual([153, 40])
  })
  test('comes to the margin, and into a corner of two', () => {
    expect(snapped(block(8, 9.5, 50, 30), [])).toEqual([5, 5])
    expect(snapped(block(8, 77, 50, 30), [block(5, 20, 90, 50)])).toEqual([5, 73])
  })
  test('stays where nothing is near, and where it would come into another one', () => {
    expect(snapTo(block(200, 200, 50, 30), [block(20, 20, 50, 50)], room, 3, 6)).toEqual({ dx: 0, dy: 0 })
    const between = [block(100, 100, 50, 50), block(195, 100, 50, 50)]
    expect(snapTo(block(149, 100, 45, 50), between, room, 3, 6)).toEqual({ dx: 0, dy: 0 })
  })
  test('goes into the teeth of its neighbour, not only up to the rectangle round it', () => {
    const toothed: Region = {
      outline: [
        ...rectangle(100, 100, 150, 120).slice(0, 2),
        { x: 150, y: 120 },
        { x: 140, y: 120 },
        { x: 140, y: 150 },
        { x: 100, y: 150 },
      ],
      holes: [],
    }
    expect(snapped(block(146, 125, 40, 20), [toothed])).toEqual([143, 123])
  })
  test('never ends nearer to anything than the gap, as an unrelated library measures it', () => {
    const place = fc.record({
      x: fc.integer({ min: 100, max: 300 }),
      y: fc.integer({ min: 100, max: 250 }),
      width: fc.integer({ min: 10, max: 80 }),
      height: fc.integer({ min: 10, max: 80 }),
    })
    const asBlock = ({ x, y, width, height }: { x: number; y: number; width: number; height: number }) =>
      block(x, y, width, height)
    let moved = 0
    fc.assert(
      fc.property(place, fc.array(place, { minLength: 1, maxLength: 5 }), (part, rest) => {
        const [moving, others] = [asBlock(part), rest.map(asBlock)]
        const { dx, dy } = snapTo(moving, others, room, 3, 6)
        if (dx === 0 && dy === 0) return
        moved++
        expect(Math.max(Math.abs(dx), Math.abs(dy))).toBeLessThanOrEqual(6 + 1e-9)
        const there = jtsOf(shiftRegion(moving, dx, dy))
        for (const other of others) expect(apart(there, jtsOf(other))).toBeGreaterThan(3 - 0.01)
      }),
      { numRuns: 300, seed: seedOf(20261126) },
    )
    expect(moved).toBeGreaterThan(30)
  })
})
