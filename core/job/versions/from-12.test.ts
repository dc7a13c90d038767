import { describe, expect, test } from '@jest/globals'
import { migratedJob, oldJob, testVersion } from '../../../scripts/testing/old-jobs'
import { migrateRecord } from '../migrate'

describe('jobs of version 12', () => {
  testVersion(12)
  const old = oldJob(12) as { measure: { taste: { offset: number; own: number }; kerf: { id: string } } }
  test('one’s own snug is one case of a belief, with as much of the kerf’s error in it as before', () => {
    const { belief, kerf } = migratedJob(old).measure
    expect(belief).toMatchObject({ kerfId: kerf!.id, count: 3 })
    const [one] = belief!.cases
    expect(one).toMatchObject({ weight: 1, kerf: 0, taste: old.measure.taste.offset })
    const sd = (kerf!.doubt ?? 0.02) / 1.96
    expect(one.together).toBeCloseTo(-0.6 * sd ** 2, 12)
    // Its own, what rested on this kerf, and what rested on another.
    expect(one.tasteVariance).toBeCloseTo(0.006 ** 2 + (0.6 * 0.004) ** 2 + (0.4 * 0.01) ** 2, 12)
  })
  test('without a snug nothing is believed but what the kerf says', () => {
    const job = migratedJob({ ...old, measure: { ...old.measure, taste: null } })
    expect(job.measure.belief).toBeNull()
  })
  test('cuts did not say what came of them, nor files their mark on the sheet', () => {
    const job = migratedJob(old)
    expect(job.cut.mark).toBe(false)
    expect(job.log.length).toBeGreaterThan(0)
    for (const { through, measured } of job.log) expect([through, measured]).toEqual([null, []])
  })
  test('words and programs were not kept on the bench', () => {
    expect(migrateRecord('tastes', { id: 't' }, 12, '')).toMatchObject({ id: 't', word: null })
    expect(migrateRecord('runs', { id: 'r' }, 12, '')).toEqual({ id: 'r', programs: 1 })
    expect(migrateRecord('runs', { id: 'r' }, 13, '')).toEqual({ id: 'r' })
  })
})
