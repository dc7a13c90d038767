import { describe, expect, test } from '@jest/globals'
import { migratedJob, oldJob, testVersion } from '../../../scripts/testing/old-jobs'
import type { Job } from '../schema'

describe('jobs of version 9', () => {
  testVersion(9)
  test('parts lay by quarter turns, and every edge was cut by itself', () => {
    const old = oldJob(9) as unknown as Job
    const { settings } = migratedJob(old).layout
    expect(settings).toEqual({ ...old.layout.settings, anyAngle: false, shareEdges: false })
  })
})
