import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { apart, jtsOf, shared } from '../../scripts/testing/jts'
import { partsOf, SMALL_BOX } from '../../scripts/testing/parts'
import { packerSheets } from '../../scripts/testing/rectangles'
import { rectangle, sizeOf, union, type Region } from '../geometry'
import { deriveThings, partsOfThings } from '../derive'
import { makeJob } from '../kinds'
import { IN_METRIC as say } from '../length'
import { PLAIN_BOX, sameTabs } from '../box'
import {
  allowedTurns,
  loadAt,
  nest,
  nestSteps,
  placedShape,
  sheetUse,
  sheetsOf,
  surfaceOf,
  type Surface,
  unplacedSentence,
  violations,
  type NestRules,
  type NestPart,
  type Placement,
} from './index'
import { runs, seedOf } from '../../scripts/testing/runs'

type Rules = NestRules & { sheets: number }
/** On so many sheets of one size. */
const nestOn = (parts: NestPart[], rules: Rules, surface: Surface, ...more: [Placement[]?, number?]) =>
  nest(parts, rules, sheetsOf(surface, rules.sheets), ...more)
const useOf = (parts: NestPart[], placements: Placement[], rules: Rules, surface: Surface) =>
  sheetUse(parts, placements, rules, () => surface, sheetsOf(surface, rules.sheets))

const settings: Rules = { sheets: 4, margin: 5, gap: 3, grain: 'free', turning: true }
const sheet = surfaceOf({ width: 600, height: 400 }, null)
const part = (id: string, shape: Region): NestPart => ({ id, shape, turnedShape: shape })
const block = (id: string, width: number, height: number): NestPart =>
  part(id, { outline: rectangle(0, 0, width, height), holes: [] })

const jobs = fc.record({
  spec: fc
    .record({
      sizesAre: fc.constant('outer' as const),
      width: fc.integer({ min: 30, max: 350 }),
      depth: fc.integer({ min: 30, max: 250 }),
      height: fc.integer({ min: 30, max: 150 }),
      top: fc.boolean(),
      tabs: fc
        .record({
          rule: fc.constantFrom('even' as const, 'fixed' as const),
          width: fc.integer({ min: 6, max: 30 }),
        })
        .map(sameTabs),
      proud: fc.constantFrom(0, 0.5),
    })
    .map((spec) => ({ ...PLAIN_BOX, ...spec })),
  copies: fc.integer({ min: 1, max: 3 }),
  sheetSize: fc.record({
    width: fc.integer({ min: 300, max: 900 }),
    height: fc.integer({ min: 250, max: 600 }),
  }),
  settings: fc.record({
    sheets: fc.integer({ min: 1, max: 20 }),
    margin: fc.integer({ min: 0, max: 12 }),
    gap: fc.integer({ min: 0, max: 8 }),
    grain: fc.constantFrom('free' as const, 'along' as const, 'across' as const),
    turning: fc.boolean(),
  }),
})

test('generated jobs: no overlap, gap and margin kept, every part placed or its reason said', () => {
  fc.assert(
    fc.property(jobs, ({ spec, copies, sheetSize, settings: own }) => {
      const parts = partsOf(spec, copies)
      const surface = surfaceOf(sheetSize, null)
      const { placements, unplaced } = nestOn(parts, own, surface)
      const named = [...placements, ...unplaced].map(({ part: id }) => id).sort()
      expect(named).toEqual(parts.map(({ id }) => id).sort())
      for (const each of unplaced)
        expect(unplacedSentence(each, own.sheets, say)).toMatch(/^(No|It).{20,}\.$/)
      // jsts, a geometry library of its own descent, measures the compensated outlines.
      const byId = new Map(parts.map((each) => [each.id, each]))
      const shapes = placements.map((placement) => ({
        placement,
        jts: jtsOf(placedShape(byId.get(placement.part)!, placement)),
      }))
      for (const [i, { placement, jts }] of shapes.entries()) {
        const frame = jts.getEnvelopeInternal()
        expect(Math.min(frame.getMinX(), frame.getMinY())).toBeGreaterThanOrEqual(own.margin - 1e-5)
        expect(frame.getMaxX()).toBeLessThanOrEqual(sheetSize.width - own.margin + 1e-5)
        expect(frame.getMaxY()).toBeLessThanOrEqual(sheetSize.height - own.margin + 1e-5)
        expect(allowedTurns(own)).toContain(placement.turn)
        for (const other of shapes.slice(i + 1)) {
          if (other.placement.sheet !== placement.sheet) continue
          if (own.gap > 0) expect(apart(jts, other.jts)).toBeGreaterThanOrEqual(own.gap - 1e-4)
          else expect(shared(jts, other.jts).getArea()).toBeLessThan(1e-2)
        }
      }
      expect(violations(parts, placements, own, () => surface)).toEqual([])
    }),
    { numRuns: runs(25), seed: seedOf(11) },
  )
}, 300_000)

