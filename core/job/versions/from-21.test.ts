import { describe, expect, test } from '@jest/globals'
import { migratedJob, oldJob, testVersion } from '../../../scripts/testing/old-jobs'
import { thingsOf } from '../index'

describe('jobs of version 21', () => {
  testVersion(21)
  test('have seams where they are worked out, in each of their boxes', () => {
    const old = oldJob(21)
    const other = { id: 'b', name: 'Box', copies: 1, box: old.box }
    const seams = thingsOf(migratedJob({ ...old, also: [other] })).map(({ box }) => box.seams)
    expect(seams).toEqual(new Array(2).fill({ divides: true, angle: 14, staggered: true, at: {} }))
  })
})
