import { area, bounds, offset, sharedArea, shiftRegion, turnRegion, type Region } from '../geometry'
import { poseShape, poseShift } from './pack'
import { overlaps } from './slide'
import { allowedTurns, type LayoutSettings, type NestPart, type Placement, type Room } from './types'

/** What is wrong with where a part lies. `gap` and `grain` are warnings, the others must never be cut. */
export interface Violation {
  kind: 'overlap' | 'edge' | 'gap' | 'grain'
  parts: string[]
  sheet: number
  message: string
}

/** Shared area in mm² that rounding may leave between parts that only touch. */
const TOUCH = 1e-3

/** A placed part's shape in the coordinates of its sheet, mm. */
export function placedShape(shape: Region, { x, y, turn }: Placement): Region {
  return shiftRegion(poseShape(shape, turn), x, y)
}

export const isForbidden = ({ kind }: Violation): boolean => kind === 'overlap' || kind === 'edge'

/** Every overlap, everything outside the margins or the bed, everything closer than the gap or lying as it may not. */
export function violations(
  parts: NestPart[],
  placements: Placement[],
  settings: LayoutSettings,
  room: Room,
): Violation[] {
  const byId = new Map(parts.map((part) => [part.id, part]))
  const grownShapes = new Map<Region, Region>() // copies share their shape
  const grow = (shape: Region): Region => {
    const grown = grownShapes.get(shape) ?? offset(shape, Math.max(0, settings.gap / 2 - 1e-4))[0] ?? shape
    grownShapes.set(shape, grown)
    return grown
  }
  const placed = placements
    .filter(({ part }) => byId.has(part))
    .map((placement) => {
      const { shape: own } = byId.get(placement.part)!
      const shape = placedShape(own, placement)
      const { dx, dy } = poseShift(own, placement.turn)
      const grown = shiftRegion(turnRegion(grow(own), placement.turn), dx + placement.x, dy + placement.y)
      return { placement, shape, box: bounds(shape.outline), grown, grownBox: bounds(grown.outline) }
    })
  const found: Violation[] = []
  const { margin, grain } = settings
  const turns = allowedTurns(settings)
  for (const {
    placement: { part, sheet, turn },
    box,
  } of placed) {
    const out = Math.max(
      margin - box.minX,
      margin - box.minY,
      box.maxX - room.width + margin,
      box.maxY - room.height + margin,
    )
    const beyond = out > margin + 1e-6 ? 'sheet or bed' : 'margin'
    if (out > 1e-4)
      found.push({
        kind: 'edge',
        parts: [part],
        sheet,
        message: `${part} reaches ${out.toFixed(2)} mm over the ${beyond}. Move it inward.`,
      })
    if (!turns.includes(turn))
      found.push({
        kind: 'grain',
        parts: [part],
        sheet,
        message:
          grain === 'free'
            ? `${part} is turned, and parts may not be.`
            : `${part} does not lie to the grain as it should. Turn it.`,
      })
  }
  for (const [i, a] of placed.entries()) {
    for (const b of placed.slice(i + 1)) {
      if (
        a.placement.sheet !== b.placement.sheet ||
        !overlaps(a.grownBox, b.grownBox) ||
        sharedArea(a.grown, b.grown) <= TOUCH
      )
        continue
      const both = [a.placement.part, b.placement.part]
      if (sharedArea(a.shape, b.shape) > TOUCH)
        found.push({
          kind: 'overlap',
          parts: both,
          sheet: a.placement.sheet,
          message: `${both[0]} and ${both[1]} overlap. Move one of them.`,
        })
      else
        found.push({
          kind: 'gap',
          parts: both,
          sheet: a.placement.sheet,
          message: `${both[0]} and ${both[1]} are closer than the gap of ${settings.gap} mm.`,
        })
    }
  }
  return found
}

export interface SheetUse {
  sheets: number
  /** Area of the placed parts over the area of the sheets used, 0 to 1. */
  use: number
  /** No layout can do with fewer sheets: area of all parts over the usable area of a sheet, rounded up. */
  fewest: number
}

/** How well the sheets are used, beside the bound that no layout can beat. */
export function sheetUse(
  parts: NestPart[],
  placements: Placement[],
  settings: LayoutSettings,
  room: Room,
): SheetUse {
  const areas = new Map(parts.map(({ id, shape }) => [id, area(shape)]))
  const sheets = placements.reduce((most, { sheet }) => Math.max(most, sheet + 1), 0)
  const placed = placements.reduce((sum, { part }) => sum + (areas.get(part) ?? 0), 0)
  const all = [...areas.values()].reduce((sum, value) => sum + value, 0)
  const usable =
    Math.max(0, room.width - 2 * settings.margin) * Math.max(0, room.height - 2 * settings.margin)
  return {
    sheets,
    use: sheets === 0 ? 0 : placed / (sheets * settings.sheetWidth * settings.sheetHeight),
    fewest: usable > 0 ? Math.ceil(all / usable - 1e-9) : Infinity,
  }
}
