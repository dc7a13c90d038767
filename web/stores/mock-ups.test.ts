import { beforeEach, expect, test } from '@jest/globals'
import { createPinia, setActivePinia } from 'pinia'
import type { Job } from '@core/job'
import { demo } from '../../scripts/testing/demo'
import { forgetEverything } from '@web/data/db'
import { deleteJob, isUnreadable, loadJob, saveJob } from '@web/data/jobs'
import { useBench } from './bench'
import { useMessages } from './messages'
import { useMockUps } from './mock-ups'

beforeEach(async () => {
  await forgetEverything()
  setActivePinia(createPinia())
})
async function stored(id: string): Promise<Job> {
  const found = await loadJob(id)
  if (!found || isUnreadable(found)) throw new Error(`${id} is not stored`)
  return found.job
}
async function made(): Promise<{ tray: Job; mock: Job; mockUps: ReturnType<typeof useMockUps> }> {
  const tray = demo('plain-tray')
  await saveJob(tray, 0)
  const bench = useBench()
  bench.learn(demo('slip-cases'))
  const mockUps = useMockUps()
  const id = await mockUps.make(
    tray,
    bench.stocks.find(({ family }) => family === 'card')!,
  )
  return { tray, mock: await stored(id), mockUps }
}
const higher = (mock: Job): Job => ({ ...mock, box: { ...mock.box, height: mock.box.height + 4 } })

test('a mock-up is a job of its own in the other stock, and knows whose it is', async () => {
  const { tray, mock } = await made()
  expect(mock.name).toBe(`${tray.name} (mock-up)`)
  expect(mock.mockOf).toEqual({ id: tray.id, name: tray.name })
  expect(mock.measure.stock!.family).toBe('card')
  expect(await stored(tray.id)).toEqual(tray)
})
test('what it taught goes into its job with a word in the log, and can be undone', async () => {
  const { tray, mock, mockUps } = await made()
  const changed = higher(mock)
  expect((await mockUps.lessons(changed)).map(({ what }) => what)).toEqual(['inner height'])
  await mockUps.giveBack(changed, 'inner height 4 more')
  const now = await stored(tray.id)
  expect(now.box.height).toBeCloseTo(tray.box.height + 4, 3)
  expect(now.log.at(-1)!.reason).toContain('inner height 4 more')
  useMessages().list.at(-1)!.action!.run()
  await new Promise((resolve) => setTimeout(resolve, 30))
  expect((await stored(tray.id)).box.height).toBe(tray.box.height)
})
test('when its job is gone there is nothing to compare with, and it is said', async () => {
  const { tray, mock, mockUps } = await made()
  await deleteJob(tray.id)
  expect(await mockUps.lessons(higher(mock))).toEqual([])
  await mockUps.giveBack(higher(mock), 'x')
  expect(useMessages().list.at(-1)!.text).toContain('not in this browser any more')
})
