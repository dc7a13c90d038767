import { bounds } from '@core/geometry'
import { isFree, placedShape, turnsOf, type NestRules, type NestPart, type Placement } from '@core/nest'

type Shapes = Omit<NestPart, 'id'>

/** The next way a part may lie, or null when there is no other. */
function nextTurn(part: Shapes, turn: Placement['turn'], settings: NestRules): Placement['turn'] | null {
  if (isFree(part, settings)) return (turn + 90) % 360
  const turns = turnsOf(part, settings)
  const next = turns[(turns.indexOf(turn) + 1) % turns.length]
  return next === turn ? null : next
}

const round = (value: number): number => Math.round(value * 100) / 100

/** A part turned about its middle, and pinned. @param turn any angle, degrees counter-clockwise */
export function turnedTo(part: Shapes, placement: Placement, turn: number): Placement {
  const to = Math.round((((turn % 360) + 360) % 360) * 100) / 100
  const after = { ...placement, turn: to === 360 ? 0 : to, pinned: true }
  const [from, box] = [placement, after].map((each) => bounds(placedShape(part, each).outline))
  return {
    ...after,
    x: round(placement.x + (from.minX + from.maxX - box.minX - box.maxX) / 2),
    y: round(placement.y + (from.minY + from.maxY - box.minY - box.maxY) / 2),
  }
}

/**
 * A part turned on about its middle, to the next way that grain and the maker allow, and pinned; null when
 * there is no other.
 */
export function turnedOn(part: Shapes, placement: Placement, settings: NestRules): Placement | null {
  const turn = nextTurn(part, placement.turn, settings)
  return turn === null ? null : turnedTo(part, placement, turn)
}

/** Keys that turn a part by a few degrees, and finely. */
const TURN_KEYS: Record<string, number> = { '[': 5, ']': -5, '{': 0.5, '}': -0.5 }

/** A part turned by a key, where it may lie at any angle; null for other keys. */
export function turnedByKey(
  key: string,
  part: Shapes,
  placement: Placement,
  settings: NestRules,
): Placement | null {
  const by = TURN_KEYS[key]
  return by && isFree(part, settings) ? turnedTo(part, placement, placement.turn + by) : null
}
