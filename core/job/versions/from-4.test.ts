import { describe, expect, test } from '@jest/globals'
import { migratedJob, oldJob, testVersion, unfitted } from '../../../scripts/testing/old-jobs'
import { deriveBox } from '../../derive'
import type { Job } from '../schema'

describe('jobs of version 4', () => {
  testVersion(4)
  test('tops did not slide; each thing is the box that it was', () => {
    const old = oldJob(4) as unknown as Job
    const job = migratedJob({ ...old, also: [{ id: 'b', name: 'tray', copies: 1, box: old.box }] })
    for (const box of [job.box, job.also[0].box]) {
      expect(box).toMatchObject(unfitted(old.box))
      expect(box.fittings.map(({ type }) => type)).not.toContain('lid-slide')
    }
    expect(deriveBox(job).proof!.faults).toEqual([])
  })
})
