import type { Say } from '../length'
import { square as words } from './words'

/** A frame of a width and a depth whose corners are hinges, as a box is until the glue has set, mm. */
export interface Frame {
  width: number
  depth: number
}

/** What two measured diagonals say of it, mm. */
export interface Square {
  /** By how much the back stands to the right of the front: less than nothing is to the left. */
  lean: number
  /** By how much the first diagonal is longer than the second. */
  longer: number
  /** How far both of them together are off what the walls allow: a slip, or a joint that stands open. */
  astray: number
}

/**
 * Reads the diagonals of a frame whose walls are as long as they were cut. Of a parallelogram of sides a, b
 * `d₁² + d₂² = 2·(a² + b²)` and `d₁² − d₂² = 4·a·b·cos γ`, and the back stands `b·cos γ` beside its
 * place. [DEF: the parallelogram law]
 * @param first from the front left to the back right @param second from the front right to the back left
 */
export function readDiagonals({ width, depth }: Frame, first: number, second: number): Square {
  const due = Math.hypot(width, depth)
  return {
    lean: (first ** 2 - second ** 2) / (4 * width),
    longer: first - second,
    astray: Math.sqrt((first ** 2 + second ** 2) / 2) - due,
  }
}

/** Nearer than that the two diagonals are the same: a ruler tells no more, mm. [FM] */
const SAME = 0.5
/** Farther off than that they cannot both be of this box, mm. [FM] */
const CLOSED = 1
/** A joint that stands open makes them longer by no more than this share of both sides. [FM] */
const OPEN = 0.05
/** Clamps draw a small box straight by so much of its depth; more is a joint that is not home. [FM] */
const DRAWN = 0.03

/** What to do with a frame of which both diagonals were measured; `look` where pushing is no help. */
export function squareAdvice(
  frame: Frame,
  { lean, longer, astray }: Square,
  say: Say,
): { state: 'square' | 'push' | 'look'; says: string } {
  const most = Math.max(CLOSED, 0.005 * Math.hypot(frame.width, frame.depth))
  if (Math.abs(astray) > most) {
    const by = say.length(Math.abs(astray), 1)
    const says =
      astray > 0 && astray < OPEN * (frame.width + frame.depth)
        ? words.bothAboutToo(by)
        : words.bothAboutTooLong(by, astray > 0)
    return { state: 'look', says }
  }
  if (Math.abs(longer) <= SAME) return { state: 'square', says: words.squareBothSame }
  const [one, other] = longer > 0 ? ['front left', 'back right'] : ['front right', 'back left']
  const way = lean > 0 ? 'right' : 'left'
  const off = words.backStandsToo(say.length(Math.abs(lean), 1), way)
  if (Math.abs(lean) > DRAWN * frame.depth) {
    const says = words.clampsCannotPull(off)
    return { state: 'look', says }
  }
  const push = words.pushCornerTowards(one, other)
  return { state: 'push', says: words.untilBothSame(off, push) }
}
