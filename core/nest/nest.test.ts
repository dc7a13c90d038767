import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { apart, jtsOf, shared } from '../../scripts/testing/jts'
import { packerSheets } from '../../scripts/testing/rectangles'
import { sizeOf } from '../geometry'
import { makePanels, makeShell, sameThickness, type BoxSpec } from '../box'
import { makeParts, type Part } from '../job'
import {
  allowedTurns,
  nest,
  nestSteps,
  placedShape,
  sheetUse,
  violations,
  type LayoutSettings,
  type Placement,
} from './index'

const settings: LayoutSettings = {
  sheetWidth: 600,
  sheetHeight: 400,
  sheets: 4,
  margin: 5,
  gap: 3,
  grain: 'free',
  turning: true,
}
const room = { width: 600, height: 400 }
const box: BoxSpec = {
  sizesAre: 'outer',
  width: 120,
  depth: 90,
  height: 60,
  top: true,
  tabs: { rule: 'even', width: 10, counts: { uprights: 5, floor: 9, top: 9 } },
  proud: 0,
}
const partsOf = (spec: BoxSpec, copies: number): Part[] =>
  makeParts(makePanels(makeShell(spec, sameThickness(3)), spec.proud, 0), copies, 0.08)

const jobs = fc.record({
  spec: fc.record({
    sizesAre: fc.constant('outer' as const),
    width: fc.integer({ min: 30, max: 350 }),
    depth: fc.integer({ min: 30, max: 250 }),
    height: fc.integer({ min: 30, max: 150 }),
    top: fc.boolean(),
    tabs: fc.record({
      rule: fc.constantFrom('even' as const, 'fixed' as const),
      width: fc.integer({ min: 6, max: 30 }),
      counts: fc.constant({ uprights: 3, floor: 3, top: 3 }),
    }),
    proud: fc.constantFrom(0, 0.5),
  }),
  copies: fc.integer({ min: 1, max: 3 }),
  settings: fc.record({
    sheetWidth: fc.integer({ min: 300, max: 900 }),
    sheetHeight: fc.integer({ min: 250, max: 600 }),
    sheets: fc.integer({ min: 1, max: 20 }),
    margin: fc.integer({ min: 0, max: 12 }),
    gap: fc.integer({ min: 0, max: 8 }),
    grain: fc.constantFrom('free' as const, 'along' as const, 'across' as const),
    turning: fc.boolean(),
  }),
})

test('generated jobs: no overlap, gap and margin kept, every part placed or its reason said', () => {
  fc.assert(
    fc.property(jobs, ({ spec, copies, settings: own }) => {
      const parts = partsOf(spec, copies)
      const itsRoom = { width: own.sheetWidth, height: own.sheetHeight }
      const { placements, unplaced } = nest(parts, own, itsRoom)
      expect([...placements, ...unplaced].map(({ part }) => part).sort()).toEqual(
        parts.map(({ id }) => id).sort(),
      )
      expect(unplaced.every(({ reason }) => reason.length > 20)).toBe(true)
      // jsts, a geometry library of its own descent, measures the compensated outlines.
      const shapes = placements.map((placement) => ({
        placement,
        jts: jtsOf(placedShape(parts.find(({ id }) => id === placement.part)!.shape, placement)),
      }))
      for (const [i, { placement, jts }] of shapes.entries()) {
        const frame = jts.getEnvelopeInternal()
        expect(Math.min(frame.getMinX(), frame.getMinY())).toBeGreaterThanOrEqual(own.margin - 1e-5)
        expect(frame.getMaxX()).toBeLessThanOrEqual(itsRoom.width - own.margin + 1e-5)
        expect(frame.getMaxY()).toBeLessThanOrEqual(itsRoom.height - own.margin + 1e-5)
        expect(allowedTurns(own)).toContain(placement.turn)
        for (const other of shapes.slice(i + 1)) {
          if (other.placement.sheet !== placement.sheet) continue
          if (own.gap > 0) expect(apart(jts, other.jts)).toBeGreaterThanOrEqual(own.gap - 1e-4)
          else expect(shared(jts, other.jts).getArea()).toBeLessThan(1e-2)
        }
      }
      expect(violations(parts, placements, own, itsRoom)).toEqual([])
    }),
    { numRuns: 25, seed: 11 },
  )
}, 300_000)

