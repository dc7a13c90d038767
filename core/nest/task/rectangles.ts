import { nestSteps } from '../nest'
import { sheetsOf, surfaceOf } from '../surface'
import type { Layout, NestPart, Unplaced } from '../types'
import { usedBy, type Own, type Stocked, type TaskAttempt } from './parts'
import { rectangles as words } from './words'

const REASONS: Record<Unplaced['why'], string> = {
  full: words.noRoomLeft,
  'too large': words.largerSheets,
  'turned it would fit': words.fitOnlyTurned,
}

/** Whether a task can be laid out by quarter turns on rectangles alone. */
export const isForRectangles = (own: Own[], stocked: Stocked[]): boolean =>
  stocked.every(({ isRectangle }) => isRectangle) &&
  own.every(({ part }) => part.turns.some((turn) => turn % 90 === 0))

const asNested = ({ id, shape, part }: Own): NestPart => ({
  id,
  shape,
  turnedShape: shape,
  turns: part.turns.filter((turn) => turn % 90 === 0),
})

/**
 * Tries by rectangles, endless: kinds of sheets one after the other, each with what the ones before left
 * over. Gives null while it is at one.
 * @param isLate from then on each try is brought to its end at once
 */
export function* rectangleTries(
  own: Own[],
  stocked: Stocked[],
  { gap, margin, seed }: { gap: number; margin: number; seed: number },
  isLate: () => boolean,
): Generator<TaskAttempt | null, never> {
  const byId = new Map(own.map((each) => [each.id, each]))
  for (let i = seed; ; i++) {
    let left = own.map(asNested)
    const lies: TaskAttempt['lies'] = []
    let unplaced: Unplaced[] = []
    for (const on of stocked) {
      if (left.length === 0) break
      const supply = sheetsOf(surfaceOf(on, null), on.sheet.count)
      const steps = nestSteps(left, { margin, gap, grain: 'free', turning: true }, supply, [], i)
      let step = steps.next()
      while (!step.done && !isLate()) {
        yield null
        step = steps.next()
      }
      const layout: Layout = step.done ? step.value : step.value.layout
      for (const { part, sheet, x, y, turn } of layout.placements)
        lies.push({ own: byId.get(part)!, on, number: sheet, x, y, angle: turn })
      unplaced = layout.unplaced
      const missing = new Set(unplaced.map(({ part }) => part))
      left = left.filter((part) => missing.has(part.id))
    }
    const reasons = unplaced.map(({ part, why }) => ({ own: byId.get(part)!, reason: REASONS[why] }))
    yield { lies, unplaced: reasons, ...usedBy(lies) }
  }
}
