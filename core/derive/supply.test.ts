import { describe, expect, test } from '@jest/globals'
import { jtsOf, without } from '../../scripts/testing/jts'
import { demo } from '../../scripts/testing/demo'
import { rectangle, sharedArea, type Point } from '../geometry'
import type { Job } from '../job'
import { placedShape } from '../nest'
import { offcutArea } from '../stock'
import { planCut } from './cut-plan'
import { depthsOf } from './own-ways'
import {
  arrange,
  asOffcut,
  deriveAll,
  isBetterLayout,
  layoutSignature,
  deriveParts,
  restsOf,
  scoreOf,
  stockAfter,
  supplyFor,
  withLayout,
} from './index'

type Settings = Job['layout']['settings']
const shown = demo('crate')
const crate: Job = {
  ...shown,
  layout: { ...shown.layout, settings: { ...shown.layout.settings, kept: [] } },
}
const having = (settings: Partial<Settings>, job = crate): Job => ({
  ...job,
  layout: { arrangement: null, settings: { ...job.layout.settings, ...settings } },
})
const idsOf = (job: Job): (string | null)[] => supplyFor(job).map(({ offcut }) => offcut)
/** Pins that a layout keeps: its own, by hand. */
function pinned(job: Job, parts: string[]): Job {
  const { arrangement } = job.layout
  const placements = arrangement!.placements.map((each) => ({ ...each, pinned: parts.includes(each.part) }))
  return withLayout(job, { ...arrangement!, placements })
}

/** Whether a tiny square round a point lies in a ring. */
const isInside = (outline: Point[], { x, y }: Point): boolean =>
  sharedArea(
    { outline, holes: [] },
    { outline: rectangle(x - 0.01, y - 0.01, x + 0.01, y + 0.01), holes: [] },
  ) > 0

describe('what is taken first', () => {
  const [small, middle, large] = crate.measure.stock!.offcuts.map(({ id }) => id)
  test('whole sheets only, small ones, the oldest', () => {
    expect(idsOf(having({ first: 'whole sheets', sheets: 2 }))).toEqual([null, null])
    expect(idsOf(having({ first: 'offcuts', sheets: 1 }))).toEqual([small, middle, middle, large, null])
    const aged = crate.measure.stock!.offcuts.map((each, i) => ({ ...each, since: `2026-0${9 - i}-01` }))
    const stock = { ...crate.measure.stock!, offcuts: aged }
    const old = { ...crate, measure: { ...crate.measure, stock } }
    expect(idsOf(having({ first: 'oldest', sheets: 1 }, old))).toEqual([large, middle, middle, small, null])
  })
  test('the cheapest for its size: a dear offcut comes after whole sheets', () => {
    const offcuts = crate.measure.stock!.offcuts.map((each, i) => ({ ...each, price: i === 0 ? 50 : 0.1 }))
    const dear = { ...crate, measure: { ...crate.measure, stock: { ...crate.measure.stock!, offcuts } } }
    expect(idsOf(having({ first: 'cheapest', sheets: 1 }, dear)).slice(-2)).toEqual([null, small])
  })
  test('what the job leaves alone is not there', () =>
    expect(idsOf(having({ first: 'offcuts', kept: [small, large], sheets: 1 }))).toEqual([
      middle,
      middle,
      null,
    ]))
  test('a layout goes stale with a piece that it may use, and with no other', () => {
    const signature = (job: Job): string => layoutSignature(deriveParts(job).parts, job)
    const stock = { ...crate.measure.stock!, offcuts: crate.measure.stock!.offcuts.slice(1) }
    const fewer: Job = { ...crate, measure: { ...crate.measure, stock } }
    const kept: Partial<Settings> = { first: 'offcuts', kept: [small] }
    expect(signature(having({ first: 'offcuts' }))).not.toBe(signature(having({ first: 'offcuts' }, fewer)))
    expect(signature(having(kept))).toBe(signature(having(kept, fewer)))
    expect(signature(having({ first: 'whole sheets' }))).toBe(
      signature(having({ first: 'whole sheets' }, fewer)),
    )
  })
})

