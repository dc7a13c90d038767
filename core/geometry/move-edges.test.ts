import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { offsetBy, sharedArea, type Bounds, type Region } from './index'
import { area } from './measure'
import { moveEdges } from './move-edges'
import { paint, type Stroke } from './paint'
import { seedOf } from '../../scripts/testing/runs'

const stroke = (fill: boolean, minX: number, minY: number, maxX: number, maxY: number): Stroke => ({
  area: { minX, minY, maxX, maxY },
  fill,
})
const areaOf = (regions: Region[]): number => regions.reduce((sum, region) => sum + area(region), 0)
/** Area that is in one of them only, mm². */
const apart = (a: Region[], b: Region[]): number =>
  areaOf(a) +
  areaOf(b) -
  2 * a.reduce((sum, each) => sum + b.reduce((own, to) => own + sharedArea(each, to), 0), 0)

describe('moving the edges of what was painted', () => {
  const comb = paint([stroke(true, 0, 0, 30, 10), stroke(false, 0, 6, 30, 10), stroke(true, 10, 6, 20, 10)])
  const unmoved = comb.strokes.map((each) => each.area)
  test('a tab grows by its own edges alone, and everything by what is added', () => {
    const edges = [unmoved[0], unmoved[1], { ...unmoved[2], minX: 9.9, maxX: 20.2 }]
    expect(areaOf(moveEdges(comb, edges, { x: 0, y: 0 })!)).toBeCloseTo(180 + 40 + 0.3 * 4, 9)
    const [grown] = moveEdges(comb, edges, { x: 0.1, y: 0.05 })!
    expect(grown.outline).toHaveLength(8)
    expect(areaOf([grown])).toBeCloseTo(30.2 * 6.1 + 10.5 * 4, 9)
  })
  test('a border of two strokes gets a step where one of them is moved', () => {
    const wall = paint([
      stroke(true, 0, 0, 20, 10),
      stroke(false, 0, 6, 10, 10),
      stroke(false, 10, 6, 20, 10),
    ])
    expect(wall.regions[0].outline).toHaveLength(4)
    const edges = wall.strokes.map((each, i) => (i === 1 ? { ...each.area, minY: 5.8 } : each.area))
    const [moved] = moveEdges(wall, edges, { x: 0.1, y: 0.1 })!
    expect(moved.outline).toHaveLength(6)
    expect(moved.outline).toContainEqual({ x: 9.9, y: 6.1 })
  })
  test('what would close, or touches at a corner, is left to painting', () => {
    expect(moveEdges(comb, unmoved, { x: -5, y: 0 })).toBeNull()
    const slit = paint([stroke(true, 0, 0, 30, 10), stroke(false, 14.95, 0, 15.05, 8)])
    expect(
      moveEdges(
        slit,
        slit.strokes.map((each) => each.area),
        { x: 0.05, y: 0.05 },
      ),
    ).toBeNull()
    const corners = paint([stroke(true, 0, 0, 5, 5), stroke(true, 5, 5, 9, 9)])
    expect(
      moveEdges(
        corners,
        corners.strokes.map((each) => each.area),
        { x: 0.1, y: 0.1 },
      ),
    ).toBeNull()
  })
  test('comes to what painting the moved strokes and a general offset come to, for generated ones', () => {
    const at = fc.integer({ min: 0, max: 12 })
    const little = fc.integer({ min: -20, max: 20 }).map((n) => n / 100)
    const grow = fc.integer({ min: 1, max: 20 }).map((n) => n / 100)
    const made = fc
      .tuple(at, at, at, at, fc.boolean(), fc.tuple(little, little, little, little))
      .filter(([a, b, c, d]) => a < c && b < d)
    let moved = 0
    fc.assert(
      fc.property(fc.array(made, { minLength: 2, maxLength: 12 }), grow, grow, (list, x, y) => {
        const strokes = list.map(([a, b, c, d, fill]) => stroke(fill, a, b, c, d))
        // Edges that coincide are moved alike, as joints move them: else order, not place, would decide.
        const shift = (axis: number, place: number): number => list[place % list.length][5][axis]
        const edges = strokes.map(({ area: { minX, minY, maxX, maxY } }): Bounds => ({
          minX: minX + shift(0, minX),
          maxX: maxX + shift(0, maxX),
          minY: minY + shift(1, minY),
          maxY: maxY + shift(1, maxY),
        }))
        const found = moveEdges(paint(strokes), edges, { x, y })
        if (!found) return
        moved++
        const painted = paint(edges.map((each, i) => ({ area: each, fill: strokes[i].fill }))).regions
        expect(
          apart(
            found,
            painted.flatMap((region) => offsetBy(region, { x, y })),
          ),
        ).toBeLessThan(5e-3)
      }),
      { numRuns: 400, seed: seedOf(8) },
    )
    expect(moved).toBeGreaterThan(100)
  })
})
