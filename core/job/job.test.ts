import { describe, expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import { newTrial, type Trial } from '../testpiece'
import {
  NO_RESULT,
  currentTrial,
  checksOf,
  promiseOf,
  runOfRevision,
  runsOf,
  withCurrentTrial,
  tasteOfVerdict,
  testOfRevision,
  trialBy,
  type Measured,
  type Revision,
} from './index'

const CUT: NonNullable<Revision['cut']> = {
  family: 'plywood',
  gap: 0.01,
  kerfSd: 0.01,
  kerfId: 'k',
  machineId: 'm',
  stockId: 's',
  setting: { speed: 12, power: 60, passes: 1, air: true },
  thickness: 3,
  slot: null,
  kerf: 0.16,
  promised: null,
}
const measured = (what: Measured['what'], read: number, more: Partial<Measured> = {}): Measured => ({
  what,
  of: '',
  told: 0,
  read,
  by: 'calipers',
  at: null,
  ...more,
})

/** The second cut, of which nothing is said yet. */
const SECOND: Revision = { ...NO_RESULT, id: 'r', number: 2, date: '2026-10-04', reason: '' }

test('a verdict says what would have been snug; without the figures of the cut it says nothing', () => {
  const revision: Revision = {
    ...SECOND,
    verdict: 'press',
    cut: { ...CUT, gap: 0 },
  }
  // Press is −0.06 to −0.02 [CP/FM]: at gap 0 it would have been snug with 0.04 less interference, give or
  // take half that range and the kerf's doubt.
  expect(tasteOfVerdict(revision, 'Tray')).toMatchObject({
    id: 'verdict-r',
    interference: -0.04,
    own: 0.02,
    doubt: Number(Math.hypot(0.02, 1.959964 * 0.01).toFixed(4)),
    kerfId: 'k',
    note: 'Tray, revision 2',
    word: 'press',
  })
  // Of a slot it says something of the sheet in it as well.
  const slot = { stockId: 's', thickness: 3, sd: 0.03 }
  expect(tasteOfVerdict({ ...revision, cut: { ...CUT, slot } }, 'Tray')?.slot).toEqual(slot)
  expect(tasteOfVerdict({ ...revision, verdict: null }, 'Tray')).toBeNull()
  expect(tasteOfVerdict({ ...revision, cut: null }, 'Tray')).toBeNull()
})

test('a measured play says by how much the kerf is more than was reckoned; half of it at either side', () => {
  const revision: Revision = {
    ...SECOND,
    through: 'all',
    measured: [measured('play', 0.06), measured('play', 0.08)],
    cut: CUT,
  }
  expect(checksOf(revision, 'Tray')).toMatchObject([{ about: 'play', off: [0.02, 0.03], kerfId: 'k' }])
  expect(checksOf({ ...revision, measured: [] }, 'Tray')).toEqual([])
  expect(checksOf({ ...revision, cut: null }, 'Tray')).toEqual([])
  // A part told as 100 with a kerf of 0.16, read as 99.81: 0.03 more; surer by a micrometer.
  const at = { x: 40, y: 60 }
  const part = measured('part', 99.81, { told: 100, at })
  const [read] = checksOf({ ...revision, measured: [part] }, 'Tray')
  expect(read).toMatchObject({ about: 'part', off: [0.03], at: [at] })
  const [fine] = checksOf({ ...revision, measured: [{ ...part, by: 'micrometer' }] }, 'Tray')
  expect(fine.doubt).toBeLessThan(read.doubt / 2)
  // And whether it came through is a test of the setting it was cut with.
  expect(testOfRevision(revision)).toMatchObject({ result: 'clean', setting: CUT.setting, stockId: 's' })
  expect(testOfRevision({ ...revision, through: 'not all' })?.result).toBe('not through')
  expect(testOfRevision({ ...revision, through: null })).toBeNull()
  expect(testOfRevision({ ...revision, passed: 3 })?.setting.passes).toBe(3)
  expect(testOfRevision({ ...revision, cut: { ...CUT, setting: null } })).toBeNull()
})

test('a promise with what came of it; none while nothing did, and never farther off than is kept', () => {
  const promised = {
    wanted: 'snug' as const,
    odds: { forced: 0, press: 0.1, snug: 0.8, easy: 0.1, loose: 0 },
    half: 0.02,
    shift: 0.01,
    scale: 1,
    through: 0.9,
    throughScale: 1,
  }
  const revision: Revision = {
    ...SECOND,
    cut: { ...CUT, gap: 0.01, promised },
  }
  expect(promiseOf(revision, 'Tray')).toBeNull()
  expect(promiseOf({ ...revision, cut: CUT, verdict: 'snug' }, 'Tray')).toBeNull()
  // Half of a play of 0.1 is 0.05: 0.03 more than the gap with what was believed of the kerf.
  const full = {
    ...revision,
    verdict: 'snug' as const,
    through: 'not all' as const,
    measured: [measured('play', 0.1)],
  }
  expect(promiseOf(full, 'Tray')).toMatchObject({ word: 'snug', off: 0.03, came: false })
  const wild = { ...full, cut: { ...CUT, gap: -5, promised } }
  expect(promiseOf(wild, 'Tray')!.off).toBe(2)
})

test('minutes say something of the machine’s clock, on the bench and in the job’s own log once', () => {
  const planned = { machineId: 'm', cutting: 500, moving: 100, starts: 40, programs: 1 }
  const revision: Revision = {
    ...SECOND,
    number: 1,
    minutes: 11.5,
    planned,
  }
  const run = runOfRevision(revision, 'Tray')!
  expect(run).toEqual({ ...planned, id: 'run-r', on: '2026-10-04', took: 690, note: 'Tray, revision 1' })
  expect(runOfRevision({ ...revision, minutes: null }, 'Tray')).toBeNull()
  expect(runOfRevision({ ...revision, planned: null }, 'Tray')).toBeNull()
  const job = { log: [revision], name: 'Tray' }
  const earlier = { ...run, id: 'run-q', on: '2026-09-01' }
  expect(runsOf('m', [run, earlier], job)).toEqual([earlier, run])
  expect(runsOf('m', [], job)).toEqual([run])
  expect(runsOf('other', [run], job)).toEqual([])
})

describe('kerfs being measured', () => {
  const { measure } = demo('plain-tray')
  const strip: Trial = { ...newTrial('strip'), readings: [1.6], offcut: { width: 300, height: 90 } }
  test('each method keeps what was read, and the offcut goes along to the next', () => {
    const withStrip = { ...measure, trials: withCurrentTrial(strip, measure) }
    expect(currentTrial(measure)).toEqual(newTrial('squares'))
    expect(currentTrial(withStrip)).toEqual(strip)
    const squares = trialBy('squares', withStrip)
    expect([squares.readings, squares.offcut]).toEqual([[], strip.offcut])
    const both = { ...withStrip, trials: withCurrentTrial({ ...squares, readings: [24.8, 24.9] }, withStrip) }
    expect(currentTrial(both).method).toBe('squares')
    expect(trialBy('strip', both)).toEqual(strip)
    expect(withCurrentTrial(strip, both)).toHaveLength(2)
  })
  test('what was read off one stock is not taken for another', () => {
    const trials = withCurrentTrial(strip, measure)
    const other = { ...measure, trials, stock: { ...measure.stock!, id: 'other' } }
    expect(currentTrial(other)).toEqual(newTrial('squares'))
    expect(currentTrial({ ...other, stock: measure.stock })).toEqual(strip)
    expect(withCurrentTrial(strip, { ...measure, stock: null })).toEqual([])
  })
})
