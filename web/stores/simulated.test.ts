import { beforeEach, expect, test } from '@jest/globals'
import { createPinia, setActivePinia } from 'pinia'
import { demo } from '../../scripts/testing/demo'
import { forgetEverything } from '@web/data/db'
import { isUnreadable, loadJob } from '@web/data/jobs'
import { useBench } from './bench'
import { useShelf } from './shelf'

beforeEach(async () => {
  await forgetEverything()
  setActivePinia(createPinia())
})

test('a job of a simulation is stored, and the bench learns nothing from it', async () => {
  const [shelf, bench] = [useShelf(), useBench()]
  const job = demo('plain-tray')
  const id = await shelf.keep(job)
  const found = await loadJob(id!)
  await shelf.looked()
  expect(found && !isUnreadable(found) && found.job).toEqual(job)
  expect([bench.machines, bench.stocks, bench.kerfs, bench.tests].map(({ length }) => length)).toEqual([
    0, 0, 0, 0,
  ])
})
