import { beforeAll, describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { anyPlans, assemblyOf, makeablePlan } from '../../scripts/testing/plans'
import { runs, seedOf } from '../../scripts/testing/runs'
import { boxed, isApart, solidLibrary, type Boxed } from '../../scripts/testing/solids'
import { meeting, prove, resolve, sidesOf, touchingArea, type Panel } from '../assembly'
import { area, bounds, dot, shiftRegion, transformPoint } from '../geometry'
import { IN_METRIC, sayIn } from '../length'
import {
  closingOf,
  cornersOf,
  facesOf,
  makeAngled,
  narrowProblems,
  outsideOf,
  partitionsText,
  planOn,
  planProblems,
  planSentence,
  readAngles,
  readLengths,
  readPartitions,
  roomOf,
  shapeAs,
  sizesOf,
  slantedEdges,
  wallIndex,
  type AngledSpec,
  type AngledTabs,
  type Plan,
} from './index'

let solids: Awaited<ReturnType<typeof solidLibrary>>
beforeAll(async () => {
  solids = await solidLibrary()
})

const T = 3
const SHEETS = { walls: T, floor: T, top: T, dividers: T }
const rule = { rule: 'even' as const, width: 12 }
const TABS = { rules: { uprights: rule, floor: rule, top: rule }, keyed: false }
const regular = (walls: number, side: number, more: Partial<Plan> = {}): Plan => ({
  shape: { kind: 'regular', walls, side },
  lean: [0],
  slope: null,
  partitions: [],
  ends: 'flush',
  ...more,
})
const specOf = (plan: Plan, more: Partial<AngledSpec> = {}): AngledSpec => ({
  plan,
  sizesAre: 'outer',
  height: 60,
  hasFloor: true,
  raised: 0,
  top: 'none',
  lidPlay: 0.3,
  play: 0,
  laps: 0,
  ...more,
})
const made = (spec: AngledSpec, tabs: AngledTabs = TABS) => {
  const box = makeAngled(spec, { mean: SHEETS, thickest: SHEETS }, tabs)
  const { panels, broken } = resolve(assemblyOf(box), { proud: 0, interference: 0 })
  expect(broken).toEqual([])
  const panel = (id: string): Panel => panels.find((each) => each.id === id)!
  return { box, panels, panel }
}

/** The most that one panel shares with another one, mm³, and all that they fill. */
function sharedBy(panels: Panel[]): { most: number; volume: number; pieces: number } {
  const all = panels.map((panel): Boxed => boxed(solids.solidOf(panel)))
  let [most, volume, pieces] = [0, 0, 0]
  for (const [i, a] of all.entries()) {
    volume += a.solid.volume()
    pieces = Math.max(pieces, a.solid.decompose().filter((piece) => piece.volume() > 1e-3).length)
    for (const b of all.slice(i + 1)) {
      if (isApart(a, b)) continue
      const both = a.solid.intersect(b.solid)
      most = Math.max(most, both.volume())
      both.delete()
    }
  }
  for (const { solid } of all) solid.delete()
  return { most, volume, pieces }
}

describe('walls at any angle', () => {
  test('any plan and lean: proven here, and an unrelated solid library agrees', () => {
    const seen = new Map<string, number>()
    const count = (what: string) => seen.set(what, (seen.get(what) ?? 0) + 1)
    for (const each of fc.sample(anyPlans, { numRuns: runs(4800), seed: seedOf(20261130) })) {
      const found = makeablePlan(each)
      if (!found) continue
      const said = JSON.stringify(each)
      const { faults } = prove(assemblyOf(found.box), found.panels)
      expect([faults, said]).toEqual([[], said])
      const { most, volume, pieces } = sharedBy(found.panels)
      expect([pieces, said]).toEqual([1, said])
      if (most > 1e-5 * volume + 1e-2) throw new Error(`share ${most} mm³ in ${said}`)
      const { plan, top, raised, hasFloor } = each.spec
      count('all')
      count(plan.shape.kind)
      count(`top ${top}`)
      count(`ends ${plan.ends}`)
      if (plan.lean.some((lean) => lean !== 0)) count('leaning')
      if (found.box.faces.isReflex.includes(true)) count('inward corner')
      if (plan.slope) count('sloping rim')
      if (plan.slope?.ridge) count('ridge')
      if (plan.slope?.ridge && top === 'fingers') count('closed ridge')
      if (plan.partitions.length > 0) count('dividers')
      if (raised > 0 && hasFloor) count('raised floor')
    }
    expect(seen.get('all')).toBeGreaterThan(runs(2000))
    for (const what of ['regular', 'lengths', 'top lid', 'top fingers', 'ends full', 'leaning'])
      expect([what, (seen.get(what) ?? 0) > runs(200)]).toEqual([what, true])
    for (const what of ['inward corner', 'sloping rim', 'raised floor'])
      expect([what, (seen.get(what) ?? 0) > runs(200)]).toEqual([what, true])
    for (const what of ['ridge', 'closed ridge'])
      expect([what, (seen.get(what) ?? 0) > runs(40)]).toEqual([what, true])
  }, 600_000)

  test('what is spoilt is told: a panel that stands off its place', () => {
    let [real, told] = [0, 0]
    for (const [i, each] of fc.sample(anyPlans, { numRuns: runs(1200), seed: seedOf(41) }).entries()) {
      const found = makeablePlan(each)
      if (!found) continue
      const off = i % found.panels.length
      const by: [number, number] = i % 2 === 0 ? [0.4, 0] : [0, 0.4]
      const panels = found.panels.map((panel, k) =>
        k === off ? { ...panel, region: shiftRegion(panel.region, ...by) } : panel,
      )
      const { faults } = prove(assemblyOf(found.box), panels)
      if (sharedBy(panels).most < 0.05) continue
      real++
      if (faults.some(({ kind }) => kind === 'overlap')) told++
    }
    expect(real).toBeGreaterThan(runs(350))
    expect(told).toBe(real)
  }, 300_000)

  test.each([
    ['L', 1, [160, 60, 90, 70, 70], [90, 90, 270, 90]],
    ['T', 2, [60, 90, 70, 60, 200, 60, 70], [90, 270, 90, 90, 90, 90]],
    ['U', 2, [200, 150, 60, 90, 80, 90, 60], [90, 90, 90, 270, 270, 90]],
  ])(
    'a plan like %s, open, with a top and with a lid: proven, and the solid library agrees',
    (_, inward, lengths, angles) => {
      for (const top of ['none', 'fingers', 'lid'] as const) {
        const plan = { ...regular(3, 1), shape: { kind: 'lengths' as const, lengths, angles } }
        const { box, panels } = made(specOf(plan, { top, height: 70 }))
        expect([
          top,
          box.faces.isReflex.filter(Boolean).length,
          prove(assemblyOf(box), panels).faults,
        ]).toEqual([top, inward, []])
        const { most, volume, pieces } = sharedBy(panels)
        expect([top, pieces, most < 1e-5 * volume + 1e-2]).toEqual([top, 1, true])
      }
    },
  )

  test('a tab that was bitten off is missed', () => {
    const { box, panels, panel } = made(specOf(regular(6, 100)))
    const bitten = panels.map((each) => {
      if (each.id !== 'wall-2') return each
      const outline = each.region.outline.filter(({ x }) => x < 99.9)
      return { ...each, region: { outline, holes: [] } }
    })
    expect(area(panel('wall-2').region)).toBeGreaterThan(area(bitten[1].region) + 50)
    expect(prove(assemblyOf(box), bitten).faults).toContainEqual(
      expect.objectContaining({ kind: 'missing', panels: ['wall-2'] }),
    )
  })
})

describe('closed formulas [DEF]', () => {
  test.each([3, 5, 6, 8, 12])('%i walls: what square edges leave is t²·|cot θ| at every corner', (n) => {
    const [side, height] = [120, 60]
    const { panels, box } = made(specOf(regular(n, side), { hasFloor: false, height }))
    const volume = panels.reduce((sum, { region, thickness }) => sum + area(region) * thickness, 0)
    const plane = (s: number): number => (n * s * s) / (4 * Math.tan(Math.PI / n))
    const whole = (plane(side) - plane(side - 2 * T * Math.tan(Math.PI / n))) * height
    const angle = Math.PI - (2 * Math.PI) / n
    expect(volume).toBeCloseTo(whole - (n * height * T * T) / Math.abs(Math.tan(angle)), 1)
    expect(slantedEdges(box).every((edge) => Math.abs(edge.angle - (angle * 180) / Math.PI) < 1e-9)).toBe(
      true,
    )
  })
  test.each([
    [4, 12],
    [6, 20],
    [5, -8],
  ])('%i walls leaning by %i°: angles and the upper edge of a frustum', (n, lean) => {
    const [side, height] = [90, 70]
    const { box } = made(specOf(regular(n, side, { lean: [lean] }), { height }))
    const a = (lean * Math.PI) / 180
    const between = Math.acos(-(Math.cos(a) ** 2 * Math.cos((2 * Math.PI) / n) + Math.sin(a) ** 2))
    const edges = slantedEdges(box)
    const of = (group: string): number[] =>
      edges
        .filter(({ joint }) => box.joints.some(({ id, group: own }) => id === joint && own === group))
        .map((edge) => edge.angle)
    for (const angle of of('uprights')) expect(angle).toBeCloseTo((between * 180) / Math.PI, 9)
    for (const angle of of('floor')) expect(angle).toBeCloseTo(90 + lean, 9)
    const rim = outsideOf(box.faces).slice(n)
    const upper = Math.hypot(rim[1][0] - rim[0][0], rim[1][1] - rim[0][1])
    expect(upper).toBeCloseTo(side + 2 * height * Math.tan(a) * Math.tan(Math.PI / n), 9)
  })
  test('where a square end and a shoulder stand, at 60°, 90° and 120°', () => {
    // t / sin θ, and t·cot θ more at an acute angle.
    expect(meeting(Math.PI / 2, 3, 4, 'flush').shoulder).toBeCloseTo(4, 12)
    expect(meeting((2 * Math.PI) / 3, 3, 3, 'flush')).toMatchObject({
      shoulder: expect.closeTo(3 / Math.sqrt(0.75), 12) as unknown as number,
      end: 0,
    })
    expect(meeting((2 * Math.PI) / 3, 3, 3, 'full').end).toBeCloseTo(-Math.sqrt(3), 12)
    expect(meeting((2 * Math.PI) / 3, 3, 3, 'middle').end).toBeCloseTo(-Math.sqrt(3) / 2, 12)
    const acute = meeting(Math.PI / 3, 3, 3, 'flush')
    expect([acute.shoulder, acute.end]).toEqual([
      expect.closeTo(3 * Math.sqrt(3), 12),
      expect.closeTo(Math.sqrt(3), 12),
    ])
  })
  test('a wall of a hexagon by hand: 100 mm, 3 mm, put against its neighbour at 120°', () => {
    const { panel } = made(specOf(regular(6, 100)))
    const [one, two] = [panel('wall-1'), panel('wall-2')]
    const { minX, maxX, minY, maxY } = bounds(one.region.outline)
    expect([minX, maxX, minY, maxY]).toEqual([0, 100, 0, 60].map((each) => expect.closeTo(each, 4)))
    const xs = [...new Set(one.region.outline.map(({ x }) => Number(x.toFixed(3))))].sort((a, b) => a - b)
    expect(xs.slice(0, 2)).toEqual([0, 3.464])
    // The second wall's shoulder, 3.464 along its face, lies on the first one's inside face: 3 mm in.
    const shoulder = transformPoint(two.frame, [3 / Math.sin(Math.PI / 3), 30, two.thickness])
    const outward = [one.frame[2], one.frame[6], one.frame[10]] as [number, number, number]
    const corner = transformPoint(one.frame, [100, 0, one.thickness])
    expect(dot(outward, corner) - dot(outward, shoulder)).toBeCloseTo(3, 9)
  })
  test('four walls of a rectangle are as large outside and inside as a box is', () => {
    const spec = specOf({
      ...regular(4, 1),
      shape: { kind: 'lengths', lengths: [120, 80, 120], angles: [90, 90] },
    })
    const { outer, inner } = sizesOf(facesOf(spec, SHEETS))
    const close = (size: number[]) => size.map((each) => expect.closeTo(each, 9) as unknown)
    expect([outer.x, outer.y, outer.z]).toEqual(close([120, 80, 60]))
    expect([inner.x, inner.y, inner.z]).toEqual(close([114, 74, 57]))
    const { box, panels } = made(spec)
    const corner = box.joints.find(({ group }) => group === 'uprights')!
    // Five shares: four sides of t × t, and every tab on the bottom of its notch.
    const sides = 4 * T * T
    expect(touchingArea(corner, assemblyOf(box), panels)).toBeCloseTo(sides + 60 * T, 6)
  })
})

describe('two tops that meet at a ridge', () => {
  const house = (angle: number, more: Partial<Plan> = {}): AngledSpec =>
    specOf(
      {
        ...regular(3, 1),
        shape: { kind: 'lengths', lengths: [160, 120, 160], angles: [90, 90] },
        slope: { angle, from: 2, ridge: true },
        ...more,
      },
      { top: 'fingers', height: 90 },
    )
  test.each([12, 30, 45])('that rise by %i°: height, slopes and gable by closed formulas [DEF]', (angle) => {
    const a = (angle * Math.PI) / 180
    const { box, panels, panel } = made(house(angle))
    expect(prove(assemblyOf(box), panels).faults).toEqual([])
    expect(sharedBy(panels)).toMatchObject({ pieces: 1, most: expect.closeTo(0, 2) as unknown })
    expect(sizesOf(box.faces).outer.z).toBeCloseTo(90 + 80 * Math.tan(a), 9)
    for (const id of ['wall-1', 'wall-3']) {
      const { minY, maxY } = bounds(panel(id).region.outline)
      expect(maxY - minY).toBeCloseTo(90 + 80 * Math.tan(a), 3)
    }
    // From eaves to ridge a top is half of the width over the cosine; it ends inside both faces.
    for (const id of ['top', 'top-2']) {
      const { minX, maxX } = bounds(panel(id).region.outline)
      expect(maxX - minX).toBeCloseTo(80 / Math.cos(a), 3)
    }
    const ridge = slantedEdges(box).find(({ joint }) => joint === 'top|top-2')
    expect(ridge?.angle ?? 90).toBeCloseTo(180 - 2 * angle, 9)
  })
  test('keep their walls and shares when the plan is said of the inside', () => {
    const spec = house(30)
    const faces = facesOf(spec, SHEETS)
    const { inner, outer } = sizesOf(faces)
    const again = facesOf(
      { ...spec, sizesAre: 'inner', height: inner.z, plan: planOn(spec.plan, faces, 'inner') },
      SHEETS,
    )
    for (const axis of ['x', 'y', 'z'] as const)
      expect(sizesOf(again).outer[axis]).toBeCloseTo(outer[axis], 3)
  })
  test.each<[string, AngledSpec]>([
    ['Let them rise 10° or more', house(8)],
    ['Let the top rise from another wall', house(30, { shape: { kind: 'regular', walls: 6, side: 100 } })],
    [
      'corners all point outward',
      house(30, { shape: { kind: 'lengths', lengths: [160, 60, 90, 70, 70], angles: [90, 90, 270, 90] } }),
    ],
  ])('are refused: %s', (sentence, spec) => {
    const said = planProblems(spec, SHEETS, 1).map((problem) => planSentence(problem, IN_METRIC))
    expect(said.join()).toContain(sentence)
  })
  test('on five walls rise from a side whose middle is no corner', () => {
    const plan = { shape: { kind: 'regular' as const, walls: 5, side: 110 } }
    const { box, panels } = made(house(25, plan))
    expect(prove(assemblyOf(box), panels).faults).toEqual([])
    expect(panels.map(({ id }) => id)).toContain('top-2')
  })
})

describe('a plan', () => {
  const L: Plan['shape'] = { kind: 'lengths', lengths: [160, 60, 90, 70, 70], angles: [90, 90, 270, 90] }
  test('closes by its last wall', () => {
    const { length, angles } = closingOf(L)
    expect([length, ...angles]).toEqual([130, 90, 90].map((each) => expect.closeTo(each, 9)))
  })
  test('said of the other side of the walls is the same box', () => {
    for (const plan of [regular(6, 100, { lean: [10] }), { ...regular(3, 1), shape: L, lean: [0] }]) {
      const spec = specOf(plan, { top: 'fingers' })
      const faces = facesOf(spec, SHEETS)
      const { inner } = sizesOf(faces)
      const within = {
        ...spec,
        sizesAre: 'inner' as const,
        height: inner.z,
        plan: planOn(plan, faces, 'inner'),
      }
      const again = facesOf(within, SHEETS)
      const flat = (all: typeof faces): number[] => [...roomOf(all).foot, ...roomOf(all).rim].flat()
      for (const [i, value] of flat(again).entries()) expect(value).toBeCloseTo(flat(faces)[i], 3)
      expect(planOn(within.plan, again, 'outer').shape).toEqual(
        plan.shape.kind === 'regular'
          ? { ...plan.shape, side: expect.closeTo(100, 3) as unknown as number }
          : plan.shape,
      )
    }
  })
  test('of equal walls is the same one by its lengths', () => {
    const before = regular(7, 60).shape
    const after = shapeAs('lengths', before, { width: 1, depth: 1 })
    for (const [i, { x, y }] of cornersOf(after).entries()) {
      expect(x).toBeCloseTo(cornersOf(before)[i].x, 2)
      expect(y).toBeCloseTo(cornersOf(before)[i].y, 2)
    }
  })
  test('a wall is known by its name', () => {
    expect(['wall-1', 'wall-12', 'wall', 'wall-1-a', 'floor'].map(wallIndex)).toEqual([0, 11, -1, -1, -1])
  })
  test('lists are read as they are typed', () => {
    expect(readLengths('160, 60 mm, 2 in', 'mm')).toEqual([160, 60, expect.closeTo(50.8, 9)])
    expect(readLengths('2 1/2; 3', 'in')).toEqual([63.5, expect.closeTo(76.2, 9)])
    expect(readLengths('60, wide', 'mm')).toBeNull()
    expect(readAngles('90° 270 −5')).toEqual([90, 270, -5])
    expect(readAngles(' ')).toBeNull()
  })
  const why = (plan: Plan, more: Partial<AngledSpec> = {}): string =>
    planProblems(specOf(plan, more), SHEETS, 1)
      .map((problem) => planSentence(problem, IN_METRIC))
      .join(' ')
  test('angles are degrees in inches too', () => {
    const [flat] = planProblems(specOf(by([100, 100, 200, 90], [178, 60, 90])), SHEETS, 1)
    const inches = sayIn({ length: 'in', fractions: false, speed: 'mm/s' })
    expect(planSentence(flat, inches)).toContain('(178°)')
  })
  const by = (lengths: number[], angles: number[]): Plan => ({
    ...regular(3, 1),
    shape: { kind: 'lengths', lengths, angles },
  })
  test.each<[string, Plan, Partial<AngledSpec>]>([
    ['Walls 1 and 3 cross each other', by([100, 20, 200], [60, 40]), {}],
    ['the plan does not close', by([100, 100, 100], [200, 200]), {}],
    ['nearly in one plane', by([100, 100, 200, 90], [178, 60, 90]), {}],
    ['one lean for all walls, or one for each: 6 walls, 2 leans', regular(6, 60, { lean: [1, 2] }), {}],
    ['Nothing is left of wall 1 at the rim. Lean the walls less', regular(4, 60, { lean: [-40] }), {}],
    ['Nothing is left of wall 1 at the floor. Make the walls longer', regular(12, 6), {}],
    ['has 24.0 mm for its tabs', regular(4, 30), { height: 60 }],
    ['Make the box higher', regular(6, 60), { height: 8, top: 'lid' }],
  ])('%s', (sentence, plan, more) => {
    const narrow = { ...TABS, rules: { ...TABS.rules, floor: { rule: 'shares' as const, count: 99 } } }
    const found = sentence.includes('for its tabs')
      ? narrowProblems(made(specOf(plan, more), narrow).box, narrow, 1)
          .map((each) => planSentence(each, IN_METRIC))
          .join(' ')
      : why(plan, more)
    expect(found).toContain(sentence)
  })
})

test('dividers cross in the middle of six walls, each in its own third of the height', () => {
  const spokes = [1, 2, 3].map((wall) => ({ from: { wall, share: 0.5 }, to: { wall: wall + 3, share: 0.5 } }))
  const { box, panels, panel } = made(specOf(regular(6, 100, { partitions: spokes })))
  expect(prove(assemblyOf(box), panels).faults).toEqual([])
  expect(sharedBy(panels).most).toBeLessThan(1e-2)
  expect(box.inner.filter(({ kind }) => kind === 'lap')).toHaveLength(3)
  // From the floor to the rim, and through both walls: across flats, 100·√3.
  for (const i of [1, 2, 3]) {
    const { minX, maxX, minY, maxY } = bounds(panel(`divider-${i}`).region.outline)
    expect([maxX - minX, maxY - minY]).toEqual(
      [100 * Math.sqrt(3), 57].map((each) => expect.closeTo(each, 3)),
    )
  }
})
test('a divider between walls that lean a little has no spike where its tabs end', () => {
  const plan = regular(8, 141, {
    lean: [-0.4],
    ends: 'full',
    slope: { angle: 12.4, from: 1, ridge: false },
    partitions: [{ from: { wall: 4, share: 0.6 }, to: { wall: 1, share: 0.35 } }],
  })
  const sheets = { walls: 6.9, floor: 5.5, top: 1.5, dividers: 4.7 }
  const spec = specOf(plan, { top: 'fingers', height: 128.4, play: 0.1, laps: 0.2 })
  const counted = { rule: 'tabs' as const, count: 2, of: 'other' as const }
  const tabs = { rules: { uprights: counted, floor: counted, top: counted }, keyed: false }
  const box = makeAngled(spec, { mean: sheets, thickest: sheets }, tabs)
  const { panels } = resolve(assemblyOf(box), { proud: 0, interference: 0 })
  expect(prove(assemblyOf(box), panels).faults).toEqual([])
  // Of its ends only tabs stand in the walls: 2 at each.
  const { outline } = panels.find(({ id }) => id === 'divider-1')!.region
  const { maxX } = bounds(outline)
  expect(outline.filter(({ x }) => x > maxX - 1)).toHaveLength(4)
})
test('dividers are read as they are typed, and refused where they cannot stand', () => {
  const two = [
    { from: { wall: 1, share: 0.5 }, to: { wall: 4, share: 0.5 } },
    { from: { wall: 2, share: 0.3 }, to: { wall: 5, share: 0.7 } },
  ]
  expect(readPartitions('1-4, 2@30–5@70')).toEqual(two)
  expect(readPartitions(partitionsText(two))).toEqual(two)
  expect([readPartitions(''), readPartitions('1 to 4'), readPartitions('1@2-4')]).toEqual([[], null, null])
  const why = (text: string): string[] =>
    planProblems(specOf(regular(6, 100, { partitions: readPartitions(text)! })), SHEETS, 1).map((problem) =>
      planSentence(problem, IN_METRIC),
    )
  expect(why('1-4, 2-5, 3-6')).toEqual([])
  for (const [text, which] of [
    ['1-1', 1],
    ['1-9', 1],
    ['1@5-4', 1],
    ['1-4, 1@55-4@52', 2],
  ] as const)
    expect(why(text).join()).toContain(`Divider ${which} cannot stand there`)
})

describe('what is drawn', () => {
  const widthsAlong = (region: Panel['region'], at: number): number[] => {
    const xs = [...region.outline, ...region.holes.flat()]
      .filter(({ y }) => Math.abs(y - at) < 0.2)
      .map(({ x }) => x)
    const sorted = [...new Set(xs.map((x) => Number(x.toFixed(4))))].sort((a, b) => a - b)
    return sorted.slice(1).map((x, i) => x - sorted[i])
  }
  test('tabs are wider, and notches narrower, by the wanted interference; at ends nothing moves', () => {
    const box = makeAngled(specOf(regular(6, 100)), { mean: SHEETS, thickest: SHEETS }, TABS)
    const { panels } = resolve(assemblyOf(box), { proud: 0, interference: 0.1 })
    const floor = panels.find(({ id }) => id === 'floor')!
    const top = bounds(floor.region.outline).maxY
    const [exact, drawn] = [floor.region, floor.drawn].map((region) => widthsAlong(region, top))
    for (const [i, width] of exact.entries())
      expect(drawn[i] - width).toBeCloseTo(i % 2 === 0 ? 0.1 : -0.1, 3)
    expect(bounds(floor.drawn.outline).maxX).toBeCloseTo(bounds(floor.region.outline).maxX, 4)
  })
  test('slots let the thickest reading through, with their play', () => {
    const spec = specOf(regular(6, 100), { raised: 10, play: 0.2 })
    const thickest = { ...SHEETS, floor: T + 0.1 }
    const box = makeAngled(spec, { mean: SHEETS, thickest }, TABS)
    const { panels } = resolve(assemblyOf(box), { proud: 0, interference: 0 })
    const wall = panels.find(({ id }) => id === 'wall-1')!
    const high = (region: Panel['region']): number => {
      const { minY, maxY } = bounds(region.holes[0])
      return maxY - minY
    }
    expect(high(wall.region)).toBeCloseTo(T, 4)
    expect(high(wall.drawn)).toBeCloseTo(T + 0.1 + 0.2, 4)
  })
  test('glue lines of a corner are the sides of its tabs, on both walls', () => {
    const { box } = made(specOf(regular(6, 100)))
    const corner = box.joints.find(({ group }) => group === 'uprights')!
    const length = (id: string): number =>
      sidesOf(assemblyOf(box), id, { proud: 0, interference: 0 })
        .filter(({ joint }) => joint === corner.id)
        .reduce((sum, { from, to }) => sum + Math.hypot(to.x - from.x, to.y - from.y), 0)
    // Four meetings of five shares, each 3 / sin 120° long.
    for (const id of corner.parts) expect(length(id)).toBeCloseTo((4 * 3) / Math.sin(Math.PI / 3), 3)
  })
})

test('a lid lies even on the rim, its lip between the walls, and comes off', () => {
  for (const lean of [0, 12, -8]) {
    const { panel, panels } = made(specOf(regular(6, 80, { lean: [lean] }), { top: 'lid' }))
    const [top, lip] = [boxed(solids.solidOf(panel('top'))), boxed(solids.solidOf(panel('lip')))]
    expect([top.max[2], top.min[2], lip.max[2]]).toEqual([60, 57, 57].map((each) => expect.closeTo(each, 4)))
    const others = panels.filter(({ id }) => id !== 'top' && id !== 'lip').map((each) => solids.solidOf(each))
    for (const up of [0.5, 2, 5, 20])
      for (const other of others)
        expect(lip.solid.translate([0, 0, up]).intersect(other).volume()).toBeLessThan(1e-3)
  }
})
