import { describe, expect, test } from '@jest/globals'
import { materialsOf } from '../derive'
import { emptyJob } from '../job'
import { SQUARES_KERF } from '../../scripts/testing/bench-records'
import { runs, seedOf } from '../../scripts/testing/runs'
import { kerfShift, rangeOf, tasteOf, wordFor, type TasteRecord } from '../fit'
import { standardNormal, CALIPERS, randomFrom, shownBy } from '../statistics'
import { newStock, thicknessOf, type Stock } from '../stock'
import { believeFit, oddsOfWord, type CheckRecord, type FitEvidence } from './index'

const kerf = SQUARES_KERF
const sheet = (...readings: number[]): Stock => ({
  ...newStock('s', 'Birch'),
  family: 'plywood',
  nominal: 3,
  readings: readings.map((value, i) => ({ id: String(i), value, where: '' })) as unknown as Stock['readings'],
})
const unread = sheet()
const read = sheet(3, 3.01, 2.99, 3, 3)
/** “Forced”, of a slot that was reckoned to have 0.05 of room at either side. */
const forced = (id: string, more: Partial<TasteRecord> = {}): TasteRecord => ({
  id: `verdict-${id}`,
  family: 'plywood',
  interference: -0.09 - 0.05,
  doubt: 0.03,
  own: 0.03,
  kerfId: 'k',
  best: null,
  slot: { stockId: 's', thickness: 3, sd: 0.05 },
  from: 'verdict',
  word: 'forced',
  on: '',
  note: '',
  ...more,
})
const play = (off: number[], more: Partial<CheckRecord> = {}): CheckRecord => ({
  id: 'play-1',
  about: 'play',
  machineId: 'm',
  stockId: 's',
  kerfId: 'k',
  off,
  at: off.map(() => null),
  doubt: 0.014,
  slot: { stockId: 's', thickness: 3, sd: 0.05 },
  on: '',
  note: '',
  ...more,
})
const evidence = (stock: Stock, more: Partial<FitEvidence> = {}): FitEvidence => ({
  family: 'plywood',
  machineId: 'm',
  stockId: 's',
  kerf,
  thickness: thicknessOf(stock),
  kerfs: [kerf],
  tastes: [],
  checks: [],
  events: [],
  ...more,
})
const sheetOf = (given: FitEvidence): number => believeFit(given).thickness?.shift ?? 0

describe('what is said of slots', () => {
  test('blames a sheet that nobody read before a kerf that was measured, and the more the oftener', () => {
    const one = believeFit(evidence(unread, { tastes: [forced('1')] }))
    expect(one.thickness!.shift).toBeGreaterThan(0.08)
    expect(Math.abs(kerfShift(one))).toBeLessThan(0.01)
    expect(Math.abs(tasteOf(one).offset)).toBeLessThan(0.02)
    const two = believeFit(evidence(unread, { tastes: [forced('1'), forced('2')] }))
    expect(two.thickness!.shift).toBeGreaterThan(one.thickness!.shift)
    expect(two.thickness!.sd).toBeLessThan(0.15)
  })
  test('moves a sheet that was read five times little, and never nothing', () => {
    const shift = sheetOf(evidence(read, { tastes: [forced('1')] }))
    expect(shift).toBeGreaterThan(0.001)
    expect(shift).toBeLessThan(0.02)
  })
  test('says nothing of a sheet of another stock, nor where tabs spoke', () => {
    const slot = { stockId: 'other', thickness: 3, sd: 0.05 }
    expect(believeFit(evidence(unread, { tastes: [forced('1', { slot })] })).thickness).toBeNull()
    expect(believeFit(evidence(unread, { tastes: [forced('1', { slot: null })] })).thickness).toBeNull()
  })
  test('a measured play of a slot: half of it lies at either side of the sheet', () => {
    // 0.05 less gap at either side than was reckoned: the sheet is 0.1 thicker. [DEF]
    expect(sheetOf(evidence(unread, { checks: [play([-0.05, -0.05, -0.05])] }))).toBeCloseTo(0.1, 1)
    // Of tabs it would be the kerf's.
    const tabs = believeFit(evidence(unread, { checks: [play([-0.05, -0.05, -0.05], { slot: null })] }))
    expect([tabs.thickness, kerfShift(tabs) < -0.015]).toEqual([null, true])
  })
  test('is held against the reading of its day: a sheet that was read anew since is not moved twice', () => {
    const anew = sheet(3.1, 3.1, 3.1, 3.1, 3.1)
    const checks = [play([-0.05, -0.05, -0.05])]
    expect(Math.abs(sheetOf(evidence(anew, { checks })))).toBeLessThan(0.005)
  })
  test('calipers that were found to read too much made the sheet too thick as well', () => {
    const calipers = play([0.02], { id: 'c', about: 'calipers', slot: null, doubt: 0.004 })
    expect(sheetOf(evidence(read, { checks: [calipers] }))).toBeLessThan(-0.012)
    // A label was not read with them.
    expect(Math.abs(sheetOf(evidence(unread, { checks: [calipers] })))).toBeLessThan(1e-6)
  })
  test('a word is likelier where the sheet is in doubt', () => {
    const odds = (stock: Stock): number =>
      oddsOfWord(evidence(stock), 0.05, 'forced', { stockId: 's', thickness: 3, sd: 0.05 })
    expect(odds(unread)).toBeGreaterThan(4 * odds(read))
  })
})

