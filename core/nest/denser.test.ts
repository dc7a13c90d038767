import { describe, expect, test } from '@jest/globals'
import { rectangle } from '../geometry'
import { denserSteps } from './denser'
import {
  sheetsOf,
  surfaceOf,
  violations,
  type Layout,
  type NestPart,
  type NestRules,
  type Supply,
} from './index'
import { makeCandidates } from './pack'

const rules: NestRules = { margin: 5, gap: 3, grain: 'free', turning: true }
const block = (id: string, width: number, height: number): NestPart => {
  const shape = { outline: rectangle(0, 0, width, height), holes: [] }
  return { id, shape, turnedShape: shape }
}
/** One part on a sheet of its own, whatever else there is room for. */
const apart = (parts: NestPart[]): Layout => ({
  placements: parts.map(({ id }, sheet) => ({ part: id, sheet, x: 5, y: 5, turn: 0, pinned: false })),
  unplaced: [],
})
const found = (parts: NestPart[], supply: Supply, layout: Layout, own = rules): Layout[] =>
  [...denserSteps(makeCandidates(parts, own), own, supply, layout, 0)].filter((each) => each !== null)
const sheetsIn = ({ placements }: Layout): number[] =>
  [...new Set(placements.map(({ sheet }) => sheet))].sort()

const six = Array.from({ length: 6 }, (_, i) => block(`p${i}`, 180, 110))

describe('a layout by rectangles', () => {
  test('loses a sheet at a time, for as long as all parts lie somewhere', () => {
    const supply = sheetsOf(surfaceOf({ width: 400, height: 250 }, null), 6)
    const layouts = found(six, supply, apart(six))
    const last = layouts[layouts.length - 1]
    expect(sheetsIn(last)).toEqual([0, 1])
    expect(last.placements).toHaveLength(6)
    for (const { placements } of layouts)
      expect(violations(six, placements, rules, (sheet) => supply[sheet])).toEqual([])
  })
  test('that lacks room for parts takes up all of them where they fit', () => {
    const supply = sheetsOf(surfaceOf({ width: 400, height: 250 }, null), 2)
    const { placements } = apart(six.slice(0, 2))
    const unplaced = six.slice(2).map(({ id }) => ({
      part: id,
      why: 'full' as const,
      size: [180, 110] as [number, number],
      room: [390, 240] as [number, number],
    }))
    const [first] = found(six, supply, { placements, unplaced })
    expect([first.placements.length, first.unplaced]).toEqual([6, []])
  })
  test('keeps what is too large out of it, and says so still', () => {
    const parts = [...six, block('large', 900, 20)]
    const supply = sheetsOf(surfaceOf({ width: 400, height: 250 }, null), 7)
    const large = { part: 'large', why: 'too large' as const, size: [900, 20], room: [390, 240] }
    const layout = { ...apart(six), unplaced: [large] } as Layout
    const [first] = found(parts, supply, layout)
    expect(first.unplaced).toEqual([large])
    expect(sheetsIn(first).length).toBeLessThan(6)
  })
  test('keeps to the loads of a sheet that is larger than the bed', () => {
    const bed = { width: 400, height: 250, origin: 'front left' as const }
    const surface = surfaceOf({ width: 800, height: 500 }, bed)
    const layouts = found(six, sheetsOf(surface, 6), apart(six))
    const { placements } = layouts[layouts.length - 1]
    expect(violations(six, placements, rules, () => surface)).toEqual([])
    expect(new Set(placements.map(({ sheet, y }) => `${sheet} ${y > 250}`))).toEqual(new Set(['0 false']))
  })
  test('is drawn together in the last load from whichever corner the bed begins', () => {
    for (const origin of ['front left', 'back right'] as const) {
      const surface = surfaceOf({ width: 800, height: 250 }, { width: 400, height: 250, origin })
      const five = six.slice(0, 5)
      const layouts = found(five, sheetsOf(surface, 5), apart(five))
      expect(layouts.length).toBeGreaterThan(0)
      for (const { placements } of layouts)
        expect(violations(five, placements, rules, () => surface)).toEqual([])
    }
  })
  test('keeps to the grain', () => {
    const along: NestRules = { ...rules, grain: 'along' }
    const supply = sheetsOf(surfaceOf({ width: 400, height: 250 }, null), 6)
    for (const { placements } of found(six, supply, apart(six), along))
      expect(placements.every(({ turn }) => turn % 180 === 0)).toBe(true)
    // Upright two go on a sheet, lying none beside another.
    const narrow = sheetsOf(surfaceOf({ width: 200, height: 250 }, null), 6)
    const [first] = found(six, narrow, apart(six), along).slice(-1)
    expect(sheetsIn(first)).toHaveLength(3)
  })
  test('leaves more of the last sheet in one piece', () => {
    const supply = sheetsOf(surfaceOf({ width: 600, height: 400 }, null), 1)
    const spread = { placements: [0, 1, 2].map((i) => at(`p${i}`, 5 + i * 190, 5 + i * 120)), unplaced: [] }
    const [best] = found(six.slice(0, 3), supply, spread).slice(-1)
    const reach = Math.min(
      Math.max(...best.placements.map(({ x }) => x)),
      Math.max(...best.placements.map(({ y }) => y)),
    )
    expect(reach).toBe(5) // in one row
  })
  test('on a piece of any outline is left as it is', () => {
    const outline = rectangle(0, 0, 400, 250)
    const odd = { ...surfaceOf({ width: 400, height: 250 }, null), outline }
    expect(found(six, sheetsOf(odd, 6), apart(six))).toEqual([])
  })
})

function at(part: string, x: number, y: number): Layout['placements'][number] {
  return { part, sheet: 0, x, y, turn: 0, pinned: false }
}
