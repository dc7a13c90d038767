import { describe, expect, test } from '@jest/globals'
import { migratedJob, oldJob, testVersion, unfitted } from '../../../scripts/testing/old-jobs'
import { deriveBox } from '../../derive'
import { migrateRecord } from '../migrate'
import type { Job } from '../schema'

describe('jobs of version 5', () => {
  testVersion(5)
  test('boxes stood upright and by themselves, with nothing added to their walls', () => {
    const old = oldJob(5) as unknown as Job
    const more = [{ stock: old.measure.stock!, kerf: null, taste: null }]
    const also = [{ id: 'b', name: 'tray', copies: 1, box: old.box }]
    const job = migratedJob({ ...old, also, measure: { ...old.measure, more } })
    expect(job.box).toMatchObject(unfitted(old.box))
    for (const { lies, bends, openings, fittings } of [job.box, job.also[0].box]) {
      expect([lies, bends.kind, openings]).toEqual(['upright', 'none', []])
      // A lid that slides, drawn out by a hole, and nothing else.
      expect(fittings).toMatchObject([{ type: 'lid-slide', lowered: 3, pull: 16, grip: 'hole' }])
    }
    expect([job.whole, job.build.school]).toEqual([null, 'floor first'])
    expect([job.measure.stock!.bends, job.measure.more[0].stock.bends]).toEqual([[], []])
    expect(deriveBox(job).proof!.faults).toEqual([])
  })
  test('no bend was tried in a stock on the bench', () =>
    expect(migrateRecord('stocks', { id: 's', offcuts: [] }, 5, '')).toMatchObject({ bends: [] }))
})
