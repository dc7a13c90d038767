import { describe, expect, test } from '@jest/globals'
import { migratedJob, oldJob, testVersion } from '../../../scripts/testing/old-jobs'
import { migrateRecord } from '../migrate'

describe('jobs of version 13', () => {
  testVersion(13)
  test('plays become measured plays of no joint that was named; nothing was promised', () => {
    const old = oldJob(13) as { log: { plays: number[] }[] }
    const { log, measure } = migratedJob(old)
    expect(log.length).toBeGreaterThan(0)
    for (const [i, { measured, stuck, passed, cut }] of log.entries()) {
      expect(measured.map(({ read }) => read)).toEqual(old.log[i].plays)
      expect(measured.every(({ what, by, at }) => what === 'play' && by === 'calipers' && at === null)).toBe(
        true,
      )
      expect([stuck, passed, cut?.promised ?? null]).toEqual([[], null, null])
    }
    expect(measure.bed).toBeNull()
    expect(measure.belief?.scale).toBe(1)
  })
  test('a check of the bench had no places', () =>
    expect(migrateRecord('checks', { id: 'c', off: [0.01, 0.02] }, 13, '')).toMatchObject({
      id: 'c',
      off: [0.01, 0.02],
      at: [null, null],
    }))
})