test('never more sheets than a rectangle packer from the registry needs, never fewer than the bound', () => {
  fc.assert(
    fc.property(jobs, ({ spec, copies, settings: own }) => {
      const free: LayoutSettings = { ...own, grain: 'free', turning: true, sheets: 60 }
      const parts = partsOf(spec, copies)
      const others = packerSheets(
        parts.map(({ shape }) => sizeOf(shape)),
        free.sheetWidth - 2 * free.margin,
        free.sheetHeight - 2 * free.margin,
        free.gap,
      )
      if (others === Infinity) return
      const itsRoom = { width: free.sheetWidth, height: free.sheetHeight }
      const { sheets, fewest } = sheetUse(parts, nest(parts, free, itsRoom).placements, free, itsRoom)
      expect(sheets).toBeLessThanOrEqual(others)
      expect(sheets).toBeGreaterThanOrEqual(fewest)
    }),
    { numRuns: 25, seed: 3 },
  )
}, 300_000)

describe('what is pinned', () => {
  const parts = partsOf(box, 1)
  test('stays where it is', () => {
    const pinned: Placement = { part: 'front', sheet: 1, x: 200, y: 150, turn: 90, pinned: true }
    const { placements } = nest(parts, settings, room, [pinned])
    expect(placements).toContainEqual(pinned)
    expect(violations(parts, placements, settings, room)).toEqual([])
  })
  test('the same input gives the same layout', () =>
    expect(nest(parts, settings, room)).toEqual(nest(parts, settings, room)))
  test('the search reports every try and keeps the best', () => {
    const costs = [...nestSteps(parts, settings, room)].map(({ tried, of, layout }) => ({
      tried,
      of,
      placed: layout.placements.length,
    }))
    expect(costs.at(-1)!.tried).toBe(costs.at(-1)!.of)
    expect(costs.at(-1)!.placed).toBe(parts.length)
  })
})

describe('violations', () => {
  const parts = partsOf(box, 1)
  const at = (part: string, x: number, y: number): Placement => ({
    part,
    sheet: 0,
    x,
    y,
    turn: 0,
    pinned: true,
  })
  test('overlap, edge and gap are told apart', () => {
    expect(
      violations(parts, [at('front', 10, 10), at('back', 60, 20)], settings, room).map(({ kind }) => kind),
    ).toEqual(['overlap'])
    expect(violations(parts, [at('front', 2, 10)], settings, room).map(({ kind }) => kind)).toEqual(['edge'])
    expect(
      violations(parts, [at('front', 10, 10), at('back', 131.2, 10)], settings, room).map(({ kind }) => kind),
    ).toEqual(['gap'])
    expect(violations(parts, [at('front', 10, 10), at('back', 134, 10)], settings, room)).toEqual([])
  })
  test('a pinned part that lies across the wanted grain is said', () => {
    const turned = { ...at('front', 10, 10), turn: 90 as const }
    expect(violations(parts, [turned], { ...settings, grain: 'along' }, room)).toMatchObject([
      { kind: 'grain', message: 'front does not lie to the grain as it should. Turn it.' },
    ])
    expect(violations(parts, [turned], { ...settings, turning: false }, room)[0].message).toContain(
      'turned, and parts may not be',
    )
    expect(violations(parts, [turned], settings, room)).toEqual([])
    const around = nest(parts, { ...settings, grain: 'along' }, room, [turned])
    expect(around.placements).toContainEqual(turned)
    expect(violations(parts, around.placements, settings, room)).toEqual([])
  })
  test('a part too large for the sheet says what would mend it', () => {
    const { unplaced } = nest(
      partsOf({ ...box, width: 390 }, 1),
      { ...settings, sheetWidth: 380, sheetHeight: 410 },
      { width: 380, height: 410 },
    )
    expect(unplaced).toEqual([])
    const strict = nest(
      partsOf({ ...box, width: 390 }, 1),
      { ...settings, sheetWidth: 380, sheetHeight: 410, turning: false },
      { width: 380, height: 410 },
    )
    expect(strict.unplaced[0].reason).toContain('allow turning')
  })
})
