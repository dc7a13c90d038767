import { area, type Region } from '../../geometry'
import { outlineSteps } from '../by-outline'
import { groundOf, poseOf, stepFor, type OutlinePart, type OutlinePose } from '../outline'
import { usedBy, type Own, type Stocked, type TaskAttempt } from './parts'
import { outlines as words } from './words'

/**
 * Tries by true outline: any angles, sheets of any shape, parts inside openings of others. Endless; gives the
 * best so far after each try, and null within one.
 */
export function* outlineTries(
  own: Own[],
  stocked: Stocked[],
  { gap, margin, seed }: { gap: number; margin: number; seed: number },
): Generator<TaskAttempt | null, void> {
  const kinds = stocked.flatMap((on) => {
    const ground = groundOf(on.outline, margin, gap, stepFor(on.outline))
    return ground ? [{ on, ground, count: on.sheet.count, price: on.sheet.price }] : []
  })
  if (kinds.length === 0) return
  const known = new Map<Region, OutlinePose[][]>()
  const parts: OutlinePart[] = []
  for (const { id, shape, part } of own) {
    const poses =
      known.get(shape) ??
      kinds.map(({ ground: { raster } }) =>
        part.turns
          .map((angle) => poseOf(shape, angle, gap, raster))
          .filter(({ columns, rows }) => columns <= raster.columns && rows <= raster.rows),
      )
    known.set(shape, poses)
    parts.push({ id, area: area(shape), poses })
    yield null
  }
  const byId = new Map(own.map((each) => [each.id, each]))
  for (const found of outlineSteps(parts, kinds, margin, gap, seed)) {
    if (!found) {
      yield null
      continue
    }
    const lies = found.lying.map(({ part, kind, number, x, y, pose }) => ({
      own: byId.get(part)!,
      on: kinds[kind].on,
      number,
      x,
      y,
      angle: pose.angle,
    }))
    const unplaced = found.unplaced.map(({ id, poses }) => ({
      own: byId.get(id)!,
      reason: poses.every((each) => each.length === 0) ? words.largerSheetsWhichever : words.noRoomLeft,
    }))
    yield { lies, unplaced, ...usedBy(lies) }
  }
}
