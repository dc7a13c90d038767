import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { bench, doing } from '../../scripts/testing/lessons'
import { IN_METRIC } from '../length'
import { CALIPERS_LESSON, dialShows } from './calipers'
import { KERF_LESSON, kerfRead } from './kerf'
import { isSolved } from './lesson'
import { COMPENSATION_LESSON } from './compensation'
import { meetingLine } from './scale'
import { THICKNESS_LESSON, numbersOf } from './thickness'
import { worldOf } from './world'

describe('calipers', () => {
  test('are set by the vernier, read on a strip, zeroed, and set by the dial', () =>
    fc.assert(
      fc.property(bench, ({ seed, say }) => {
        const on = doing(CALIPERS_LESSON, seed, say)
        const { target, scale, ring } = on()
        const first = [{ do: 'open', to: target.vernier }, { do: 'tighten' }] as const
        const closed = [...first, { do: 'open', to: 0 }] as const
        const { strip, jaws } = on(...closed)
        expect(jaws).toBe(strip) // the strip stops them
        const line = meetingLine(scale, jaws)
        const pointed = [...closed, { do: 'point', line }] as const
        const zeroed = [
          ...pointed,
          { do: 'open', to: 0 },
          { do: 'turn', ring: 0 },
          { do: 'tighten' },
        ] as const
        const end = on(...zeroed, { do: 'open', to: target.dial }, { do: 'tighten' })
        expect(isSolved(CALIPERS_LESSON, end, say)).toBe(true)
        expect(CALIPERS_LESSON.feedback(on(...pointed), say)).toContain(say.length(strip))
        // Another line is told how far it is off; a ring off zero is not tightened away.
        const other = on(...closed, { do: 'point', line: (line + 3) % scale.lines })
        expect(CALIPERS_LESSON.feedback(other, say)).toMatch(/off a mark/)
        const off = on(...pointed, { do: 'open', to: 0 }, { do: 'tighten' })
        expect([off.done, dialShows(off)]).toEqual([2, ring])
      }),
      { numRuns: 50 },
    ))
  test('a whole mark and a whole turn off are told by their names', () => {
    const on = doing(CALIPERS_LESSON, 7)
    const { target } = on()
    const mark = on({ do: 'open', to: target.vernier + 1 }, { do: 'tighten' })
    expect(CALIPERS_LESSON.feedback(mark, IN_METRIC)).toMatch(/whole mark/)
    const dial = on(
      { do: 'open', to: target.vernier },
      { do: 'tighten' },
      { do: 'open', to: 0 },
      { do: 'point', line: meetingLine(on().scale, on().strip) },
      { do: 'open', to: 0 },
      { do: 'turn', ring: 0 },
      { do: 'tighten' },
      { do: 'open', to: target.dial + 1 },
      { do: 'tighten' },
    )
    expect(CALIPERS_LESSON.feedback(dial, IN_METRIC)).toMatch(/whole turns off/)
  })
})

describe('thickness', () => {
  const SPOTS = [
    [20, 150],
    [380, 150],
    [100, 15],
    [300, 15],
    [100, 285],
    [300, 285],
  ] as const
  const read = ([x, y]: readonly [number, number]) =>
    [{ do: 'move', to: { x, y } } as const, { do: 'read' } as const] as const
  test('film off, six places, and a flag on the mean and on the thickest', () =>
    fc.assert(
      fc.property(bench, ({ seed, say }) => {
        const on = doing(THICKNESS_LESSON, seed, say)
        const acts = [{ do: 'peel' } as const, ...SPOTS.flatMap(read)]
        const { tabs, slots } = numbersOf(on(...acts))!
        const values = on(...acts).readings.map(({ value }) => value)
        expect(slots).toBe(Math.max(...values))
        expect(tabs).toBeCloseTo(values.reduce((sum, each) => sum + each, 0) / 6, 3)
        const flagged = [...acts, { do: 'flag', for: 'tabs', at: tabs } as const]
        expect(isSolved(THICKNESS_LESSON, on(...flagged), say)).toBe(false)
        const end = on(...flagged, { do: 'flag', for: 'slots', at: slots })
        expect(isSolved(THICKNESS_LESSON, end, say)).toBe(true)
        expect(THICKNESS_LESSON.notes!(end).thickness).toEqual(values)
      }),
      { numRuns: 30 },
    ))
  test.each([
    [[...SPOTS.flatMap(read)], /film on/],
    [[{ do: 'peel' } as const, ...read([200, 150])], /Jaws reach/],
    [[{ do: 'peel' } as const, ...read([20, 20]), ...read([30, 20])], /have read this place/],
  ])('says what a reading is not worth: %#', (acts, sentence) => {
    const end = doing(THICKNESS_LESSON, 3)(...acts)
    expect(THICKNESS_LESSON.feedback(end, IN_METRIC)).toMatch(sentence)
    expect(isSolved(THICKNESS_LESSON, end, IN_METRIC)).toBe(false)
  })
})

