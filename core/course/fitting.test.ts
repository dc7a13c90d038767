import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { bench, doing, seeds } from '../../scripts/testing/lessons'
import { flatLength } from '../bend'
import { wordFor } from '../fit'
import { IN_METRIC } from '../length'
import { BEND_LESSON, QUARTER, breaksAt, linkWidth } from './bend'
import { COMB_LESSON, gapOf } from './comb'
import { isSolved } from './lesson'
import { ORDER_LESSON } from './order'
import { resultAt, SETTING_LESSON } from './setting'
import { TABS_LESSON } from './tabs'

test('the comb: a snug pair is there, holds when it is lifted, and is kept', () =>
  fc.assert(
    fc.property(seeds, (seed) => {
      const on = doing(COMB_LESSON, seed)
      const state = on()
      const words = state.steps.map((_, i) => wordFor(gapOf(state, i)))
      expect(words).toContain('snug')
      const snug = words.indexOf('snug')
      const tried = [0, 1, 2, 3].map((pair) => ({ do: 'press', pair }) as const)
      const press = { do: 'press', pair: snug } as const
      const kept = on(...tried, press, { do: 'lift' }, { do: 'keep' })
      expect(isSolved(COMB_LESSON, kept, IN_METRIC)).toBe(true)
      expect(Math.abs(COMB_LESSON.notes!(kept).interference!)).toBeLessThanOrEqual(0.02 + 1e-9)
      // One that is pushed half way in has not been felt, and a forced one does not go home.
      const half = on({ do: 'push', pair: snug, depth: 0.5 })
      expect([half.felt[snug], half.depth]).toEqual([null, 0.5])
      const tight = words.lastIndexOf('forced')
      if (tight >= 0) expect(on({ do: 'press', pair: tight }).depth).toBeLessThan(0.5)
      const wrong = on(...tried, { do: 'press', pair: 0 }, { do: 'lift' }, { do: 'keep' })
      expect(isSolved(COMB_LESSON, wrong, IN_METRIC)).toBe(words[0] === 'snug')
    }),
    { numRuns: 60 },
  ))

test('tabs: an odd count, a good width, and corners that hang on', () =>
  fc.assert(
    fc.property(bench, ({ seed, say }) => {
      const on = doing(TABS_LESSON, seed, say)
      const { corners, thickness } = on()
      const owners = corners.map(({ beside }) => beside[0])
      const width = { do: 'width', to: 2.2 * thickness } as const
      const end = on(width, { do: 'give', to: owners[0] }, { do: 'next' }, { do: 'give', to: owners[1] })
      expect(isSolved(TABS_LESSON, end, say)).toBe(true)
      const stranger = (['front', 'side', 'floor'] as const).find(
        (panel) => !corners[1].beside.includes(panel),
      )!
      const crumb = on(width, { do: 'next' }, { do: 'give', to: stranger })
      expect(TABS_LESSON.feedback(crumb, say)).toMatch(/crumb/)
    }),
    { numRuns: 40 },
  ))

describe('the order of a cut', () => {
  const ordered = (...ways: ('outline' | 'window' | 'words' | 'holes')[]) =>
    doing(ORDER_LESSON, 4)(...ways.map((way, to) => ({ do: 'move', way, to }) as const), { do: 'run' })
  test.each([
    [['words', 'window', 'holes', 'outline'] as const, /^Right/],
    [['words', 'holes', 'window', 'outline'] as const, /^Right/],
    [['outline', 'window', 'holes', 'words'] as const, /came loose before 5/],
    [['words', 'window', 'outline', 'holes'] as const, /came loose before 4/],
    [['window', 'holes', 'outline', 'words'] as const, /loose when you engrave/],
    [['window', 'words', 'holes', 'outline'] as const, /smoke/],
  ])('%j', (order, sentence) => {
    const end = ordered(...order)
    expect(end.order).toEqual(order)
    expect(ORDER_LESSON.feedback(end, IN_METRIC)).toMatch(sentence)
    expect(isSolved(ORDER_LESSON, end, IN_METRIC)).toBe(
      ORDER_LESSON.feedback(end, IN_METRIC).startsWith('Right'),
    )
  })
})

test('bends: links along the grain hold where they break across it, in some number of rows', () =>
  fc.assert(
    fc.property(bench, ({ seed, say }) => {
      const on = doing(BEND_LESSON, seed, say)
      const { radius, thickness } = on()
      const zone = { do: 'flat', to: flatLength(Math.PI / 2, radius, thickness) } as const
      const solving = Array.from({ length: 60 }, (_, rows) => rows).find((rows) => {
        const end = on(zone, { do: 'turn' }, { do: 'rows', to: rows }, { do: 'bend', to: QUARTER })
        return isSolved(BEND_LESSON, end, say)
      })!
      expect(solving).toBeGreaterThan(10)
      const rows = { do: 'rows', to: solving } as const
      const across = on(zone, rows, { do: 'bend', to: QUARTER })
      expect(across.broke).toBe(true)
      expect(breaksAt(on(zone, { do: 'turn' }, rows))).toBeGreaterThan(breaksAt(on(zone, rows)))
      // A broken strip bends no more; a fresh one does.
      const stays = BEND_LESSON.act(across, { do: 'bend', to: 0 })
      expect(stays.angle).toBe(across.angle)
      expect(BEND_LESSON.act(across, { do: 'fresh' }).broke).toBe(false)
      expect(linkWidth(across)).toBeGreaterThanOrEqual(0.5 - 1e-9)
    }),
    { numRuns: 40 },
  ))

test('the first setting: two sheets are enough to find a speed that is sure', () =>
  fc.assert(
    fc.property(bench, ({ seed, say }) => {
      const on = doing(SETTING_LESSON, seed, say)
      const lifted = [0, 1, 2, 3, 4, 5].map((square) => ({ do: 'lift', square }) as const)
      const sheet = [{ do: 'from', speed: 4 }, { do: 'to', speed: 24 }, { do: 'cut' }, ...lifted] as const
      const after = on(...sheet)
      const free = after.squares.filter(({ speed }) => resultAt(after.world, speed) !== 'holds')
      const fastest = Math.max(...free.map(({ speed }) => speed))
      const held = on(...sheet, { do: 'choose', speed: 40 })
      expect(SETTING_LESSON.feedback(held, say)).toMatch(/Go slower/)
      expect(isSolved(SETTING_LESSON, held, say)).toBe(false)
      const speeds = [0.95, 0.9, 0.85, 0.8, 0.75, 1].map((share) => fastest * share)
      const ends = speeds.map((speed) => on(...sheet, { do: 'choose', speed }))
      expect(ends.some((end) => isSolved(SETTING_LESSON, end, say))).toBe(true)
      // Nothing is chosen before anything was lifted.
      expect(isSolved(SETTING_LESSON, on({ do: 'choose', speed: fastest * 0.85 }), say)).toBe(false)
    }),
    { numRuns: 40 },
  ))
