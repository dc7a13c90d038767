import { expect, test } from '@jest/globals'
import { demo } from '../../scripts/testing/demo'
import { deriveAll, measurablesOf } from '../derive'
import type { Job } from '../job'
import { rehearse, type Rehearsal } from '../rehearse'
import { anyMachine } from '../rehearse/hidden'
import { believeBed, isLeaning, moreAt, type BedBelief, type CheckRecord, type Tilt } from './index'

const BED = { bedWidth: 600, bedHeight: 400 }
const check = (tilt: Tilt, places: [number, number][], level = 0.02): CheckRecord => ({
  id: 'part-1',
  about: 'part',
  machineId: 'm',
  stockId: 's',
  kerfId: 'k',
  off: places.map(([x, y]) => level + moreAt(tilt, { x, y }, BED)),
  at: places.map(([x, y]) => ({ x, y })),
  doubt: 0.01,
  slot: null,
  on: '',
  note: '',
})
const CORNERS: [number, number][] = [
  [20, 20],
  [580, 20],
  [20, 380],
  [580, 380],
  [300, 200],
]

test('a plane is found from joints and parts of known places, whatever the kerf of the cut itself', () => {
  const tilt = { x: 0.02, y: -0.01 }
  const checks = [check(tilt, CORNERS), check(tilt, CORNERS, -0.05), check(tilt, CORNERS)]
  const found = believeBed(checks, 'm', BED)
  expect(found.tilt.x).toBeCloseTo(tilt.x, 2)
  expect(found.tilt.y).toBeCloseTo(tilt.y, 2)
  expect([found.count, isLeaning(found)]).toEqual([15, true])
  expect(believeBed(checks, 'other', BED)).toMatchObject({ count: 0, tilt: { x: 0, y: 0 } })
})
test('one place, or two near to each other, say next to nothing', () => {
  const near = believeBed([check({ x: 0.02, y: 0 }, [[300, 200], [320, 200]])], 'm', BED) // oxfmt-ignore
  expect(isLeaning(near)).toBe(false)
  expect(near.half.x).toBeGreaterThan(0.011)
})

/** A tray whose parts lie over the whole of a small bed, laid out. */
function tray(): ReturnType<typeof deriveAll> {
  const base = demo('specimen-tray')
  const machine = { ...base.measure.machine!, bedWidth: 320, bedHeight: 220 }
  const stock = { ...base.measure.stock!, sheetWidth: 320, sheetHeight: 220, offcuts: [] }
  const layout = { ...base.layout, arrangement: null, settings: { ...base.layout.settings, sheets: 3 } }
  return deriveAll({ ...base, measure: { ...base.measure, machine, stock }, layout })
}
const WORLD = 'focus over the bed'
const cutOn = (job: Job, seed: number): Rehearsal => {
  const made = rehearse(job, seed, WORLD)
  if (!made.ok) throw new Error(made.error)
  return made.rehearsal
}
/** What its maker learns of the bed by measuring every part of a copy, both ways. */
function learnt({ job, derived, parts }: ReturnType<typeof deriveAll>, seed: number): BedBelief {
  const things = measurablesOf(job, derived, parts).filter(({ what }) => what === 'part')
  const seen = cutOn(job, seed).parts.flatMap(({ label, readings: { width, height } }) =>
    things
      .filter(({ of }) => of.startsWith(`${label}, `))
      .map(({ of, told, at }) => ({ at, off: told - (of.endsWith('width') ? width : height) })),
  )
  const [off, at] = [seen.map((each) => each.off), seen.map((each) => each.at)]
  return believeBed([{ ...check({ x: 0, y: 0 }, []), off, at }], 'm', job.measure.machine!)
}
/** How much its joints differ. */
function spread(job: Job, seed: number): number {
  const gaps = cutOn(job, seed).joints.map(({ gap }) => gap)
  const mean = gaps.reduce((sum, gap) => sum + gap, 0) / gaps.length
  return Math.sqrt(gaps.reduce((sum, gap) => sum + (gap - mean) ** 2, 0) / gaps.length)
}
test('on simulated lasers out of focus, paths that follow what was learnt even the joints out', () => {
  const cut = tray()
  let [off, nothing, before, after] = [0, 0, 0, 0]
  for (let seed = 1; seed <= 12; seed++) {
    const { bed } = anyMachine(seed, 'plywood', WORLD)
    const { tilt } = learnt(cut, seed)
    if (cutOn(cut.job, seed).notFree.length > 0) continue
    off += Math.hypot(tilt.x - bed.x, tilt.y - bed.y)
    nothing += Math.hypot(bed.x, bed.y)
    const { job } = deriveAll({ ...cut.job, measure: { ...cut.job.measure, bed: tilt } })
    before += spread(cut.job, seed)
    after += spread(job, seed)
  }
  expect(off).toBeLessThan(0.9 * nothing)
  expect(after).toBeLessThan(0.95 * before)
})
test('paths that follow the bed are other files', () => {
  const { job, derived } = tray()
  const following = deriveAll({ ...job, measure: { ...job.measure, bed: { x: 0.02, y: 0 } } })
  expect(following.derived.plan!.signature).not.toBe(derived.plan!.signature)
})
