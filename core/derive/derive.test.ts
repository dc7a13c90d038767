import { describe, expect, test } from '@jest/globals'
import { demo, derivedAsShown as derive } from '../../scripts/testing/demo'
import { ownerOf } from '../../scripts/testing/parts'
import { problemSentence } from '../box'
import { area, bounds } from '../geometry'
import type { Job } from '../job'
import { IN_METRIC as say } from '../length'
import { isForbidden } from '../nest'
import {
  betterWay,
  deriveAll,
  deriveBox,
  deriveFit,
  layoutRules,
  layoutSignature,
  makeParts,
  markSettings,
  needsLayout,
  pictureOf,
  planCut,
  deriveParts,
  sheetOf,
  signatureOf,
  surfaceFor,
  turnedOf,
} from './index'

const tray = derive(deriveAll(demo('plain-tray')).job)
const withMeasure = (part: Partial<Job['measure']>): Job => ({
  ...tray.job,
  measure: { ...tray.job.measure, ...part },
})
const oval = withMeasure({
  kerf: { ...tray.job.measure.kerf!, kx: 0.18, ky: 0.12, width: 0.15, doubt: 0.008 },
})

describe('tabs that cannot be cut', () => {
  const uprights = (count: number): Job => ({
    ...tray.job,
    box: { ...tray.job.box, tabs: { ...tray.job.box.tabs, uprights: { rule: 'shares', count } } },
  })
  test('a notch that kerf and interference would close is refused before it is cut', () => {
    const narrow = uprights(45) // shares of 0.93 mm
    expect(deriveBox(narrow).problems).toEqual([])
    const kerf = { ...narrow.measure.kerf!, width: 0.6 }
    const { panels, problems } = deriveBox({
      ...narrow,
      measure: { ...narrow.measure, kerf },
      interference: 0.2,
    })
    expect(panels).toBeNull()
    expect(problemSentence(problems[0], say)).toContain('they need 1.10 mm')
  })
  test('tabs too narrow to be left standing are refused', () =>
    expect(deriveBox(uprights(199)).problems[0]).toMatchObject({ field: 'tabs' }))
  test('paper with a loose fit is a problem that is said, not an exception', () => {
    const thin = withMeasure({ stock: { ...tray.job.measure.stock!, readings: [], nominal: 0.05 } })
    const six = { rule: 'shares' as const, count: 6 }
    const box = {
      ...thin.box,
      fittings: [{ type: 'top-fingers' as const }],
      proud: 0,
      tabs: { ...thin.box.tabs, uprights: six, top: six },
    }
    for (const interference of [-0.5, -0.05]) {
      const { problems, panels } = deriveBox({ ...thin, box, interference })
      expect(panels === null).toBe(problems.length > 0)
      for (const problem of problems) expect(problemSentence(problem, say)).toMatch(/\.$/)
    }
  })
})

describe('parts', () => {
  test('copies are told apart by number, and labels stay inside their part', () => {
    const { parts } = derive(demo('slip-cases'))
    expect(parts).toHaveLength(20)
    expect(new Set(parts.map(({ id }) => id)).size).toBe(20)
    const low = { ...demo('plain-tray'), copies: 12 }
    low.box = { ...low.box, height: 14 } // lower than a label is high when it has room
    for (const { lies, shape } of [...parts, ...deriveParts(low).parts]) {
      const frame = bounds(shape.outline)
      for (const { x, y } of lies[0].marks.flat()) {
        expect(x > frame.minX && x < frame.maxX && y > frame.minY && y < frame.maxY).toBe(true)
      }
      expect(lies[0].marks.length).toBeGreaterThan(0)
    }
  })
  test('keep their identity when a second copy is made: what was placed by hand stays', () => {
    const arrangement = { ...tray.job.layout.arrangement!, byHand: true }
    const twice: Job = { ...tray.job, copies: 2, layout: { ...tray.job.layout, arrangement } }
    const { parts } = deriveParts(twice)
    expect(needsLayout(twice, parts)).toBe(true)
    const ids = new Set(parts.map(({ id }) => id))
    for (const { part } of arrangement.placements) expect(ids.has(part)).toBe(true)
    expect(tray.parts.map(({ id, label }) => [id, label])[0]).toEqual(['floor-1', 'floor'])
    const pinned = {
      ...arrangement,
      placements: arrangement.placements.map((each) => ({ ...each, pinned: true })),
    }
    const again = deriveAll({ ...twice, layout: { ...twice.layout, arrangement: pinned } }).job
    for (const placement of pinned.placements)
      expect(again.layout.arrangement!.placements).toContainEqual(placement)
  })
})

