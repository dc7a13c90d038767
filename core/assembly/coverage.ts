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

/** A side of a region as (along, across) of a line, from its lower end on. */
interface Side {
  s1: number
  c1: number
  s2: number
  c2: number
}

/** Sides of a region by where they begin, those along the line left out. */
function sidesOf(region: Region, along: 'x' | 'y'): Side[] {
  const isX = along === 'x'
  const sides: Side[] = []
  for (const ring of ringsOf(region)) {
    let before = ring[ring.length - 1]
    for (const point of ring) {
      const [s1, c1, s2, c2] = isX
        ? [before.x, before.y, point.x, point.y]
        : [before.y, before.x, point.y, point.x]
      before = point
      if (s1 === s2) continue
      sides.push(s1 < s2 ? { s1, c1, s2, c2 } : { s1: s2, c1: c2, s2: s1, c2: c1 })
    }
  }
  return sides.sort((a, b) => a.s1 - b.s1)
}

/** Sorted sides of regions: a panel is asked for many bands. */
const sorted = new WeakMap<Region, Partial<Record<'x' | 'y', Side[]>>>()

function sortedSides(region: Region, along: 'x' | 'y'): Side[] {
  const known = sorted.get(region) ?? {}
  sorted.set(region, known)
  return (known[along] ??= sidesOf(region, along))
}

/**
 * Where along the line the cover may change: at every corner, and where a side crosses the band's border.
 */
function breaksOf(sides: Side[], low: number, high: number, cuts: number[]): Float64Array {
  const breaks = [...cuts]
  for (const { s1, c1, s2, c2 } of sides) {
    breaks.push(s1, s2)
    if (c1 === c2) continue
    for (const border of [low, high]) {
      const share = (border - c1) / (c2 - c1)
      if (share > 0 && share < 1) breaks.push(s1 + share * (s2 - s1))
    }
  }
  return Float64Array.from(breaks).sort()
}

/** How much of the band is material at a place of the line. @param active the sides there */
function coverAt(at: number, active: Side[], low: number, high: number, crossings: number[]): number {
  crossings.length = 0
  for (const { s1, c1, s2, c2 } of active)
    crossings.push(c1 === c2 ? c1 : c1 + ((at - s1) / (s2 - s1)) * (c2 - c1))
  if (crossings.length > 2) crossings.sort((a, b) => a - b)
  else if (crossings.length === 2 && crossings[0] > crossings[1]) crossings.reverse()
  let covered = 0
  for (let i = 0; i < crossings.length; i += 2) {
    const from = Math.max(low, crossings[i])
    const to = Math.min(high, crossings[i + 1] ?? high)
    if (to > from) covered += to - from
  }
  return covered
}

/** Where sides along the line begin and end, in order. */
interface Steps {
  at: Float64Array
  across: Float64Array
  /** How the material above a place changes there: one more, or one less. */
  change: Int8Array
}

/** Steps of a region whose sides all run along or across; null where one leans. */
const stepped = new WeakMap<Region, Partial<Record<'x' | 'y', Steps | null>>>()

function stepsOf(region: Region, along: 'x' | 'y'): Steps | null {
  const isX = along === 'x'
  // An outline runs counter-clockwise: above what runs along x there is material, along y there is none.
  const above = isX ? 1 : -1
  const ends: { at: number; across: number; change: number }[] = []
  for (const ring of ringsOf(region)) {
    let before = ring[ring.length - 1]
    for (const point of ring) {
      const [from, to] = isX ? [before.x, point.x] : [before.y, point.y]
      const [across, beyond] = isX ? [before.y, point.y] : [before.x, point.x]
      before = point
      if (from === to) continue
      if (across !== beyond) return null
      ends.push({ at: from, across, change: above }, { at: to, across, change: -above })
    }
  }
  ends.sort((a, b) => a.at - b.at)
  const steps: Steps = {
    at: new Float64Array(ends.length),
    across: new Float64Array(ends.length),
    change: new Int8Array(ends.length),
  }
  for (const [i, { at, across, change }] of ends.entries()) {
    steps.at[i] = at
    steps.across[i] = across
    steps.change[i] = change
  }
  return steps
}

function knownSteps(region: Region, along: 'x' | 'y'): Steps | null {
  const known = stepped.get(region) ?? {}
  stepped.set(region, known)
  if (known[along] === undefined) known[along] = stepsOf(region, along)
  return known[along]!
}

/** One walk along the line: what is covered changes only where a side begins or ends. */
function steppedCoverage({ at, across, change }: Steps, low: number, high: number): Stretch[] {
  const stretches: Stretch[] = []
  let [from, covered] = [0, 0]
  for (let i = 0; i < at.length;) {
    const place = at[i]
    let next = covered
    for (; i < at.length && at[i] === place; i++)
      if (across[i] < high) next += change[i] * (high - Math.max(low, across[i]))
    if (Math.abs(next - covered) < 1e-9) continue
    if (covered > THIN && place - from > 1e-9) stretches.push({ from, to: place, covered })
    ;[from, covered] = [place, next]
  }
  return stretches
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
  const steps = Number.isFinite(low) && Number.isFinite(high) ? knownSteps(region, along) : null
  return steps ? steppedCoverage(steps, low, high) : leaningCoverage(region, along, low, high, cuts)
}

/** The same where some sides lean. */
function leaningCoverage(
  region: Region,
  along: 'x' | 'y',
  low: number,
  high: number,
  cuts: number[],
): Stretch[] {
  // What lies beyond the band on its far side says nothing of what is in it.
  const sides = sortedSides(region, along).filter(({ c1, c2 }) => c1 < high || c2 < high)
  const breaks = breaksOf(sides, low, high, cuts)
  const stretches: Stretch[] = []
  const crossings: number[] = []
  let active: Side[] = []
  let next = 0
  for (let i = 1; i < breaks.length; i++) {
    const [from, to] = [breaks[i - 1], breaks[i]]
    if (to - from < 1e-9) continue
    const at = (from + to) / 2
    if (active.some(({ s2 }) => s2 <= at)) active = active.filter(({ s2 }) => s2 > at)
    for (; next < sides.length && sides[next].s1 < at; next++)
      if (sides[next].s2 > at) active.push(sides[next])
    if (active.length === 0) continue
    const covered = coverAt(at, active, low, high, crossings)
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
