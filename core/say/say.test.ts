import { describe, expect, test } from '@jest/globals'
import { demo, derivedAsShown as derive } from '../../scripts/testing/demo'
import { deriveAll, deriveParts, warningsOf, type Derived } from '../derive'
import { emptyJob, type Job } from '../job'
import { clockOf, plannedOf } from '../plan'
import { faultSentence } from './warnings'
import { formatDuration, IN_METRIC as say, sayIn } from '../length'
import {
  checksOf,
  bedStatement,
  compensationStatement,
  cutFigures,
  GLOSSARY,
  madeForStatement,
  movedBy,
  placeStatement,
  readyToCut,
  ruleWords,
  sizeWorking,
  stationStatuses,
  stripFigures,
  tabAdvice,
  clockWorking,
  timeWords,
  warningSentence,
  NO_FACTS,
  type StripFigure,
} from './index'

/** A job whose maker has tried what labels are scored with. */
const scored: Job = {
  ...demo('plain-tray'),
  tune: { ...demo('plain-tray').tune, score: { speed: 150, power: 12, passes: 1, air: false } },
}
const tray = derive(deriveAll(scored).job)
const checksFor = (job: Job, derived: Derived) => checksOf(job, derived, deriveParts(job).parts, say)
const check = (job: Job, id: string) => checksFor(job, derive(job).derived).find((each) => each.id === id)
const statuses = (job: Job, newer: string[] = []) => {
  const { derived } = derive(job)
  return stationStatuses({
    job,
    derived,
    newer,
    known: NO_FACTS,
    clock: null,
    say,
    checks: checksFor(job, derived),
  })
}
const states = (job: Job, newer: string[] = []) =>
  Object.fromEntries(Object.entries(statuses(job, newer)).map(([station, { state }]) => [station, state]))
const isReady = (job: Job) => readyToCut(derive(job).derived, checksFor(job, derive(job).derived))
const withStock = (part: Partial<NonNullable<Job['measure']['stock']>>): Job => ({
  ...tray.job,
  measure: { ...tray.job.measure, stock: { ...tray.job.measure.stock!, ...part } },
})
const withCut = (part: Partial<Job['cut']>): Job => ({ ...tray.job, cut: { ...tray.job.cut, ...part } })
const withPlacements = (
  change: (all: NonNullable<Job['layout']['arrangement']>['placements']) => typeof all,
): Job => {
  const arrangement = tray.job.layout.arrangement!
  const placements = change(arrangement.placements)
  return { ...tray.job, layout: { ...tray.job.layout, arrangement: { ...arrangement, placements } } }
}

describe('the traveller', () => {
  test('a measured and tested job is ready up to the cut', () => {
    expect(states(tray.job)).toEqual({
      measure: 'ready',
      shape: 'ready',
      layout: 'ready',
      tune: 'ready',
      cut: 'ready',
      build: 'todo',
      log: 'ready',
    })
    expect(statuses(tray.job).measure.line).toBe('3.04 ± 0.04, 7 readings')
    expect(isReady(tray.job)).toBe(true)
  })
  test('in inches it says the same in inches', () => {
    const { job, derived } = tray
    const inches = sayIn({ length: 'in', fractions: false, speed: 'in/min' })
    const said = stationStatuses({
      job,
      derived,
      newer: [],
      known: NO_FACTS,
      clock: null,
      say: inches,
      checks: [],
    })
    expect(said.measure.line).toBe('0.120 ± 0.001, 7 readings')
    expect(said.tune.line).toBe('28.3 in/min, 65 %')
  })
  test('one reading of the thickness is not enough', () => {
    const once = withStock({ readings: tray.job.measure.stock!.readings.slice(0, 1) })
    expect(statuses(once).measure).toMatchObject({ state: 'look', line: '3.02, 1 reading' })
  })
  test('an empty job says what it waits for', () => {
    const { job } = deriveAll(emptyJob('e', 'Empty', ''))
    expect(states(job)).toMatchObject({
      measure: 'todo',
      shape: 'look',
      tune: 'look',
      cut: 'look',
      log: 'todo',
    })
    expect(statuses(job).shape.why).toBe(
      'Only 30 % likely to be snug, the fit you asked for. Most of the doubt comes from the kerf.',
    )
    expect(check(job, 'inside')?.title).toBe('Inside the sheet, nothing overlaps')
  })
  test('what is known of fewer sheets is said: proven, not found, or not ruled out', () => {
    const { derived } = tray
    const said = (use: Partial<NonNullable<Derived['use']>>): string =>
      stationStatuses({
        job: tray.job,
        derived: { ...derived, use: { ...derived.use!, ...use } },
        newer: [],
        known: NO_FACTS,
        clock: null,
        say,
        checks: [],
      }).layout.why
    expect(said({ sheets: 2, fewest: 2 })).toContain('No layout can do with fewer sheets: that is proven.')
    expect(said({ sheets: 3, fewest: 2 })).toContain('found yet; the bound is 2.')
    const offcuts = { sheets: 1, offcuts: 1 }
    expect(said({ ...offcuts, fewest: 0 })).toContain('yet; offcuts alone are not ruled out.')
    expect(said({ ...offcuts, fewest: 1 })).toContain('No layout can do with fewer whole sheets')
    expect(said({ ...offcuts, sheets: 0, fewest: 0 })).toContain('No whole sheet is taken.')
  })
  test('a layout is stale once parts change, and nothing is written then', () => {
    const changed = { ...tray.job, box: { ...tray.job.box, height: 50 } }
    expect(states(changed)).toMatchObject({ layout: 'stale', cut: 'stop' })
    expect(isReady(changed)).toBe(false)
  })
  test('a file is stale once the plan differs from it; newer bench figures make Measure stale', () => {
    const written = withCut({ written: { signature: tray.derived.plan!.signature, date: '', mark: '' } })
    expect(states(written).cut).toBe('ready')
    const changed: Partial<Job['cut']>[] = [
      { compensation: 'software' },
      { labels: 'none' },
      { off: ['score'] },
    ]
    for (const part of changed)
      expect(states({ ...written, cut: { ...written.cut, ...part } }).cut).toBe('stale')
    expect(states(tray.job, ['the kerf']).measure).toBe('stale')
  })
  test('a box that cannot be made stops Shape and leaves the rest waiting', () => {
    const small = { ...tray.job, box: { ...tray.job.box, width: 5 } }
    expect(states(small)).toMatchObject({ shape: 'stop', layout: 'todo', cut: 'todo' })
    expect(statuses(small).shape.why).toContain('leaves no room inside')
  })
})