describe('a beam that is not round', () => {
  test('moves edges by another distance each way, and a part turned on the sheet is cut otherwise', () => {
    const { panels, cuts } = deriveBox(oval)
    const front = panels!.find(({ id }) => id === 'front')!
    const drawn = bounds(front.drawn.outline)
    const [unturned, turned] = cuts.get('front')!.map(({ outline }) => bounds(outline))
    const grew = (box: typeof drawn) => [
      drawn.minX - box.minX,
      drawn.minY - box.minY,
      box.maxX - drawn.maxX,
      box.maxY - drawn.maxY,
    ]
    for (const [i, by] of [0.09, 0.06, 0.09, 0.06].entries()) expect(grew(unturned)[i]).toBeCloseTo(by, 5)
    for (const [i, by] of [0.06, 0.09, 0.06, 0.09].entries()) expect(grew(turned)[i]).toBeCloseTo(by, 5)
    // What is left after the beam took its width each way is the drawn panel, whichever way it lies.
    for (const shape of cuts.get('front')!) expect(area(shape)).toBeGreaterThan(area(front.drawn))
  })
  test('a round one cuts both ways alike, from one shape', () => {
    const [unturned, turned] = deriveBox(tray.job).cuts.get('front')!
    expect(turned).toBe(unturned)
  })
  test('turning a part on the sheet changes the file, and the fit where software compensates', () => {
    const turnAll = (job: Job, turn: 0 | 90): Job => {
      const { arrangement } = deriveAll(job).job.layout
      const placements = arrangement!.placements.map(
        (each, i) => ({ ...each, turn: each.part === 'front-1' ? turn : 0, x: 20 + 5 * i, y: 20 }) as const,
      )
      return { ...job, layout: { ...job.layout, arrangement: { ...arrangement!, placements } } }
    }
    const lengths = [0, 90].map((turn) => {
      const job = turnAll(oval, turn as 0 | 90)
      const { parts } = deriveParts(job)
      const paths = planCut(job, parts, []).loads.flatMap((load) => load.paths)
      const outline = paths.find(({ part, operation }) => part === 'front-1' && operation === 'outline')!
      const { minX, maxX, minY, maxY } = bounds(outline.points)
      return Math.max(maxX - minX, maxY - minY)
    })
    expect(lengths[0] - lengths[1]).toBeCloseTo(0.06, 4) // its long side is cut across, or along

    const software: Job = { ...oval, cut: { ...oval.cut, compensation: 'software' } }
    const words = [0, 90].map((turn) => {
      const job = turnAll(software, turn as 0 | 90)
      const { box } = deriveParts(job)
      return deriveFit(job, box, turnedOf(job.layout.arrangement!.placements)).joints.map(
        ({ label }) => label,
      )
    })
    expect(words[0]).not.toEqual(words[1])
  })
  test('the better way round is advised where it helps, and only there', () => {
    const software: Job = { ...oval, cut: { ...oval.cut, compensation: 'software' } }
    const box = deriveBox(software)
    const now = deriveFit(software, box, {})
    const better = betterWay(software, box, {})!
    const lying = Object.fromEntries(better.turn.map((name) => [`${name}-1`, true]))
    const then = deriveFit(software, box, lying)
    expect(then.odds[now.wanted]).toBeCloseTo(better.odds, 9)
    expect(better.odds).toBeGreaterThan(now.odds[now.wanted] + 0.02)
    expect(betterWay(software, box, lying)).toBeNull()
    expect(betterWay(oval, deriveBox(oval), {})).toBeNull() // in the paths every way round is alike
    expect(betterWay(tray.job, tray.derived.box, {})).toBeNull()
  })
})

