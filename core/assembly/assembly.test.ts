import { describe, expect, test } from '@jest/globals'
import { boxOf, PLAIN } from '../../scripts/testing/parts'
import { spansAlong, jtsOf } from '../../scripts/testing/jts'
import type { BoxSpec } from '../box'
import { rectangle, type Region } from '../geometry'
import { sameTabs } from '../box'
import {
  buildOrder,
  coverage,
  coveredBetween,
  prove,
  resolve,
  sharedLength,
  type Assembly,
  type Panel,
} from './index'

const spec: BoxSpec = {
  ...PLAIN,
  sizesAre: 'outer',
  width: 120,
  depth: 90,
  height: 60,
  fittings: [],
  tabs: sameTabs({ rule: 'even', width: 10 }),
  proud: 0,
}
const divided: BoxSpec = {
  ...spec,
  dividers: {
    ...PLAIN.dividers,
    columns: { cells: [null, null, null], height: 40, lift: 0 },
    rows: { cells: [null, null], height: 30, lift: 0 },
  },
}
function made(of: BoxSpec): { assembly: Assembly; panels: Panel[] } {
  const { assembly } = boxOf(of)
  return { assembly, panels: resolve(assembly, { proud: of.proud, interference: 0 }).panels }
}
const region: Region = {
  outline: [
    { x: 0, y: 0 },
    { x: 40, y: 0 },
    { x: 40, y: 20 },
    { x: 25, y: 30 },
    { x: 0, y: 20 },
  ],
  holes: [rectangle(10, 5, 20, 15).reverse()],
}

describe('what a region covers of a band', () => {
  test('agrees with a geometry library, place by place', () => {
    const stretches = coverage(region, 'x', 3, 18)
    for (let at = 0.3; at < 40; at += 1.7) {
      const spans = spansAlong(jtsOf(region), 'y', at)
      const wanted = spans.reduce(
        (sum, [from, to]) => sum + Math.max(0, Math.min(18, to) - Math.max(3, from)),
        0,
      )
      const found = stretches.find(({ from, to }) => from <= at && at <= to)?.covered ?? 0
      expect(found).toBeCloseTo(wanted, 6)
    }
  })
  test('areas between two places are exact when the places are asked for', () => {
    const slope = coverage(region, 'x', 20, Infinity, [10])
    expect(coveredBetween(slope, 0, 10)).toBeCloseTo(20, 9) // a triangle 10 wide and 4 high
  })
  test('what two lines share is the length on which both have something', () => {
    const line = (...pairs: [number, number][]) => pairs.map(([from, to]) => ({ from, to, covered: 1 }))
    expect(sharedLength(line([0, 5], [8, 9]), line([4, 8.5]))).toBeCloseTo(1.5, 9)
  })
})

describe('the proof', () => {
  test('a divided box holds together', () => {
    const { assembly, panels } = made(divided)
    expect(prove(assembly, panels)).toEqual({ panels: 8, faults: [] })
  })
  test('names two panels that are in the same place', () => {
    const { assembly, panels } = made(divided)
    const moved = panels.map((panel) =>
      panel.id === 'column-1' ? { ...panel, frame: panel.frame.with(11, panel.frame[11] - 0.5) } : panel,
    )
    const { faults } = prove(assembly, moved)
    expect(faults.filter(({ kind }) => kind === 'overlap').flatMap(({ panels: found }) => found)).toEqual(
      expect.arrayContaining(['column-1', 'floor']),
    )
  })
  test('names the panel that lacks what is its own', () => {
    const { assembly, panels } = made(spec)
    const front = panels.find(({ id }) => id === 'front')!
    const claim = assembly.joints.find(({ id }) => id === 'front-left')!.claims[0]
    const middle = (claim.from + claim.to) / 2
    const bitten: Panel = {
      ...front,
      region: { ...front.region, holes: [rectangle(1, middle - 1, 2, middle + 1).reverse()] },
    }
    const { faults } = prove(
      assembly,
      panels.map((panel) => (panel === front ? bitten : panel)),
    )
    expect(faults).toMatchObject([{ kind: 'missing', panels: ['front'] }])
  })
})

describe('an order to build in', () => {
  test('dividers in slots at the rim come last, from above, the lower ones first', () => {
    const { assembly, panels } = made(divided)
    const ids = panels.map(({ id }) => id)
    const found = buildOrder(assembly, panels, ids)
    if ('locked' in found) throw new Error('locked')
    const order = found.arrivals.map(({ id }) => id)
    expect(order.indexOf('row-1')).toBeLessThan(order.indexOf('column-1'))
    const column = found.arrivals.find(({ id }) => id === 'column-2')!
    expect(column.way).toEqual({ axis: 'z', sign: -1 })
  })
  test('a floor in grooves is in before the last wall', () => {
    const { assembly, panels } = made({ ...spec, floor: { ...spec.floor, kind: 'groove', raised: 4 } })
    const found = buildOrder(assembly, panels, ['front', 'back', 'left', 'right', 'floor'])
    if ('locked' in found) throw new Error('locked')
    expect(found.arrivals.at(-1)!.id).not.toBe('floor')
  })
  test('panels that lock each other are named', () => {
    // A lap with no way out: what stands over the other one is not air any more.
    const { assembly, panels } = made(divided)
    const slots = assembly.joints.filter(({ kind }) => kind === 'lap')
    expect(slots.length).toBeGreaterThan(0)
    const closed = panels.map((panel) =>
      panel.id === 'front' || panel.id === 'back' || panel.id === 'left' || panel.id === 'right'
        ? { ...panel, region: { ...panel.region, outline: rectangle(0, 0, panel.size.width, 60) } }
        : panel,
    )
    expect(
      buildOrder(
        assembly,
        closed,
        panels.map(({ id }) => id),
      ),
    ).toHaveProperty('locked')
  })
})
