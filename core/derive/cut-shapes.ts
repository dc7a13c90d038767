import { grown, type Panel } from '../assembly'
import type { Compensations } from '../fit'
import { offsetBy, type Point, type Region } from '../geometry'

/**
 * A panel's shape as the beam must follow it, lying as it is and turned by a quarter; one object where they
 * are the same.
 */
export type CutShapes = [unturned: Region, turned: Region]

/** Moves a panel's outline to where the beam must run, for both ways in which it may lie. */
export function cutShapes(
  panel: Panel,
  { x, y }: Compensations,
): { name: string; shapes: CutShapes | null; pieces: number } {
  const { id, drawn } = panel
  const moved = (by: Point): Region[] => {
    const whole = grown(panel, by)
    return whole ? [whole] : offsetBy(drawn, by)
  }
  const unturned = moved({ x, y })
  const turned = x === y ? unturned : moved({ x: y, y: x })
  const whole = unturned.length === 1 && turned.length === 1
  const pieces = Math.max(unturned.length, turned.length)
  return { name: id, shapes: whole ? [unturned[0], turned[0]] : null, pieces }
}
