import { ringsOf, type Region } from '../geometry'

/**
 * A stretch of a line, and how much of a band across it is material there, mm (the mean over the stretch).
 */
export interface Stretch {
  from: number
  to: number
  covered: number
}

/** Lengths below this are rounding, mm; what covers less of a band's width is none. */
export const TINY = 1e-4
const THIN = 2e-5

/** Sides of a region as (along, across) of a line, those beyond the band left out. */
function sidesOf(region: Region, along: 'x' | 'y', high: number): Float64Array {
  const across = along === 'x' ? 'y' : 'x'
  const sides: number[] = []
  for (const ring of ringsOf(region)) {
    for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
      const [a, b] = [ring[j], ring[i]]
      if (a[along] === b[along] || (a[across] >= high && b[across] >= high)) continue
      const forward = a[along] < b[along]
      const [p, q] = forward ? [a, b] : [b, a]
      sides.push(p[along], p[across], q[along], q[across])
    }
  }
  return Float64Array.from(sides)
}

/**
 * Where along the line the cover may change: at every corner, and where a side crosses the band's border.
 */
function breaksOf(sides: Float64Array, low: number, high: number, cuts: number[]): Float64Array {
  const breaks = [...cuts]
  for (let i = 0; i < sides.length; i += 4) {
    const [s1, c1, s2, c2] = [sides[i], sides[i + 1], sides[i + 2], sides[i + 3]]
    breaks.push(s1, s2)
    if (c1 === c2) continue
    for (const border of [low, high]) {
      const share = (border - c1) / (c2 - c1)
      if (share > 0 && share < 1) breaks.push(s1 + share * (s2 - s1))
    }
  }
  return Float64Array.from(breaks).sort()
}

/** How much of the band is material at a place of the line. */
function coverAt(at: number, sides: Float64Array, low: number, high: number, crossings: number[]): number {
  crossings.length = 0
  for (let i = 0; i < sides.length; i += 4) {
    const [s1, s2] = [sides[i], sides[i + 2]]
    if (s1 < at && s2 > at)
      crossings.push(sides[i + 1] + ((at - s1) / (s2 - s1)) * (sides[i + 3] - sides[i + 1]))
  }
  crossings.sort((a, b) => a - b)
  let covered = 0
  for (let i = 0; i < crossings.length; i += 2) {
    const from = Math.max(low, crossings[i])
    const to = Math.min(high, crossings[i + 1] ?? high)
    if (to > from) covered += to - from
  }
  return covered
}

/**
 * What a region has in a band between two parallels, place by place along it. Exact for straight sides.
 * @param along the region's own axis that the band runs along
 * @param low border of the band on the other axis, mm; may be −Infinity
 * @param high may be Infinity
 * @param cuts places where stretches end as well: between them the cover is not the mean of a longer one
 */
export function coverage(
  region: Region,
  along: 'x' | 'y',
  low: number,
  high: number,
  cuts: number[] = [],
): Stretch[] {
  const sides = sidesOf(region, along, high)
  const breaks = breaksOf(sides, low, high, cuts)
  const stretches: Stretch[] = []
  const crossings: number[] = []
  for (let i = 1; i < breaks.length; i++) {
    const [from, to] = [breaks[i - 1], breaks[i]]
    if (to - from < 1e-9) continue
    const covered = coverAt((from + to) / 2, sides, low, high, crossings)
    if (covered > THIN) stretches.push({ from, to, covered })
  }
  return stretches
}

/** Area in mm² that stretches cover between two places. */
export const coveredBetween = (stretches: Stretch[], from: number, to: number): number =>
  stretches.reduce((sum, each) => {
    const length = Math.min(to, each.to) - Math.max(from, each.from)
    return length > 0 ? sum + length * each.covered : sum
  }, 0)

/** How much of a line both have stretches on, mm. */
export function sharedLength(a: Stretch[], b: Stretch[]): number {
  let shared = 0
  for (let i = 0, j = 0; i < a.length && j < b.length;) {
    const length = Math.min(a[i].to, b[j].to) - Math.max(a[i].from, b[j].from)
    if (length > 0) shared += length
    if (a[i].to < b[j].to) i++
    else j++
  }
  return shared
}
