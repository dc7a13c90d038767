import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { rectangle, type Region } from '../geometry'
import { EQUALS, joinBlocks } from './blocks'
import { makeCandidates, type Candidate } from './pack'
import { randomFrom } from '../statistics'
import { seedOf } from '../../scripts/testing/runs'

const candidates = (sizes: [number, number][], turning = true): Candidate[] =>
  makeCandidates(
    sizes.map(([width, height], i) => {
      const shape: Region = { outline: rectangle(0, 0, width, height), holes: [] }
      return { id: `p${i}`, shape, turnedShape: shape }
    }),
    { margin: 0, gap: 3, grain: 'free', turning },
  )
/** Sides that differ by less count as equal, mm. */
const EQUAL = 0.02
const ROOM = { width: 400, height: 300 }
const partsOf = ({ part, of }: Candidate): string[] =>
  (of ?? []).map((each) => each.part.id).concat(of ? [] : part.id)

const joined = (sizes: [number, number][]): Candidate[] =>
  joinBlocks(candidates(sizes, false), 3, ROOM, 1, EQUAL, randomFrom(1))

test('two with an equal side become one, as wide as both and the gap', () => {
  const [block] = joined([[100, 50], [60, 50]]) // oxfmt-ignore
  const [pose] = block.poses
  expect([pose.width, pose.height]).toEqual([163, 50])
  expect(pose.members!.map(({ dx, dy }) => [dx, dy]).sort()).toEqual([[0, 0], expect.arrayContaining([0])])
})
test('sides that are off by a little are joined as far as that counts as equal, in blocks by more', () => {
  const near = (equal: number, sizes: [number, number][]) =>
    joinBlocks(candidates(sizes, false), 3, ROOM, 1, equal, randomFrom(1)).length
  const two: [number, number][] = [[100, 50], [60, 49.9]] // oxfmt-ignore
  expect([near(0.02, two), near(0.12, two)]).toEqual([2, 1])
  // Two of 49.9 and the gap are 102.8 beside one of 102.95: off by more than one part is.
  const three: [number, number][] = [[60, 49.9], [60, 49.9], [70, 102.95]] // oxfmt-ignore
  expect([near(0.12, three), near(0.1, three)]).toEqual([1, 2])
})
test('what would be larger than the room, and what has no equal side, stays as it is', () => {
  expect(joined([[250, 50], [260, 50]])).toHaveLength(2) // oxfmt-ignore
  expect(joined([[70, 50], [60, 40]])).toHaveLength(2) // oxfmt-ignore
})
test('whatever is joined: every part once, inside its block, none nearer to another than the gap', () => {
  // Some of them only nearly equal, as measured parts are.
  const side = fc.constantFrom(30, 40, 43, 50, 73, 86, 39.95, 49.7, 72.2)
  const sets = fc.array(fc.tuple(side, side), { minLength: 2, maxLength: 14 })
  fc.assert(
    fc.property(sets, fc.integer({ min: 1, max: 50 }), fc.boolean(), (sizes, seed, turning) => {
      const all = candidates(sizes, turning)
      const blocks = joinBlocks(all, 3, ROOM, 0.7, EQUALS[seed % EQUALS.length], randomFrom(seed))
      expect(blocks.flatMap(partsOf).sort()).toEqual(all.map(({ part }) => part.id).sort())
      for (const { poses } of blocks)
        for (const { width, height, members = [] } of poses) {
          expect(width <= ROOM.width && height <= ROOM.height).toBe(true)
          for (const [i, a] of members.entries()) {
            expect(Math.min(a.dx, a.dy)).toBeGreaterThanOrEqual(-1e-9)
            expect(Math.max(a.dx + a.width - width, a.dy + a.height - height)).toBeLessThan(1e-9)
            for (const b of members.slice(i + 1)) {
              const across = Math.max(b.dx - a.dx - a.width, a.dx - b.dx - b.width)
              const apart = Math.max(across, b.dy - a.dy - a.height, a.dy - b.dy - b.height)
              expect(apart).toBeGreaterThan(3 - 1e-9)
            }
          }
        }
    }),
    { numRuns: 80, seed: seedOf(7) },
  )
})
