import { describe, expect, test } from '@jest/globals'
import { boxOf, PLAIN } from '../../scripts/testing/parts'
import { prove, resolve } from '../assembly'
import { LID_NAMES } from '../fittings'
import {
  CORNER_KINDS,
  FLOOR_KINDS,
  INTO_KINDS,
  jointProblems,
  sameTabs,
  sameThickness,
  specProblems,
  withCorners,
  withFloor,
  withInto,
  withLid,
  without,
  type BoxSpec,
} from './index'

const spec: BoxSpec = {
  ...PLAIN,
  sizesAre: 'outer',
  width: 160,
  depth: 120,
  height: 80,
  fittings: [],
  tabs: sameTabs({ rule: 'even', width: 10 }),
  proud: 0,
}
const divided: BoxSpec = {
  ...spec,
  dividers: { ...spec.dividers, columns: { cells: [null, null, null], height: 40, lift: 0 } },
}
const THICKNESSES = [1.5, 3, 6]

/** What keeps a box from being made, or from holding together. */
function faultsOf(of: BoxSpec, thickness: number): unknown[] {
  const problems = specProblems(of, sameThickness(thickness), 0.8)
  if (problems.length > 0) return problems
  const box = boxOf(of, thickness)
  const { panels, broken } = resolve(box.assembly, { proud: 0, interference: 0 })
  return [...jointProblems(box, 0.8), ...broken, ...prove(box.assembly, panels).faults]
}

describe('what is chosen can be made as it comes', () => {
  test.each(THICKNESSES)('every corner with every floor, %p mm thick', (thickness) => {
    for (const corner of CORNER_KINDS)
      for (const floor of FLOOR_KINDS) {
        const made = withFloor(withCorners(spec, corner, thickness), floor, thickness)
        expect([corner, floor, faultsOf(made, thickness)]).toEqual([corner, floor, []])
      }
  })
  test.each(THICKNESSES)('every top, and every way to let dividers in, %p mm thick', (thickness) => {
    for (const top of LID_NAMES) {
      const closed = withLid(spec, top, thickness)
      expect([top, faultsOf(closed, thickness)]).toEqual([top, []])
    }
    for (const into of INTO_KINDS)
      expect([into, faultsOf(withInto(divided, into, thickness), thickness)]).toEqual([into, []])
  })
})
test('what was raised or set in by hand stays, where it is enough', () => {
  const raised = { ...spec, floor: { ...spec.floor, kind: 'tenon' as const, raised: 20 } }
  expect(withFloor(raised, 'groove', 3).floor.raised).toBe(20)
  expect(withFloor(raised, 'fingers', 3).floor.raised).toBe(0)
  const lapped = withCorners(spec, 'lap', 3)
  expect(lapped.corners.setIn).toBe(12)
  expect(
    withCorners({ ...lapped, corners: { ...lapped.corners, setIn: 30 } }, 'tenon', 3).corners.setIn,
  ).toBe(30)
})
test('walls that stand in get a floor in closed slots; bolts go where their holes would open', () => {
  expect(withCorners(spec, 'tenon', 3).floor.kind).toBe('tenon')
  const bolted = {
    ...spec,
    bolts: { ...spec.bolts, uprights: { size: 'M3' as const, count: 1, length: 16 } },
  }
  expect(withCorners(bolted, 'butt', 3).bolts.uprights).toBeNull()
  expect(withCorners(bolted, 'tenon', 3).bolts.uprights).not.toBeNull()
})
test('a top over slots open at the rim turns them into tenons; opened again they stay', () => {
  expect(withLid(divided, 'fingers', 3).dividers.into).toBe('tenon')
  expect(withLid(withLid(divided, 'fingers', 3), null, 3).dividers.into).toBe('tenon')
  expect(withLid(spec, 'fingers', 3).fittings).toEqual([{ type: 'top-fingers' }])
})
test('another lid takes the place of the one before, with what both have; opened, none is left', () => {
  const sliding = withLid(spec, 'slide', 3, { lowered: 7, play: 0.4 })
  expect(withLid(sliding, 'hinge', 3).fittings).toEqual([{ type: 'lid-hinge', pin: 3, play: 0.4 }])
  expect(withLid(sliding, null, 3).fittings).toEqual([])
})
test('a record without an entry is the rest of it', () =>
  expect(without({ a: 1, b: 2 } as Partial<Record<'a' | 'b', number>>, 'a')).toEqual({ b: 2 }))
