import { afterEach, beforeEach, expect, jest, test } from '@jest/globals'
import { createPinia, setActivePinia } from 'pinia'
import { computed, nextTick, shallowRef } from 'vue'
import { demo } from '../../scripts/testing/demo'
import { forgetEverything } from '@web/data/db'
import { useBench } from './bench'
import { newerFigures } from './newer-figures'

beforeEach(async () => {
  await forgetEverything()
  setActivePinia(createPinia())
  const soon = (act: () => void): unknown => setTimeout(act)
  Object.assign(globalThis, { requestAnimationFrame: soon, cancelAnimationFrame: clearTimeout })
})
afterEach(() => void Reflect.deleteProperty(globalThis, 'requestAnimationFrame'))

const painted = async (): Promise<void> => {
  await nextTick()
  await new Promise((resolve) => setTimeout(resolve, 20))
}

test('are looked for once the page is painted, and again only where figures changed', async () => {
  const job = shallowRef(demo('plain-tray'))
  const bench = useBench()
  bench.learn(job.value)
  const look = jest.spyOn(bench, 'newerThan')
  const newer = newerFigures(
    computed(() => job.value.measure),
    computed(() => job.value.tune),
  )
  expect(look).not.toHaveBeenCalled()
  await painted()
  expect([newer.value, look.mock.calls.length]).toEqual([[], 1])
  job.value = { ...job.value, box: { ...job.value.box, width: 333 } }
  await painted()
  expect(look).toHaveBeenCalledTimes(1)
  const { stock } = job.value.measure
  bench.put('stocks', { ...stock!, notes: 'bowed' })
  await painted()
  expect(newer.value).toEqual(['the stock'])
  job.value = { ...job.value, measure: { ...job.value.measure, stock: bench.stocks[0] } }
  await painted()
  expect([newer.value, look.mock.calls.length]).toEqual([[], 3])
})
