import { describe, expect, test } from '@jest/globals'
import { migratedJob, oldJob, testVersion } from '../../../scripts/testing/old-jobs'
import { thingsOf } from '../index'

describe('jobs of version 20', () => {
  testVersion(20)
  test('have rims that rise to one side, each of their boxes', () => {
    const old = oldJob(20)
    const other = { id: 'b', name: 'Box', copies: 1, box: old.box }
    const slopes = thingsOf(migratedJob({ ...old, whole: null, also: [other] })).map(
      ({ box }) => box.plan?.slope,
    )
    expect(slopes).toEqual(new Array(2).fill({ angle: 14, from: 1, ridge: false }))
  })
  test('without a rim that rises are as they were', () => {
    const old = oldJob(20) as { box: { plan: object } }
    const level = { ...old, box: { ...old.box, plan: { ...old.box.plan, slope: null } } }
    expect(migratedJob(level).box.plan?.slope).toBeNull()
  })
})
