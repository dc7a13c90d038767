import { lidOf, type FittingOf } from '..'
import { beforeAll, describe, expect, test } from '@jest/globals'
import type { Manifold } from 'manifold-3d'
import { boxOf, jobOf, PLAIN } from '../../../scripts/testing/parts'
import { solidLibrary } from '../../../scripts/testing/solids'
import { prove, resolve } from '../../assembly'
import { area } from '../../geometry'
import { buildSteps } from '../../build'
import { deriveBox, deriveFit } from '../../derive'
import { bounds } from '../../geometry'
import { IN_METRIC as say } from '../../length'
import { problemSentence, sameTabs, sameThickness, specProblems, withLid, type BoxSpec } from '../../box'

const open: BoxSpec = {
  ...PLAIN,
  sizesAre: 'outer',
  width: 140,
  depth: 90,
  height: 50,
  fittings: [{ type: 'top-fingers' as const }],
  tabs: sameTabs({ rule: 'even', width: 9 }),
  proud: 0,
}
const T = 3
let solids: Awaited<ReturnType<typeof solidLibrary>>
beforeAll(async () => {
  solids = await solidLibrary()
})
const sliding: FittingOf<'lid-slide'> = {
  type: 'lid-slide',
  lowered: 4,
  depth: 1.5,
  play: 0.3,
  pull: 16,
  grip: 'hole',
  rails: false,
  captive: false,
}
const specWith = (part: Partial<typeof sliding>): BoxSpec => ({
  ...open,
  fittings: [{ ...sliding, ...part }],
})
const spec = specWith({})
const made = (of: BoxSpec) => {
  const box = boxOf(of, T)
  const { panels } = resolve(box.assembly, { proud: 0, interference: 0 })
  return { box, panels, panel: (id: string) => panels.find((each) => each.id === id)! }
}

test('a notch for the thumb takes half a circle out of the front edge of the lid', () => {
  const [whole, notched] = [0, 16].map((pull) => made(specWith({ pull, grip: 'notch' })).panel('top'))
  expect(area(whole.region) - area(notched.region)).toBeCloseTo((Math.PI * 64) / 2, 0)
  expect(notched.region.holes).toEqual([])
})

describe('a lid between glued strips', () => {
  const { box, panels, panel } = made(specWith({ rails: true }))
  test('has four of them, enters no wall, and comes out', () => {
    expect(panels.filter(({ id }) => id.startsWith('rail'))).toHaveLength(4)
    expect(panel('top').size.width).toBeCloseTo(140 - 2 * T - 2 * 0.3, 9)
    expect(box.assembly.joints.filter(({ parts }) => parts.includes('top'))).toEqual([])
    expect(prove(box.assembly, panels).faults).toEqual([])
  })
  test('lies on the lower ones, with its play below the upper ones', () => {
    const top = panel('top').frame[11]
    const [low, high] = ['rail-left-low', 'rail-left-high'].map((id) => panel(id))
    expect(low.blank.maxY).toBeCloseTo(top, 9)
    expect(high.blank.minY).toBeCloseTo(top + T + 0.3, 9)
  })
})

describe('a lid that cannot be drawn out altogether', () => {
  const captive = specWith({ captive: true })
  const { box, panels, panel } = made(captive)
  const [lid] = box.assembly.groups
  test('a strip under its back edge strikes the front wall, and nothing else before', () => {
    expect(prove(box.assembly, panels).faults).toEqual([])
    if (lid.motion !== 'slide') throw new Error(lid.motion)
    // inside depth less the strip and the play behind it
    expect(lid.range).toBeCloseTo(90 - 2 * T - T - 0.3, 9)
    const solid = (id: string): Manifold =>
      solids.solidOf(
        panel(id),
        panel(id)
          .features.filter(({ depth }) => depth !== null)
          .map(({ shape, depth }) => ({ shape: { outline: shape, holes: [] }, depth: depth! })),
      )
    const others = panels.filter(({ id }) => !lid.parts.includes(id)).map(({ id }) => solid(id))
    const shared = (far: number): number =>
      Math.max(
        ...lid.parts.flatMap((id) =>
          others.map((other) => solid(id).translate([0, -far, 0]).intersect(other).volume()),
        ),
      )
    for (let place = 0; place <= 20; place++) expect(shared((lid.range * place) / 20)).toBeLessThan(0.5)
    expect(shared(lid.range + 1)).toBeGreaterThan(100)
  })
  test('without the front wall in its way it would come out: that is told', () => {
    if (lid.motion !== 'slide') throw new Error(lid.motion)
    const far = { ...box.assembly, groups: [{ ...lid, range: lid.range + 5 }] }
    expect(prove(far, panels).faults.map(({ kind, panels: [id] }) => [kind, id])).toEqual([['stuck', 'stop']])
    const loose = { ...box.assembly, groups: [{ ...lid, strikes: ['stop', 'back'] as [string, string] }] }
    expect(prove(loose, panels).faults.map(({ kind }) => kind)).toEqual(['stuck'])
  })
  test('it goes in with its strip before the wall that locks it', () => {
    const steps = buildSteps(box, panels)
    if ('locked' in steps) throw new Error('locked')
    const at = (id: string): number => steps.findIndex((step) => step.panels.includes(id))
    expect(at('stop')).toBe(at('top'))
    // a wall that comes after it holds it
    expect(Math.max(...['front', 'left', 'right'].map(at))).toBeGreaterThan(at('top'))
    expect(steps[at('top')].text).toContain('Glue the stop strip under the back edge of the lid first')
  })
  test('dividers stay below the strip, and a box without room for it is refused', () => {
    const cells = { cells: [null, null], height: null, lift: 0 }
    const divided = made({ ...captive, dividers: { ...captive.dividers, columns: cells } })
    const top = bounds(divided.panel('column-1').region.outline)
    expect(top.maxY - top.minY).toBeLessThanOrEqual(50 - 2 * T - 4 - 2 * T + 1e-6)
    expect(prove(divided.box.assembly, divided.panels).faults).toEqual([])
    const flat = specProblems({ ...captive, height: 16 }, sameThickness(T), 0.8)
    expect(flat.map((problem) => problemSentence(problem, say)).join(' ')).toContain(
      'The strip under the lid needs',
    )
  })
})

