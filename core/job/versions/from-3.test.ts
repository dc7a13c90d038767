import { describe, expect, test } from '@jest/globals'
import { migratedJob, oldJob, testVersion, unfitted } from '../../../scripts/testing/old-jobs'
import { deriveBox } from '../../derive'
import type { Job } from '../schema'
import { migrateRecord } from '../migrate'

describe('jobs of version 3', () => {
  testVersion(3)
  test('fingers on every edge, nothing inside, one stock, one thing by itself', () => {
    const old = oldJob(3) as unknown as Job
    const job = migratedJob(old)
    expect(job.box).toMatchObject(unfitted(old.box))
    expect([job.box.corners.kind, job.box.floor.kind, job.box.fittings]).toEqual(['fingers', 'fingers', []])
    expect([job.box.dividers.columns.cells, job.measure.more, job.also]).toEqual([[], [], []])
    expect([job.box.tabs.mirrored, job.box.tabs.keyed]).toEqual([false, false])
    expect([job.cut.letters, job.cut.face, job.mockOf]).toEqual([false, 'outside', null])
    expect(job.tune.pocket).toBeNull()
    expect(job.measure.machine!.colours).toMatchObject(old.measure.machine!.colours)
    expect(deriveBox(job).proof).toEqual({ panels: 5, faults: [] })
  })
  test('a machine on the bench gets a colour for pockets, and keeps one that it has', () => {
    const pocket = (colours: object): unknown =>
      (migrateRecord('machines', { id: 'm', colours }, 3, '') as { colours: { pocket: string } }).colours
        .pocket
    expect(pocket({ score: '#111111' })).toBe('#4f6b2f')
    expect(pocket({ pocket: '#222222' })).toBe('#222222')
  })
})
