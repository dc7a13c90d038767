import { describe, expect, test } from '@jest/globals'
import { migratedJob, oldJob, testVersion } from '../../../scripts/testing/old-jobs'

describe('jobs of version 15', () => {
  testVersion(15)
  test('holes of a row are one run of equal ones, dividers have no play of their own and no foot', () => {
    const old = oldJob(15) as { box: { fittings: { type: string; rows?: unknown[] }[] } }
    const { box } = migratedJob(old)
    const rows = old.box.fittings.find(({ type }) => type === 'holes')!.rows!
    expect(rows.length).toBeGreaterThan(0)
    expect(box.fittings.find(({ type }) => type === 'holes')).toMatchObject({
      rows: rows.map((row) => [row]),
    })
    expect([box.dividers.play, box.dividers.foot]).toEqual([0, false])
  })
  test('wholes sized their boxes; a set had no rows of its own, halves were measured in the walls', () => {
    const set = { kind: 'set', width: 300, depth: 200, height: 60, columns: [null, null], rows: [null, null] }
    const read = (whole: object) => migratedJob({ ...(oldJob(15) as object), whole }).whole
    expect(read({ ...set, gap: 1, above: 2, heights: [] })).toMatchObject({
      byHand: false,
      own: [],
      pull: { kind: 'none' },
    })
    const halves = { kind: 'halves', width: 150, depth: 100, height: 80, at: 40, lining: 10, play: 0.2 }
    expect(read(halves)).toMatchObject({ byHand: false, inside: 'walls' })
  })
})
