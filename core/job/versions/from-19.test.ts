import { describe, expect, test } from '@jest/globals'
import { migratedJob, oldJob, testVersion } from '../../../scripts/testing/old-jobs'

describe('jobs of version 19', () => {
  testVersion(19)
  test('get no finish, and keep their glue', () => {
    const old = oldJob(19)
    const { glue, finish } = migratedJob(old).build
    expect(glue).toEqual((old.build as { glue: unknown }).glue)
    expect(finish.kind).toBe('none')
  })
})
