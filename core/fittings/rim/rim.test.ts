import { RIM_SHAPES, type FittingOf } from '..'
import { beforeAll, describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { jobOf, PLAIN } from '../../../scripts/testing/parts'
import { anyBoxes } from '../../../scripts/testing/boxes'
import { solidLibrary } from '../../../scripts/testing/solids'
import { prove, resolve } from '../../assembly'
import { buildSteps } from '../../build'
import { deriveBox, warningsOf } from '../../derive'
import { area } from '../../geometry'
import { IN_METRIC } from '../../length'
import { makeBox, problemSentence, sameTabs, specProblems, withLid, type BoxSpec } from '../../box'
import { runs, seedOf } from '../../../scripts/testing/runs'

let solids: Awaited<ReturnType<typeof solidLibrary>>
beforeAll(async () => {
  solids = await solidLibrary()
})

type Rim = Omit<FittingOf<'rim'>, 'type'>
const open: BoxSpec = {
  ...PLAIN,
  sizesAre: 'outer',
  width: 90,
  depth: 150,
  height: 120,
  fittings: [],
  tabs: sameTabs({ rule: 'even', width: 9 }),
  proud: 0,
}
const lower = (rim: Rim, part: Partial<BoxSpec> = {}): BoxSpec => ({
  ...open,
  ...part,
  fittings: [...(part.fittings ?? []), { type: 'rim', ...rim }],
})
const T = 3
const BOXES = runs(500)

/** Height of the walls at a depth, from nothing but what was asked for. */
function heightAt(y: number, { drop, shape, run }: Rim, { depth, height }: BoxSpec): number {
  const whole = depth - 2 * T
  const reach = run > 0 ? run : shape === 'step' ? whole / 2 : whole
  const share = Math.min(1, Math.max(0, (y - T) / reach))
  if (shape === 'slope') return height - drop * (1 - share)
  if (shape === 'curve') return height - drop * Math.sqrt(1 - share * share)
  return share < 1 ? height - drop : height
}

describe.each(RIM_SHAPES)('a front that is lower, sides that rise by a %s', (shape) => {
  test.each([
    { drop: 50, shape, run: 0 },
    { drop: 20, shape, run: 60 },
  ])('%j: as solids it is the shell, cut off along that edge', (rim) => {
    const spec = lower(rim)
    const { panels, proof, problems } = deriveBox(jobOf(spec))
    expect([problems, proof?.faults]).toEqual([[], []])
    const parts = panels!.map((panel) => solids.solidOf(panel))
    const sum = parts.reduce((total, part) => total + part.volume(), 0)
    const joined = solids.library.Manifold.union(parts)
    expect(Math.abs(joined.volume() - sum)).toBeLessThan(1e-3)
    const { library } = solids
    const cavity = library.Manifold.cube([90 - 2 * T, 150 - 2 * T, 200]).translate([T, T, T])
    const shell = library.Manifold.cube([90, 150, 120]).subtract(cavity)
    // What is above the edge, in thin slices across the depth.
    const steps = 3000
    let cut = 0
    for (let i = 0; i < steps; i++) {
      const y = (150 * (i + 0.5)) / steps
      const above = 120 - heightAt(y, rim, spec)
      const wide = y < T ? 90 : y > 150 - T ? 0 : 2 * T
      cut += (above * wide * 150) / steps
    }
    // The corner of a step is round: it leaves a little more.
    const round = shape === 'step' ? Math.min(8, rim.drop / 3, (rim.run || 72) / 3) : 0
    const left = (1 - Math.PI / 4) * round * round * 2 * T
    expect(Math.abs(joined.volume() - (shell.volume() - cut + left)) / shell.volume()).toBeLessThan(2e-3)
    // Nothing of it is outside of the shell.
    expect(joined.subtract(shell).volume()).toBeLessThan(1e-2)
    for (const part of parts) part.delete()
  })

  test('both sides alike, the back as high as it was, the front as much lower', () => {
    const { panels } = deriveBox(jobOf(lower({ drop: 50, shape, run: 0 })))
    const panel = (id: string) => panels!.find((each) => each.id === id)!
    expect(area(panel('left').region)).toBeCloseTo(area(panel('right').region), 6)
    expect(panel('back').size.height).toBeCloseTo(120, 6)
    expect(panel('front').size.height).toBeCloseTo(70, 6)
    expect(warningsOf(deriveBox(jobOf(lower({ drop: 50, shape, run: 0 }))), null, 5, [])).toEqual([])
  })

  test('boxes of any joints, floors and dividers: proven, and no worse to build', () => {
    let proven = 0
    const some = fc.tuple(anyBoxes, fc.integer({ min: 4, max: 60 }), fc.integer({ min: 0, max: 80 }))
    for (const [{ spec, mean }, drop, run] of fc.sample(some, {
      numRuns: runs(6000),
      seed: seedOf(20261126),
    })) {
      if (proven >= BOXES) break
      const own = lower({ drop, shape, run }, { ...spec, fittings: [] })
      if (specProblems(own, mean, 0.8).length > 0) continue
      const box = makeBox(own, { mean, thickest: mean })
      const { panels, broken } = resolve(box.assembly, { proud: own.proud, interference: 0 })
      if (broken.length > 0) continue
      proven++
      const { faults } = prove(box.assembly, panels)
      if (faults.length > 0)
        throw new Error(`${JSON.stringify(faults)} in ${JSON.stringify([own, mean, drop, run])}`)
      if (proven % 10 !== 0 || !('locked' in buildSteps(box, panels))) continue
      // Where panels lock each other, they do so without a lower front as well.
      const plain = makeBox({ ...own, fittings: [] }, { mean, thickest: mean })
      const whole = resolve(plain.assembly, { proud: own.proud, interference: 0 }).panels
      expect('locked' in buildSteps(plain, whole)).toBe(true)
    }
    expect(proven).toBe(BOXES)
  }, 120_000)
})

test('dividers reach no higher than the front, whatever was asked for', () => {
  const dividers = {
    ...open.dividers,
    columns: { cells: [null, null], height: null, lift: 0 },
    rows: { cells: [null, null], height: null, lift: 0 },
  }
  const { panels, made } = deriveBox(jobOf(lower({ drop: 50, shape: 'slope', run: 0 }, { dividers })))
  expect(made!.dividers.map(({ reach }) => reach.to)).toEqual([70, 70])
  expect(panels).not.toBeNull()
})

test.each([
  ['a front that is gone', lower({ drop: 115, shape: 'slope', run: 0 }), 'Make it lower by at most 108 mm.'],
  [
    'a grip in the front',
    lower({ drop: 30, shape: 'slope', run: 0 }, { fittings: [{ type: 'pull', kind: 'hole', size: 16 }] }),
    'A lower front goes with plain walls',
  ],
] as [string, BoxSpec, string][])('%s is refused in one sentence', (_, spec, sentence) => {
  const [problem] = deriveBox(jobOf(spec)).problems
  expect(problemSentence(problem, IN_METRIC)).toContain(sentence)
})
test('a box that is closed has no lower front any more', () => {
  const lowered = lower({ drop: 30, shape: 'slope', run: 0 })
  const closed = deriveBox(jobOf(withLid(lowered, 'fingers', T)))
  expect(closed.panels!.find(({ id }) => id === 'front')!.size.height).toBeCloseTo(120, 6)
})