describe('preflight', () => {
  test('everything is looked at', () =>
    expect(checksFor(tray.job, tray.derived).map(({ id }) => id)).toEqual([
      'fresh',
      'inside',
      'complete',
      'closed',
      'double',
      'fit',
      'compensation',
      'thickness',
      'settings',
      'off',
    ]))
  test('overlapping parts stop it, called as they are labelled', () => {
    const piled = withPlacements((all) => all.map((placement) => ({ ...placement, x: 20, y: 20 })))
    expect(check(piled, 'inside')).toMatchObject({ state: 'stop' })
    const { why } = statuses(piled).layout
    expect(why).toMatch(/ and .* overlap/)
    expect(why).not.toMatch(/-1/)
  })
  test('a cut that is not closed stops it: the part would not fall out', () => {
    const { job, parts, derived } = tray
    const open = structuredClone(derived.plan!)
    const [outline] = open.loads[0].paths.filter(({ operation }) => operation === 'outline')
    outline.closed = false
    const checks = checksOf(job, { ...derived, plan: open }, parts, say)
    expect(checks.find(({ id }) => id === 'closed')).toMatchObject({
      state: 'stop',
      title: '1 cuts are not closed',
    })
  })
  test('what is switched off or not placed is named', () => {
    expect(check(withCut({ off: ['score'] }), 'off')).toMatchObject({
      state: 'look',
      title: 'Switched off: score labels',
    })
    expect(check(withCut({ off: ['outline'] }), 'off')?.state).toBe('stop')
    const fewer = withPlacements((all) => all.slice(1))
    expect(check(fewer, 'complete')?.title).toBe('1 of 5 parts will not be cut')
  })
  test('a kerf that was measured at another setting is said', () => {
    const picked = { speed: 20, power: 65, passes: 2, air: true }
    const faster = { ...tray.job, tune: { ...tray.job.tune, picked } }
    expect(check(faster, 'kerf-setting')).toMatchObject({
      state: 'look',
      detail:
        'The kerf was measured at 12 mm/s, 65 %, 1 pass, focus on the face; this cuts with 20 ' +
        'mm/s, 65 %, 2 passes. Measure it again with this setting.',
    })
    expect(states(faster).measure).toBe('look')
    expect(check(tray.job, 'kerf-setting')).toBeUndefined()
  })
  test('more sheets than there are at hand are said', () =>
    expect(check(withStock({ sheetsAtHand: 0 }), 'stock')).toMatchObject({
      state: 'look',
      title: '1 sheet is needed, 0 at hand',
    }))
  test('bridges are said, and no stretch between two counts as an open cut', () => {
    const bridges = { count: 2, width: 0.6, below: 999 }
    const bridged = withCut({ bridges })
    expect(check(bridged, 'bridges')).toMatchObject({ state: 'ok', title: '5 parts held by bridges' })
    expect(check(bridged, 'closed')?.state).toBe('ok')
    expect(check(withCut({ bridges, compensation: 'software' }), 'bridges')).toBeUndefined()
  })
  test('how deep grooves come out: from a test pocket, against the depth that is wanted', () => {
    const { job } = deriveAll({ ...demo('logger-case'), cut: { ...demo('logger-case').cut, face: 'inside' } })
    const pocket = { id: 'p', machineId: job.measure.machine!.id, watts: job.measure.machine!.watts, on: '' }
    const withPocket = (depth: number) => {
      const stock = { ...job.measure.stock!, pockets: [{ ...pocket, ...job.tune.pocket!, depth }] }
      for (const each of stock.pockets) delete (each as { air?: boolean }).air
      return check({ ...job, measure: { ...job.measure, stock } }, 'pocket')
    }
    expect(check(job, 'pocket')?.title).toContain('comes from a test pocket')
    expect(withPocket(1.8)).toMatchObject({ state: 'ok', title: expect.stringMatching(/1\.[78] mm deep/) })
    expect(withPocket(0.9)).toMatchObject({ state: 'look', title: expect.stringContaining('wanted 1.8 mm') })
  })
  test('parts cut on a shared line stop it', () => {
    const touching = withPlacements((all) =>
      all.map((placement, i) => ({ ...placement, x: 10, y: 10, turn: 0, sheet: i < 2 ? 0 : 1 })),
    )
    expect(check(touching, 'double')?.state).toBe('stop')
  })
  test('an untested setting and an assumed kerf are looked at again', () => {
    const { job } = deriveAll(emptyJob('e', 'Empty', ''))
    const looked = ['compensation', 'thickness', 'settings'].map((id) => check(job, id)?.state)
    expect(looked).toEqual(['look', 'look', 'look'])
    const picked = { speed: 33, power: 50, passes: 1, air: true }
    expect(check({ ...tray.job, tune: { ...tray.job.tune, picked } }, 'settings')?.detail).toContain(
      'no test',
    )
  })
  test('software cannot compensate a beam that is not round, and it is said', () => {
    const kerf = { ...tray.job.measure.kerf!, kx: 0.19, ky: 0.13, doubt: 0.01 }
    const oval = { ...withCut({ compensation: 'software' }), measure: { ...tray.job.measure, kerf } }
    expect(check(oval, 'round')?.state).toBe('look')
    expect(check({ ...oval, cut: tray.job.cut }, 'round')).toBeUndefined()
  })
})

