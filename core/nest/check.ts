import {
  area,
  bounds,
  difference,
  offset,
  sharedArea,
  shiftRegion,
  signedArea,
  turnRegion,
  within,
  type Bounds,
  type Region,
} from '../geometry'
import { sharesEdge } from './shares-edge'
import { lowerBoundFor } from './lower-bound'
import { poseShape, poseShift } from './pack'
import { overlaps } from './bottom-left'
import { loadAt, type Supply, type Surface } from './surface'
import { mayLie, shapeFor, type NestRules, type NestPart, type Placement } from './types'

/** What is wrong with where a part lies. `gap` and `grain` are warnings, the others must never be cut. */
export interface Violation {
  kind: 'overlap' | 'edge' | 'gap' | 'grain'
  parts: string[]
  sheet: number
  /** Of an edge: how far it reaches over, mm, and over what. */
  out: number
  over: 'margin' | 'sheet' | 'bed' | ''
}

/** Which sheet is which. */
export type SurfaceAt = (sheet: number) => Surface

/** Area in mm² of a part that rounding may leave outside of an outline. */
const OUTSIDE = 0.02

/** Shared area in mm² that rounding may leave between parts that only touch. */
const TOUCH = 1e-3

/** What rounding may take of a gap, mm: less than any beam. */
const NEARLY = 0.01

/** A placed part's shape in the coordinates of its sheet, mm. */
export const placedShape = (part: Omit<NestPart, 'id'>, { x, y, turn }: Placement): Region =>
  shiftRegion(poseShape(shapeFor(part, turn), turn), x, y)

export const isForbidden = ({ kind }: Violation): boolean => kind === 'overlap' || kind === 'edge'

interface Placed {
  placement: Placement
  shape: Region
  box: Bounds
  grown: Region
  grownBox: Bounds
}

const ORDER: Violation['kind'][] = ['edge', 'grain', 'overlap', 'gap']

/**
 * Looks over a layout again and again, as while a part is dragged: only parts that moved since the last look
 * are compared.
 */
export class LayoutChecker {
  private readonly byId: Map<string, NestPart>
  private readonly grownShapes = new Map<Region, Region>() // copies share their shape
  private readonly rank = new Map<string, number>()
  private placed = new Map<string, Placed>()
  private found: Violation[] = []

  constructor(
    parts: NestPart[],
    private readonly settings: NestRules,
    private readonly surfaceAt: SurfaceAt,
  ) {
    this.byId = new Map(parts.map((part) => [part.id, part]))
    for (const [i, { id }] of parts.entries()) this.rank.set(id, i)
  }

  private grow(shape: Region): Region {
    const grown =
      this.grownShapes.get(shape) ?? offset(shape, Math.max(0, this.settings.gap / 2 - 1e-4))[0] ?? shape
    this.grownShapes.set(shape, grown)
    return grown
  }

  private place(placement: Placement, part: NestPart): Placed {
    const own = shapeFor(part, placement.turn)
    const shape = placedShape(part, placement)
    const { dx, dy } = poseShift(own, placement.turn)
    const grown = shiftRegion(turnRegion(this.grow(own), placement.turn), dx + placement.x, dy + placement.y)
    return { placement, shape, box: bounds(shape.outline), grown, grownBox: bounds(grown.outline) }
  }

  /** How far a part lies outside of a piece that is no rectangle, mm; 0 where it does not. */
  private beyondOutline(shape: Region, surface: Surface, margin: number): number {
    if (!surface.outline) return 0
    const usable = offset({ outline: surface.outline, holes: [] }, -margin)
    const left = difference(
      shape,
      usable.map(({ outline }) => outline),
    )
    const most = left.reduce((sum, region) => sum + area(region), 0)
    // As wide as a square of that area: enough to be told, and to see whether it is worth mending.
    return most > OUTSIDE ? Math.sqrt(most) : 0
  }

  private alone({ placement: { part, sheet, turn }, box, shape }: Placed): Violation[] {
    const { margin } = this.settings
    const surface = this.surfaceAt(sheet)
    const { width, height, loads } = surface
    const load = loads[loadAt(surface, (box.minX + box.maxX) / 2, (box.minY + box.maxY) / 2)]
    const beyond = (low: { x: number; y: number }, high: { x: number; y: number }): number =>
      Math.max(low.x - box.minX, low.y - box.minY, box.maxX - high.x, box.maxY - high.y)
    const offLoad = beyond(load, { x: load.x + load.width, y: load.y + load.height })
    const offSheet = beyond({ x: 0, y: 0 }, { x: width, y: height })
    const found: Violation[] = []
    if (offLoad + margin > 1e-4) {
      const over = offSheet > 1e-6 ? 'sheet' : offLoad > 1e-6 ? 'bed' : 'margin'
      const out = over === 'sheet' ? offSheet : over === 'bed' ? offLoad : offLoad + margin
      found.push({ kind: 'edge', parts: [part], sheet, out, over })
    }
    const [overMargin, overEdge] = [margin, 0].map((by) => this.beyondOutline(shape, surface, by))
    if (found.length === 0 && overMargin > 0) {
      const over = overEdge > 0 ? 'sheet' : 'margin'
      found.push({ kind: 'edge', parts: [part], sheet, out: overEdge || overMargin, over })
    }
    if (!mayLie(this.byId.get(part)!, this.settings, turn))
      found.push({ kind: 'grain', parts: [part], sheet, out: 0, over: '' })
    return found
  }

