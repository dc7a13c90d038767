import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { partsOf, SMALL_BOX } from '../../scripts/testing/parts'
import { rectangle } from '../geometry'
import { IN_METRIC as say } from '../length'
import {
  LayoutChecker,
  nest,
  sheetsOf,
  surfaceOf,
  violations,
  violationSentence,
  type NestRules,
  type Placement,
} from './index'
import { seedOf } from '../../scripts/testing/runs'

const settings: NestRules = { margin: 5, gap: 3, grain: 'free', turning: true }
const sheet = surfaceOf({ width: 600, height: 400 }, null)
const parts = partsOf(SMALL_BOX, 1)
const at = (part: string, x: number, y: number): Placement => ({
  part,
  sheet: 0,
  x,
  y,
  turn: 0,
  pinned: true,
})
const kinds = (placements: Placement[], rules = settings) =>
  violations(parts, placements, rules, () => sheet).map(({ kind }) => kind)
const said = (placements: Placement[], rules = settings) =>
  violations(parts, placements, rules, () => sheet).map((each) => violationSentence(each, rules, say))

describe('what is wrong with a layout', () => {
  test('overlap, edge and gap are told apart, each with what would mend it', () => {
    expect(kinds([at('front-1', 10, 10), at('back-1', 60, 20)])).toEqual(['overlap'])
    expect(kinds([at('front-1', 2, 10)])).toEqual(['edge'])
    expect(kinds([at('front-1', 10, 10), at('back-1', 131.2, 10)])).toEqual(['gap'])
    expect(kinds([at('front-1', 10, 10), at('back-1', 134, 10)])).toEqual([])
    expect(said([at('front-1', 2, 10)])).toEqual(['front-1 reaches 3.00 mm over the margin. Move it inward.'])
    expect(said([at('front-1', -4, 10)])).toEqual(['front-1 reaches 4.00 mm over the sheet. Move it inward.'])
  })
  test('a corner before a slope keeps its gap by its true distance', () => {
    const square = rectangle(0, 0, 20, 20)
    const slope = [
      { x: 0, y: 0 },
      { x: 40, y: 0 },
      { x: 40, y: 5 },
      { x: 0, y: 10 },
    ]
    const own = [square, slope].map((outline, i) => ({
      id: `p${i}`,
      shape: { outline, holes: [] },
      turnedShape: { outline, holes: [] },
    }))
    // The square's lower left corner at x 20 stands over the slope at y 7.5; at right angles to it by `far`.
    const lying = (far: number): string[] => {
      const up = far * Math.hypot(1, 1 / 8)
      return violations(own, [at('p1', 100, 100), at('p0', 120, 107.5 + up)], settings, () => sheet).map(
        ({ kind }) => kind,
      )
    }
    expect(lying(3.02)).toEqual([])
    expect(lying(2.9)).toEqual(['gap'])
    expect(lying(-0.5)).toEqual(['overlap'])
    // Two corners that face each other are as far apart as they are.
    const corners = (by: number): string[] =>
      violations(
        [own[0], { ...own[0], id: 'q' }],
        [at('p0', 100, 100), at('q', 120 + by, 120 + by)],
        settings,
        () => sheet,
      ).map(({ kind }) => kind)
    expect(corners(2.2)).toEqual([])
    expect(corners(2.05)).toEqual(['gap'])
  })
  test('a pinned part that lies across the wanted grain is said, and the rest goes round it', () => {
    const turned = { ...at('front-1', 10, 10), turn: 90 as const }
    const along = { ...settings, grain: 'along' as const }
    expect(said([turned], along)).toEqual(['front-1 does not lie to the grain as it should. Turn it.'])
    expect(said([turned], { ...settings, turning: false })[0]).toContain('turned, and parts may not be')
    expect(kinds([turned])).toEqual([])
    const around = nest(parts, along, sheetsOf(sheet, 4), [turned])
    expect(around.placements).toContainEqual(turned)
    expect(violations(parts, around.placements, along, () => sheet).map(({ kind }) => kind)).toEqual([
      'grain',
    ])
  })
})

test('looked over again after each move, the answer is the same as from the beginning', () => {
  const move = fc.record({
    which: fc.integer({ min: 0, max: parts.length - 1 }),
    x: fc.integer({ min: -20, max: 500 }),
    y: fc.integer({ min: -20, max: 350 }),
    turn: fc.constantFrom(0 as const, 90 as const),
  })
  fc.assert(
    fc.property(fc.array(move, { minLength: 1, maxLength: 12 }), (moves) => {
      const checker = new LayoutChecker(parts, settings, () => sheet)
      let { placements } = nest(parts, settings, sheetsOf(sheet, 4))
      checker.check(placements)
      for (const { which, x, y, turn } of moves) {
        placements = placements.map((each, i) => (i === which ? { ...each, x, y, turn } : each))
        expect(checker.check(placements)).toEqual(violations(parts, placements, settings, () => sheet))
      }
    }),
    { numRuns: 25, seed: seedOf(4) },
  )
})

describe('a piece of any outline', () => {
  // A triangle: its long side leans, so that only the outline, not the rectangle round it, is in the way.
  const outline = [
    { x: 0, y: 0 },
    { x: 400, y: 0 },
    { x: 0, y: 300 },
  ]
  const piece = surfaceOf({ width: 400, height: 300 }, null, { outline, offcut: 'o', weight: 0.5 })
  const shape = { outline: rectangle(0, 0, 40, 40), holes: [] }
  const part = { id: 'a', shape, turnedShape: shape }
  const settings = { margin: 5, gap: 3, grain: 'free', turning: true } as const
  /** Its upper right corner this far inside the leaning side, by definition of the 3-4-5 triangle. */
  const found = (inside: number) => {
    const x = 160 - inside / 0.6
    const placement = { part: 'a', sheet: 0, x, y: 180 - 40, turn: 0 as const, pinned: false }
    return violations([part], [{ ...placement, x: x - 40 }], settings, () => piece)
  }
  test('a part within the margin of its leaning side is told of, one just beyond it is not', () => {
    expect(found(6)).toEqual([])
    expect(found(4)).toMatchObject([{ kind: 'edge', over: 'margin' }])
    expect(found(-1)).toMatchObject([{ kind: 'edge', over: 'sheet' }])
  })
})
