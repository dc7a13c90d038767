import { beforeEach, expect, test } from '@jest/globals'
import { createPinia, setActivePinia } from 'pinia'
import { deriveBox } from '@core/derive'
import { demo } from '../../scripts/testing/demo'
import { forgetEverything } from '@web/data/db'
import { saveJob } from '@web/data/jobs'
import { useBench } from './bench'
import { useJob } from './job'
import { useMaterialEdits } from './material-edits'

beforeEach(async () => {
  await forgetEverything()
  setActivePinia(createPinia())
})

async function opened() {
  const job = demo('instrument-case')
  await saveJob(job, 0)
  useBench().learn(job)
  const jobs = useJob()
  await jobs.open(job.id)
  return { jobs, edits: useMaterialEdits() }
}
/** The stock of every panel. */
const stocks = (jobs: ReturnType<typeof useJob>): Record<string, string> =>
  Object.fromEntries([...deriveBox(jobs.job!).material].map(([id, { id: stock }]) => [id, stock]))

test('a stock comes with what the bench knows of it, and is forgotten when no panel has it', async () => {
  const { jobs, edits } = await opened()
  const board = useBench().stocks.find(({ id }) => id === 'stock-board-4')!
  edits.assign('walls', null)
  expect(jobs.job!.measure.more).toEqual([])
  edits.assign('front', board)
  expect(jobs.job!.measure.more[0]).toMatchObject({ stock: { id: board.id }, kerf: { width: 0.21 } })
  expect(stocks(jobs)).toMatchObject({ front: board.id, back: 'stock-birch-3' })
  edits.assign('walls', board)
  edits.assign(
    'front',
    useBench().stocks.find(({ id }) => id === 'stock-birch-3')!,
  )
  expect(stocks(jobs)).toMatchObject({ front: 'stock-birch-3', back: board.id })
})
test('another stock taken in hand is measured and tuned; every panel keeps its own', async () => {
  const { jobs, edits } = await opened()
  const before = stocks(jobs)
  edits.chooseStock('stock-board-4')
  expect(jobs.job!.measure.stock!.id).toBe('stock-board-4')
  expect(jobs.job!.measure.kerf!.width).toBe(0.21)
  expect(stocks(jobs)).toEqual(before)
  edits.chooseStock('stock-birch-3')
  expect(stocks(jobs)).toEqual(before)
})
