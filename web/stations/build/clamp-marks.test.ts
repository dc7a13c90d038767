import { describe, expect, test } from '@jest/globals'
import { demo, type DemoName } from '../../../scripts/testing/demo'
import type { Panel } from '@core/assembly'
import { buildSteps, clampsFor, glueOf, scheduleOf, type Clamp } from '@core/build'
import type { Box } from '@core/box'
import { deriveBox } from '@core/derive'
import { clampMarks } from './clamp-marks'

function boxOf(name: DemoName): { made: Box; panels: Panel[] } {
  const { made, panels } = deriveBox(demo(name))
  return { made: made!, panels: panels! }
}
const clamp = (along: Clamp['along'], at: number[]): Clamp => ({
  what: along === 'round' ? 'band' : 'clamp',
  count: at.length,
  along,
  at,
})

describe('on a tray with square corners', () => {
  const { made, panels } = boxOf('plain-tray')
  const { x, y, z } = made.outer
  /** At every corner, the tab ends of one of its walls stand proud: a band lies on those. */
  const { proud } = made.spec
  const isAcross = (found: number, length: number): void => {
    const off = found - length
    expect(Math.min(Math.abs(off), Math.abs(off - 2 * proud))).toBeLessThan(1e-6)
  }
  test('a band goes round the outside at its height', () => {
    const [mark] = clampMarks([clamp('round', [z / 2])], panels)
    if (mark.what !== 'band') throw new Error('no band')
    const [xs, ys] = [0, 1].map((axis) => mark.ring.map((point) => point[axis]))
    isAcross(Math.max(...xs) - Math.min(...xs), x)
    isAcross(Math.max(...ys) - Math.min(...ys), y)
    expect(new Set(mark.ring.map(([, , height]) => height))).toEqual(new Set([z / 2]))
  })
  test('clamps press on both faces, towards each other and opposite to each other', () => {
    for (const [along, own, length] of [
      ['x', 0, x],
      ['y', 1, y],
    ] as const) {
      const marks = clampMarks([clamp(along, [z / 3])], panels)
      const [a, b] = marks.flatMap((mark) => (mark.what === 'press' ? [mark] : []))
      isAcross(b.at[own] - a.at[own], length)
      expect([a.way[own], b.way[own]]).toEqual([1, -1])
      expect(b.at[1 - own]).toBeCloseTo(a.at[1 - own], 6)
      expect([a.at[2], b.at[2]]).toEqual([z / 3, z / 3])
    }
  })
  test('a weight lies on the rim and presses down', () => {
    const [mark] = clampMarks([clamp('z', [x / 2])], panels)
    expect(mark).toMatchObject({ what: 'press', way: [0, 0, -1] })
    expect(mark.what === 'press' && mark.at[2]).toBeCloseTo(z, 6)
  })
})

test('round leaning walls a band is as long as they are at its height', () => {
  const { made, panels } = boxOf('planter')
  const long = (height: number): number => {
    const [mark] = clampMarks([clamp('round', [height])], panels)
    if (mark.what !== 'band') throw new Error('no band')
    const { ring } = mark
    return ring.reduce((sum, [ax, ay], i) => {
      const [bx, by] = ring[(i + 1) % ring.length]
      return sum + Math.hypot(bx - ax, by - ay)
    }, 0)
  }
  const [low, half, high] = [0.2, 0.5, 0.8].map((share) => long(made.outer.z * share))
  expect(high).toBeGreaterThan(low)
  expect(half).toBeCloseTo((low + high) / 2, 1) // straight walls: as high, as much longer
})

test('over a ridge bands go up one slope and down the other, and under the foot', () => {
  const { made, panels } = boxOf('weather-hut')
  const steps = buildSteps(made, panels)
  if ('locked' in steps) throw new Error('locked')
  const [last] = scheduleOf(steps, glueOf('wood glue')).rounds.slice(-1)
  const clamps = clampsFor(last, made)
  expect(clamps.map(({ along }) => along)).toEqual(['round', 'over'])
  // None of those round the walls lies on a slope: they end at the eaves.
  expect(Math.max(...clamps[0].at)).toBeLessThan(170)
  for (const mark of clampMarks(clamps.slice(1), panels)) {
    if (mark.what !== 'band') throw new Error('no band')
    const heights = mark.ring.map(([, , z]) => z)
    expect(Math.min(...heights)).toBeCloseTo(0, 3)
    expect(Math.max(...heights)).toBeCloseTo(made.outer.z, 1)
    expect(new Set(mark.ring.map(([, y]) => y.toFixed(6))).size).toBe(1) // the ridge runs from front to back
  }
})

test.each(['plain-tray', 'logger-case', 'crate', 'planter', 'weather-hut'] as DemoName[])(
  'what %s is held by lies on its outside, every one of it',
  (name) => {
    const { made, panels } = boxOf(name)
    const steps = buildSteps(made, panels)
    if ('locked' in steps) throw new Error('locked')
    const clamps = scheduleOf(steps, glueOf('wood glue')).rounds.flatMap((round) => clampsFor(round, made))
    const marks = clampMarks(clamps, panels)
    const wanted = clamps.reduce(
      (sum, { along, count }) => sum + (along === 'x' || along === 'y' ? 2 : 1) * count,
      0,
    )
    expect(marks).toHaveLength(wanted)
    for (const mark of marks) if (mark.what === 'band') expect(mark.ring.length).toBeGreaterThanOrEqual(4)
  },
)
