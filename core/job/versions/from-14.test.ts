import { describe, expect, test } from '@jest/globals'
import { migratedJob, oldJob, testVersion } from '../../../scripts/testing/old-jobs'
import { migrateRecord } from '../migrate'

describe('jobs of version 14', () => {
  testVersion(14)
  test('a word about a slot keeps what thickness left open, and now which sheet it was', () => {
    const old = oldJob(14) as { log: { cut: { thicknessSd: number; thickness: number; stockId: string } }[] }
    const { log, measure, tune } = migratedJob(old)
    expect(log.map(({ cut }) => cut?.slot)).toEqual(
      old.log.map(({ cut: { thicknessSd: sd, thickness, stockId } }) =>
        sd > 0 ? { stockId, thickness, sd } : null,
      ),
    )
    expect(log.some(({ cut }) => cut?.slot)).toBe(true)
    expect(log.find(({ cut }) => cut?.promised)?.cut?.promised?.throughScale).toBe(1)
    expect(measure.belief?.thickness).toBeNull()
    expect([tune.since, tune.scale]).toEqual(['', 1])
  })
  test.each(['tastes', 'checks'] as const)('%s of the bench were of tabs', (kind) =>
    expect(migrateRecord(kind, { id: 'a' }, 14, '')).toEqual({ slot: null, id: 'a' }),
  )
})
