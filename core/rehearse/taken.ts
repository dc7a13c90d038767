import type { BoxSpec } from '../box'
import { cutOf, type Derived, type Part } from '../derive'
import { wordFor } from '../fit'
import { sizeOf } from '../geometry'
import { NO_RESULT, type Job, type Revision } from '../job'
import { kerfFromSquares, type KerfRecord } from '../kerf'
import { plannedOf } from '../plan'
import { meanOf } from '../statistics'
import type { TestRecord } from '../tune'
import type { CutPart, Rehearsal } from './rehearse'
import { taken as words } from './words'

/** Readings of a stock that are kept from parts. */
const MOST_READINGS = 20

/** A side that a kerf is told against; only what the readings are off it counts, mm. */
const SIDE = 100

/** How far each part's sides are off what the beam was told, across and along the sheet. */
function takenOff(parts: CutPart[], told: Part[], isCompensated: boolean): { x: number; y: number }[] {
  return parts.map(({ id, placement, readings }) => {
    const isTurned = placement.turn % 180 !== 0
    const { shape, drawn } = told.find((part) => part.id === id)!.lies[isTurned ? 1 : 0]
    const { width, height } = sizeOf(isCompensated ? shape : drawn)
    const [w, h] = [width - readings.width, height - readings.height]
    return isTurned ? { x: h, y: w } : { x: w, y: h }
  })
}

/** The kerf of a rehearsal, from parts of the job's own stock as calipers read them. */
function kerfOf(job: Job, seed: number, own: CutPart[], told: Part[], on: string): KerfRecord | null {
  const { machine, stock } = job.measure
  if (!machine || !stock || own.length < 2) return null
  const off = takenOff(own, told, job.cut.compensation === 'paths')
  const { width, doubt, kx, ky } = kerfFromSquares(SIDE, {
    xs: off.map(({ x }) => SIDE - x),
    ys: off.map(({ y }) => SIDE - y),
  })
  const kept = (value: number): number => Number(Math.max(0, value).toFixed(4))
  return {
    id: `rehearsed-${seed}`,
    machineId: machine.id,
    stockId: stock.id,
    width: kept(width),
    doubt: doubt === null ? null : kept(Math.min(1, doubt)),
    kx: kx === null ? null : kept(kx),
    ky: ky === null ? null : kept(ky),
    method: 'squares',
    setting: '',
    on,
    how: words.readOffParts(own.length, seed),
  }
}

/** What the cut says of the setting for the job's own stock. @param own parts of it, by id */
function testOf(
  job: Job,
  { seed, notFree, faults }: Rehearsal,
  derived: Derived,
  own: Set<string>,
  on: string,
): TestRecord | null {
  const { machine, stock } = job.measure
  const { plan, box } = derived
  if (!machine || !stock || !plan) return null
  const isHeld = notFree.some(({ id }) => own.has(id))
  const isCharred = faults.some(
    ({ id, why }) => own.has(id) && why.some((sentence) => sentence.includes('charred')),
  )
  return {
    id: `rehearsed-${seed}`,
    machineId: machine.id,
    stockId: stock.id,
    family: stock.family,
    thickness: box.thickness.mean,
    setting: plan.settings.outline,
    result: isHeld ? 'not through' : isCharred ? 'charred' : 'clean',
    on,
  }
}

function revisionOf(
  job: Job,
  { seed, seconds, joints, notFree }: Rehearsal,
  derived: Derived,
  on: string,
): Revision {
  const { machine } = job.measure
  const { plan } = derived
  const verdict = joints.length > 0 ? wordFor(meanOf(joints.map(({ gap }) => gap))) : null
  return {
    ...NO_RESULT, // no sheet was used
    id: `rehearsed-${seed}`,
    number: job.log.reduce((most, { number }) => Math.max(most, number), 0) + 1,
    date: on,
    reason: words.rehearsedSimulatedLaser(seed),
    minutes: Math.round(seconds / 6) / 10,
    verdict,
    through: notFree.length > 0 ? 'not all' : 'all',
    stuck: notFree.map(({ label }) => label.slice(0, 60)).slice(0, 200),
    note: words.simulationNothingCut(notFree.length),
    cut: cutOf(job, derived),
    planned: machine && plan ? { machineId: machine.id, ...plannedOf(plan.total) } : null,
  }
}

