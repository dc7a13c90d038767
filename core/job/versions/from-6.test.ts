import { lidOf } from '../../fittings'
import { describe, expect, test } from '@jest/globals'
import { migratedJob, oldJob, testVersion, unfitted } from '../../../scripts/testing/old-jobs'
import { deriveBox } from '../../derive'
import { migrateRecord } from '../migrate'
import type { Job } from '../schema'

const old = oldJob(6) as unknown as Job

describe('jobs of version 6', () => {
  testVersion(6)
  test('nothing was on their faces, whole sheets came first, and cuts began at a corner', () => {
    const job = migratedJob({
      ...old,
      log: [{ ...old.log[0], unbooked: undefined }].slice(old.log.length ? 0 : 1),
    })
    expect(job.box).toMatchObject(unfitted(old.box))
    expect([job.box.engravings, job.box.drawings, lidOf(job.box)]).toMatchObject([[], [], { captive: false }])
    expect(job.layout.settings).toMatchObject({ first: 'whole sheets', kept: [], nameRest: false })
    expect([job.cut.start, job.cut.bridges]).toEqual(['corner', { count: 0, width: 0.6, below: 60 }])
    expect([job.tune.interval, job.tune.sure, job.tune.engrave]).toEqual([0.1, 95, null])
    expect(job.measure.machine!.colours.engrave).toBe('#2f4a6b')
    expect(job.measure.machine!.code).toMatchObject({ scale: 1000, airOn: 'M8' })
    expect(deriveBox(job).proof!.faults).toEqual([])
  })
  test('a layout lay on whole sheets, and offcuts get a name of their own', () => {
    const placements = [{ part: 'front-1', sheet: 0, x: 5, y: 5, turn: 0, pinned: false }]
    const arrangement = { signature: 's', byHand: true, placements, unplaced: [] }
    const offcuts = [
      { width: 90, height: 60, count: 1 },
      { width: 40, height: 30, count: 2 },
    ]
    const stock = { ...old.measure.stock, offcuts }
    const job = migratedJob({
      ...old,
      layout: { ...old.layout, arrangement },
      measure: { ...old.measure, stock, more: [{ stock, kerf: null, taste: null }] },
    })
    expect(job.layout.arrangement).toEqual({ ...arrangement, offcuts: [] })
    for (const { offcuts: named } of [job.measure.stock!, job.measure.more[0].stock])
      expect(named.map(({ id, width, outline, price }) => [id, width, outline, price])).toEqual([
        ['offcut-1', 90, null, null],
        ['offcut-2', 40, null, null],
      ])
  })
  test('a machine and a stock on the bench go along', () => {
    expect(migrateRecord('machines', { id: 'm', colours: { score: '#111111' } }, 6, '')).toMatchObject({
      colours: { engrave: '#2f4a6b', score: '#111111' },
      code: { scale: 1000 },
    })
    expect(migrateRecord('stocks', { id: 's', offcuts: [{ width: 5 }] }, 6, '')).toMatchObject({
      pockets: [],
      offcuts: [{ id: 'offcut-1', width: 5 }],
    })
  })
})