describe('what files and screens state', () => {
  const { job, derived } = tray
  test('compensation, each way by itself where the beam is not round', () => {
    expect(compensationStatement('paths', derived.box, say)).toBe(
      'Compensation is in the paths: 0.080 mm per side (kerf 0.160 mm full width). Do not ' +
        "compensate again in the laser's software.",
    )
    const kerf = { ...job.measure.kerf!, kx: 0.19, ky: 0.13, doubt: 0.01 }
    const { box } = derive({ ...job, measure: { ...job.measure, kerf } }).derived
    expect(compensationStatement('paths', box, say)).toContain(
      '0.095 mm per side across the sheet and 0.065 mm along it',
    )
  })
  test('that paths follow the bed, and by how much', () => {
    const following = { ...job, measure: { ...job.measure, bed: { x: 0.012, y: -0.004 } } }
    expect(bedStatement(job, say)).toBe('')
    expect(bedStatement(following, say)).toContain('+0.012 mm from the middle to the right edge, −0.004 mm')
    const left = { ...following, cut: { ...job.cut, compensation: 'software' as const } }
    expect(bedStatement(left, say)).toBe('')
  })
  test('where the sheet goes on the machine', () => {
    const whole = { of: 1, load: 0, x: 0, y: 0, width: 600, height: 400 }
    const machine = { ...job.measure.machine!, origin: 'back left' as const }
    expect(placeStatement(machine, whole, say)).toBe(
      'Put the sheet’s upper left corner into the back left corner of the bed, where its origin is.',
    )
    const second = { ...whole, of: 6, load: 1, x: 600 }
    expect(placeStatement(machine, second, say)).toContain(
      'One sheet in 6 loads; load 2 is 600.0 × 400.0 mm of it, 600.0 from its left',
    )
  })
  test('stock, thickness, kerf, setting, revision and unit', () =>
    expect(madeForStatement(job, derived.box, derived.plan!.choice.setting, say)).toBe(
      'Unit millimetres. Stock Birch ply 3, thickness 3.04 mm, kerf 0.160 mm, interference 0.000 mm per ' +
        'glue line, setting 12 mm/s, 65 %, 1 pass, for revision 2.',
    ))
  test('the glossary has a meaning for every word', () => {
    for (const { word, meaning } of Object.values(GLOSSARY))
      expect(`${word}: ${meaning}`).toMatch(/^\S.{2,}: .{20,}\.$/)
  })
})

