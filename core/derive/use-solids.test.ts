import { beforeAll, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { fittedBoxes } from '../../scripts/testing/boxes'
import { Judge, makeable } from '../../scripts/testing/judge'
import { runs, seedOf } from '../../scripts/testing/runs'
import { prove } from '../assembly'
import { opens } from '../box'
import { lidOf } from '../fittings'
import { freeRoom, largestContents } from './largest-contents'
import { proveUse } from './use'

let judge: Judge
beforeAll(async () => {
  judge = await Judge.make()
})

const BOXES = runs(500)
/** Less than this is nothing that a maker would feel, mm³. */
const FELT = 0.3
/** Room that a block is given to slide, mm. */
const ROOM = 0.02

test('boxes with two to six fittings are used as it is said, as the solid library sees it', () => {
  let [boxes, out, shut, blocks] = [0, 0, 0, 0]
  for (const { spec, mean } of fc.sample(fittedBoxes, { numRuns: 30 * BOXES, seed: seedOf(20261130) })) {
    if (boxes >= BOXES) break
    const made = makeable(spec, mean)
    if (!made || prove(made.box.assembly, made.panels).faults.length > 0) continue
    boxes++
    const { box, panels } = made
    const said = (what: string): string => `${what} in ${JSON.stringify({ spec, mean })}`
    const moving = new Set(box.assembly.groups.flatMap(({ parts }) => parts))
    const own = new Set(box.dividers.map(({ part }) => part.id))
    const fixed = panels.filter(({ id }) => !moving.has(id) && !own.has(id))
    const high = box.outer.z
    const isOpen = lidOf(spec) === null || opens(spec)

    if (isOpen && spec.dividers.into !== 'tenon') {
      const shutIn = proveUse(box, panels).filter(({ kind }) => kind === 'shut in')
      const stuck = new Set(shutIn.map(({ panel }) => panel))
      for (const panel of panels.filter(({ id }) => own.has(id))) {
        const struck = judge.struckUpward(judge.solidOf(panel), fixed, high) > FELT
        if (struck !== stuck.has(panel.id))
          throw new Error(said(`${panel.id} ${struck ? 'strikes' : 'is free'} (${JSON.stringify(shutIn)})`))
        if (struck) shut++
        else out++
      }
    }

    const free = freeRoom(box)
    const size = largestContents(box)
    if (!isOpen || Math.min(size.x, size.y, size.z) < 1) continue
    const beside = panels.filter(({ id }) => !moving.has(id))
    const { x, y, z } = free.min
    const block = { x: size.x - ROOM, y: size.y - ROOM, z: size.z - ROOM }
    const thing = judge.blockAt(block, { x: x + ROOM / 2, y: y + ROOM / 2, z: z + ROOM / 2 })
    // Out past all that stands, and shut in under the lid.
    const struck = Math.max(judge.struckUpward(thing, beside, high), judge.struckUpward(thing, panels, 0))
    thing.solid.delete()
    if (struck > FELT) throw new Error(said(`a block of ${size.x} × ${size.y} × ${size.z} strikes`))
    blocks++
  }
  expect(boxes).toBe(BOXES)
  // Each has been seen, and often.
  expect([out, blocks, shut].map((count) => count > 0)).toEqual([true, true, true])
}, 600_000)