describe('a lid that slides', () => {
  const { box, panels, panel } = made(spec)
  test('reaches into three walls, and ends level with the outside of the front', () => {
    expect(panel('top').size.width).toBeCloseTo(140 - 2 * T + 2 * 1.5, 6)
    expect(panel('top').size.height).toBeCloseTo(90 - T + 1.5, 6)
  })
  test('goes over the front wall, which is lower by the lid and by what it is lowered', () => {
    expect(panel('front').size.height).toBeCloseTo(50 - 4 - T, 6)
    for (const id of ['left', 'right', 'back']) expect(panel(id).size.height).toBeCloseTo(50, 6)
    expect(box.inner.z).toBeCloseTo(50 - 2 * T - 4, 6)
  })
  test('its grooves are wider and deeper by the play, and open to the front', () => {
    const grooves = panels.flatMap(({ id, features }) =>
      features.filter(({ what }) => what === 'groove').map((groove) => ({ id, ...groove })),
    )
    expect(grooves.map(({ id }) => id).sort()).toEqual(['back', 'left', 'right'])
    for (const { shape, depth, id } of grooves) {
      const { minX, maxX, minY, maxY } = bounds(shape)
      expect(depth).toBeCloseTo(1.5 + 0.3, 9)
      expect(maxY - minY).toBeCloseTo(T + 0.3, 9)
      // from the outside of the front to the inside of the back; or between the side walls
      expect(maxX - minX).toBeCloseTo(id === 'back' ? 140 - 2 * T : 90 - T, 6)
    }
  })
  test('comes out to the front in every position; something in its way is found', () => {
    expect(prove(box.assembly, panels).faults).toEqual([])
    const [lid] = box.assembly.groups
    const back = { ...box.assembly, groups: [{ ...lid, way: { axis: 'y' as const, sign: 1 as const } }] }
    expect(prove(back, panels).faults.map(({ kind, panels: stuck }) => [kind, ...stuck])).toEqual([
      ['stuck', 'top'],
    ])
    const fixed = made(withLid(open, 'tenon', T))
    const held = { ...fixed.box.assembly, groups: [lid] }
    expect(prove(held, fixed.panels).faults.map(({ kind }) => kind)).toEqual(['stuck'])
  })
  test('comes last, from the front, without glue', () => {
    const steps = buildSteps(box, panels)
    if ('locked' in steps) throw new Error('locked')
    const last = steps[steps.length - 1]
    expect([last.panel, last.glue, last.from]).toEqual(['top', [], [0, -1, 0]])
    expect(last.text).toContain('keep glue and varnish out of its grooves')
  })
  test('its odds are those of its own play, apart from that of dividers', () => {
    const derived = deriveBox(jobOf(spec))
    expect(derived.problems).toEqual([])
    const joint = derived.made!.edges.find(({ id }) => id === 'left-top')!
    expect([joint.between, joint.play.walls, joint.slots]).toEqual(['slide', 0.3, [true, false]])
    const odds = deriveFit(jobOf(spec), derived, {}).joints.find(
      ({ label }) => label === 'lid in its grooves',
    )!
    expect(odds.drawn).toBeCloseTo(T + 0.3, 9)
    expect(odds.gap).toBeCloseTo(0.15, 6)
  })
  test('gets a finger hole where a finger goes in, and none where it is too narrow', () => {
    expect(lidOf(withLid(open, 'slide', T))).toMatchObject({
      type: 'lid-slide',
      lowered: 3,
      depth: 1.5,
      pull: 16,
    })
    expect(lidOf(withLid({ ...open, depth: 24 }, 'slide', T))).toMatchObject({ pull: 0 })
  })
  test('grooves that go through, a lid at the rim and a hole without room are refused', () => {
    const said = (lid: Partial<typeof sliding>): string[] =>
      specProblems(specWith(lid), sameThickness(T), 0.8).map((problem) => problemSentence(problem, say))
    expect(said({ depth: 2.6 })[0]).toContain('A groove 2.9 mm deep would go through 3 mm')
    expect(said({ lowered: 0 })[0]).toContain('The top lies too near')
    expect(said({ pull: 60 })).toEqual(['The lid has no room for that finger hole. Make it at most 42 mm.'])
  })
})
