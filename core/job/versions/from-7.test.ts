import { fittingOf } from '../../fittings'
import { describe, expect, test } from '@jest/globals'
import { migratedJob, oldJob, testVersion, unfitted } from '../../../scripts/testing/old-jobs'
import { deriveBox } from '../../derive'
import { migrateRecord } from '../migrate'
import type { Job } from '../schema'

const old = oldJob(7) as unknown as Job

describe('jobs of version 7', () => {
  testVersion(7)
  test('bends had no latch and lay to the grain as they liked; one file a sheet', () => {
    const job = migratedJob(old)
    const { engravings, ...plain } = old.box
    expect(job.box).toMatchObject(unfitted(plain))
    expect(job.box.engravings).toHaveLength(engravings.length)
    expect(job.box.bends).toMatchObject({ latch: false, grain: 'any' })
    expect(fittingOf(job.box, 'rim')).toBeNull()
    expect(job.measure.stock!.bends).toMatchObject(old.measure.stock!.bends)
    expect(job.measure.stock!.bends.map(({ grain }) => grain)).toContain('any')
    expect([job.batch, job.tune.sheet]).toEqual([[], null])
    expect([job.cut.files, job.cut.frame, job.cut.look]).toEqual(['sheet', false, false])
    expect(deriveBox(job).proof!.faults).toEqual([])
  })
  test('nobody wrote down what was planned of a revision; bends of a stock on the bench say no grain', () => {
    const log = [{ id: 'r', number: 1, date: '', reason: '', minutes: 3, verdict: null, note: '' }]
    const revision = { ...log[0], unbooked: null, cut: null, figures: [] }
    expect(migratedJob({ ...old, log: [revision] }).log[0].planned).toBeNull()
    expect(migrateRecord('stocks', { id: 's', bends: [{ radius: 9 }] }, 7, '')).toMatchObject({
      bends: [{ radius: 9, grain: 'any' }],
    })
  })
})
