import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { randomNormal, randomUniform } from '../../scripts/testing/random'
import {
  flatLength,
  oddsOfHolding,
  sectionOf,
  shearOf,
  slitLines,
  torqueOf,
  zoneOf,
  type BendTest,
  type SlitBend,
} from './index'

describe('torsion of rectangular bars', () => {
  // Published: Timoshenko & Goodier, Theory of Elasticity, table of constants for rectangular bars; Roark's
  // Formulas for Stress and Strain, torsion of a solid rectangular section: ratio, α, β.
  test.each([
    [1, 0.208, 0.141],
    [1.5, 0.231, 0.196],
    [2, 0.246, 0.229],
    [3, 0.267, 0.263],
    [4, 0.282, 0.281],
    [6, 0.299, 0.299],
    [10, 0.312, 0.312],
    [1000, 1 / 3, 1 / 3],
  ])('sides as %p to 1: α %p, β %p', (ratio, alpha, beta) => {
    const section = sectionOf(ratio)
    // The table has three digits, and rounds some of them up.
    expect(Math.abs(section.alpha - alpha)).toBeLessThan(0.0011)
    expect(Math.abs(section.beta - beta)).toBeLessThan(0.0011)
  })
  test('torque grows with the cube of the shorter side, and falls with the length', () => {
    const bar = { sides: [1, 50] as [number, number], length: 10, angle: 0.1 }
    const thick = { ...bar, sides: [2, 100] as [number, number] }
    expect(torqueOf(thick, 600) / torqueOf(bar, 600)).toBeCloseTo(16, 6)
    expect(torqueOf({ ...bar, length: 20 }, 600) / torqueOf(bar, 600)).toBeCloseTo(0.5, 9)
    expect(torqueOf({ ...bar, sides: [50, 1] }, 600)).toBe(torqueOf(bar, 600))
  })
})

describe('a zone of slits', () => {
  // By definition: arc at mid-thickness. A quarter turn at inside radius 20 in a sheet of 3: π/2 · 21.5.
  test('its flat length is the arc at mid-thickness', () => {
    expect(flatLength(Math.PI / 2, 20, 3)).toBeCloseTo(33.7721, 4)
    expect(flatLength(Math.PI, 20, 3)).toBeCloseTo(2 * flatLength(Math.PI / 2, 20, 3), 12)
  })
  const some = fc.record({
    radius: fc.integer({ min: 5, max: 60 }),
    link: fc.integer({ min: 5, max: 30 }).map((tenths) => tenths / 10),
    slit: fc.integer({ min: 8, max: 60 }),
    bridge: fc.integer({ min: 1, max: 5 }),
  })
  test('slits stay within the zone, a bridge apart, every second row shifted by half', () =>
    fc.assert(
      fc.property(some, fc.integer({ min: 30, max: 300 }), (slit, long) => {
        const zone = zoneOf(slit, Math.PI / 2, 3, 0.16, long)
        const lines = slitLines(zone)
        const rows = [...new Set(lines.map(([{ x }]) => x))]
        expect(rows).toHaveLength(zone.rows + 1)
        expect(rows[0]).toBeGreaterThanOrEqual(-1e-9)
        expect(rows[rows.length - 1]).toBeLessThanOrEqual(zone.flat + 1e-9)
        for (let i = 1; i < rows.length; i++) expect(rows[i] - rows[i - 1] - 0.16).toBeCloseTo(slit.link, 9)
        for (const x of rows) {
          const own = lines.filter(([from]) => from.x === x)
          expect(own[0][0].y).toBeGreaterThanOrEqual(0)
          expect(own[own.length - 1][1].y).toBeLessThanOrEqual(long + 1e-9)
          for (let i = 1; i < own.length; i++)
            expect(own[i][0].y - own[i - 1][1].y).toBeCloseTo(slit.bridge, 9)
        }
        // A bridge of one row lies before the middle of a slit of the next: nothing is cut loose.
        const [first, second] = rows.slice(0, 2).map((x) => lines.filter(([from]) => from.x === x))
        expect((first[0][0].y + first[0][1].y) / 2).toBeCloseTo(second[0][1].y + slit.bridge / 2, 9)
      }),
    ))
  const zone = (link: number, slit = 24) =>
    zoneOf({ radius: 20, link, slit, bridge: 3 }, Math.PI / 2, 3, 0.16, 108)
  const bent = ({ width, link, rows }: ReturnType<typeof zone>) => ({
    width,
    link,
    rows,
    thickness: 3,
    angle: 90,
  })
  test('wider links: fewer of them, each sheared more; longer slits: less', () => {
    expect(zone(1.5).rows).toBeLessThan(zone(1).rows)
    expect(shearOf(bent(zone(1.5)))).toBeGreaterThan(shearOf(bent(zone(1))))
    expect(shearOf(bent(zone(1, 33)))).toBeLessThan(shearOf(bent(zone(1, 24))))
  })
  test('a worked example: 1 mm links of 10 mm in a sheet of 3, 30 of them for a quarter turn', () => {
    // φ = 90° ÷ 30 = 0.05236; α .267 and β .263 for 3 to 1: 0.05236 · 1 · .263 ÷ (.267 · 10) = 0.00516.
    expect(shearOf({ width: 1, link: 10, thickness: 3, rows: 30, angle: 90 })).toBeCloseTo(0.00516, 5)
  })
})