describe('a crate on offcuts', () => {
  const laid = deriveAll(having({ first: 'offcuts' }))
  const { offcuts, placements } = laid.job.layout.arrangement!
  test('spares a sheet by one offcut, and takes no more of them than that needs', () => {
    expect(deriveAll(having({ first: 'whole sheets' })).derived.use).toMatchObject({ sheets: 2, offcuts: 0 })
    expect(laid.derived.use).toMatchObject({ sheets: 1, offcuts: 1 })
    expect(laid.derived.plan!.violations).toEqual([])
    const pages = laid.derived.plan!.loads.map(({ offcut, width, height }) => [offcut, width, height])
    expect(pages).toEqual([
      ['offcut-1', 220, 160],
      [null, 600, 400],
    ])
  })
  test('an offcut that spares no sheet is left alone', () => {
    const small = having({ first: 'offcuts' }, { ...crate, box: { ...crate.box, height: 60 } })
    expect(deriveAll(small).derived.use).toMatchObject({ sheets: 1, offcuts: 0 })
  })
  test('what is pinned to an offcut stays there, whatever is laid out anew', () => {
    const onOffcut = placements.find(({ sheet }) => sheet === offcuts[0].sheet)!
    const again = deriveAll({ ...pinned(laid.job, [onOffcut.part]), box: { ...laid.job.box, height: 141 } })
    const { arrangement } = again.job.layout
    const there = arrangement!.placements.find(({ part }) => part === onOffcut.part)!
    expect([there.x, there.y]).toEqual([onOffcut.x, onOffcut.y])
    expect(arrangement!.offcuts.find(({ sheet }) => sheet === there.sheet)?.offcut).toBe('offcut-1')
  })
  test('what is pinned to a sheet stays there, also where fewer sheets are allowed by now', () => {
    const two = deriveAll(having({ first: 'whole sheets' }))
    const onSecond = two.job.layout.arrangement!.placements.find(({ sheet }) => sheet === 1)!
    const held = pinned(two.job, [onSecond.part])
    const settings = { ...held.layout.settings, sheets: 1, gap: 4 }
    const again = deriveAll({ ...held, layout: { ...held.layout, settings } })
    const there = again.job.layout.arrangement!.placements.find(({ part }) => part === onSecond.part)
    expect(there).toMatchObject({ sheet: 1, x: onSecond.x, y: onSecond.y, pinned: true })
  })
  test('what is left over is clear of every part, and goes to the bench with its corners', () => {
    const rests = restsOf(laid.job, laid.parts)
    expect(rests.map(({ offcut }) => offcut)).toEqual(['offcut-1', null])
    for (const { sheet, remnants } of rests)
      for (const { outline } of remnants)
        for (const placement of placements.filter((each) => each.sheet === sheet)) {
          const part = jtsOf(
            placedShape(
              laid.parts.find(({ id }) => id === placement.part)!,
              placement,
            ),
          )
          expect(without(part, jtsOf({ outline, holes: [] })).getArea()).toBeCloseTo(part.getArea(), 3)
        }
    const kept = rests[1].remnants.map((each, i) => asOffcut(each, `rest-${i}`, 'rest', '2026-05-01'))
    const [plain, all] = kept
    expect(plain.outline).toBeNull()
    expect(offcutArea(all)).toBeCloseTo(rests[1].remnants[1].area, 1)
    const after = stockAfter(laid.job.measure.stock!, rests, [plain])
    expect(after.sheetsAtHand).toBe(laid.job.measure.stock!.sheetsAtHand - 1)
    expect(after.offcuts.map(({ id, count }) => [id, count])).toEqual([
      ['offcut-2', 2],
      ['offcut-3', 1],
      ['rest-0', 1],
    ])
  })
  test('a name is scored on what is left, where no part is cut', () => {
    const named = deriveAll(having({ first: 'offcuts', nameRest: true }))
    const names = named.derived.plan!.loads.map(({ paths, width, height }) => {
      const own = paths.filter(({ part }) => part.startsWith('rest of'))
      for (const { points } of own)
        for (const { x, y } of points) {
          expect(Math.min(x, y, width - x, height - y)).toBeGreaterThan(0)
          const cutHere = paths.filter(({ operation }) => operation === 'outline')
          const clear = cutHere.every(({ points: ring }) => !isInside(ring, { x, y }))
          expect(clear).toBe(true)
        }
      return own.length > 0
    })
    expect(names).toEqual([false, true])
    expect(named.derived.plan!.signature).not.toBe(laid.derived.plan!.signature)
  })
})

test('edges cut once are what the laser cuts less of the same layout', () => {
  const sharing = having({ shareEdges: true, grain: 'free' }, { ...crate, copies: 2 })
  const { parts, things } = deriveParts(sharing)
  const arrangement = arrange(parts, sharing)
  const cutLength = (shareEdges: boolean): number =>
    planCut(withLayout(having({ shareEdges, grain: 'free' }), arrangement), parts, depthsOf(things)).total
      .cutLength
  const { shared } = scoreOf(arrangement, parts, sharing)
  expect(shared).toBeGreaterThan(100)
  expect(cutLength(false) - cutLength(true)).toBeCloseTo(shared, 3)
  expect(scoreOf(arrangement, parts, having({ shareEdges: false })).shared).toBe(0)
})

test('a layout is better by whole boxes, parts, sheets, the piece it leaves, then by edges cut once', () => {
  const score = { whole: 2, unplaced: 0, weight: 2, sheets: 2, offcuts: 0, rest: 1000, shared: 50 }
  expect(isBetterLayout({ ...score, whole: 3, unplaced: 5 }, score)).toBe(true)
  expect(isBetterLayout({ ...score, unplaced: 1, weight: 1 }, score)).toBe(false)
  expect(isBetterLayout({ ...score, weight: 1.2, rest: 0 }, score)).toBe(true)
  expect(isBetterLayout({ ...score, rest: 1200, shared: 0 }, score)).toBe(true)
  expect(isBetterLayout({ ...score, shared: 80 }, score)).toBe(true)
  expect(isBetterLayout({ ...score, rest: 900, shared: 80 }, score)).toBe(false)
  expect(isBetterLayout(score, score)).toBe(false)
})
