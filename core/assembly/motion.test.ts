import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { rectangle, type Matrix4 } from '../geometry'
import { Motions } from './motion'
import type { Way } from './place'
import type { Panel } from './resolve'
import { Solid } from './solid'
import { AXES, type Axis } from './types'

/** Rigid frames whose own z lies along each axis: columns are the plate's own x, y and z in the box. */
const FRAMES: Record<Axis, (x: number, y: number, z: number) => Matrix4> = {
  z: (x, y, z) => [1, 0, 0, x, 0, 1, 0, y, 0, 0, 1, z, 0, 0, 0, 1],
  x: (x, y, z) => [0, 0, 1, x, 1, 0, 0, y, 0, 1, 0, z, 0, 0, 0, 1],
  y: (x, y, z) => [0, 1, 0, x, 0, 0, 1, y, 1, 0, 0, z, 0, 0, 0, 1],
}

const place = fc.integer({ min: 0, max: 14 })
const plate = (id: string) =>
  fc
    .record({
      normal: fc.constantFrom(...AXES),
      at: fc.tuple(place, place, place),
      width: fc.integer({ min: 1, max: 12 }),
      height: fc.integer({ min: 1, max: 12 }),
      thickness: fc.integer({ min: 1, max: 4 }),
    })
    .map(({ normal, at, width, height, thickness }): Panel => {
      const region = { outline: rectangle(0, 0, width, height), holes: [] }
      const size = { width, height }
      const frame = FRAMES[normal](...at)
      const own = { id, label: id, thickness, thickest: thickness, frame, features: [], size }
      return { ...own, region, drawn: region, painted: null } as unknown as Panel
    })
const WAYS = AXES.flatMap((axis): Way[] => [
  { axis, sign: 1 },
  { axis, sign: -1 },
])

/** Plain plates are blocks: pushed on for ever, one strikes the other where their blocks meet. */
function strikes(moving: Panel, standing: Panel, { axis, sign }: Way): boolean {
  const [a, b] = [moving, standing].map((panel) => new Solid(panel).block)
  return AXES.every((each) => {
    const low = each === axis && sign === -1 ? -Infinity : a.min[each]
    const high = each === axis && sign === 1 ? Infinity : a.max[each]
    return b.min[each] < high && low < b.max[each]
  })
}

test('a plate goes straight past another one, beside, behind or across, just where blocks do', () => {
  const seen = { free: 0, struck: 0 }
  fc.assert(
    fc.property(plate('a'), plate('b'), (a, b) => {
      const at = (panel: Panel) => new Solid(panel).block
      // Two that are in one place to begin with are another proof's.
      fc.pre(AXES.some((axis) => at(a).max[axis] <= at(b).min[axis] || at(b).max[axis] <= at(a).min[axis]))
      const motions = new Motions({ joints: [] }, [a, b])
      for (const way of WAYS) {
        const struck = strikes(a, b, way)
        seen[struck ? 'struck' : 'free']++
        expect([way, motions.moves('a', ['b'], way)]).toEqual([way, !struck])
      }
    }),
    { numRuns: 1500, seed: 20261128 },
  )
  expect(Math.min(seen.free, seen.struck)).toBeGreaterThan(400)
})
