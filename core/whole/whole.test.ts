import { fittingOf } from '../fittings'
import { beforeAll, describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import type { Manifold } from 'manifold-3d'
import { boxed, isApart, solidLibrary, type Boxed, type Vector } from '../../scripts/testing/solids'
import { deriveThings, sceneOf, settleJob, standsOf, type Scene } from '../derive'
import { emptyJob, thingsOf, type Job } from '../job'
import { asKind, KINDS, makeJob, type KindValues } from '../kinds'
import { IN_METRIC } from '../length'
import { newStock } from '../stock'
import { runs, seedOf } from '../../scripts/testing/runs'

let solids: Awaited<ReturnType<typeof solidLibrary>>
beforeAll(async () => {
  solids = await solidLibrary()
})

/** A job of a kind, whatever limits its form has; null where it cannot be made. */
function made(kind: string, values: KindValues): Job | null {
  const found = KINDS.find((each) => each.kind === kind)!
  const all = Object.fromEntries(
    found.numbers.map((input) => [input.name, values[input.name] ?? input.default]),
  )
  const empty = emptyJob('w', kind, '')
  const stock = { ...newStock('s', 's'), nominal: Number(all.thickness) }
  const job = asKind({ ...empty, measure: { ...empty.measure, stock } }, found, all)
  const settled = settleJob(job, IN_METRIC)
  if (!settled.ok) return null
  const things = deriveThings(settled.job)
  return things.every(({ box }) => box.panels) ? settled.job : null
}

const sceneFor = (job: Job): Scene => sceneOf(job, deriveThings(job))!

const solidsOf = (panels: Scene['posed'][number]['panels']): Manifold[] =>
  panels.map((panel) =>
    solids.solidOf(
      panel,
      panel.features
        .filter(({ depth }) => depth !== null)
        .map(({ shape, depth }) => ({ shape: { outline: shape, holes: [] }, depth: depth! })),
    ),
  )

/** Shares of its way at which a body is looked at, and how far it is lifted off what it lies on, mm. */
const PLACES = Array.from({ length: 20 }, (_, i) => i / 19)
const LIFT = 0.02

/** What a solid shares with another one when it is moved, mm³; nothing where their boxes are apart. */
function sharedVolume(a: Boxed, by: Vector, b: Boxed): number {
  if (isApart(a, b, by)) return 0
  const moved = a.solid.translate(by)
  const both = moved.intersect(b.solid)
  const volume = both.volume()
  moved.delete()
  both.delete()
  return volume
}

/** What the solid library finds that shares space on the way of some of the bodies, mm³. */
function collisions({ posed }: Scene, looked: number): number {
  const bodies = posed.map(({ panels }) => solidsOf(panels).map(boxed))
  const moving = posed.flatMap(({ place: { group } }, i) => (group ? [{ i, group }] : []))
  const some = moving.filter((_, i) => i % Math.max(1, Math.floor(moving.length / looked)) === 0)
  let worst = 0
  for (const { i, group } of some) {
    const { way, range } = group
    const rest = bodies.flatMap((parts, other) => (other === i ? [] : parts))
    for (const share of PLACES) {
      // Faces that just touch are not what the library is good at.
      const by = way.sign * (range * share + LIFT)
      const at = (['x', 'y', 'z'] as const).map((axis) => (axis === way.axis ? by : axis === 'z' ? LIFT : 0))
      for (const part of bodies[i])
        for (const other of rest) worst = Math.max(worst, sharedVolume(part, at as Vector, other))
    }
  }
  bodies.flat().forEach(({ solid }) => solid.delete())
  return worst
}

const tenths = (min: number, max: number) => fc.integer({ min: min * 10, max: max * 10 }).map((n) => n / 10)
const thickness = fc.constantFrom(1.5, 2, 3, 3.04, 4.1, 6)
const inner = {
  width: tenths(50, 300),
  depth: tenths(50, 300),
  height: tenths(40, 150),
  tab: tenths(6, 20),
  thickness,
}

const WHOLES = runs(500)

const RANDOM: Record<string, fc.Arbitrary<KindValues>> = {
  cabinet: fc.record({
    width: tenths(150, 500),
    depth: tenths(60, 250),
    height: tenths(150, 500),
    columns: fc.integer({ min: 1, max: 4 }),
    rows: fc.integer({ min: 1, max: 4 }),
    on: fc.constantFrom('shelves', 'runners'),
    runner: tenths(3, 10),
    into: fc.constantFrom('tenon', 'slot', 'groove'),
    side: tenths(0.2, 2),
    above: tenths(0.2, 2),
    behind: tenths(0, 20),
    front: fc.constantFrom('set back', 'flush', 'plate'),
    'set-back': tenths(0, 10),
    gap: tenths(0.5, 2),
    pull: fc.constantFrom('none', 'hole', 'half-round', 'slot', 'knob'),
    'pull-size': fc.constantFrom(8, 12, 16),
    'drawer-floor': fc.constantFrom('fingers', 'groove', 'tenon'),
    tab: tenths(8, 20),
    thickness,
  }),
  'box-set': fc.record({
    ...inner,
    width: tenths(150, 500),
    depth: tenths(150, 500),
    columns: fc.integer({ min: 1, max: 5 }),
    rows: fc.integer({ min: 1, max: 4 }),
    gap: tenths(0.1, 5),
    above: tenths(0, 10),
  }),
  'tray-in-box': fc.record({
    ...inner,
    at: tenths(8, 60),
    'tray-height': tenths(15, 60),
    ledge: tenths(4, 20),
    play: tenths(0.1, 2),
  }),
  'capped-box': fc.record({ ...inner, over: tenths(15, 100), play: tenths(0.1, 1) }),
  'split-box': fc.record({ ...inner, at: tenths(12, 100), lining: tenths(2, 20), play: tenths(0.1, 0.6) }),
}

describe.each(Object.entries(RANDOM))('%s', (kind, values) => {
  test('stand in each other and come out: proven here, and the solid library agrees', () => {
    let proven = 0
    for (const each of fc.sample(values, { numRuns: runs(3000), seed: seedOf(20261125) })) {
      if (proven >= WHOLES) break
      const job = made(kind, each)
      if (!job) continue
      proven++
      const scene = sceneFor(job)
      const said = JSON.stringify(each)
      const struck = standsOf(scene).filter(({ strikes }) => strikes)
      if (struck.length > 0) throw new Error(`${JSON.stringify(struck[0])} in ${said}`)
      const shared = collisions(scene, 2)
      if (shared > 1e-2) throw new Error(`solid library: ${shared} mm³ shared in ${said}`)
    }
    expect(proven).toBe(WHOLES)
  }, 600_000)
})

describe('a cabinet', () => {
  const job = makeJob('cabinet', { width: '260', depth: '130', height: '210', 'set-back': '2' }, 'k', '')
  if (!job.ok) throw new Error(job.error)
  // Common practice, no source: 1.27 at each side slides loosely, 0.65 above is close.
  test('its drawers are as large as their openings, less 1.27 at each side and 0.65 above', () => {
    const [shell, drawer] = thingsOf(job.job)
    expect([shell.copies, drawer.copies]).toEqual([1, 12])
    expect(drawer.box.width).toBeCloseTo((260 - 2 * 3 - 2 * 3) / 3 - 2 * 1.27, 3)
    expect(drawer.box.height).toBeCloseTo((210 - 2 * 3 - 3 * 3) / 4 - 0.65, 3)
    expect(drawer.box.depth).toBeCloseTo(130 - 3 - 2, 3)
  })
  test('how much room each drawer has is found from the shapes, not from what was asked for', () => {
    const [first] = standsOf(sceneFor(job.job)).slice(1)
    const room = Object.fromEntries(
      first.clearances.map(({ side, distance }) => [`${side.axis}${side.sign}`, Number(distance.toFixed(3))]),
    )
    expect(room).toEqual({ x1: 1.27, 'x-1': 1.27, z1: 0.65, 'z-1': 0 })
  })
  test('tab ends that stand out too far strike the case, and it is told how far before its place', () => {
    const deep = makeJob('cabinet', { behind: '5', 'drawer-floor': 'groove' }, 'k', '')
    if (!deep.ok) throw new Error(deep.error)
    const also = deep.job.also.map((each) => ({ ...each, box: { ...each.box, proud: 1.5 } }))
    const proud = { ...deep.job, also }
    const stands = standsOf(sceneFor(proud))
    expect(stands[1].strikes).toMatchObject({ against: expect.stringContaining('case, left') })
    // Its sides are struck as far as the tabs of its back wall reach in: as deep as the case is.
    expect(stands[1].strikes!.before).toBeGreaterThan(100)
    expect(stands[0].strikes).not.toBeNull()
  })
  test('mirrored drawers are told apart: plates at the left and at the right edge are not one part', () => {
    const plated = makeJob('cabinet', { front: 'plate', columns: '2', rows: '1' }, 'k', '')
    if (!plated.ok) throw new Error(plated.error)
    const [, left, right] = thingsOf(plated.job)
    expect([left.name, right.name]).toEqual(['drawer A', 'drawer B'])
    const [a, b] = [left, right].map(({ box }) => fittingOf(box, 'plate')!)
    expect([a.left, a.right]).toEqual([b.right, b.left])
    expect(a.left).not.toBe(a.right)
  })
  test.each([
    [{ width: '60', columns: '12' }, 'Only 0 mm would be left'],
    [{ depth: '40', behind: '60' }, 'would be left of the depth'],
    [{ height: '40', rows: '20' }, 'too wide together'],
    [{ front: 'plate', rows: '20', columns: '12', height: '2000', width: '2000' }, ''],
  ])('%p is refused in one sentence, or made', (typed, sentence) => {
    const result = makeJob('cabinet', typed as Record<string, string>, 'k', '')
    if (sentence === '') expect(result.ok).toBe(true)
    else expect(result).toEqual({ ok: false, error: expect.stringContaining(sentence) })
  })
})

describe('a whole that is settled', () => {
  const job = makeJob('box-set', {}, 'k', '')
  if (!job.ok) throw new Error(job.error)
  const settled = (changed: Job): Job => {
    const result = settleJob(changed, IN_METRIC)
    if (!result.ok) throw new Error(result.error)
    return result.job
  }
  const setOf = (part: object): Job =>
    settled({ ...job.job, whole: { ...job.job.whole, ...part } as Job['whole'] })
  test('is the same job when nothing changed', () => expect(settled(job.job)).toBe(job.job))
  test('equal boxes are one thing in copies, others are added and taken away', () => {
    expect(thingsOf(job.job).map(({ copies }) => copies)).toEqual([6])
    const three = setOf({ columns: [null, null, 60] })
    expect(thingsOf(three).map(({ copies, name }) => `${copies} ${name}`)).toEqual(['4 box A', '2 box B'])
    expect(thingsOf(settled({ ...three, whole: job.job.whole }))).toHaveLength(1)
  })
  test('what the maker chose of a box stays, and new boxes are like the others', () => {
    const own = { ...job.job, box: { ...job.job.box, proud: 0.4 } }
    const more = settled({ ...own, whole: { ...own.whole, heights: [30, null] } as Job['whole'] })
    expect(thingsOf(more).map(({ box }) => [box.height, box.proud])).toEqual([
      [30, 0.4],
      [55, 0.4],
    ])
  })
  test('widths of boxes and gaps come to the whole space', () => {
    const { posed } = sceneFor(setOf({ columns: [null, 70.5, null], gap: 2 }))
    const ends = posed.slice(0, 3).map(({ place, panels }) => {
      const front = panels.find(({ id }) => id.endsWith('/front'))!
      return [place.pose.at.x, place.pose.at.x + front.size.width]
    })
    expect(ends[0][0]).toBe(2)
    expect(ends[1][0] - ends[0][1]).toBeCloseTo(2, 3)
    expect(320 - ends[2][1]).toBeCloseTo(2, 3)
  })
})
