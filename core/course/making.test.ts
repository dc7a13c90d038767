import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { bench, doing } from '../../scripts/testing/lessons'
import { IN_METRIC } from '../length'
import { GLUING_LESSON } from './gluing'
import { LAYOUT_LESSON } from './layout'
import { isSolved } from './lesson'
import { RESULT_LESSON, rightOf } from './result'
import { energyRatio } from './setting'

describe('laying out', () => {
  const PLACES = { floor: [4, 4], left: [126, 4], right: [126, 48], front: [4, 92], back: [4, 136] } as const
  const put = (seed: number, places: Record<string, readonly [number, number]>) => {
    const on = doing(LAYOUT_LESSON, seed)
    const across = on().placements.filter(({ turn }) => turn === 90)
    return on(
      ...across.map(({ part }) => ({ do: 'turn', part }) as const),
      ...Object.entries(places).map(([part, [x, y]]) => ({ do: 'move', part, x, y }) as const),
    )
  }
  test('all five lie well, and a rest is left', () => {
    for (const seed of [1, 500, 90_000])
      expect(isSolved(LAYOUT_LESSON, put(seed, PLACES), IN_METRIC)).toBe(true)
  })
  test.each([
    [{ ...PLACES, back: [4, 100] as const }, /overlap/],
    [{ ...PLACES, back: [4, 134.5] as const }, /closer than the gap/],
    [{ ...PLACES, back: [1, 136] as const }, /over the margin/],
  ])('is told what lies wrong: %#', (places, sentence) => {
    const end = put(1, places)
    expect(LAYOUT_LESSON.feedback(end, IN_METRIC)).toMatch(sentence)
    expect(isSolved(LAYOUT_LESSON, end, IN_METRIC)).toBe(false)
  })
  test('a rest cut up by a part in its middle is none', () => {
    const end = put(1, { ...PLACES, front: [50, 92], back: [96, 146] })
    expect(LAYOUT_LESSON.goals(end, IN_METRIC).map(({ done }) => done)).toEqual([true, false, false])
  })
})

describe('gluing', () => {
  const bring = (...parts: string[]) =>
    doing(GLUING_LESSON, 2)(...parts.map((part) => ({ do: 'bring', part }) as const))
  test.each([
    [['floor', 'front', 'column-1', 'back', 'left', 'right']],
    [['column-1', 'front', 'back', 'floor', 'left', 'right']],
  ])('%j goes together', (order) => {
    expect(isSolved(GLUING_LESSON, bring(...order), IN_METRIC)).toBe(true)
  })
  test('a divider with tenons is shut out by the second wall, and comes in once that is away', () => {
    const shut = bring('floor', 'front', 'back', 'column-1')
    expect([shut.refused, shut.standing]).toEqual(['in the way', ['floor', 'front', 'back']])
    expect(shut.blockers.sort()).toEqual(['back', 'front'])
    const open = [{ do: 'take', part: 'back' } as const, { do: 'bring', part: 'column-1' } as const]
    expect(open.reduce(GLUING_LESSON.act, shut).standing).toContain('column-1')
    expect(GLUING_LESSON.feedback(bring('floor', 'front', 'back'), IN_METRIC)).toMatch(/still a way in/)
  })
  test('a part that joins nothing is refused, and one that others hold does not come out', () => {
    expect(bring('floor', 'column-1').refused).toBe('holds nothing')
    const all = bring('floor', 'front', 'column-1', 'back', 'left', 'right')
    const held = GLUING_LESSON.act(all, { do: 'take', part: 'column-1' })
    expect([held.refused, held.standing.length]).toEqual(['in the way', 6])
  })
})

test('what came out: two of three figures were wrong, and are put right by what was seen', () =>
  fc.assert(
    fc.property(bench, ({ seed, say }) => {
      const on = doing(RESULT_LESSON, seed, say)
      const state = on()
      const wrong = Object.values(rightOf(state)).filter((right) => !right)
      expect(wrong).toHaveLength(2)
      const looks = (['tab', 'slot', 'edge'] as const).map((at) => ({ do: 'look', at }) as const)
      const { world } = state
      const just = 4 * energyRatio(world, 4) // the speed that just cuts
      const sets = [
        { do: 'set', name: 'compensation', to: world.machine.kerf.x / 2 } as const,
        { do: 'set', name: 'slots', to: world.thickness + 0.03 } as const,
        { do: 'set', name: 'speed', to: just / 1.3 } as const,
      ]
      const unlooked = on(...looks, ...sets, { do: 'cut' })
      expect(isSolved(RESULT_LESSON, unlooked, say)).toBe(false)
      expect(isSolved(RESULT_LESSON, on(...looks, ...sets, { do: 'cut' }, ...looks), say)).toBe(true)
      expect(isSolved(RESULT_LESSON, on(...looks, { do: 'cut' }, ...looks), say)).toBe(false)
    }),
    { numRuns: 60 },
  ))
