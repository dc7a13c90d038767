import { describe, expect, test } from '@jest/globals'
import { migratedJob, oldJob, testVersion } from '../../../scripts/testing/old-jobs'
import type { Job } from '../schema'

const old = oldJob(10) as unknown as Job
const arrangement = old.layout.arrangement!
const withLayout = (part: Partial<typeof arrangement>): unknown => ({
  ...old,
  layout: { ...old.layout, arrangement: { ...arrangement, ...part } },
})

describe('jobs of version 10', () => {
  testVersion(10)
  test('a layout that was only worked out is not kept', () => {
    expect(arrangement.placements.length).toBeGreaterThan(5)
    expect(migratedJob(old).layout).toEqual({ ...old.layout, arrangement: null })
  })
  test('one that the maker had a hand in is', () => {
    const [first, ...rest] = arrangement.placements
    const pinned = { placements: [{ ...first, pinned: true }, ...rest] }
    for (const part of [{ byHand: true }, pinned])
      expect(migratedJob(withLayout(part)).layout.arrangement).toEqual({ ...arrangement, ...part })
  })
})
