import { expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import { laidOut } from '../../scripts/testing/laid-out'
import { deriveAll } from '../derive'
import { jobSchema } from '../job'
import { rehearse, withReadings } from './index'

const tray = demo('plain-tray')
const ABOUT = { id: 'copy', name: 'Tray (rehearsed)', on: '2026-11-26T10:00:00.000Z' }
const taken = (seed: number) => {
  const { job, derived, parts } = laidOut(tray)
  const made = rehearse(job, seed, 'mine')
  if (!made.ok) throw new Error(made.error)
  return { job, made: made.rehearsal, copy: withReadings(job, made.rehearsal, { derived, parts }, ABOUT) }
}

test('a copy goes on with what was read: kerf, thickness, setting, minutes and fit', () => {
  for (const seed of [1, 2, 3, 4, 5, 6]) {
    const { job, made, copy } = taken(seed)
    expect(jobSchema.parse(copy)).toEqual(copy)
    const { kerf, stock } = copy.measure
    // The true kerf lies within what the readings say of it, or a hair beyond.
    expect(Math.abs(kerf!.width - (made.kerf.x + made.kerf.y) / 2)).toBeLessThan(kerf!.doubt! + 0.005)
    expect(stock!.readings.map(({ value }) => value)).toEqual(
      made.parts.map(({ readings }) => readings.thickness),
    )
    expect(copy.tune.tests.at(-1)!.result).toBe(made.notFree.length > 0 ? 'not through' : 'clean')
    const revision = copy.log.at(-1)!
    expect(revision).toMatchObject({
      reason: `Rehearsed on simulated laser ${seed}`,
      minutes: expect.closeTo(made.seconds / 60, 1),
    })
    expect(revision.note).toContain('A simulation')
    // A machine and a sheet of its own, so that nothing of it is ever held against the real ones.
    expect([kerf!.machineId, kerf!.stockId]).toEqual([copy.measure.machine!.id, stock!.id])
    expect([copy.measure.machine!.id, stock!.id]).not.toContain(tray.measure.machine!.id)
    expect(copy.tune.tests.every(({ machineId }) => machineId === copy.measure.machine!.id)).toBe(true)
    expect([revision.unbooked, revision.planned!.machineId]).toEqual([null, copy.measure.machine!.id])
    expect(deriveAll(copy).derived.fit.gap).toBeCloseTo(-tray.interference, 1)
    // The job that was rehearsed knows nothing of it.
    expect([job.id, job.log.length, job.measure.kerf]).toEqual([tray.id, tray.log.length, tray.measure.kerf])
  }
})
test('what another stock does says nothing of the job’s own setting', () => {
  const { job, derived, parts } = laidOut(demo('instrument-case'))
  const made = rehearse(job, 1, 'mine')
  if (!made.ok) throw new Error(made.error)
  const isBoard = ({ material }: (typeof parts)[number]): boolean => material !== job.measure.stock!.id
  const [board, ply] = [parts.find(isBoard)!, parts.find((part) => !isBoard(part))!]
  const whenHeld = ({ id }: (typeof parts)[number]) => {
    const rehearsal = { ...made.rehearsal, faults: [], notFree: [{ id, label: '', why: ['It is held.'] }] }
    return withReadings(job, rehearsal, { derived, parts }, ABOUT)
  }
  expect(whenHeld(board).tune.tests.at(-1)!.result).toBe('clean')
  expect(whenHeld(ply).tune.tests.at(-1)!.result).toBe('not through')
  const count = parts.filter((part) => !isBoard(part)).length
  expect(whenHeld(board).measure.stock!.readings).toHaveLength(count)
})
