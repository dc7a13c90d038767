import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { anyBoxes } from '../../scripts/testing/boxes'
import { makeable } from '../../scripts/testing/judge'
import { runs, seedOf } from '../../scripts/testing/runs'
import { IN_METRIC as say } from '../length'
import { clampsFor, clampText } from './clamps'
import {
  buildSteps,
  glueCautions,
  glueDoubt,
  glueOf,
  GLUES,
  runsIn,
  scheduleOf,
  type BuildStep,
  type Glue,
} from './index'
import { PACE } from './schedule'

const step = (id: string, area: number, more: Partial<BuildStep> = {}): BuildStep => ({
  id,
  panel: id,
  panels: [id],
  standing: [],
  title: id,
  text: '',
  glue: area > 0 ? [{ with: 'floor', area }] : [],
  dry: [],
  ends: 'none',
  ...more,
})
const WOOD: Glue = glueOf('wood glue')
const idsOf = (steps: BuildStep[], glue: Glue): string[][] =>
  scheduleOf(steps, glue).rounds.map((round) => round.steps.map(({ id }) => id))

describe('rounds', () => {
  // By hand: 2,500 mm² a minute and 0.4 min a panel, 1 min for clamps. Three of 2,500 take 3 · 1.4 + 1 = 5.2
  // min, two 3.8.
  const steps = [step('floor', 0), step('front', 2500), step('back', 2500), step('left', 2500)]
  test('what does not go into the open time of the glue waits for the next round', () => {
    expect(idsOf(steps, WOOD)).toEqual([['floor', 'front', 'back'], ['left']])
    expect(idsOf(steps, { ...WOOD, open: 5.2 + 1e-9 })).toHaveLength(1)
    const { rounds, working, waiting } = scheduleOf(steps, WOOD)
    expect(rounds.map(({ minutes }) => minutes)).toEqual([expect.closeTo(3.8, 9), expect.closeTo(2.4, 9)])
    expect([working, waiting]).toEqual([expect.closeTo(0.4 + 3 * 1.4 + 2, 9), 20])
  })
  test('a joint that alone takes longer is told of, by how much', () => {
    const { rounds } = scheduleOf([step('front', 12_500), step('back', 0)], WOOD)
    expect(rounds.map(({ late }) => late)).toEqual([expect.closeTo(5 + PACE.home + PACE.clamp - 5, 9), 0])
  })
  test('thin glue runs into closed joints: one round, never too late', () => {
    for (const kind of GLUES.filter((each) => runsIn({ kind: each }))) {
      const { rounds } = scheduleOf([...steps, step('right', 50_000)], glueOf(kind))
      expect([rounds.length, rounds[0].late]).toEqual([1, 0])
    }
  })
  test('what lies flat is glued first, for itself, and nothing is clamped round it', () => {
    const all = [step('magnet', 0, { isFlat: true }), ...steps]
    expect(idsOf(all, WOOD)[0]).toEqual(['magnet'])
    expect(clampsFor(scheduleOf(all, WOOD).rounds[0], { outer: { x: 100, y: 80, z: 50 } })).toEqual([])
  })
  test('a box without glue is held by nothing and waits for nothing', () => {
    const { rounds, waiting } = scheduleOf([step('a', 0), step('b', 0)], WOOD)
    expect([rounds[0].isHeld, rounds[0].minutes, waiting]).toEqual([false, 0, 0])
  })
})

test('any box and glue: each step once and in order, nothing after its open time, held by enough', () => {
  let many = 0
  const asked = fc.sample(anyBoxes, { numRuns: runs(2000), seed: seedOf(27) })
  for (const [i, { spec, mean }] of asked.entries()) {
    const made = makeable(spec, mean)
    if (!made) continue
    const { box, panels } = made
    const steps = buildSteps(box, panels)
    if ('locked' in steps) continue
    const glue = { ...glueOf(GLUES[i % GLUES.length]), open: 1 + (i % 9) }
    const { rounds } = scheduleOf(steps, glue)
    expect(rounds.flatMap((round) => round.steps)).toEqual(steps)
    for (const [at, round] of rounds.entries()) {
      const glued = round.steps.filter((each) => each.glue.length > 0)
      if (round.late > 0) expect([i, glued.length]).toEqual([i, 1])
      else if (!runsIn(glue)) expect(round.minutes).toBeLessThanOrEqual(glue.open + 1e-9)
      // No round could have taken the first step of the next one as well.
      const next = rounds.at(at + 1)
      if (next && at + 1 < rounds.length && round.isHeld && !round.steps[0].isFlat) {
        const joined = scheduleOf([...round.steps, next.steps[0]], glue)
        expect(joined.rounds.length).toBe(2)
      }
      const clamps = clampsFor(round, box)
      for (const { along, at: places, count } of clamps) {
        const long = along === 'z' ? box.outer.x : box.outer.z
        expect(places).toHaveLength(count)
        for (const place of places) expect(place > 0 && place < long).toBe(true)
        expect(long / count).toBeLessThanOrEqual(along === 'z' ? 300 : 150)
      }
    }
    if (rounds.length > 1) many++
  }
  expect(many).toBeGreaterThan(runs(40))
})

describe('what holds a box', () => {
  const walls = ['front', 'back', 'left', 'right']
  const last = step('right', 900, { standing: ['floor', 'front', 'back', 'left'], from: [1, 0, 0] })
  const round = { ...scheduleOf([last], WOOD).rounds[0] }
  test('a small one by bands, a large one by clamps along the way in', () => {
    const small = clampsFor(round, { outer: { x: 160, y: 100, z: 100 } })
    expect(small).toEqual([{ what: 'band', along: 'round', count: 2, at: [25, 75] }])
    expect(clampText(small[0], say)).toBe('2 rubber bands round the walls, 25 mm, 75 mm above the foot')
    const large = clampsFor(round, { outer: { x: 400, y: 300, z: 330 } })
    expect(large).toEqual([{ what: 'clamp', along: 'x', count: 3, at: [55, 165, 275] }])
    expect(clampText(large[0], say)).toContain('from left to right')
  })
  test('walls that do not yet stand round about are not banded; from above a weight', () => {
    const open = scheduleOf([step('left', 900, { standing: walls.slice(0, 2), from: [-1, 0, 0] })], WOOD)
    expect(clampsFor(open.rounds[0], { outer: { x: 160, y: 100, z: 60 } })[0].what).toBe('clamp')
    const top = scheduleOf([step('top', 900, { standing: walls, from: [0, 0, 1] })], WOOD)
    expect(clampsFor(top.rounds[0], { outer: { x: 160, y: 100, z: 60 } }).map(({ what }) => what)).toEqual([
      'weight',
    ])
  })
})

test('thin glues are warned of, and their label comes first', () => {
  for (const kind of GLUES) expect([kind, /label/.test(glueCautions({ kind })[0])]).toEqual([kind, true])
  expect(glueCautions({ kind: 'solvent cement' })[0]).toContain('no flame')
  expect(glueCautions({ kind: 'instant glue' })[0]).toContain('goggles')
})
// Common practice, no source: acrylic takes solvent cement, wood does not; instant glue is brittle.
test('a glue that does not suit the stock is doubted', () => {
  expect(glueDoubt(WOOD, 'plywood')).toBeNull()
  expect(glueDoubt(WOOD, 'acrylic')).toContain('solvent cement')
  expect(glueDoubt(glueOf('solvent cement'), 'acrylic')).toBeNull()
  expect(glueDoubt(glueOf('solvent cement'), 'plywood')).toContain('acrylic only')
  expect(glueDoubt(glueOf('instant glue'), 'plywood')).toContain('brittle')
})