test('never more sheets than a rectangle packer from the registry needs, never fewer than the bound', () => {
  fc.assert(
    fc.property(jobs, ({ spec, copies, sheetSize, settings: own }) => {
      const free: Rules = { ...own, grain: 'free', turning: true, sheets: 60 }
      const parts = partsOf(spec, copies)
      const inside = [sheetSize.width, sheetSize.height].map((side) => side - 2 * free.margin)
      const others = packerSheets(
        parts.map(({ shape }) => sizeOf(shape)),
        inside[0],
        inside[1],
        free.gap,
      )
      if (others === Infinity) return
      const surface = surfaceOf(sheetSize, null)
      const { sheets, fewest } = useOf(parts, nestOn(parts, free, surface).placements, free, surface)
      expect(sheets).toBeLessThanOrEqual(others)
      expect(sheets).toBeGreaterThanOrEqual(fewest)
    }),
    { numRuns: runs(25), seed: seedOf(3) },
  )
}, 300_000)

describe('the search', () => {
  const tight: Rules = { sheets: 5, margin: 0, gap: 0, grain: 'free', turning: true }
  test('slides teeth into notches: three parts on a sheet that takes two by their bounding boxes', () => {
    const tabbed = union([rectangle(0, 0, 40, 10), rectangle(10, 10, 30, 20)])[0]
    const notched = union([rectangle(0, 10, 40, 20), rectangle(0, 0, 10, 20), rectangle(30, 0, 40, 20)])[0]
    const parts = [part('tabbed', tabbed), part('notched', notched), block('bar', 40, 10)]
    const { placements } = nestOn(
      parts,
      { ...tight, turning: false },
      surfaceOf({ width: 40, height: 42 }, null),
    )
    expect(placements.map(({ sheet: on }) => on)).toEqual([0, 0, 0])
  })
  test('shuffles orders when the fixed ones find nothing better', () => {
    const sizes = [
      [34, 40],
      [31, 42],
      [42, 15],
      [36, 20],
      [11, 17],
      [46, 27],
    ] // found by chance
    const parts = sizes.map(([width, height], i) => block(`p${i}`, width, height))
    const sheets = [
      ...nestSteps(parts, tight, sheetsOf(surfaceOf({ width: 100, height: 60 }, null), tight.sheets)),
    ].map(({ layout }) => 1 + Math.max(...layout.placements.map(({ sheet: on }) => on)))
    expect(sheets[35]).toBe(2) // six orders, three preferences, with and without sliding
    expect(sheets.at(-1)).toBe(1)
  })
  test('the same input gives the same layout', () => {
    const parts = partsOf(SMALL_BOX, 1)
    expect(nestOn(parts, settings, sheet)).toEqual(nestOn(parts, settings, sheet))
  })
  test('reports every try and keeps the best', () => {
    const parts = partsOf(SMALL_BOX, 1)
    const tries = [...nestSteps(parts, settings, sheetsOf(sheet, 4))]
    expect(tries.at(-1)!.tried).toBeLessThanOrEqual(tries.at(-1)!.of)
    const numbers = tries.map(({ tried }) => tried)
    expect(numbers).toEqual([...numbers].sort((a, b) => a - b))
    expect(new Set(numbers).size).toBe(tries.at(-1)!.tried) // none is left out
    expect(tries.at(-1)!.layout.placements).toHaveLength(parts.length)
  })
  test('what is pinned stays where it is, and the rest goes round it', () => {
    const parts = partsOf(SMALL_BOX, 1)
    const pinned: Placement = { part: 'front-1', sheet: 1, x: 200, y: 150, turn: 90, pinned: true }
    const { placements } = nestOn(parts, settings, sheet, [pinned])
    expect(placements).toContainEqual(pinned)
    expect(violations(parts, placements, settings, () => sheet)).toEqual([])
  })
  test('a part too large for the sheet says what would mend it', () => {
    const parts = partsOf({ ...SMALL_BOX, width: 390 }, 1)
    const upright = surfaceOf({ width: 380, height: 410 }, null)
    expect(nestOn(parts, settings, upright).unplaced).toEqual([])
    const [first] = nestOn(parts, { ...settings, turning: false }, upright).unplaced
    expect(first.why).toBe('turned it would fit')
    expect(unplacedSentence(first, 4, say)).toContain('allow turning')
  })
})

