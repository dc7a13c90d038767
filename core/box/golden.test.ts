import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { fingeredBoxes, withDefaults } from '../../scripts/testing/boxes'
import { resolve } from '../assembly'
import { signatureOf } from '../derive/signature'
import { ringsOf, type Region, type Ring } from '../geometry'
import golden from './golden.json' with { type: 'json' }
import { makeBox, specProblems } from './index'

/** Whether a ring turns at a point; points in the middle of a side say nothing. */
function isCorner(ring: Ring, i: number): boolean {
  const [a, b, c] = [ring[(i + ring.length - 1) % ring.length], ring[i], ring[(i + 1) % ring.length]]
  return Math.abs((b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x)) > 1e-9
}

/**
 * The corners of a ring from the least one on, in hundredths of a micrometre: where it begins says nothing.
 */
function ringKey(ring: Ring): string {
  const corners = ring.filter((_, i) => isCorner(ring, i))
  const points = corners.map(({ x, y }) => [Math.round(x * 1e5) + 0, Math.round(y * 1e5) + 0])
  let least = 0
  for (const [i, [x, y]] of points.entries())
    if (x < points[least][0] || (x === points[least][0] && y < points[least][1])) least = i
  return [...points.slice(least), ...points.slice(0, least)].join(' ')
}
const keyOf = (region: Region): string[] => ringsOf(region).map(ringKey)

// Made with the box of six named panels, before joints became one law.
test('520 boxes with fingers on every edge come out point for point as they did', () => {
  const makeable = fingeredBoxes.filter(
    ({ spec, thicknesses }) =>
      specProblems(withDefaults(spec), { ...thicknesses, dividers: 3 }, 0.8).length === 0,
  )
  const sample = fc.sample(makeable, { numRuns: 520, seed: 20261125 })
  const found = sample.map(({ spec, thicknesses }, i) => {
    const interference = [0, 0.02, -0.06, 0.1][i % 4]
    const mean = { ...thicknesses, dividers: 3 }
    const { assembly } = makeBox(withDefaults(spec), { mean, thickest: mean })
    const { panels, broken } = resolve(assembly, { proud: spec.proud, interference })
    const told = panels.map(({ id, region, drawn, frame }) => [
      id,
      keyOf(region),
      keyOf(drawn),
      frame.map((value) => Math.round(value * 1e4) + 0),
    ])
    return signatureOf([broken.length, told])
  })
  expect(found).toEqual(golden)
})
