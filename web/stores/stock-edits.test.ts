import { beforeEach, expect, test } from '@jest/globals'
import { createPinia, setActivePinia } from 'pinia'
import { emptyJob } from '@core/job'
import { demo } from '../../scripts/testing/demo'
import { forgetEverything } from '@web/data/db'
import { saveJob } from '@web/data/jobs'
import { useBench } from './bench'
import { useJob, useOpenJob } from './job'
import { useStockEdits } from './stock-edits'

beforeEach(async () => {
  await forgetEverything()
  setActivePinia(createPinia())
})
/** A job that is open, on a bench whose hands like it tighter than most. */
async function opened(about: Partial<ReturnType<typeof emptyJob>> = {}) {
  const bench = useBench()
  const { stock, kerf } = demo('plain-tray').measure
  bench.kerfs = [kerf!]
  bench.tastes = [1, 2, 3, 4, 5, 6].map((i) => ({
    id: `comb-${i}`,
    family: stock!.family,
    interference: 0.03,
    doubt: 0.006,
    own: 0.006,
    kerfId: kerf!.id,
    best: 0.09,
    slot: null,
    from: 'comb' as const,
    word: null,
    on: '',
    note: '',
  }))
  await saveJob({ ...emptyJob('a', 'Tray', ''), ...about }, 0)
  await useJob().open('a')
  return { jobs: useOpenJob(), stock: stock!, snug: bench.snugIn(stock!.family)!.offset }
}

test('a new job begins at the maker’s own snug in that stock', async () => {
  const { jobs, stock, snug } = await opened()
  expect(snug).toBeGreaterThan(0.01)
  useStockEdits().use(stock)
  expect(jobs.job.interference).toBeGreaterThan(0.005)
  expect(Math.abs(jobs.job.interference - snug)).toBeLessThan(0.003)
})
test('a fit that was asked for stays as it was asked for', async () => {
  const { jobs, stock } = await opened({ interference: -0.05 })
  useStockEdits().use(stock)
  expect(jobs.job.interference).toBe(-0.05)
})
