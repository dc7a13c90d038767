import { describe, expect, test } from '@jest/globals'
import { migratedJob, oldJob, testVersion } from '../../../scripts/testing/old-jobs'
import type { Job } from '../schema'

const old = oldJob(11) as unknown as Job

describe('jobs of version 11', () => {
  testVersion(11)
  test('what was placed by its middle still is, and may not run over the edge unasked', () => {
    const { openings, engravings } = migratedJob(old).box
    expect(openings.length * engravings.length).toBeGreaterThan(0)
    for (const { point } of [...openings, ...engravings]) expect(point).toBe('centre')
    for (const { over } of engravings) expect(over).toBe(false)
  })
  test('labels were on the face that lay up, or there were none', () => {
    const cut = (labels: boolean): unknown => ({ ...old, cut: { ...old.cut, labels } })
    expect([true, false].map((labels) => migratedJob(cut(labels)).cut.labels)).toEqual(['up', 'none'])
  })
  test('settings that nobody touched come from the machine now, others stay', () => {
    const begun = { speed: 150, power: 12, passes: 1, air: false }
    const tuned = (score: unknown): unknown => ({ ...old, tune: { ...old.tune, score } })
    expect(migratedJob(tuned(begun)).tune.score).toBeNull()
    expect(migratedJob(tuned({ ...begun, speed: 140 })).tune.score).toEqual({ ...begun, speed: 140 })
  })
  test('files that were written had no mark, and cuts did not know which', () => {
    const written = { signature: 'abc', date: '2026-10-01' }
    const job = migratedJob({ ...old, cut: { ...old.cut, written } })
    expect(job.cut.written).toEqual({ ...written, mark: '' })
    expect(job.log.map(({ mark }) => mark)).toEqual(old.log.map(() => null))
  })
})
