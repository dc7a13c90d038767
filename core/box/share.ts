import { fixed, short } from '../length'
import type { Working } from '../working'
import type { TabRule } from './spec'

/** Widths in mm of the cells along an edge, end to end; owners alternate, and the first cell belongs to the edge's leading panel. */
export type Shares = number[]

/**
 * An odd count of equal cells, as near to the wanted width as can be, so that both ends look alike; real width `L/n`. [CP]
 * At least three, or one panel would have nothing to hold on to.
 */
export function shareEvenly(length: number, wanted: number): Shares {
  const odd = 2 * Math.round((length / wanted - 1) / 2) + 1
  const nearest =
    [odd - 2, odd, odd + 2]
      .filter((n) => n >= 3)
      .sort((a, b) => Math.abs(length / a - wanted) - Math.abs(length / b - wanted))[0] ?? 3
  return shareByCount(length, Math.min(nearest, MOST_CELLS))
}

/** More cells than this along one edge is a slip, and would only fill the memory. */
const MOST_CELLS = 999

/** `count` equal cells. Odd counts end alike; even ones end with the other panel. */
export const shareByCount = (length: number, count: number): Shares =>
  Array.from({ length: count }, () => length / count)

/**
 * Cells of just the wanted width in the middle and equal remainders at both ends, none shorter than half of that width.
 * On an edge too short for that: one centred cell of half the length.
 */
export function shareFixed(length: number, wanted: number): Shares {
  if (length < 2 * wanted) return [length / 4, length / 2, length / 4]
  let middle = Math.min(Math.floor(length / wanted - 1), MOST_CELLS - 2)
  if (middle % 2 === 0) middle--
  const end = (length - middle * wanted) / 2
  return [end, ...Array.from({ length: middle }, () => wanted), end]
}

/** Shares out an edge of `length` mm by a rule. */
export function share(rule: TabRule, length: number, wanted: number, count: number): Shares {
  if (rule === 'even') return shareEvenly(length, wanted)
  return rule === 'fixed' ? shareFixed(length, wanted) : shareByCount(length, count)
}

/** What stands behind the tab width along one edge. */
export function shareWorking(
  edge: string,
  rule: TabRule,
  length: number,
  wanted: number,
  shares: Shares,
): Working {
  const n = shares.length
  const middle = shares[Math.floor(n / 2)]
  const terms: Working['terms'] = [
    {
      symbol: 'L',
      meaning: `${edge}, between the corners`,
      value: `${fixed(length, 2)} mm`,
      source: 'derived',
    },
  ]
  if (rule !== 'count')
    terms.push({
      symbol: 'w',
      meaning: 'wanted tab width',
      value: `${short(wanted)} mm`,
      source: 'your choice',
    })
  const bodies = {
    even: {
      formula: 'n odd, nearest to L ÷ w; real width = L ÷ n',
      substituted: `${fixed(length, 2)} ÷ ${n} = ${fixed(middle, 3)} mm`,
    },
    fixed: {
      formula: 'ends = (L − m × w) ÷ 2, m odd',
      substituted: `(${fixed(length, 2)} − ${n - 2} × ${short(middle, 3)}) ÷ 2 = ${fixed(shares[0], 3)} mm at each end`,
    },
    count: {
      formula: 'real width = L ÷ n',
      substituted: `${fixed(length, 2)} ÷ ${n} = ${fixed(middle, 3)} mm`,
    },
  }
  return {
    title: `Tabs along ${edge}`,
    result: `${n} shares of ${fixed(middle, 2)} mm`,
    ...bodies[rule],
    terms: [
      ...terms,
      {
        symbol: 'n',
        meaning: 'shares, tabs and notches together',
        value: String(n),
        source: rule === 'count' ? 'your choice' : 'derived',
      },
    ],
  }
}