describe('what the figures say', () => {
  const { job, derived } = tray
  test('the strip', () =>
    expect(
      stripFigures(derived, null, say)
        .map(({ id, text }) => `${id} ${text}`)
        .slice(0, 4),
    ).toEqual(['inside 233.9 × 153.9 × 42.0 mm', 'fit snug 70 %, 0.000 mm', 'parts 5', 'sheets 1 at 30 %']))
  test('time by the machine’s own clock, with its doubt', () => {
    const { total } = derived.plan!
    const run = { id: 'r', machineId: 'm', on: '', note: '', ...plannedOf(total), took: total.seconds * 1.3 }
    const clock = clockOf([run, run, run])
    const words = timeWords(total, clock)
    expect(words).toMatch(/^\d+ to \d+ (s|min)$/)
    expect(timeWords(total, null)).toBe(formatDuration(total.seconds))
    expect(timeWords(total, clockOf([]))).toBe(formatDuration(total.seconds))
    const time = stripFigures(derived, clock, say).find(({ id }) => id === 'time')!
    expect(time.text).toBe(words)
    expect(time.values[0] / total.seconds).toBeGreaterThan(1.1)
    const { substituted, note } = clockWorking(total, clock, [run, run, run])
    expect(substituted).toContain(`= ${String(time.values[0])} s`)
    expect(note).toContain('From 3 cuts')
    const hours = { ...total, cutting: 3 * 3600, seconds: 3 * 3600 }
    expect(timeWords(hours, clock)).toMatch(/^\d h \d\d min to \d h \d\d min$/)
  })
  test('what waits for a layout is none yet, and no change is made of it', () => {
    const waiting = stripFigures({ ...derived, plan: null, use: null }, null, say)
    const none = waiting.filter(({ text }) => text === 'none yet').map(({ id, values }) => [id, values])
    expect(none).toEqual([
      ['sheets', []],
      ['time', []],
      ['cost', []],
    ])
    for (const figure of stripFigures(derived, null, say)) {
      expect(
        movedBy(
          figure,
          waiting.find(({ id }) => id === figure.id),
        ),
      ).toBe('')
    }
  })
  test('what an edit moved is told in the figure’s own unit, and sizes in the unit of sizes', () => {
    const wider = deriveAll({ ...job, box: { ...job.box, width: 242, height: 44 }, copies: 2 })
    const before = stripFigures(derived, null, say)
    const moved = stripFigures(wider.derived, null, say).map((figure) => [
      figure.id,
      movedBy(
        figure,
        before.find(({ id }) => id === figure.id),
      ),
    ])
    const all = Object.fromEntries(moved) as Record<string, string>
    expect(all.inside).toBe('+2 wide, −1 high')
    expect(all.parts).toBe('+5')
    expect(all.time).toMatch(/^\+\d+ min \d\d s$/)
    expect(all.fit).toBe('')
    const seconds = (value: number): StripFigure => ({
      ...before.find(({ id }) => id === 'time')!,
      values: [value],
    })
    expect(movedBy(seconds(306), seconds(7656))).toBe('−2 h 02 min')
    expect(movedBy(seconds(306), undefined)).toBe('')
  })
  test('the working of the inner size has the real figures', () =>
    expect(sizeWorking(derived.box, job.box, say).substituted).toContain('240.00 − 2 × 3.040 = 233.92'))
  test('advice for narrow tabs and even counts', () => {
    const uprights = { rule: 'shares' as const, count: 20 }
    const odd = { ...job, box: { ...job.box, tabs: { ...job.box.tabs, uprights } } }
    const { box } = derive(odd).derived
    expect(tabAdvice(box)).toHaveLength(1)
    expect(tabAdvice(derived.box)).toEqual([])
    const [narrow] = warningsOf(box, null, 5, [])
    expect(warningSentence(narrow, box, say)).toContain('under one thickness')
    expect(warningsOf(derived.box, null, 5, [])).toEqual([])
  })
  test('a log entry holds the figures of its moment, the tabs with their real widths', () => {
    const figures = cutFigures(job, derived, say)
    expect(figures).toContainEqual({ label: 'Kerf', value: '0.160 mm full width' })
    expect(figures).toContainEqual({
      label: 'Tabs, uprights',
      value: 'evenly, about 9 mm (5 × 8.39 mm)',
    })
    expect(ruleWords({ rule: 'pattern', widths: [12, 8, 12], of: 'other' }, say)).toBe('pattern 12, 8, 12')
  })
})

test('a lid that does not come out is called that, by Shape and by the checks before cutting', () => {
  const box = { panels: null, pieces: [] }
  const fault = { kind: 'stuck' as const, panels: ['top'] }
  expect(faultSentence(fault, box)).toContain('does not come out')
  const warning = { ...fault, spots: [] }
  expect(warningSentence(warning, { ...box, joined: null }, say)).toBe(faultSentence(fault, box))
})
