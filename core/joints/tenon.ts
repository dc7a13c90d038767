import type { Claim } from '../assembly'
import { claimsOf, fingerShares, type Pattern } from './fingers'
import type { EdgeRule } from './rule'
import { shareByCount } from './share'

/**
 * Tenons of the second part in slots of the first one, set back from its edge. The first part keeps both
 * ends, so that every slot is closed; an even count of shares gets one more for that.
 */
export function tenonShares(rule: EdgeRule, length: number, pattern: Pattern): number[] {
  const { widths } = fingerShares(rule, length, pattern)
  if (widths.length < 3) return shareByCount(length, 3)
  return widths.length % 2 === 1 ? widths : shareByCount(length, widths.length + 1)
}

export const tenonClaims = (widths: number[], from: number, to: number): Claim[] =>
  claimsOf({ widths, first: 0 }, from, from, to)
