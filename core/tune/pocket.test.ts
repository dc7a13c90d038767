import { describe, expect, test } from '@jest/globals'
import { randomNormal, randomUniform } from '../../scripts/testing/random'
import type { PocketTest } from '../stock'
import { depthOf, pocketEnergy, pocketModel, speedForDepth } from './pocket'

const setting = { speed: 300, power: 40, passes: 1 }
const measured = (depth: number, speed = 300): PocketTest => ({
  id: `p${depth}-${speed}`,
  machineId: 'm',
  watts: 40,
  ...setting,
  speed,
  depth,
  on: '',
})

describe('how deep a pocket comes out', () => {
  test('energy per area by its formula: 40 W at 40 %, 300 mm/s, rows 0.1 mm apart', () => {
    expect(pocketEnergy(setting, 40)).toBeCloseTo((40 * 0.4) / (300 * 0.1), 12)
    expect(pocketEnergy({ ...setting, passes: 3 }, 40)).toBeCloseTo(1.6, 12)
  })
  test('one pocket moves it nearly all the way, others of another machine not at all', () => {
    const model = pocketModel([measured(0.8)], 'm')
    expect(depthOf(setting, 40, model).depth).toBeGreaterThan(0.72)
    expect(depthOf(setting, 40, model).depth).toBeLessThan(0.82)
    expect(pocketModel([measured(0.8)], 'other')).toEqual(pocketModel([], 'm'))
  })
  test('doubt shrinks with pockets, and grows again where they disagree', () => {
    const sd = (...depths: number[]): number =>
      pocketModel(
        depths.map((d) => measured(d)),
        'm',
      ).sd
    expect(sd(0.8)).toBeLessThan(sd() / 3)
    expect(sd(0.8, 0.81, 0.79)).toBeLessThan(sd(0.8))
    expect(sd(0.5, 1.1, 0.8)).toBeGreaterThan(sd(0.8))
  })
  test('the speed for a depth burns that depth; none where it would be too slow or too quick', () => {
    const model = pocketModel([measured(0.8), measured(0.4, 600)], 'm')
    const speed = speedForDepth(1.5, setting, 40, model)!
    expect(depthOf({ ...setting, speed }, 40, model).depth).toBeCloseTo(1.5, 1)
    expect(speedForDepth(40, { ...setting, power: 1 }, 0.1, model)).toBeNull()
  })
})

// The hand reads depth with the tail of the calipers, to 0.05 mm or so; wood differs from place to place.
test('nine of ten pockets lie within what is said, over 600 hidden stocks', () => {
  const [uniform, normal] = [randomUniform(11), randomNormal(12)]
  let [inside, all] = [0, 0]
  for (let stock = 0; stock < 600; stock++) {
    const ratio = 0.65 * Math.exp(0.5 * normal())
    const spread = 0.06 + 0.06 * uniform()
    const burn = (speed: number): number =>
      ratio * pocketEnergy({ ...setting, speed }, 40) * Math.exp(spread * normal())
    const read = (depth: number): number =>
      Math.max(0.05, Math.round((depth + 0.02 * normal()) / 0.05) * 0.05)
    const speeds = [150, 220, 300, 400].slice(0, 1 + Math.floor(uniform() * 4))
    const model = pocketModel(
      speeds.map((speed) => measured(read(burn(speed)), speed)),
      'm',
    )
    const speed = 120 + 200 * uniform()
    const { low, high } = depthOf({ ...setting, speed }, 40, model)
    const depth = burn(speed)
    all++
    if (depth >= low && depth <= high) inside++
  }
  expect(inside / all).toBeGreaterThan(0.87)
  expect(inside / all).toBeLessThan(0.95)
})
