import { beforeAll, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { fittedBoxes, isMade } from '../../scripts/testing/boxes'
import { Judge, makeable } from '../../scripts/testing/judge'
import { runs, seedOf } from '../../scripts/testing/runs'
import { prove } from '../assembly'
import { deriveBox } from '../derive'
import { emptyJob } from '../job'
import { newStock } from '../stock'
import { closes, FITTINGS, fittingsSchema, kindOfFitting, lidBegun, LID_NAMES, withFitting } from './index'

let judge: Judge
beforeAll(async () => {
  judge = await Judge.make()
})
const BOXES = runs(720)
/** Of what fittings are begun with, as many go together at least. */
const CLEAN = 0.4

test('boxes with two to six fittings: proven here, and the solid library agrees, moved along as well', () => {
  const seen = new Map<string, number>()
  let [proven, clean] = [0, 0]
  for (const { spec, mean } of fc.sample(fittedBoxes, { numRuns: 12 * BOXES, seed: seedOf(20261129) })) {
    if (proven >= BOXES) break
    const made = makeable(spec, mean)
    if (!made) continue
    proven++
    const { faults } = prove(made.box.assembly, made.panels)
    const said = (): string => JSON.stringify({ fittings: spec.fittings, spec, mean, faults })
    const others = judge.faultsOf(made.box.assembly, made.panels, proven % 3 === 0)
    // What the library finds, the proof finds; what only the proof finds is where parts of two fittings meet.
    if (others.length > 0 && faults.length === 0) throw new Error(`${others.join(', ')} in ${said()}`)
    if (faults.length > 0) continue
    clean++
    for (const { type } of spec.fittings) seen.set(type, (seen.get(type) ?? 0) + 1)
  }
  expect(proven).toBe(BOXES)
  expect(clean / proven).toBeGreaterThan(CLEAN)
  // Lids are proven one by one with every other joint (law.test.ts).
  const free = FITTINGS.filter((kind) => kind.of !== 'whole' && !closes(kind.type) && isMade(kind))
  expect(free.map(({ type }) => type).filter((type) => !seen.has(type))).toEqual([])
}, 600_000)

test.each(FITTINGS.map(({ type }) => type))(
  '%s begins as its schema allows, and reads back the same',
  (type) => {
    const { box } = emptyJob('f', 'f', '')
    for (const thickness of [1.5, 3, 6]) {
      const own = kindOfFitting(type).begin(box, thickness)
      expect(fittingsSchema.parse(JSON.parse(JSON.stringify([own])))).toEqual([own])
    }
    const { fields, schema } = kindOfFitting(type)
    const keys = Object.keys((schema as unknown as { shape: object }).shape)
    for (const { key } of fields) expect(keys).toContain(key)
  },
)

test('nonsense cannot be written: two lids, twice the same, a figure of another one', () => {
  const read = (list: unknown[]): boolean => fittingsSchema.safeParse(list).success
  expect(read([{ type: 'top-fingers' }, { type: 'lid-lift', play: 0.3 }])).toBe(false)
  expect(
    read([
      { type: 'rim-arch', high: 9 },
      { type: 'rim-arch', high: 8 },
    ]),
  ).toBe(false)
  expect(read([{ type: 'top-fingers', lowered: 3 }])).toBe(false)
  expect(read([{ type: 'top-butt', lowered: 3 }])).toBe(true)
})

test.each(LID_NAMES)('a lid (%s) closes the first box there is, and another one takes its place', (name) => {
  const job = emptyJob('f', 'f', '')
  const stock = { ...newStock('s', 's'), nominal: 3 }
  const closed = [lidBegun(name, job.box, 3)]
  const derived = deriveBox({
    ...job,
    box: { ...job.box, fittings: closed },
    measure: { ...job.measure, stock },
  })
  expect([derived.problems, derived.proof?.faults]).toEqual([[], []])
  expect(withFitting(closed, { type: 'top-fingers' })).toEqual([{ type: 'top-fingers' }])
})
