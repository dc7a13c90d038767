import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { apart, borderOf, jtsOf, without } from '../../scripts/testing/jts'
import { rectangle, type Region, type Ring } from '../geometry'
import { nest, sheetsOf, surfaceOf, violations, type NestPart, type SurfaceAt } from './index'
import { placedShape } from './check'
import { seedOf } from '../../scripts/testing/runs'

const part = (id: string, width: number, height: number): NestPart => {
  const shape: Region = { outline: rectangle(0, 0, width, height), holes: [] }
  return { id, shape, turnedShape: shape }
}
const ring = (...corners: [number, number][]): Ring => corners.map(([x, y]) => ({ x, y }))
const rules = { margin: 5, gap: 3, grain: 'free', turning: true } as const

/** Pieces as they are left over: with a corner cut away, with a bite, with a slanted side. */
const outlines = fc
  .record({
    kind: fc.constantFrom('corner', 'bite', 'slant'),
    width: fc.integer({ min: 150, max: 420 }),
    height: fc.integer({ min: 120, max: 300 }),
    at: fc.integer({ min: 30, max: 100 }),
  })
  .map(({ kind, width: w, height: h, at }): Ring => {
    if (kind === 'corner') return ring([0, 0], [w, 0], [w, at], [at, at], [at, h], [0, h])
    if (kind === 'slant') return ring([0, 0], [w, 0], [w - at, h], [at / 2, h])
    return ring([0, 0], [at, 0], [at, at / 2], [at + 20, at / 2], [at + 20, 0], [w, 0], [w, h], [0, h])
  })
const sizes = fc.array(fc.tuple(fc.integer({ min: 12, max: 110 }), fc.integer({ min: 12, max: 110 })), {
  minLength: 1,
  maxLength: 14,
})

test('on pieces of any outline parts keep margin and gap, as an unrelated library sees them', () => {
  let onPiece = 0
  fc.assert(
    fc.property(
      outlines,
      sizes,
      fc.constantFrom(0, 3, 8),
      fc.constantFrom(0, 5),
      (outline, list, gap, margin) => {
        const [width, height] = (['x', 'y'] as const).map((axis) => Math.max(...outline.map((p) => p[axis])))
        const piece = surfaceOf({ width, height }, null, { outline, offcut: 'piece', weight: 0.1 })
        const whole = surfaceOf({ width: 500, height: 350 }, null)
        const supply = [piece, ...sheetsOf(whole, 3)]
        const own = { ...rules, gap, margin }
        const parts = list.map(([w, h], i) => part(`p${i}`, w, h))
        const { placements } = nest(parts, own, supply)
        const border = borderOf(jtsOf({ outline, holes: [] }))
        const shapes = placements
          .filter(({ sheet }) => sheet === 0)
          .map((each) =>
            jtsOf(
              placedShape(
                parts.find(({ id }) => id === each.part)!,
                each,
              ),
            ),
          )
        for (const [i, shape] of shapes.entries()) {
          onPiece++
          expect(without(shape, jtsOf({ outline, holes: [] })).getArea()).toBeLessThan(1e-3)
          expect(apart(shape, border)).toBeGreaterThan(margin - 1e-3)
          for (const other of shapes.slice(i + 1)) expect(apart(shape, other)).toBeGreaterThan(gap - 1e-3)
        }
        const surfaceAt: SurfaceAt = (sheet) => supply[sheet]
        expect(violations(parts, placements, own, surfaceAt)).toEqual([])
      },
    ),
    { numRuns: 24, seed: seedOf(6) },
  )
  expect(onPiece).toBeGreaterThan(30)
}, 120_000)

test('a part that fits a corner piece exactly is put there, and no whole sheet is begun', () => {
  const outline = ring([0, 0], [300, 0], [300, 70], [110, 70], [110, 260], [0, 260])
  const piece = surfaceOf({ width: 300, height: 260 }, null, { outline, offcut: 'corner', weight: 0.1 })
  const supply = [piece, surfaceOf({ width: 500, height: 350 }, null)]
  const { placements } = nest([part('long', 290, 60), part('high', 100, 187)], rules, supply)
  expect(placements.map(({ sheet }) => sheet)).toEqual([0, 0])
})

test('over the edge of a piece is told, as margin or as sheet', () => {
  const outline = ring([0, 0], [300, 0], [300, 70], [110, 70], [110, 260], [0, 260])
  const piece = surfaceOf({ width: 300, height: 260 }, null, { outline, offcut: 'corner', weight: 0.1 })
  const parts = [part('a', 50, 50)]
  const over = (x: number, y: number) =>
    violations(parts, [{ part: 'a', sheet: 0, x, y, turn: 0, pinned: true }], rules, () => piece).map(
      (each) => each.over,
    )
  expect([over(5, 5), over(200, 17), over(200, 100), over(56, 200)]).toEqual([
    [],
    ['margin'],
    ['sheet'],
    ['margin'],
  ])
})
