import { bounds, type Bounds } from '@core/geometry'
import {
  loadAt,
  placedShape,
  snapTo,
  type NestPart,
  type NestRules,
  type Placement,
  type Surface,
} from '@core/nest'

/** Where a part is drawn to what is near, on the screen's dots. */
export const REACH = 8

const ANYWHERE: Bounds = { minX: -Infinity, minY: -Infinity, maxX: Infinity, maxY: Infinity }

/** What of a sheet parts may lie on round a place; the sides of a piece of any outline draw nothing. */
function roomAt(surface: Surface, { minX, minY, maxX, maxY }: Bounds, margin: number): Bounds {
  if (surface.outline) return ANYWHERE
  const { x, y, width, height } = surface.loads[loadAt(surface, (minX + maxX) / 2, (minY + maxY) / 2)]
  return {
    minX: x + margin,
    minY: y + margin,
    maxX: x + width - margin,
    maxY: y + height - margin,
  }
}

const round = (value: number): number => Math.round(value * 1000) / 1000

/** A placement under the hand, drawn to the gap beside its neighbours or to the margin. @param reach mm */
export function snapped(
  placement: Placement,
  on: { parts: Map<string, NestPart>; placements: Placement[]; surface: Surface; rules: NestRules },
  reach: number,
): Placement {
  const own = on.parts.get(placement.part)
  if (!own) return placement
  const moving = placedShape(own, placement)
  const others = on.placements.flatMap((each) => {
    const part = on.parts.get(each.part)
    const isOther = each.part !== placement.part && each.sheet === placement.sheet
    return part && isOther ? [placedShape(part, each)] : []
  })
  const room = roomAt(on.surface, bounds(moving.outline), on.rules.margin)
  const { dx, dy } = snapTo(moving, others, room, on.rules.gap, reach)
  return { ...placement, x: round(placement.x + dx), y: round(placement.y + dy) }
}
