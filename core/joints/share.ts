import type { EdgeRule } from './rule'

/** Widths in mm of the cells along an edge, end to end; owners alternate. */
export type Widths = number[]

/** How an edge is shared out, and which of its two panels (0 leads) the first cell belongs to. */
export interface Shares {
  widths: Widths
  first: 0 | 1
}

/** More cells than this along one edge is a slip, and would only fill the memory. */
const MOST_CELLS = 999

/** `count` equal cells. Odd counts end alike; even ones end with the other panel. */
export const shareByCount = (length: number, count: number): Widths =>
  Array.from({ length: count }, () => length / count)

/**
 * An odd count of equal cells, as near to the wanted width as can be, so that both ends look alike; real
 * width `L/n`. [CP] At least three, or one panel would have nothing to hold on to.
 */
export function shareEvenly(length: number, wanted: number): Widths {
  const odd = 2 * Math.round((length / wanted - 1) / 2) + 1
  const off = (count: number): number => Math.abs(length / count - wanted)
  const near = [odd - 2, odd, odd + 2].filter((count) => count >= 3).sort((a, b) => off(a) - off(b))
  return shareByCount(length, Math.min(near[0] ?? 3, MOST_CELLS))
}

/**
 * Cells of just the wanted width in the middle and equal remainders at both ends, none shorter than half of
 * that width. On an edge too short for that: one centred cell of half the length.
 */
export function shareFixed(length: number, wanted: number): Widths {
  if (length < 2 * wanted) return [length / 4, length / 2, length / 4]
  let middle = Math.min(Math.floor(length / wanted - 1), MOST_CELLS - 2)
  if (middle % 2 === 0) middle--
  return centred(
    length,
    Array.from({ length: middle }, () => wanted),
  )
}

/**
 * The widths in the middle, and what is left in equal parts at both ends; less than nothing where they are
 * too long.
 */
export function centred(length: number, widths: Widths): Widths {
  const end = (length - widths.reduce((sum, width) => sum + width, 0)) / 2
  return [end, ...widths, end]
}

/**
 * Shares out an edge of `length` mm by a rule. The panel whose tabs a rule speaks of has notches at both
 * ends; the other rules begin with the leading panel.
 */
export function share(rule: EdgeRule, length: number): Shares {
  return { widths: widthsOf(rule, length), first: 'of' in rule && rule.of === 'leading' ? 1 : 0 }
}

function widthsOf(rule: EdgeRule, length: number): Widths {
  switch (rule.rule) {
    case 'even':
      return shareEvenly(length, rule.width)
    case 'fixed':
      return shareFixed(length, rule.width)
    case 'shares':
      return shareByCount(length, rule.count)
    case 'tabs':
      return shareByCount(length, 2 * rule.count + 1)
    case 'centre':
      return centred(length, [rule.width])
    case 'pattern':
      return centred(length, rule.widths)
  }
}