describe('a sheet larger than the bed is one sheet in several loads', () => {
  const large = { width: 1300, height: 900 }
  const bed = { width: 600, height: 450, origin: 'front left' as const }
  test('each load is what the bed reaches, from the origin corner', () => {
    const { loads } = surfaceOf(large, bed)
    expect(loads).toHaveLength(6)
    expect(loads[0]).toEqual({ x: 0, y: 0, width: 600, height: 450 })
    expect(loads[5]).toEqual({ x: 1200, y: 450, width: 100, height: 450 })
    const fromBack = surfaceOf(large, { ...bed, origin: 'back right' }).loads
    expect(fromBack[0]).toEqual({ x: 700, y: 450, width: 600, height: 450 })
    const area = loads.reduce((sum, { width, height }) => sum + width * height, 0)
    expect(area).toBe(1300 * 900)
    expect(surfaceOf({ width: 600, height: 450 }, bed).loads).toHaveLength(1)
  })
  test('no part lies across two loads, and it counts as one sheet', () => {
    const parts = partsOf({ ...SMALL_BOX, width: 300, depth: 220 }, 4)
    const surface = surfaceOf(large, bed)
    const { placements, unplaced } = nestOn(parts, settings, surface)
    expect(unplaced).toEqual([])
    expect(violations(parts, placements, settings, () => surface)).toEqual([])
    const { sheets, loads } = useOf(parts, placements, settings, surface)
    expect(sheets).toBe(1)
    expect(loads).toBeGreaterThan(2)
    for (const placement of placements) {
      const own = parts.find(({ id }) => id === placement.part)!
      const frame = jtsOf(placedShape(own, placement)).getEnvelopeInternal()
      const [load] = surface.loads.filter(
        ({ x, y, width, height }) =>
          frame.getMinX() >= x + 5 - 1e-6 &&
          frame.getMinY() >= y + 5 - 1e-6 &&
          frame.getMaxX() <= x + width - 5 + 1e-6 &&
          frame.getMaxY() <= y + height - 5 + 1e-6,
      )
      expect(load).toBeDefined()
    }
  })
  test('a part dragged over the edge of the bed is stopped, with how far', () => {
    const surface = surfaceOf(large, bed)
    const [found] = violations(
      [block('a', 100, 50)],
      [{ part: 'a', sheet: 0, x: 530, y: 20, turn: 0, pinned: true }],
      settings,
      () => surface,
    )
    expect(found).toMatchObject({ kind: 'edge', over: 'bed', out: 30 })
    expect(loadAt(surface, 640, 20)).toBe(1)
  })
})

// Three boxes of 4 × 3 × 2 in from 1/8 in stock on a sheet of 12 × 12 in: a person puts all fifteen on it.
test('fifteen parts that a person fits on one sheet are fitted on one', () => {
  const made = makeJob('box', { width: '4 in', depth: '3 in', height: '2 in', thickness: '1/8 in' }, 'k', '')
  if (!made.ok) throw new Error(made.error)
  const own = partsOfThings(deriveThings({ ...made.job, copies: 3 }), { letters: false, face: 'outside' })
  const settings: Rules = { sheets: 2, margin: 5, gap: 3, grain: 'free', turning: true }
  const sheet = surfaceOf({ width: 304.8, height: 304.8 }, null)
  const { placements, unplaced } = nestOn(own, settings, sheet)
  expect(unplaced).toEqual([])
  expect(new Set(placements.map((each) => each.sheet))).toEqual(new Set([0]))
  expect(violations(own, placements, settings, () => sheet)).toEqual([])
})
