import type { Candidate } from './pack'
import type { Layout, NestPart } from './types'

/** How much more the first of all boxes counts than the last. */
const FIRST = 1e-3

/** Boxes in the order in which their parts come. */
const boxesOf = (parts: Pick<NestPart, 'box'>[]): Map<string, number> =>
  new Map([...new Set(parts.flatMap(({ box }) => box ?? []))].map((box, i) => [box, i]))

/**
 * How many boxes lack a part; of as many, it is better when the later ones do. Parts of no box do not
 * count.
 */
export function lackingIn(
  parts: Pick<NestPart, 'id' | 'box'>[],
): (unplaced: Pick<Layout['unplaced'][number], 'part'>[]) => number {
  const ranks = boxesOf(parts)
  const owner = new Map(parts.map(({ id, box }) => [id, box]))
  return (unplaced) => {
    const broken = new Set(unplaced.flatMap(({ part }) => owner.get(part) ?? []))
    return [...broken].reduce((sum, box) => sum + 1 + FIRST * (1 - ranks.get(box)! / ranks.size), 0)
  }
}

/** How many boxes there are, and how many of them a layout has all parts of. */
export function wholeBoxes(
  parts: Pick<NestPart, 'id' | 'box'>[],
  unplaced: Pick<Layout['unplaced'][number], 'part'>[],
): { whole: number; of: number } {
  const of = boxesOf(parts).size
  return { whole: of - Math.floor(lackingIn(parts)(unplaced)), of }
}

/** Orders in which one box is laid out whole before the next, its largest parts first; none for one box. */
export function boxByBox(candidates: Candidate[]): Candidate[][] {
  const ranks = boxesOf(candidates.map(({ part }) => part))
  if (ranks.size < 2) return []
  const rank = ({ part: { box } }: Candidate): number => (box === undefined ? ranks.size : ranks.get(box)!)
  const long = ({ poses: [pose] }: Candidate): number => Math.max(pose.width, pose.height)
  return [({ area }: Candidate) => area, long].map((key) =>
    [...candidates].sort((a, b) => rank(a) - rank(b) || key(b) - key(a)),
  )
}
