import { describe, expect, test } from '@jest/globals'
import { migratedJob, oldJob, testVersion } from '../../../scripts/testing/old-jobs'

describe('jobs of version 16', () => {
  testVersion(16)
  test('are glued with wood glue', () => {
    expect(migratedJob(oldJob(16)).build.glue).toEqual({ kind: 'wood glue', open: 5, hold: 10, full: 24 })
  })
})