  /** Whether two parts are nearer to each other than the gap. */
  private isNear(a: Region, b: Region): boolean {
    const near = within(a, Math.max(0, this.settings.gap - NEARLY))
    return near.some((region) => sharedArea(region, b) > TOUCH)
  }

  private between(a: Placed, b: Placed): Violation | null {
    const { sheet } = a.placement
    if (sheet !== b.placement.sheet || !overlaps(a.grownBox, b.grownBox)) return null
    if (sharedArea(a.grown, b.grown) <= TOUCH) return null
    const kind = sharedArea(a.shape, b.shape) > TOUCH ? 'overlap' : 'gap'
    // Grown corners reach farther than the gap where they do not face along the sheet.
    if (kind === 'gap' && !this.isNear(a.shape, b.shape)) return null
    if (kind === 'gap' && this.settings.shareEdges && sharesEdge(a.shape, b.shape)) return null
    return { kind, parts: [a.placement.part, b.placement.part], sheet, out: 0, over: '' }
  }

  /**
   * Every overlap, everything outside the margins or the bed, everything closer than the gap or lying as it
   * may not.
   */
  check(placements: Placement[]): Violation[] {
    const now = placements.filter(({ part }) => this.byId.has(part))
    const kept = new Map<string, Placed>()
    const moved: Placed[] = []
    for (const placement of now) {
      const before = this.placed.get(placement.part)
      const placed =
        before?.placement === placement ? before : this.place(placement, this.byId.get(placement.part)!)
      if (placed === before) kept.set(placement.part, before)
      else moved.push(placed)
    }
    const still = this.found.filter(({ parts }) => parts.every((part) => kept.has(part)))
    const fresh: Violation[] = []
    for (const placed of moved) {
      fresh.push(...this.alone(placed))
      for (const other of kept.values()) {
        const [a, b] = this.before(placed, other) ? [placed, other] : [other, placed]
        const between = this.between(a, b)
        if (between) fresh.push(between)
      }
      kept.set(placed.placement.part, placed)
    }
    this.placed = kept
    this.found = [...still, ...fresh].sort((a, b) => this.compare(a, b))
    return this.found
  }

  private before(a: Placed, b: Placed): boolean {
    return this.rank.get(a.placement.part)! < this.rank.get(b.placement.part)!
  }

  private compare(a: Violation, b: Violation): number {
    const byKind = ORDER.indexOf(a.kind) - ORDER.indexOf(b.kind)
    const [ranksA, ranksB] = [a, b].map(({ parts }) => parts.map((part) => this.rank.get(part)!))
    return byKind || ranksA[0] - ranksB[0] || (ranksA[1] ?? 0) - (ranksB[1] ?? 0)
  }
}

/** A single look at a layout. */
export const violations = (
  parts: NestPart[],
  placements: Placement[],
  settings: NestRules,
  surfaceAt: SurfaceAt,
): Violation[] => new LayoutChecker(parts, settings, surfaceAt).check(placements)

export interface SheetUse {
  /** Whole sheets. */
  sheets: number
  offcuts: number
  /** Loads of the bed that all sheets are cut in. */
  loads: number
  /** Area of the placed parts over the area of the sheets used, 0 to 1. */
  use: number
  /** No layout can do with fewer whole sheets. */
  fewest: number
  /** Of all pieces that are used, mm². */
  area: number
}

/** How well the sheets are used, beside the bound that no layout can beat. */
export function sheetUse(
  parts: NestPart[],
  placements: Placement[],
  settings: NestRules,
  surfaceAt: SurfaceAt,
  supply: Supply,
): SheetUse {
  const areas = new Map(parts.map(({ id, shape }) => [id, area(shape)]))
  const placed = placements.reduce((sum, { part }) => sum + (areas.get(part) ?? 0), 0)
  const used = new Set(placements.map(({ sheet, x, y }) => `${sheet} ${loadAt(surfaceAt(sheet), x, y)}`))
  const count = placements.reduce((most, { sheet }) => Math.max(most, sheet + 1), 0)
  const pieces = Array.from({ length: count }, (_, sheet) => surfaceAt(sheet))
  const whole = pieces.reduce((sum, { width, height, outline }) => {
    return sum + (outline ? Math.abs(signedArea(outline)) : width * height)
  }, 0)
  const sheets = pieces.filter(({ offcut }) => offcut === null).length
  return {
    sheets,
    offcuts: count - sheets,
    loads: used.size,
    use: whole === 0 ? 0 : placed / whole,
    fewest: lowerBoundFor(sheets, parts, settings, supply),
    area: whole,
  }
}
