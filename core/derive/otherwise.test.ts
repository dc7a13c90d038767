import { expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import { jobSchema, OTHERWISE, type Job } from '../job'
import { OTHERWISE_FIGURES, type OtherwiseFigure } from './index'

const now = (job: Job, figure: OtherwiseFigure) => OTHERWISE_FIGURES[figure].get(job)
const tray = (): Job => structuredClone(demo('specimen-tray'))

test('every figure that a box has is changed to what was written down, and the job can be kept', () => {
  for (const figure of OTHERWISE) {
    const [job, before] = [tray(), tray()]
    const was = now(job, figure)!
    const to = figure === 'copies' ? was + 2 : figure === 'interference' ? 0.123 : was + 0.5
    OTHERWISE_FIGURES[figure].set(job, to)
    expect([figure, now(job, figure)]).toEqual([figure, to])
    expect(jobSchema.safeParse(job).success).toBe(true)
    // Nothing else is touched.
    OTHERWISE_FIGURES[figure].set(job, was)
    expect(job).toEqual(before)
  }
})

test('a width of tabs goes to every edge where one is typed, and to no other', () => {
  const job = tray()
  job.box.tabs.uprights = { rule: 'shares', count: 7 }
  job.box.tabs.floor = { rule: 'fixed', width: 8 }
  OTHERWISE_FIGURES['tab width'].set(job, 11)
  expect(job.box.tabs.uprights).toEqual({ rule: 'shares', count: 7 })
  expect(job.box.tabs.floor).toEqual({ rule: 'fixed', width: 11 })
})

test('walls at an angle have no width and no depth to change', () => {
  const planter = demo('planter')
  expect(now(planter, 'width')).toBeNull()
  expect(now(planter, 'depth')).toBeNull()
  expect(now(planter, 'height')).toBe(planter.box.height)
})

test('what is out of all bounds is known by its limits', () => {
  expect(OTHERWISE_FIGURES.copies.limits).toEqual({ min: 1, max: 100, whole: true })
  expect(OTHERWISE_FIGURES['tab width'].limits).toMatchObject({ min: 0.5, max: 1000 })
})
