import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { demo } from '../../scripts/testing/demo'
import { runs } from '../../scripts/testing/runs'
import { countOff, loadKey } from './count-off'
import { deriveAll } from './pipeline'

const NOTHING = { loads: [] as string[], spoilt: [] as string[] }

const part = (panel: string, copy: number, thing = 'a') => ({
  id: `${thing}:${panel}-${copy}`,
  panel,
  thing,
  label: `${panel} ${copy}`,
})
const load = (sheet: number, ...ids: string[]) => ({
  material: 'm',
  sheet,
  load: 0,
  face: 'only' as const,
  paths: ids.flatMap((id) =>
    (['score', 'outline'] as const).map((operation) => ({ operation, part: id, points: [], closed: true })),
  ),
})
const FRONTS = [1, 2, 3].map((copy) => part('front', copy))
const FLOORS = [1, 2, 3].map((copy) => part('floor', copy))
const ALL = [...FRONTS, ...FLOORS]
/** All fronts on the first sheet, two floors on the second, one on the third. */
const LOADS = [
  load(0, ...FRONTS.map(({ id }) => id)),
  load(1, FLOORS[0].id, FLOORS[1].id),
  load(2, FLOORS[2].id),
]

test('says what comes out of each load, and how many boxes are complete after it', () => {
  const { loads, complete, of } = countOff(ALL, LOADS, NOTHING, 3)
  expect(loads.map(({ parts }) => parts.length)).toEqual([3, 2, 1])
  expect(loads.map((each) => each.complete)).toEqual([0, 2, 3])
  expect([complete, of]).toEqual([0, 3])
})

test('what is cut counts in whatever order, and a spoilt part takes its box away', () => {
  const cut = [LOADS[0], LOADS[2]].map(loadKey)
  expect(countOff(ALL, LOADS, { loads: cut, spoilt: [] }, 3).complete).toBe(1)
  const spoilt = countOff(ALL, LOADS, { loads: cut, spoilt: [FLOORS[2].id, FLOORS[0].id] }, 3)
  expect(spoilt.complete).toBe(0)
  expect(spoilt.spoilt).toEqual([FLOORS[2]]) // the other one is not cut yet
  expect(countOff(ALL, LOADS, { loads: cut, spoilt: [FRONTS[0].id] }, 3).complete).toBe(1) // two are left
})

test('names the sheets that make a first box complete soonest, where that is not their order', () => {
  expect(countOff(ALL, LOADS, NOTHING, 3).first).toEqual([])
  const late = [LOADS[1], LOADS[2], LOADS[0]]
  const [one, other] = countOff(ALL, late, NOTHING, 3).first
  expect([one.sheet, other.sheet]).toEqual([1, 0])
})

test('a set of several things is complete when each of them is', () => {
  const lids = [1, 2, 3, 4, 5, 6].map((copy) => part('lid', copy, 'b'))
  const loads = [
    ...LOADS,
    load(3, ...lids.slice(0, 3).map(({ id }) => id)),
    load(4, ...lids.slice(3).map(({ id }) => id)),
  ]
  const { loads: counted } = countOff([...ALL, ...lids], loads, NOTHING, 3)
  expect(counted.map(({ complete }) => complete)).toEqual([0, 0, 0, 1, 3])
})

test('of any job all is complete once all loads are cut, and each part comes out of one of them', () => {
  const { parts, derived } = deriveAll({ ...demo('plain-tray'), copies: 4 })
  const { loads } = derived.plan!
  fc.assert(
    fc.property(fc.subarray(loads), fc.subarray(parts), (some, bad) => {
      const count = { loads: some.map(loadKey), spoilt: bad.map(({ id }) => id) }
      const counted = countOff(parts, loads, count, 4)
      expect(counted.loads.flatMap((each) => each.parts).length).toBe(parts.length)
      expect(counted.complete).toBeLessThanOrEqual(counted.loads.at(-1)!.complete)
      // By hand: of each panel, how many are cut and sound.
      const sound = (panel: string): number =>
        counted.loads
          .filter(({ isCut }) => isCut)
          .flatMap((each) => each.parts)
          .filter((each) => each.panel === panel && !bad.includes(each)).length
      expect(counted.complete).toBe(Math.min(...parts.map(({ panel }) => sound(panel))))
    }),
    { numRuns: runs(400) },
  )
  expect(countOff(parts, loads, { loads: loads.map(loadKey), spoilt: [] }, 4).complete).toBe(4)
})
