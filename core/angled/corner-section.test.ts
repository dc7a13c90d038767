import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { jtsOf, shared } from '../../scripts/testing/jts'
import { END_KINDS, leaves } from '../assembly'
import { signedArea, type Point } from '../geometry'
import { cornerSection } from './corner-section'

const sizeOf = (points: Point[]): number => Math.abs(signedArea(points))
const regionOf = (points: Point[]): ReturnType<typeof jtsOf> => {
  const outline = signedArea(points) > 0 ? points : [...points].reverse()
  return jtsOf({ outline, holes: [] })
}
const apart = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y)

test('the sheets do not overlap, and what is open or proud is what is said in figures', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 40, max: 160, noNaN: true }).filter((angle) => Math.abs(angle - 90) > 1),
      fc.double({ min: 1, max: 8, noNaN: true }),
      fc.double({ min: 1, max: 8, noNaN: true }),
      fc.constantFrom(...END_KINDS),
      (angle, own, mate, ends) => {
        const { through, stopped, gap, proud } = cornerSection(angle, own, mate, ends)
        expect(shared(regionOf(through), regionOf(stopped)).getArea()).toBeLessThan(1e-9)
        for (const sheet of [through, stopped])
          expect(shared(regionOf(gap), regionOf(sheet)).getArea()).toBeLessThan(1e-9)
        const turn = (angle * Math.PI) / 180
        const [open] = [leaves(turn, mate, ends).gap]
        expect(sizeOf(gap)).toBeCloseTo((open * mate) / 2, 9)
        expect(Math.min(apart(gap[0], gap[2]), apart(gap[1], gap[2]))).toBeCloseTo(open, 9)
        // How far its furthest corner stands out of the other's outer face.
        const out = proud.map(({ x, y }) => y * Math.cos(turn) - x * Math.sin(turn))
        expect(Math.max(0, ...out)).toBeCloseTo(leaves(turn, own, ends).proud, 9)
      },
    ),
  )
})
test('walls of a hexagon, 3 mm thick, leave a wedge of 1.73 mm inside; tabs end inside both faces', () => {
  const { gap, proud } = cornerSection(120, 3, 3, 'flush')
  expect(apart(gap[1], gap[2])).toBeCloseTo(Math.sqrt(3), 9) // 3 / tan 60°
  expect(sizeOf(proud)).toBeCloseTo(0, 9)
})
test('a square corner leaves nothing', () => {
  const { gap, proud } = cornerSection(90, 3, 4, 'full')
  expect(sizeOf(gap)).toBeCloseTo(0, 9)
  expect(sizeOf(proud)).toBeCloseTo(0, 9)
})
