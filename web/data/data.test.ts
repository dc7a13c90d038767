import { beforeEach, describe, expect, test } from '@jest/globals'
import { openDB } from 'idb'
import { readFileSync } from 'node:fs'
import { emptyJob, type Job } from '@core/job'
import { database, forgetEverything } from './db'
import { getFact, setFact } from './facts'
import { deleteJob, listJobs, loadJob, saveJob } from './jobs'

beforeEach(forgetEverything)

const job = (id: string, changed = '2026-01-01'): Job => emptyJob(id, `Job ${id}`, changed)

describe('jobs in storage', () => {
  test('are kept, listed newest first, and deleted', async () => {
    await saveJob(job('old', '2026-01-01'), 0)
    await saveJob(job('new', '2026-02-01'), 0)
    expect((await listJobs()).map(({ id }) => id)).toEqual(['new', 'old'])
    await deleteJob('new')
    expect(await loadJob('new')).toBeNull()
    expect((await loadJob('old'))?.job).toEqual(job('old'))
  })
  test('count their revisions up, and hand back what another tab wrote meanwhile', async () => {
    const first = await saveJob(job('a'), 0)
    const theirs = { ...job('a'), copies: 7 }
    const second = await saveJob(theirs, first.revision)
    expect([first.revision, second.revision, second.theirs]).toEqual([1, 2, null])
    const ours = await saveJob({ ...job('a'), copies: 3 }, first.revision)
    expect(ours).toEqual({ revision: 3, theirs })
    expect((await loadJob('a'))?.job.copies).toBe(3)
  })
  test('that were spoilt in storage are left out whole, the others stay', async () => {
    await saveJob(job('good'), 0)
    const spoilt = { ...job('bad'), copies: 'many' }
    await (await database()).put('jobs', { id: 'bad', revision: 1, job: spoilt as unknown as Job })
    expect((await listJobs()).map(({ id }) => id)).toEqual(['good'])
    expect(await loadJob('bad')).toBeNull()
  })
})

test('small facts are remembered', async () => {
  expect(await getFact('seen')).toBeNull()
  await setFact('seen', 'yes')
  expect(await getFact('seen')).toBe('yes')
})

test('a browser that stored version 1 is brought up to date: jobs, readings and kerfs are all there', async () => {
  const old = JSON.parse(
    readFileSync(new URL('../../core/files/fixtures/job-version-1.json', import.meta.url), 'utf8'),
  ) as { id: string; measure: { stock: { id: string }; kerf: { id: string } } }
  const first = await openDB('uplands', 1, {
    upgrade(store) {
      for (const name of ['jobs', 'machines', 'stocks', 'kerfs', 'tests', 'facts'])
        store.createObjectStore(name, { keyPath: 'id' })
    },
  })
  await first.put('jobs', { id: old.id, revision: 4, job: old })
  await first.put('stocks', old.measure.stock)
  await first.put('kerfs', old.measure.kerf)
  first.close()

  const now = await database()
  const [stock] = await now.getAll('stocks')
  expect(stock.readings.map(({ value }) => value)).toEqual([3.02, 3.06, 3.04, 3.01, 3.08, 3.05, 3.02])
  expect((await now.getAll('kerfs'))[0]).toMatchObject({ width: 0.16, method: 'typed' })
  expect(await now.getAll('tastes')).toEqual([])
  expect((await loadJob(old.id))?.job.version).toBe(2)
})
