import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { partsOf, SMALL_BOX } from '../../scripts/testing/parts'
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
    { numRuns: 25, seed: 4 },
  )
})
