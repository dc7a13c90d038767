import { beforeEach, expect, test } from '@jest/globals'
import { createPinia, setActivePinia } from 'pinia'
import { demo } from '../../scripts/testing/demo'
import { forgetEverything, withDatabase } from '@web/data/db'
import { setFact } from '@web/data/facts'
import { useBench } from './bench'
import { useShelf } from './shelf'

beforeEach(async () => {
  await forgetEverything()
  setActivePinia(createPinia())
  await setFact('demo shown', 'before')
})

/** Waits until what is asked for is so, or the test runs out of time. */
async function until(isSo: () => boolean): Promise<void> {
  while (!isSo()) await new Promise((resolve) => setTimeout(resolve, 5))
}

const put = (id: string, job: unknown): Promise<unknown> =>
  withDatabase((db) => db.put('jobs', { id, revision: 1, job } as never))

test('a job that cannot be read is listed first, then found out, and comes back mended', async () => {
  const job = demo('plain-tray')
  await put(job.id, job)
  await put('many', { ...job, id: 'many', name: 'Too many', copies: 1e6 })
  await put('no name', { nothing: true })
  const shelf = useShelf()
  await shelf.open()
  expect(shelf.jobs.map(({ id }) => id).sort()).toEqual(['many', job.id].sort())
  await until(() => shelf.unreadable.length > 0)
  expect(shelf.unreadable.map(({ id }) => id).sort()).toEqual(['many', 'no name'])
  await until(() => shelf.jobs.length === 1)
  const many = shelf.unreadable.find(({ id }) => id === 'many')!
  await shelf.settle(many, 'repair')
  await shelf.looked()
  expect(shelf.unreadable.map(({ id }) => id)).toEqual(['no name'])
  expect(shelf.jobs.map(({ id }) => id).sort()).toEqual(['many', job.id].sort())
})

test('the list reads nothing of the bench; a first job is learnt from all the same', async () => {
  const [shelf, bench] = [useShelf(), useBench()]
  const job = demo('plain-tray')
  const own = { ...job.measure.machine!, name: 'As it was renamed here' }
  await withDatabase((db) => db.put('machines', own))
  await shelf.open()
  expect(bench.machines).toEqual([])
  await shelf.begun(job)
  expect(bench.machines).toEqual([own]) // what the bench has stays as it is
  expect(bench.stocks.map(({ id }) => id)).toEqual([job.measure.stock!.id])
  await shelf.looked()
})
