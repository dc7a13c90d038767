import { beforeEach, expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import { forgetEverything, withDatabase } from './db'
import { countJobs, listEntries } from './job-list'

beforeEach(forgetEverything)

const put = (record: unknown): Promise<unknown> => withDatabase((db) => db.put('jobs', record as never))

test('a list says of each job its name, when it was changed, and what it is cut on and from', async () => {
  const job = demo('plain-tray')
  await put({ id: job.id, revision: 3, job })
  await put({
    id: 'newer',
    revision: 1,
    job: { ...job, id: 'newer', changed: '2099-01-01T00:00:00.000Z', measure: {}, template: true },
  })
  const { entries, ids } = await listEntries()
  expect(entries.map(({ id }) => id)).toEqual(['newer', job.id])
  expect(entries[0]).toMatchObject({ machine: null, stock: null, template: true })
  const { machine, stock } = job.measure
  expect(entries[1]).toEqual({
    id: job.id,
    revision: 3,
    name: job.name,
    changed: job.changed,
    machine: { id: machine!.id, name: machine!.name },
    stock: { id: stock!.id, name: stock!.name },
    template: false,
  })
  expect(ids.sort()).toEqual([job.id, 'newer'].sort())
})

test('what has no name is no entry, and is counted among what is stored', async () => {
  for (const [i, job] of [null, 7, {}, { name: 5, changed: '' }, []].entries())
    await put({ id: `broken ${i}`, revision: 1, job })
  const { entries, ids } = await listEntries()
  expect(entries).toEqual([])
  expect(ids).toHaveLength(5)
  expect(await countJobs()).toBe(5)
})
