import { expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import { jobSchema, type Job } from '../job'
import { IN_METRIC } from '../length'
import { settleJob } from './settle'
import { fromTemplate, questionsOf } from './template'

const plain = (): Job => ({ ...demo('plain-tray'), figures: [], follows: [] })
const figured = (): Job => ({
  ...plain(),
  template: true,
  figures: [
    { name: 'book', text: '1 1/2', unit: 'in' },
    { name: 'play', text: '2', unit: 'mm' },
    { name: 'both', text: 'book + 2 * play', unit: 'mm' },
  ],
  follows: [{ thing: 'a', field: 'width', text: 'both * 3', unit: 'mm' }],
})
const about = (job: Job): Parameters<typeof fromTemplate>[2] => ({
  id: 'new',
  name: 'Another',
  changed: '2026-11-29T12:00:00.000Z',
  measure: job.measure,
})

test('asks for named figures that are typed; without any for sizes that follow nothing', () => {
  expect(questionsOf(figured())).toEqual([
    { name: 'book', value: 38.1 },
    { name: 'play', value: 2 },
  ])
  const { width, depth, height } = plain().box
  expect(questionsOf(plain())).toEqual([
    { name: 'width', value: width },
    { name: 'depth', value: depth },
    { name: 'height', value: height },
  ])
  const follows: Job['follows'] = [{ thing: 'a', field: 'depth', text: 'width', unit: 'mm' }]
  expect(questionsOf({ ...plain(), follows }).map(({ name }) => name)).toEqual(['width', 'height'])
})

test('what follows the answers is another job’s, and the kind stays as it is', () => {
  const kind = figured()
  const before = structuredClone(kind)
  const made = settleJob(fromTemplate(kind, { book: 40, play: 1 }, about(kind)), IN_METRIC)
  expect(made.ok && made.job.box.width).toBeCloseTo(126, 6) // 3 × (40 + 2 × 1)
  expect(made.ok && made.job.box.depth).toBe(kind.box.depth)
  expect(kind).toEqual(before)
  const sized = fromTemplate(plain(), { width: 90, depth: 80, nonsense: 3 }, about(kind))
  expect([sized.box.width, sized.box.depth, sized.box.height]).toEqual([90, 80, plain().box.height])
  expect('nonsense' in sized.box).toBe(false)
})

test('nothing of it is cut, counted, laid out or asked for by anybody yet', () => {
  const kind = { ...figured(), price: { ...figured().price, customer: 'Warden', hour: 25 } }
  const made = fromTemplate(kind, { book: 30 }, about(kind))
  expect(jobSchema.safeParse(made).success).toBe(true)
  expect(made).toMatchObject({ id: 'new', name: 'Another', template: false, log: [], batch: [] })
  expect([made.cut.written, made.layout.arrangement, made.build.count, made.build.done]).toEqual([
    null,
    null,
    null,
    [],
  ])
  expect([made.price.customer, made.price.hour]).toEqual(['', 25])
})
