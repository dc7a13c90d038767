import { beforeAll, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { fittedBoxes } from '../../scripts/testing/boxes'
import { Judge, makeable } from '../../scripts/testing/judge'
import { runs, seedOf } from '../../scripts/testing/runs'
import { prove, type Size } from '../assembly'
import { opens } from '../box'
import { lidOf } from '../fittings'
import { goesIn } from './goes-in'
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

    const size = goesIn(box)
    if (!size || !isOpen || Math.min(size.x, size.y, size.z) < 1) continue
    const { min, max } = box.room
    const block = { x: size.x - ROOM, y: size.y - ROOM, z: size.z - ROOM }
    /** It stands against either end, or where that leaves as much on both sides. */
    const along = (axis: 'x' | 'y'): number[] =>
      [0, 1 / 2, 1].map((share) => min[axis] + ROOM / 2 + share * (max[axis] - min[axis] - size[axis]))
    const places = along('x').flatMap((x) => along('y').map((y): Size => ({ x, y, z: min.z + ROOM / 2 })))
    const fits = places.some((at) => {
      const thing = judge.blockAt(block, at)
      const isFree =
        judge.struckUpward(thing, fixed, high) < FELT && judge.struckUpward(thing, panels, 0) < FELT
      thing.solid.delete()
      return isFree
    })
    if (!fits) throw new Error(said(`a block of ${size.x} × ${size.y} × ${size.z} does not go in`))
    blocks++
  }
  expect(boxes).toBe(BOXES)
  // Each has been seen, and often.
  expect([out, blocks, shut].map((count) => count > 0)).toEqual([true, true, true])
}, 600_000)