describe('sheet, bed and loads', () => {
  const machine = { ...tray.job.measure.machine!, bedWidth: 600, bedHeight: 450 }
  const stock = { ...tray.job.measure.stock!, sheetWidth: 1300, sheetHeight: 900 }
  const large = deriveAll({
    ...withMeasure({ machine, stock }),
    copies: 6,
    layout: { ...tray.job.layout, arrangement: null },
  })
  test('the sheet has the size that its stock has', () => {
    expect(sheetOf(large.job)).toEqual({ width: 1300, height: 900 })
    expect(sheetOf({ measure: { ...tray.job.measure, stock: null } })).toEqual({ width: 600, height: 400 })
  })
  test('one sheet in several loads, and no line of a load leaves the bed', () => {
    const { plan, use } = large.derived
    expect(use).toMatchObject({ sheets: 1 })
    expect(plan!.loads.length).toBe(use!.loads)
    expect(plan!.violations.filter(isForbidden)).toEqual([])
    for (const { paths, width, height } of plan!.loads) {
      const { minX, minY, maxX, maxY } = bounds(paths.flatMap(({ points }) => points))
      expect(Math.min(minX, minY)).toBeGreaterThanOrEqual(0)
      expect(maxX).toBeLessThanOrEqual(width)
      expect(maxY).toBeLessThanOrEqual(height)
      expect(width).toBeLessThanOrEqual(600)
      expect(height).toBeLessThanOrEqual(450)
    }
  })
  test('a change of the sheet that moves lines on the bed makes a written file stale', () => {
    const signature = (job: Job): string => deriveAll(job).derived.plan!.signature
    const before = signature(tray.job)
    const taller = withMeasure({ stock: { ...tray.job.measure.stock!, sheetHeight: 380 } })
    expect(signature(taller)).not.toBe(before)
    const turned = withMeasure({ machine: { ...tray.job.measure.machine!, origin: 'back right' } })
    expect(signature(turned)).not.toBe(before)
    expect(signature({ ...tray.job, cut: { ...tray.job.cut, labels: 'none' } })).not.toBe(before)
  })
  test('outlines are cut with the setting for cutting, labels with that for scoring', () => {
    const { settings, choice } = tray.derived.plan!
    expect(settings.outline).toEqual(choice.setting)
    expect(settings.inside).toEqual(choice.setting)
    expect(settings.score).toEqual(markSettings(tray.job).score)
    expect(settings.score).not.toEqual(settings.outline)
  })
})

describe('grain', () => {
  const withStock = (grain: 'none' | 'width' | 'height', wanted: 'free' | 'along' | 'across'): Job => ({
    ...withMeasure({ stock: { ...tray.job.measure.stock!, grain } }),
    layout: { settings: { ...tray.job.layout.settings, grain: wanted }, arrangement: null },
  })
  const turnsOf = (job: Job): number[] => [
    ...new Set(deriveAll(job).job.layout.arrangement!.placements.map(({ turn }) => turn % 180)),
  ]
  test('panels lie to it as it runs in the stock', () => {
    expect(turnsOf(withStock('width', 'along'))).toEqual([0])
    expect(turnsOf(withStock('height', 'along'))).toEqual([90])
    expect(turnsOf(withStock('width', 'across'))).toEqual([90])
    expect(turnsOf(withStock('height', 'across'))).toEqual([0])
  })
  test('a stock without grain leaves them free', () =>
    expect(layoutRules(withStock('none', 'across')).grain).toBe('free'))
  test('turning the stock’s grain makes the layout stale', () => {
    const job = { ...withStock('height', 'along'), layout: { ...tray.job.layout } }
    expect(needsLayout(job, deriveParts(job).parts)).toBe(true)
  })
})

test('a layout’s signature follows what it rests on, and nothing else', () => {
  const before = layoutSignature(tray.parts, tray.job)
  expect(layoutSignature(tray.parts, { ...tray.job, name: 'Other', log: [] } as Job)).toBe(before)
  const { settings } = tray.job.layout
  const wider = { ...tray.job, layout: { ...tray.job.layout, settings: { ...settings, gap: 4 } } }
  expect(layoutSignature(tray.parts, wider)).not.toBe(before)
  expect(signatureOf({ a: 1 })).not.toBe(signatureOf({ a: 2 }))
  expect(surfaceFor(tray.job).loads).toHaveLength(1)
})

describe('the picture of a box', () => {
  const { panels } = tray.derived.box
  const picture = pictureOf(panels!)
  test('is drawn true: a length along any axis is as long wherever it lies', () => {
    const [x, y, width, height] = picture.viewBox
    expect([x, y, width, height].every(Number.isFinite)).toBe(true)
    const { outer } = tray.derived.box.sizes
    // Width and depth are seen at ±0.6 rad, so the picture is as wide as both together.
    const wide = (outer.x + 0.6) * Math.cos(0.6) + (outer.y + 0.6) * Math.sin(0.6)
    expect(Math.abs(width - wide)).toBeLessThan(2)
  })
  test('shows inside and outside, each with its light', () => {
    expect(picture.facets.length).toBeGreaterThan(panels!.length)
    for (const { shade } of picture.facets) expect(shade >= 0 && shade <= 1).toBe(true)
  })
  test('parts are made from the same panels', () =>
    expect(makeParts(tray.derived.box, ownerOf(1), tray.job.cut)).toHaveLength(panels!.length))
})
