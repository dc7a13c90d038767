import { lidOf } from '../fittings'
import { beforeAll, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { anyBoxes } from '../../scripts/testing/boxes'
import { Judge, makeable } from '../../scripts/testing/judge'
import { runs, seedOf } from '../../scripts/testing/runs'
import { prove } from '../assembly'

let judge: Judge
beforeAll(async () => {
  judge = await Judge.make()
})

// 1,480 in all; with the 520 boxes of fingers only (proof.test.ts) these are 2,000.
const BOXES = runs(1480)
test('boxes of every joint and stock: proven here, and the solid library agrees', () => {
  const seen = new Map<string, number>()
  const count = (what: string) => seen.set(what, (seen.get(what) ?? 0) + 1)
  let proven = 0
  const sample = fc.sample(anyBoxes, { numRuns: runs(7000), seed: seedOf(20261126) })
  for (const { spec, mean } of sample) {
    if (proven >= BOXES) break
    const made = makeable(spec, mean)
    if (!made) continue
    proven++
    const said = JSON.stringify({ spec, mean })
    const { faults } = prove(made.box.assembly, made.panels)
    if (faults.length > 0) throw new Error(`${JSON.stringify(faults)} in ${said}`)
    const others = judge.faultsOf(made.box.assembly, made.panels, proven % 3 === 0)
    if (others.length > 0) throw new Error(`solid library: ${others.join(', ')} in ${said}`)
    for (const joint of made.box.assembly.joints) count(joint.kind)
    count(`floor ${spec.floor.kind}`)
    const lid = lidOf(spec)
    if (lid) count(lid.type)
    count(`corners ${spec.corners.kind}`)
    if (made.box.dividers.length > 0) count(`into ${spec.dividers.into}`)
    for (const { what } of made.panels.flatMap(({ features }) => features)) count(what)
  }
  expect(proven).toBe(BOXES)
  for (const what of [
    ...['fingers', 'butt', 'lap', 'tenon', 'groove', 'bolt hole', 'nut slot', 'scoop', 'arch'],
    ...['finger hole', 'lid-slide', 'lid-lift', 'lid-hinge', 'lid-rebate'],
    ...['fingers', 'butt', 'outside', 'tenon', 'groove', 'ledge', 'none'].map((kind) => `floor ${kind}`),
    ...['fingers', 'butt', 'lap', 'tenon'].map((kind) => `corners ${kind}`),
    ...['slot', 'groove', 'tenon', 'loose'].map((kind) => `into ${kind}`),
  ])
    expect([what, (seen.get(what) ?? 0) >= runs(20)]).toEqual([what, true])
}, 600_000)