test('a job cuts for the sheet as it is believed to be, until it is read anew', () => {
  const job = emptyJob('j', 'Tray', '')
  const belief = believeFit(evidence(unread, { tastes: [forced('1')] }))
  const thicknessIn = (stock: Stock) =>
    materialsOf({ ...job.measure, stock, kerf, belief }, 'paths')[0].thickness
  const { shift, sd } = belief.thickness!
  expect(thicknessIn(unread).mean).toBeCloseTo(3 + shift, 3)
  expect(thicknessIn(unread).thickest).toBeCloseTo(3 + shift, 3)
  expect(thicknessIn(unread).anywhere).toBeCloseTo(Math.hypot(0.036, sd), 6)
  expect(thicknessIn(sheet(3.05)).mean).toBe(3.05)
})

// A sheet off its label, read in three places by a hand; slots of three copies, each in a place of its own.
test('the sheet as it is believed to be lies in its interval of 95 %, and nearer than it was read', () => {
  const random = randomFrom(seedOf(7))
  const makers = runs(400)
  let [held, nearer] = [0, 0]
  for (let maker = 0; maker < makers; maker++) {
    const truth = 3 + 0.15 * standardNormal(random)
    const place = (): number => truth + 0.036 * standardNormal(random)
    const isRead = maker % 2 === 0
    const stock = isRead
      ? sheet(...Array.from({ length: 3 }, () => shownBy(CALIPERS, place(), random)))
      : unread
    const { mean } = thicknessOf(stock)
    const taste = 0.005 * standardNormal(random)
    const tastes = ['1', '2', '3'].map((id) => {
      // Drawn with 0.04 of room in all for the sheet as it was read.
      const word = wordFor((mean + 0.04 - place()) / 2 + taste + 0.004 * standardNormal(random))
      const { middle, half: own } = rangeOf(word)
      const slot = { stockId: 's', thickness: mean, sd: 0.05 }
      return forced(id, { word, own, interference: middle - 0.02, slot })
    })
    const { shift, sd } = believeFit(evidence(stock, { tastes })).thickness!
    if (Math.abs(mean + shift - truth) <= 1.96 * sd) held++
    if (Math.abs(mean + shift - truth) <= Math.abs(mean - truth)) nearer++
  }
  expect(held / makers).toBeGreaterThan(0.9)
  expect(nearer / makers).toBeGreaterThan(0.6)
})
