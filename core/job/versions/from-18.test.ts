import { describe, expect, test } from '@jest/globals'
import { migratedJob, oldJob, testVersion } from '../../../scripts/testing/old-jobs'
import { thingsOf } from '../index'

describe('jobs of version 18', () => {
  testVersion(18)
  test('have four walls at right angles, each of their boxes', () => {
    const old = oldJob(18)
    const other = { id: 'b', name: 'Box', copies: 1, box: old.box }
    const plans = thingsOf(migratedJob({ ...old, whole: null, also: [other] })).map(({ box }) => box.plan)
    expect(plans).toEqual([null, null])
  })
  test('had straight seams in one plane, where they had any', () => {
    for (const divides of [true, false]) {
      const old = oldJob(18)
      const { seams } = migratedJob({ ...old, box: { ...(old.box as object), seams: divides } }).box
      expect(seams).toEqual({ divides, angle: 0, staggered: false, at: {} })
    }
  })
})