describe('odds that a bend holds', () => {
  const bend: SlitBend = { width: 1.2, link: 10, thickness: 3, rows: 20, angle: 90, grain: 'along' }
  const tried = (part: Partial<BendTest>): BendTest => ({ ...bend, id: 't', on: '', broke: false, ...part })
  test('before anything is tried they say little', () => {
    const odds = oddsOfHolding(bend, [])
    expect(odds).toBeGreaterThan(0.5)
    expect(odds).toBeLessThan(0.99)
  })
  test('one that held raises them, one that broke lowers them, and more so for harder bends', () => {
    const before = oddsOfHolding(bend, [])
    expect(oddsOfHolding(bend, [tried({})])).toBeGreaterThan(before)
    expect(oddsOfHolding(bend, [tried({ broke: true })])).toBeLessThan(0.45)
    const hard = { ...bend, rows: 10 }
    expect(oddsOfHolding(hard, [tried({ broke: true })])).toBeLessThan(
      oddsOfHolding(bend, [tried({ broke: true })]),
    )
    expect(oddsOfHolding(bend, [tried({ rows: 10 })])).toBeGreaterThan(0.98)
  })
  test('links along the grain bear more; a test the other way round says less', () => {
    const along: SlitBend = { ...bend, grain: 'along' }
    const across: SlitBend = { ...bend, grain: 'across' }
    const unknown: SlitBend = { ...bend, grain: 'any' }
    expect(oddsOfHolding(along, [])).toBeGreaterThan(oddsOfHolding(unknown, []))
    expect(oddsOfHolding(unknown, [])).toBeGreaterThan(oddsOfHolding(across, []))
    const broke = (grain: SlitBend['grain']): number =>
      oddsOfHolding(along, [tried({ rows: 10, broke: true, grain })])
    expect(broke('along')).toBeLessThan(broke('any'))
    expect(broke('any')).toBeLessThan(broke('across'))
    expect(broke('across')).toBeLessThan(oddsOfHolding(along, []))
  })
  test('tests that contradict each other altogether say nothing', () => {
    const odds = oddsOfHolding(bend, [tried({ rows: 1000, broke: true }), tried({ rows: 1, angle: 360 })])
    expect(Number.isFinite(odds)).toBe(true)
  })
  // Sheets of a hidden strength, six tests each at random bends, judged by hand: an angle is read to 5°.
  test('what they say comes true', () => {
    const random = randomUniform(20261125)
    const normal = randomNormal(7)
    const bins = new Map<number, [said: number, held: number, count: number]>()
    for (let sheet = 0; sheet < 1500; sheet++) {
      const strength = Math.log(0.02) + 0.5 * normal()
      const half = (0.25 + 0.2 * normal()) / 2
      const lies = (): 'along' | 'across' => (random() < 0.5 ? 'along' : 'across')
      const breaks = ({ grain, ...each }: SlitBend): boolean => {
        const way = grain === 'any' ? lies() : grain
        return Math.log(shearOf(each)) > strength + (way === 'along' ? half : -half) + 0.2 * normal()
      }
      const someBend = (): SlitBend => ({
        ...bend,
        rows: 4 + Math.floor(random() * 16),
        grain: random() < 0.2 ? 'any' : lies(),
      })
      const tests = Array.from({ length: Math.floor(random() * 6) }, (): BendTest => {
        const each = someBend()
        return tried({ ...each, angle: 5 * Math.round((90 + 4 * normal()) / 5), broke: breaks(each) })
      })
      const next = someBend()
      const odds = oddsOfHolding(next, tests)
      const bin = bins.get(Math.floor(odds * 5)) ?? [0, 0, 0]
      bins.set(Math.floor(odds * 5), [bin[0] + odds, bin[1] + (breaks(next) ? 0 : 1), bin[2] + 1])
    }
    for (const [said, held, count] of bins.values())
      if (count > 80) expect(Math.abs(said - held) / count).toBeLessThan(0.08)
  })
})
