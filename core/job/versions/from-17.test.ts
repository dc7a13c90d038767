import { describe, expect, test } from '@jest/globals'
import { migratedJob, oldJob, testVersion } from '../../../scripts/testing/old-jobs'

describe('jobs of version 17', () => {
  testVersion(17)
  test('have no rates, nothing on top, and are not counted off', () => {
    expect(migratedJob(oldJob(17)).build.count).toBeNull()
    expect(migratedJob(oldJob(17)).template).toBe(false)
    expect(migratedJob(oldJob(17)).price).toMatchObject({
      hour: 0,
      machineHour: 0,
      margin: 0,
      boxes: 1,
      extras: [],
    })
  })
})
