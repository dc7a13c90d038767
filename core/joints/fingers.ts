import type { Claim } from '../assembly'
import { share, type Shares } from './share'
import type { EdgeRule } from './rule'

/**
 * A tenth of a micrometre: boundaries are put on this grid, so that mirrored panels read the same figures.
 */
export const roundLength = (value: number): number => Math.round(value * 10000) / 10000

/** What is said about the fingers of an edge beside its rule. */
export interface Pattern {
  /** Runs the other way round. */
  mirrored: boolean
  /** Made unequal, so that a panel put in the wrong way round does not enter. */
  keyed: boolean
}

export const PLAIN: Pattern = { mirrored: false, keyed: false }

/** How much of its end share a keyed edge gives to the other end. [FM] */
const KEYED_SHARE = 0.4

/** Gives a part of the first share to the last one: the edge is no longer its own mirror image. */
function keyed(widths: number[]): number[] {
  const by = KEYED_SHARE * Math.min(widths[0], widths[1] ?? widths[0])
  const last = widths.length - 1
  return widths.map((width, i) => (i === 0 ? width - by : i === last ? width + by : width))
}

/** The shares of an edge of `length` mm. */
export function fingerShares(rule: EdgeRule, length: number, pattern: Pattern): Shares {
  const { widths, first } = share(rule, length)
  const made = pattern.keyed && widths.length > 1 ? keyed(widths) : widths
  if (!pattern.mirrored) return { widths: made, first }
  const flips = made.length % 2 === 0
  return { widths: [...made].reverse(), first: flips ? ((1 - first) as 0 | 1) : first }
}

/** Puts shares along an edge, from `start`; what reaches beyond `from` and `to` is cut off there. mm */
export function claimsOf({ widths, first }: Shares, start: number, from: number, to: number): Claim[] {
  let reached = start
  const ends = widths.map((width) => (reached += width))
  const claims: Claim[] = []
  for (const [i, end] of ends.entries()) {
    const low = Math.max(from, i === 0 ? start : roundLength(ends[i - 1]))
    const high = Math.min(to, i === ends.length - 1 ? to : roundLength(end))
    if (high > low) claims.push({ owner: ((i + first) % 2) as 0 | 1, from: low, to: high })
  }
  return claims
}
