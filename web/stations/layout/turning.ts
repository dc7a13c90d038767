import { bounds } from '@core/geometry'
import { placedShape, turnsOf, type NestRules, type NestPart, type Placement } from '@core/nest'

type Shapes = Omit<NestPart, 'id'>

/** The next way a part may lie, or null when there is no other. */
function nextTurn(part: Shapes, turn: Placement['turn'], settings: NestRules): Placement['turn'] | null {
  const turns = turnsOf(part, settings)
  const next = turns[(turns.indexOf(turn) + 1) % turns.length]
  return next === turn ? null : next
}

const round = (value: number): number => Math.round(value * 100) / 100

/**
 * A part turned on about its middle, to the next way that grain and the maker allow, and pinned; null when
 * there is no other.
 */
export function turnedOn(part: Shapes, placement: Placement, settings: NestRules): Placement | null {
  const turn = nextTurn(part, placement.turn, settings)
  if (turn === null) return null
  const [before, after] = [placement, { ...placement, turn }].map((each) =>
    bounds(placedShape(part, each).outline),
  )
  return {
    ...placement,
    turn,
    pinned: true,
    x: round(placement.x + (before.minX + before.maxX - after.minX - after.maxX) / 2),
    y: round(placement.y + (before.minY + before.maxY - after.minY - after.maxY) / 2),
  }
}
