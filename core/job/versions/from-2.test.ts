import { describe, expect, test } from '@jest/globals'
import { migratedJob, oldJob, testVersion } from '../../../scripts/testing/old-jobs'
import { migrateRecord } from '../migrate'
import { from2 } from './from-2'

type Settings = Record<string, unknown>
const old = oldJob(2) as {
  box: { tabs: object }
  measure: { stock: object; trials: object[] }
  layout: { settings: Settings; arrangement: object | null }
  log: object[]
}
const withSettings = (settings: Settings, stock: object | null): typeof old =>
  ({
    ...old,
    measure: { ...old.measure, stock },
    layout: { ...old.layout, settings: { ...old.layout.settings, ...settings } },
  }) as typeof old

describe('jobs of version 2', () => {
  testVersion(2)
  test('a count of shares stays a count of shares, for each group of edges', () => {
    const counts = { uprights: 5, floor: 7, top: 9 }
    const job = migratedJob({ ...old, box: { ...old.box, tabs: { rule: 'count', width: 12, counts } } })
    expect(job.box.tabs).toMatchObject({
      uprights: { rule: 'shares', count: 5 },
      floor: { rule: 'shares', count: 7 },
      top: { rule: 'shares', count: 9 },
      over: 'between',
    })
    const even = migratedJob({ ...old, box: { ...old.box, tabs: { rule: 'even', width: 12, counts } } })
    expect(even.box.tabs.floor).toEqual({ rule: 'even', width: 12 })
  })
  test('a part of a single copy gets number 1, and one that has a number keeps it', () => {
    const place = { sheet: 0, x: 1, y: 2, turn: 0, pinned: true }
    const arrangement = {
      signature: 's',
      byHand: true,
      placements: [
        { part: 'front', ...place },
        { part: 'back-2', ...place },
      ],
      unplaced: ['left', 'right-12'].map((part) => ({ part })),
    }
    const job = migratedJob({ ...old, layout: { ...old.layout, arrangement } })
    expect(job.layout.arrangement!.placements.map(({ part }) => part)).toEqual(['front-1', 'back-2'])
    expect(job.layout.arrangement!.unplaced.map(({ part, why }) => [part, why])).toEqual([
      ['left-1', 'full'],
      ['right-12', 'full'],
    ])
  })
  test('the sheet’s size goes with its stock; without one, one is made unless it is the usual size', () => {
    const size = { sheetWidth: 500, sheetHeight: 300 }
    expect(migratedJob(withSettings(size, old.measure.stock)).measure.stock).toMatchObject(size)
    expect(migratedJob(withSettings(size, null)).measure.stock).toMatchObject({
      ...size,
      name: 'Sheet 500 × 300',
    })
    expect(migratedJob(withSettings({ sheetWidth: 600, sheetHeight: 400 }, null)).measure.stock).toBeNull()
    // Below 10 mm was allowed then.
    const small = { sheetWidth: 4, sheetHeight: 300 }
    expect(migratedJob(withSettings(small, old.measure.stock)).measure.stock).toMatchObject({
      sheetWidth: 10,
    })
    const record = migrateRecord('stocks', { id: 's', ...small, offcuts: [{ width: 3, height: 80 }] }, 2, '')
    expect(record).toMatchObject({ sheetWidth: 10, sheetHeight: 300, offcuts: [{ width: 10, height: 80 }] })
  })
  test('a taste keeps its doubt as its own, a machine begins at the front left', () => {
    expect(migrateRecord('tastes', { id: 't', doubt: 0.03 }, 2, '')).toMatchObject({
      own: 0.03,
      kerfId: null,
      best: null,
    })
    expect(migrateRecord('machines', { id: 'm', colours: {} }, 2, '')).toMatchObject({ origin: 'front left' })
    const taste = { offset: 0.02, sd: 0.01, count: 3 }
    const { measure } = from2({ ...old, measure: { ...old.measure, taste } }) as { measure: Settings }
    expect(measure.taste).toEqual({ offset: 0.02, own: 0.01, kerfs: [], count: 3 })
  })
  test('kerfs being measured are gone on with: squares both ways, slots unshifted', () => {
    const trials = [{ trial: { squares: { side: 25 }, slots: { count: 5 } } }]
    const { measure } = from2({ ...old, measure: { ...old.measure, trials } }) as { measure: Settings }
    expect(measure.trials).toEqual([
      {
        trial: {
          squares: { side: 25, ways: 'both' },
          slots: { count: 5, shift: 0, made: null },
          keptAs: null,
        },
      },
    ])
  })
  test('figures below what there is are lifted to it, and the last gauge is the last', () => {
    const setting = { speed: 0.01, power: 0.5 }
    const tune = { tests: [{ thickness: 0.01, setting }], picked: setting, score: setting }
    const trials = [{ trial: { best: 30 } }]
    const now = from2({ ...old, tune, measure: { ...old.measure, trials } }) as Record<string, Settings>
    const lifted = { speed: 0.1, power: 1 }
    expect(now.tune).toEqual({ tests: [{ thickness: 0.05, setting: lifted }], picked: lifted, score: lifted })
    expect(now.measure.trials).toMatchObject([{ trial: { best: 29 } }])
    expect(migrateRecord('tests', { id: 't', thickness: 0.01, setting }, 2, '')).toMatchObject({
      thickness: 0.05,
      setting: lifted,
    })
  })
  test('a revision that says what it was cut with knows no kerf record', () => {
    const { log } = from2({ ...old, log: [{ cut: { gap: 0 } }, { cut: null }] }) as { log: object[] }
    expect(log).toEqual([{ cut: { gap: 0, kerfId: null } }, { cut: null }])
  })
})
