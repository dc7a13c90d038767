import { expect, test } from '@jest/globals'
import { deriveThings } from '../derive'
import { jobSchema } from '../job'
import { thicknessOf } from '../stock'
import { trayJob, withNotes } from './my-tray'
import { worldOf } from './world'

const ON = '2026-05-01T08:00:00.000Z'
const NOTES = { thickness: [3.12, 3.15, 3.09], kerf: 0.213, compensation: 0.1065, interference: 0.01 }

test('the tray of the course is a job with what was measured, and it can be made', () => {
  const job = trayJob({ ...NOTES, tabWidth: 8.6364, speed: 9.5 }, worldOf(12), 'tray', ON)
  expect(jobSchema.parse(job)).toEqual(job)
  expect(thicknessOf(job.measure.stock!).mean).toBeCloseTo(3.12, 2)
  expect(job.measure.kerf).toMatchObject({
    width: 0.213,
    method: 'squares',
    machineId: job.measure.machine!.id,
  })
  expect([job.interference, job.tune.picked?.speed]).toEqual([0.01, 9.5])
  const [{ box }] = deriveThings(job)
  expect([box.problems, box.proof?.faults, box.panels?.length]).toEqual([[], [], 6])
  // Nobody takes a simulated sheet for one on the shelf.
  for (const { name } of [job.measure.machine!, job.measure.stock!]) expect(name).toMatch(/simulated/)
})

test('a lesson that has nothing to say leaves what another one noted', () =>
  expect(withNotes(NOTES, { kerf: undefined, speed: 8 })).toEqual({ ...NOTES, speed: 8 }))
