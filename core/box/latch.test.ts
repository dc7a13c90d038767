import { beforeAll, describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import type { Manifold } from 'manifold-3d'
import { solidLibrary } from '../../scripts/testing/solids'
import { openedBy, prove } from '../assembly'
import { buildSteps } from '../build'
import { deriveBox, drawnPanels, type DerivedBox } from '../derive'
import { rectangle, transformPoint, union } from '../geometry'
import { emptyJob } from '../job'
import { IN_METRIC } from '../length'
import { newStock } from '../stock'
import {
  chainOf,
  PLAIN_BOX,
  problemSentence,
  sameTabs,
  sameThickness,
  specProblems,
  withBends,
  type BoxSpec,
} from './index'
import { runs, seedOf } from '../../scripts/testing/runs'

let solids: Awaited<ReturnType<typeof solidLibrary>>
beforeAll(async () => {
  solids = await solidLibrary()
})

const LATCHED = ['book', 'flap'] as const
type Latched = (typeof LATCHED)[number]
type Sizes = Pick<BoxSpec, 'width' | 'depth' | 'height'>

function boxOf(kind: Latched, size: Sizes, radius: number, thickness: number, latch = true): DerivedBox {
  const tabs = sameTabs({ rule: 'even', width: 10 })
  const plain: BoxSpec = {
    ...PLAIN_BOX,
    ...size,
    sizesAre: 'outer',
    fittings: [{ type: 'top-fingers' as const }],
    tabs,
    proud: 0,
  }
  const bent = withBends(plain, kind, thickness)
  const empty = emptyJob('b', 'b', '')
  const stock = { ...newStock('s', 's'), nominal: thickness }
  const box = { ...bent, bends: { ...bent.bends, radius, latch } }
  return deriveBox({ ...empty, box, measure: { ...empty.measure, stock } })
}

const SIZE = { width: 190, depth: 140, height: 45 }

/** Where a bent panel goes when it is opened, as the solid library takes it. */
function openedAt({ made, panels }: DerivedBox, share: number): never {
  const chain = chainOf(made!.spec)
  const [from, to] = chain.slice(-2).map((name) => panels!.find(({ id }) => id === name)!)
  const map = openedBy(from, to, made!.spec.bends.radius, share)
  return [0, 1, 2, 3].flatMap((column) => [0, 4, 8, 12].map((row) => map[row + column])) as never
}

/** The most that the loose panel shares with what stands while it opens, at 20 places, mm³. */
function worstOf(box: DerivedBox, without: string[]): number {
  const loose = chainOf(box.made!.spec).at(-1)!
  const still: Manifold[] = box
    .panels!.filter(({ id }) => id !== loose && !without.includes(id))
    .map((panel) => solids.solidOf(panel))
  const lid = solids.solidOf(box.panels!.find(({ id }) => id === loose)!)
  let worst = 0
  for (let place = 1; place <= 20; place++) {
    // Most of what matters is in the first tenth of the way.
    const moved = lid.transform(openedAt(box, (place / 20) ** 2))
    for (const other of still) worst = Math.max(worst, moved.intersect(other).volume())
    moved.delete()
  }
  for (const each of [...still, lid]) each.delete()
  return worst
}

const tenths = (min: number, max: number) => fc.integer({ min: min * 10, max: max * 10 }).map((n) => n / 10)
const some = fc.record({
  width: tenths(70, 300),
  depth: tenths(70, 300),
  height: tenths(40, 120),
  radius: tenths(8, 20),
  thickness: fc.constantFrom(1.5, 3, 4),
})

const BOXES = runs(500)

describe.each(LATCHED)('a wedge that holds a %s shut', (kind) => {
  test('generated boxes: proven, in an order, opened past the tongue as the solid library sees it', () => {
    let made = 0
    for (const { radius, thickness, ...size } of fc.sample(some, {
      numRuns: runs(900),
      seed: seedOf(20261126),
    })) {
      if (made >= BOXES) break
      const box = boxOf(kind, size, radius, thickness)
      if (!box.panels) continue
      made++
      const said = JSON.stringify({ ...size, radius, thickness })
      expect([box.proof!.faults, said]).toEqual([[], said])
      if (made % 25 !== 0) continue
      const steps = buildSteps(box.made!, box.panels)
      if ('locked' in steps) throw new Error(`locked in ${said}`)
      expect(steps.at(-1)!.panels).toEqual(['wedge'])
      expect([worstOf(box, ['wedge']) < 0.05, said]).toEqual([true, said])
    }
    expect(made).toBe(BOXES)
  }, 120_000)

  test('it holds: with the wedge in, the panel strikes it, and drawn out it does not', () => {
    const box = boxOf(kind, SIZE, 12, 3)
    expect(worstOf(box, [])).toBeGreaterThan(5)
    const { assembly } = box.made!
    const groups = assembly.groups.map((group) => ({ ...group, after: undefined }))
    const faults = prove({ ...assembly, groups }, box.panels!).faults
    expect(faults.map(({ kind: what, panels }) => [what, ...panels])).toEqual([['stuck', 'top', 'wedge']])
    expect(worstOf(boxOf(kind, SIZE, 12, 3, false), [])).toBeLessThan(0.05)
  })

  test('in a slot that is closed on the outside the tongue would be struck', () => {
    const box = boxOf(kind, SIZE, 12, 3)
    const bars =
      kind === 'book'
        ? [rectangle(190.2, 0, 193, 140), rectangle(189, 0, 191, 50), rectangle(189, 90, 191, 140)]
        : [rectangle(0, -3, 190, -0.2), rectangle(0, -1, 60, 1), rectangle(130, -1, 190, 1)]
    const panels = box.panels!.map((panel) =>
      panel.id === 'top' ? { ...panel, region: union([panel.region.outline, ...bars])[0] } : panel,
    )
    expect(prove(box.made!.assembly, panels).faults).toMatchObject([
      { kind: 'stuck', panels: ['top', kind === 'book' ? 'right' : 'front'] },
    ])
  })

  test('drawn open, the wedge is out first, all the way', () => {
    const { made, panels } = boxOf(kind, SIZE, 12, 3)
    const placeOf = (id: string, share: number): number[] =>
      transformPoint(drawnPanels(made!, panels!, share).find((panel) => panel.id === id)!.frame, [0, 0, 0])
    expect(placeOf('top', 0.1)).toEqual(placeOf('top', 0))
    const way = kind === 'book' ? 0 : 1
    const out = Math.abs(placeOf('wedge', 0.5)[way] - placeOf('wedge', 0)[way])
    expect(out).toBeCloseTo(9 * 3, 9)
    expect(placeOf('top', 0.5)).not.toEqual(placeOf('top', 0))
  })
})

test('a wall too short for a tongue is refused in one sentence', () => {
  const [problem] = boxOf('book', { width: 120, depth: 45, height: 40 }, 8, 3).problems
  expect(problemSentence(problem, IN_METRIC)).toBe(
    'The wall across from the bend is too short for a latch. Make the depth at least 3.00 mm larger, or ' +
      'leave the latch out.',
  )
})
test('a wedge so thick that it leaves no tongue is refused, with how thick it may be', () => {
  const { made } = boxOf('book', SIZE, 12, 3)
  const [problem] = specProblems(made!.spec, { ...sameThickness(2), dividers: 9 }, 0.8)
  expect(problemSentence(problem, IN_METRIC)).toContain('may be 8.00 mm thick at most')
  expect(specProblems(made!.spec, { ...sameThickness(2), dividers: 8 }, 0.8)).toEqual([])
})