test('kerf: ten readings, and a beam as wide as they say, near to the machine’s own', () =>
  fc.assert(
    fc.property(bench, ({ seed, say }) => {
      const on = doing(KERF_LESSON, seed, say)
      const acts = [
        { do: 'cut' } as const,
        ...[0, 1, 2, 3, 4].flatMap((square) => [{ do: 'take', square } as const, { do: 'turn' } as const]),
      ]
      expect(kerfRead(on(...acts.slice(0, -1)))).toBeNull()
      const kerf = kerfRead(on(...acts))!
      expect(Math.abs(kerf - worldOf(seed).machine.kerf.x)).toBeLessThan(0.02)
      const half = on(...acts, { do: 'beam', to: kerf / 2 })
      expect(KERF_LESSON.feedback(half, say)).toMatch(/one side’s half/)
      expect(isSolved(KERF_LESSON, half, say)).toBe(false)
      const end = on(...acts, { do: 'beam', to: kerf })
      expect(isSolved(KERF_LESSON, end, say)).toBe(true)
      expect(KERF_LESSON.notes!(end)).toEqual({ kerf })
    }),
    { numRuns: 40 },
  ))

describe('the factor of two', () => {
  test('half the kerf for tab and notch, and one of two that move lines', () =>
    fc.assert(
      fc.property(bench, ({ seed, say }) => {
        const { kerf } = worldOf(seed).machine
        const half = { do: 'path', to: kerf.x / 2 } as const
        const on = doing(COMPENSATION_LESSON, seed, say)
        const acts = [half, { do: 'cut' }, { do: 'next' }, half, { do: 'cut' }, { do: 'next' }] as const
        const twice = on(...acts, { do: 'cut' })
        expect(COMPENSATION_LESSON.feedback(twice, say)).toMatch(/made up for twice/)
        expect(isSolved(COMPENSATION_LESSON, twice, say)).toBe(false)
        for (const once of [{ do: 'path', to: 0 } as const, { do: 'software', on: false } as const])
          expect(isSolved(COMPENSATION_LESSON, on(...acts, once, { do: 'cut' }), say)).toBe(true)
      }),
      { numRuns: 40 },
    ))
  test('a piece that is right is done once, however often it is cut', () => {
    const half = { do: 'path', to: worldOf(5).machine.kerf.x / 2 } as const
    const cut = { do: 'cut' } as const
    const often = doing(COMPENSATION_LESSON, 5)(half, cut, cut, cut)
    expect([often.done, often.piece]).toEqual([1, 'tab'])
    const notch = COMPENSATION_LESSON.act(often, { do: 'next' })
    expect([notch.piece, notch.path, notch.measured]).toEqual(['notch', 0, null])
  })
  test('the full kerf a side is told by its name', () => {
    const { kerf } = worldOf(5).machine
    const full = doing(COMPENSATION_LESSON, 5)({ do: 'path', to: kerf.x }, { do: 'cut' })
    expect(COMPENSATION_LESSON.feedback(full, IN_METRIC)).toMatch(/full kerf/)
    // A tab w − k + 2c. [DEF]
    expect(full.measured).toBeCloseTo(12 + kerf.x, 9)
  })
})
