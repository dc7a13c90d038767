import { describe, expect, test } from '@jest/globals'
import { apart, jtsOf, shared } from '../../scripts/testing/jts'
import { bounds, rectangle, shiftPoints, turnPoints, type Ring } from '../geometry'
import { anglesFor } from './any-angle'
import {
  lastOf,
  mayLie,
  nestParts,
  placedShape,
  surfaceOf,
  violations,
  type NestPart,
  type Placement,
  type Surface,
} from './index'

const rules = {
  margin: 2,
  gap: 3,
  grain: 'free',
  turning: true,
  anyAngle: true,
  inOpenings: false,
} as const
const block = (id: string, width: number, height: number): NestPart => {
  const shape = { outline: rectangle(0, 0, width, height), holes: [] }
  return { id, shape, turnedShape: shape }
}
/** A rectangle that was cut askew, as an offcut: its corner at (0, 0). */
function askew(width: number, height: number, angle: number): Surface {
  const turned = turnPoints(rectangle(0, 0, width, height), angle)
  const { minX, minY } = bounds(turned)
  const outline: Ring = shiftPoints(turned, -minX, -minY)
  const { maxX, maxY } = bounds(outline)
  return surfaceOf({ width: maxX, height: maxY }, null, { outline, offcut: 'askew', weight: 0.3 })
}
const layOut = (parts: NestPart[], supply: Surface[], about: Partial<typeof rules> | object = {}) =>
  lastOf(nestParts(parts, { ...rules, ...about }, supply))

describe('parts at any angle', () => {
  test.each([[12], [45]])('fill an offcut that lies askew by %p°, to gap and margin', (angle) => {
    const on = askew(212, 109, angle)
    const parts = [block('a', 100, 100), block('b', 100, 48), block('c', 100, 48)]
    const { placements, unplaced } = layOut(parts, [on])
    expect(unplaced).toEqual([])
    expect(violations(parts, placements, rules, () => on)).toEqual([])
    const shapes = placements.map((each) =>
      jtsOf(
        placedShape(
          parts.find(({ id }) => id === each.part)!,
          each,
        ),
      ),
    )
    const sheet = jtsOf({ outline: on.outline!, holes: [] })
    for (const [i, shape] of shapes.entries()) {
      expect(shared(shape, sheet).getArea()).toBeCloseTo(shape.getArea(), 1)
      for (const other of shapes.slice(i + 1)) expect(apart(shape, other)).toBeGreaterThan(3 - 0.02)
    }
    expect(layOut(parts, [on], { anyAngle: false }).unplaced.length).toBeGreaterThan(0)
  })
  test('go round what is pinned, and that stays', () => {
    const on = askew(212, 109, 12)
    const whole = surfaceOf({ width: 400, height: 300 }, null)
    const parts = [block('a', 100, 100), block('b', 100, 48), block('c', 100, 48)]
    const free = layOut(parts, [on]).placements
    const pinned = free.filter(({ part }) => part === 'a').map((each) => ({ ...each, pinned: true }))
    const { placements, unplaced } = lastOf(nestParts(parts, rules, [on, whole], pinned))
    expect(unplaced).toEqual([])
    for (const each of pinned) expect(placements).toContainEqual(each)
    expect(placements.map(({ sheet }) => sheet)).toEqual([0, 0, 0])
    expect(violations(parts, placements, rules, (sheet) => [on, whole][sheet])).toEqual([])
    const all = free.map((each) => ({ ...each, pinned: true }))
    expect(lastOf(nestParts(parts, rules, [on], all)).placements).toHaveLength(3)
  })
  test('are no use where grain, beam or maker say how they lie', () => {
    const part = block('a', 100, 100)
    expect(mayLie(part, rules, 33)).toBe(true)
    const uneven = { ...part, turnedShape: { outline: rectangle(0, 0, 100.1, 100), holes: [] } }
    expect(mayLie(uneven, rules, 33)).toBe(false)
    expect(mayLie(part, { ...rules, grain: 'along' }, 33)).toBe(false)
    expect(mayLie(part, { ...rules, turning: false }, 33)).toBe(false)
    expect(mayLie({ ...part, grain: 'across' }, rules, 33)).toBe(false)
    const turned: Placement = { part: 'a', sheet: 0, x: 50, y: 50, turn: 33, pinned: false }
    const on = surfaceOf({ width: 400, height: 400 }, null)
    const found = violations([part], [turned], { ...rules, anyAngle: false }, () => on)
    expect(found.map(({ kind }) => kind)).toEqual(['grain'])
  })
  test('are tried only where a long side runs along a side of a sheet', () => {
    const slanted = {
      outline: [
        { x: 0, y: 0 },
        { x: 100, y: 0 },
        { x: 100, y: 50 },
        { x: 0, y: 50 + 100 * Math.tan(Math.PI / 6) },
      ],
      holes: [],
    }
    const plain = surfaceOf({ width: 400, height: 300 }, null)
    expect(anglesFor(slanted, [plain]).sort((a, b) => a - b)).toEqual([0, 30, 90, 120, 180, 210, 270, 300])
    expect(anglesFor(block('a', 9, 5).shape, [askew(90, 50, 20)]).sort((a, b) => a - b)).toEqual([
      0, 20, 90, 110, 180, 200, 270, 290,
    ])
  })
  test('and what goes into openings is searched as well, on plain sheets', () => {
    const framed = { outline: rectangle(0, 0, 206, 156), holes: [[...rectangle(20, 20, 186, 136)].reverse()] }
    // with the long one in the opening, what is left does not fit beside each other
    const parts: NestPart[] = [
      { id: 'frame', shape: framed, turnedShape: framed },
      block('long', 148, 104),
      block('a', 76, 104),
      block('b', 76, 104),
      block('beside', 58, 104),
    ]
    const on = surfaceOf({ width: 216, height: 276 }, null)
    const { placements, unplaced } = layOut(parts, [on], { inOpenings: true, anyAngle: false })
    expect(unplaced).toEqual([])
    expect(violations(parts, placements, rules, () => on)).toEqual([])
  })
  test('in openings of others only where the maker wants them there', () => {
    const frame: NestPart = {
      ...block('frame', 150, 150),
      shape: { outline: rectangle(0, 0, 150, 150), holes: [[...rectangle(20, 20, 130, 130)].reverse()] },
    }
    const hosted = [{ ...frame, turnedShape: frame.shape }, block('small', 60, 60)]
    const on = askew(159, 159, 25)
    expect(layOut(hosted, [on]).unplaced.map(({ part }) => part)).toEqual(['small'])
    expect(layOut(hosted, [on], { inOpenings: true }).unplaced).toEqual([])
  })

  test('are searched by outline by quarter turns too, where another sheet might be spared', () => {
    const wedge = (id: string): NestPart => {
      const outline: Ring = [
        { x: 0, y: 0 },
        { x: 190, y: 0 },
        { x: 0, y: 190 },
      ]
      const shape = { outline, holes: [] }
      return { id, shape, turnedShape: shape }
    }
    const on = surfaceOf({ width: 215, height: 215 }, null)
    const parts = ['a', 'b', 'c', 'd'].map(wedge)
    const { placements, unplaced } = layOut(parts, [on, on, on, on], { anyAngle: false })
    expect(unplaced).toEqual([])
    expect(violations(parts, placements, rules, () => on)).toEqual([])
    expect(new Set(placements.map(({ sheet }) => sheet)).size).toBe(2)
  })
})
