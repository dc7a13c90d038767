import type { Claim } from '../assembly'

/** How high two crossing parts reach along the line where they cross, mm. */
export interface Reach {
  from: number
  to: number
}

/**
 * Two parts notched half way and slid into each other. The first keeps the lower half, so that its slot
 * opens upward; the second keeps the upper half. What stands beyond its mate is air in the other one's slot:
 * it would be locked in otherwise. [CP: 50 tall → slots 25 deep]
 */
export function lapClaims(first: Reach, second: Reach): Claim[] {
  const [from, to] = [Math.max(first.from, second.from), Math.min(first.to, second.to)]
  const middle = (from + to) / 2
  const below: Claim = {
    owner: second.from < from - 1e-9 ? null : 0,
    from: Math.min(second.from, from),
    to: from,
  }
  const above: Claim = { owner: first.to > to + 1e-9 ? null : 1, from: to, to: Math.max(first.to, to) }
  return [
    ...(below.owner === null ? [below] : []),
    { owner: 0 as const, from, to: middle },
    { owner: 1 as const, from: middle, to },
    ...(above.owner === null ? [above] : []),
  ]
}
