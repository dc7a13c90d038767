import { beforeAll, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { anyPlans } from '../../scripts/testing/plans'
import { runs, seedOf } from '../../scripts/testing/runs'
import { boxed, isApart, solidLibrary, type Boxed } from '../../scripts/testing/solids'
import { resolve, type Panel } from '../assembly'
import {
  makeBox,
  PLAIN_BOX,
  sameTabs,
  sameThickness,
  specProblems,
  withLid,
  type Box,
  type BoxSpec,
} from '../box'
import { buildSteps, type BuildStep } from './index'

let solids: Awaited<ReturnType<typeof solidLibrary>>
beforeAll(async () => {
  solids = await solidLibrary()
})

const boxOf = (plan: BoxSpec['plan'], more: Partial<BoxSpec> = {}): BoxSpec => ({
  ...PLAIN_BOX,
  sizesAre: 'outer',
  width: 100,
  depth: 100,
  height: 60,
  plan,
  tabs: sameTabs({ rule: 'even', width: 12 }),
  proud: 0,
  ...more,
})
const hexagon: BoxSpec['plan'] = {
  shape: { kind: 'regular', walls: 6, side: 70 },
  lean: [0],
  slope: null,
  partitions: [],
  ends: 'flush',
}
function made(spec: BoxSpec, t = 3): { box: Box; panels: Panel[] } | null {
  const mean = sameThickness(t)
  if (specProblems(spec, mean, 1).length > 0) return null
  const box = makeBox(spec, { mean, thickest: mean })
  const { panels, broken } = resolve(box.assembly, { proud: 0, interference: 0 })
  return broken.length > 0 ? null : { box, panels }
}
const stepsOf = ({ box, panels }: { box: Box; panels: Panel[] }): BuildStep[] => {
  const steps = buildSteps(box, panels)
  if ('locked' in steps) throw new Error(`locked: ${steps.locked.join(', ')}`)
  return steps
}

test('floor, walls one after another, the top; each from its own outside', () => {
  const spec = withLid(boxOf(hexagon), 'fingers', 3)
  const all = made(spec)!
  const steps = stepsOf(all)
  const walls = Array.from({ length: 6 }, (_, i) => `wall-${i + 1}`)
  expect(steps.map(({ panel }) => panel)).toEqual(['floor', ...walls, 'top'])
  expect(steps[6].text).toContain('closes the box')
  expect(steps.at(-1)!.text).toContain('thin wedge')
  for (const { panel, from } of steps.slice(1)) {
    const { frame: m } = all.panels.find(({ id }) => id === panel)!
    expect(from).toEqual([m[2], m[6], m[10]].map((each) => expect.closeTo(each, 9) as unknown))
  }
  // Every joint is glued once.
  const glued = steps.flatMap(({ glue }) => glue)
  expect(glued).toHaveLength(all.box.assembly.joints.length)
  expect(glued.every(({ area }) => area > 0)).toBe(true)
})

test('what stands proud is told to be sanded, and a lid takes no glue at the walls', () => {
  const spec = withLid(boxOf({ ...hexagon!, ends: 'full' }), 'lift', 3)
  const steps = stepsOf(made(spec)!)
  expect(steps.slice(-2).map(({ panel }) => panel)).toEqual(['lip', 'top'])
  expect(steps.at(-1)!.text).toContain('Tab ends stand out')
  expect(steps.at(-2)!.glue).toEqual([])
  expect(steps.at(-1)!.glue.map((each) => each.with)).toEqual(['lip'])
})

test('under a ridge the second top comes in last, square to its face, and closes the ridge', () => {
  const plan: BoxSpec['plan'] = {
    ...hexagon!,
    shape: { kind: 'lengths', lengths: [160, 120, 160], angles: [90, 90] },
    slope: { angle: 35, from: 2, ridge: true },
  }
  const all = made(withLid(boxOf(plan, { height: 90 }), 'fingers', 3))!
  const steps = stepsOf(all)
  expect(steps.slice(-2).map(({ panel }) => panel)).toEqual(['top', 'top-2'])
  expect(steps.at(-1)!.text).toContain('closes the ridge')
  expect(steps.at(-1)!.glue.map((each) => each.with)).toContain('top')
})

// Round a corner that points inward, with a raised floor, no wall may come in last: that is told.
test('any plan with ends inside both faces goes together, and no wall strikes another on its way', () => {
  let built = 0
  for (const { spec: like, sheets } of fc.sample(anyPlans, { numRuns: runs(900), seed: seedOf(20261201) })) {
    const { height, raised, sizesAre } = like
    const floor = { ...PLAIN_BOX.floor, kind: 'tenon' as const, raised: raised + sheets.walls }
    const plan = { ...like.plan, ends: 'flush' as const }
    const found = made(boxOf(plan, { height, sizesAre, ...(raised > 0 ? { floor } : {}) }), sheets.walls)
    if (!found) continue
    const said = JSON.stringify(like)
    const own = new Map(
      found.panels.map((panel): [string, Boxed] => [panel.id, boxed(solids.solidOf(panel))]),
    )
    const steps = buildSteps(found.box, found.panels)
    if ('locked' in steps) {
      expect([found.box.angled!.faces.isReflex.includes(true), said]).toEqual([true, said])
      continue
    }
    for (const { panel, from, standing } of steps) {
      if (!from) continue
      const { solid } = own.get(panel)!
      for (const place of [0.2, 0.7, 1.5, 4]) {
        const by = from.map((way) => way * place * sheets.walls) as [number, number, number]
        for (const other of standing) {
          if (isApart(own.get(panel)!, own.get(other)!, by)) continue
          const both = solid.translate(by).intersect(own.get(other)!.solid)
          const shared = both.volume()
          both.delete()
          if (shared > 0.5) throw new Error(`${panel} strikes ${other} by ${shared} mm³ in ${said}`)
        }
      }
    }
    built++
    for (const { solid } of own.values()) solid.delete()
  }
  expect(built).toBeGreaterThan(runs(350))
}, 300_000)
