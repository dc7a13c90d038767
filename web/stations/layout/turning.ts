import { allowedTurns, type LayoutSettings, type Placement } from '@core/nest'

/** The next way a part may lie, or null when there is no other. */
export function nextTurn(turn: Placement['turn'], settings: LayoutSettings): Placement['turn'] | null {
  const turns = allowedTurns(settings)
  const next = turns[(turns.indexOf(turn) + 1) % turns.length]
  return next === turn ? null : next
}