/** The same box with another id for one of its stocks. */
const restocked = (box: BoxSpec, from: string, to: string): BoxSpec => ({
  ...box,
  stocks: Object.fromEntries(
    Object.entries(box.stocks).map(([use, id]) => [use, id === from ? to : id]),
  ) as BoxSpec['stocks'],
  engravings: box.engravings.map((each) =>
    each.how.kind === 'inlay' && each.how.stock === from
      ? { ...each, how: { ...each.how, stock: to } }
      : each,
  ),
})

/** A job with a machine and a sheet of the simulation: what is read there is held against no real ones. */
function onSimulated(job: Job, seed: number): Job {
  const { machine, stock } = job.measure
  if (!machine || !stock) return job
  const named = <T extends { id: string; name: string }>(record: T): T => ({
    ...record,
    id: `simulated-${seed}-${record.id}`.slice(0, 60),
    name: `${record.name.slice(0, 60)} (simulated, ${seed})`,
  })
  const [laser, sheet] = [named(machine), named(stock)]
  const pockets = stock.pockets.map((each) =>
    each.machineId === machine.id ? { ...each, machineId: laser.id } : each,
  )
  const tests = job.tune.tests.map((test) => ({
    ...test,
    machineId: test.machineId === machine.id ? laser.id : test.machineId,
    stockId: test.stockId === stock.id ? sheet.id : test.stockId,
  }))
  const box = (each: BoxSpec): BoxSpec => restocked(each, stock.id, sheet.id)
  return {
    ...job,
    measure: { ...job.measure, machine: laser, stock: { ...sheet, pockets }, trials: [] },
    tune: { ...job.tune, tests, sheet: null },
    box: box(job.box),
    also: job.also.map((thing) => ({ ...thing, box: box(thing.box) })),
    layout: { ...job.layout, arrangement: null },
  }
}

/**
 * A copy of a job that goes on with what a rehearsal read: thickness and kerf in Measure, the setting's test
 * in Tune, minutes and fit in Log, on a machine and a sheet of its own. Nothing of it reaches the job itself,
 * or what is known of the real ones: it is a simulation.
 */
export function withReadings(
  given: Job,
  rehearsal: Rehearsal,
  { derived, parts }: { derived: Derived; parts: Part[] },
  about: { id: string; name: string; on: string },
): Job {
  const job = onSimulated(given, rehearsal.seed)
  const { measure, tune, log } = job
  const own = rehearsal.parts.filter((part) => part.stock === given.measure.stock?.id)
  const readings = own.slice(0, MOST_READINGS).map(({ label, readings: read }) => ({
    value: read.thickness,
    spot: label.slice(0, 40),
    on: about.on,
  }))
  const kerf = kerfOf(job, rehearsal.seed, own, parts, about.on)
  const ofStock = parts.filter(({ material }) => material === given.measure.stock?.id)
  const test = testOf(job, rehearsal, derived, new Set(ofStock.map(({ id }) => id)), about.on)
  const stock = measure.stock && readings.length > 0 ? { ...measure.stock, readings } : measure.stock
  return {
    ...job,
    id: about.id,
    name: about.name,
    changed: about.on,
    measure: { ...measure, stock, kerf: kerf ?? measure.kerf },
    tune: { ...tune, tests: test ? [...tune.tests, test].slice(-500) : tune.tests },
    cut: { ...job.cut, written: null },
    build: { ...job.build, done: [], count: null },
    template: false,
    log: [...log, revisionOf(job, rehearsal, derived, about.on)].slice(-500),
  }
}
