import { beforeEach, describe, expect, jest, test } from '@jest/globals'
import { deleteDB, openDB } from 'idb'
import { readFileSync } from 'node:fs'
import { emptyJob, JOB_VERSION, type Job } from '@core/job'
import { database, forgetEverything, onStorage, type StorageNotice } from './db'
import { getFact, setFact } from './facts'
import { addJobs, deleteJob, isUnreadable, listJobs, loadJob, saveJob } from './jobs'
import { readShelf, writeRecord } from './bench'
import { RECORD_SCHEMAS } from '@core/keep'
import type { Stock } from '@core/stock'
import { newStock } from '@core/stock'

beforeEach(forgetEverything)

const job = (id: string, changed = '2026-01-01'): Job => emptyJob(id, `Job ${id}`, changed)

const read = async (id: string): Promise<Job | null> => {
  const found = await loadJob(id)
  return found && !isUnreadable(found) ? found.job : null
}

describe('jobs in storage', () => {
  test('are kept, listed newest first, and deleted', async () => {
    await saveJob(job('old', '2026-01-01'), 0)
    await saveJob(job('new', '2026-02-01'), 0)
    expect((await listJobs()).jobs.map(({ id }) => id)).toEqual(['new', 'old'])
    await deleteJob('new')
    expect(await loadJob('new')).toBeNull()
    expect(await read('old')).toEqual(job('old'))
  })
  test('count their revisions up, and hand back what another tab wrote meanwhile', async () => {
    const first = await saveJob(job('a'), 0)
    const theirs = { ...job('a'), copies: 7 }
    const second = await saveJob(theirs, first.revision)
    expect([first.revision, second.revision, second.theirs]).toEqual([1, 2, null])
    const ours = await saveJob({ ...job('a'), copies: 3 }, first.revision)
    expect(ours).toEqual({ revision: 3, theirs })
    expect((await read('a'))?.copies).toBe(3)
  })
  test('come in several at once: none over one that is there, and all or none', async () => {
    await saveJob({ ...job('a'), copies: 7 }, 0)
    await addJobs([job('a'), job('b')])
    expect([(await read('a'))?.copies, (await read('b'))?.copies]).toEqual([7, 1])
    const cannotBeStored = { ...job('d'), name: (() => '') as never }
    await expect(addJobs([job('c'), cannotBeStored])).rejects.toThrow()
    expect((await listJobs()).jobs.map(({ id }) => id).sort()).toEqual(['a', 'b'])
  })
  test('that cannot be read are never called absent, and hide no others', async () => {
    await saveJob(job('good'), 0)
    const put = async (id: string, raw: unknown): Promise<void> =>
      void (await (await database()).put('jobs', { id, revision: 1, job: raw as Job }))
    await put('many', { ...job('many'), copies: 4000 })
    await put('foreign', 17)
    await put('other', job('else'))
    const { jobs, unreadable } = await listJobs()
    expect(jobs.map(({ id }) => id)).toEqual(['good'])
    const seen = Object.fromEntries(unreadable.map((each) => [each.id, each]))
    expect(Object.keys(seen).sort()).toEqual(['foreign', 'many', 'other'])
    expect(seen.many.why).toContain('copies is at most 100')
    expect(seen.many.repaired?.mended).toEqual(['copies: 4000 → 100'])
    expect(seen.many.raw).toMatchObject({ copies: 4000 }) // as it is, to be exported
    expect(seen.foreign.repaired).toBeNull()
    expect(await loadJob('many')).toMatchObject({ why: expect.stringContaining('copies') })
    expect(await loadJob('nowhere')).toBeNull()
  })
})

describe('shelves of the bench', () => {
  test('show what can be read, and name what cannot', async () => {
    const stock = newStock('fine', 'Ply')
    await writeRecord('stocks', 'fine', stock)
    await writeRecord('stocks', 'wide', { ...stock, id: 'wide', name: 'Board', sheetWidth: 1e7 })
    await writeRecord('stocks', 'odd', { id: 'odd', sheetWidth: 'broad' })
    const { records, unreadable } = await readShelf<Stock>('stocks')
    expect(records).toEqual([stock])
    const [odd, wide] = [...unreadable].sort((a, b) => a.id.localeCompare(b.id))
    expect(wide).toMatchObject({ name: 'Board', why: expect.stringMatching(/^sheet width is at most .*\.$/) })
    expect(RECORD_SCHEMAS.stocks.safeParse(wide.repaired!.value).success).toBe(true)
    expect(odd).toMatchObject({ name: 'a stock', repaired: null })
  })
  test.each(['machines', 'stocks', 'kerfs', 'tests', 'tastes', 'events'] as const)(
    'one broken record among %s spoils nothing else',
    async (shelf) => {
      await writeRecord(shelf, 'x', { id: 'x', width: Number.NaN, name: 3 })
      const { records, unreadable } = await readShelf(shelf)
      expect(records).toEqual([])
      expect(unreadable).toMatchObject([{ shelf, id: 'x' }])
    },
  )
})

describe('a database that does not come', () => {
  const notices: StorageNotice[] = []
  onStorage((notice) => notices.push(notice))
  const failing = (times: number) => {
    const open = indexedDB.open.bind(indexedDB)
    return jest.spyOn(indexedDB, 'open').mockImplementation((...given) => {
      if (times-- > 0) throw new DOMException('no', 'UnknownError')
      return open(...given)
    })
  }
  beforeEach(() => {
    notices.length = 0
  })
  test('once is asked for once more', async () => {
    const spy = failing(1)
    await saveJob(job('a'), 0)
    spy.mockRestore()
    expect(await read('a')).toEqual(job('a'))
    expect(notices).toEqual([])
  })
  test('closed under the page is opened anew', async () => {
    await saveJob(job('a'), 0)
    ;(await database()).close()
    await saveJob({ ...job('a'), copies: 5 }, 1)
    expect((await read('a'))?.copies).toBe(5)
  })
  test('held up by another tab with an older Uplands is told, and comes when that tab closes', async () => {
    const older = await openDB('uplands', 1)
    const coming = saveJob(job('a'), 0)
    while (!notices.includes('held up')) await new Promise((resolve) => setTimeout(resolve, 5))
    older.close()
    await coming
    expect(await read('a')).toEqual(job('a'))
  })
  test('taken over by a newer Uplands is told, and nothing is written into it', async () => {
    ;(await openDB('uplands', JOB_VERSION + 1)).close()
    await expect(saveJob(job('a'), 0)).rejects.toThrow()
    expect(notices).toEqual(['newer'])
    await deleteDB('uplands')
  })
  test('deleted while it is open is told, and what is saved then is there', async () => {
    await saveJob(job('a'), 0)
    await deleteDB('uplands')
    expect(notices).toEqual(['lost'])
    await saveJob(job('b'), 0)
    expect((await listJobs()).jobs.map(({ id }) => id)).toEqual(['b'])
  })
})

test('small facts are remembered', async () => {
  expect(await getFact('seen')).toBeNull()
  await setFact('seen', 'yes')
  expect(await getFact('seen')).toBe('yes')
})

test('a browser that stored version 1 is brought up to date, jobs, readings and kerfs', async () => {
  const old = JSON.parse(
    readFileSync(new URL('../../core/keep/fixtures/job-version-1.json', import.meta.url), 'utf8'),
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
  expect((await read(old.id))?.version).toBe(JOB_VERSION)
})
