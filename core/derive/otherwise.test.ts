import { expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import { jobSchema, OTHERWISE, type Job } from '../job'
import { applyOtherwise, figureNow, OTHERWISE_LIMITS } from './index'

const tray = (): Job => structuredClone(demo('specimen-tray'))

test('every figure that a box has is changed to what was written down, and the job can be kept', () => {
  for (const figure of OTHERWISE) {
    const [job, before] = [tray(), tray()]
    const now = figureNow(job, figure)!
    const to = figure === 'copies' ? now + 2 : figure === 'interference' ? 0.123 : now + 0.5
    applyOtherwise(job, { figure, to })
    expect([figure, figureNow(job, figure)]).toEqual([figure, to])
    expect(jobSchema.safeParse(job).success).toBe(true)
    // Nothing else is touched.
    applyOtherwise(job, { figure, to: now })
    expect(job).toEqual(before)
  }
})

test('a width of tabs goes to every edge where one is typed, and to no other', () => {
  const job = tray()
  job.box.tabs.uprights = { rule: 'shares', count: 7 }
  job.box.tabs.floor = { rule: 'fixed', width: 8 }
  applyOtherwise(job, { figure: 'tab width', to: 11 })
  expect(job.box.tabs.uprights).toEqual({ rule: 'shares', count: 7 })
  expect(job.box.tabs.floor).toEqual({ rule: 'fixed', width: 11 })
})

test('walls at an angle have no width and no depth to change', () => {
  const planter = demo('planter')
  expect(figureNow(planter, 'width')).toBeNull()
  expect(figureNow(planter, 'depth')).toBeNull()
  expect(figureNow(planter, 'height')).toBe(planter.box.height)
})

test('what is out of all bounds is known by its limits', () => {
  expect(OTHERWISE_LIMITS.copies).toEqual({ min: 1, max: 100, whole: true })
  expect(OTHERWISE_LIMITS['tab width']).toMatchObject({ min: 0.5, max: 1000 })
})
