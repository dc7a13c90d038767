import { asOutline, bounds, shiftPoints, type Region, type Ring } from '../../geometry'
import { asRing, MILLIMETRES, type Task } from './read'

/** A copy of a part of the task, its lower left corner at (0, 0), mm. */
export interface Own {
  id: string
  part: Task['parts'][number]
  copy: number
  shape: Region
  /** Where the file's own origin is from the lower left corner. */
  origin: { x: number; y: number }
}

/** A kind of sheet, its lower left corner at (0, 0), mm. */
export interface Stocked {
  sheet: Task['sheets'][number]
  outline: Ring
  width: number
  height: number
  isRectangle: boolean
  origin: { x: number; y: number }
}

function toCorner(ring: Ring): { moved: (points: Ring) => Ring; origin: { x: number; y: number } } {
  const { minX, minY } = bounds(ring)
  return { moved: (points) => shiftPoints(points, -minX, -minY), origin: { x: -minX, y: -minY } }
}

export function ownParts({ parts, units }: Task): Own[] {
  const scale = MILLIMETRES[units]
  return parts.flatMap((part) => {
    const outline = asOutline(asRing(part.outline, scale))
    const { moved, origin } = toCorner(outline)
    const holes = part.holes.map((hole) => moved(asOutline(asRing(hole, scale)).reverse()))
    const shape: Region = { outline: moved(outline), holes }
    return Array.from({ length: part.count }, (_, i): Own => ({
      id: `${part.id}#${i + 1}`,
      part,
      copy: i + 1,
      shape,
      origin,
    }))
  })
}

/** The cheapest for its size first, the larger ones before the smaller. */
export function stockedOf({ sheets, units }: Task): Stocked[] {
  const scale = MILLIMETRES[units]
  const stocked = sheets.map((sheet): Stocked => {
    const [w, h] = [sheet.width ?? 0, sheet.height ?? 0]
    const given: [number, number][] = sheet.outline ?? [
      [0, 0],
      [w, 0],
      [w, h],
      [0, h],
    ]
    const ring = asOutline(asRing(given, scale))
    const { moved, origin } = toCorner(ring)
    const outline = moved(ring)
    const { maxX, maxY } = bounds(outline)
    return { sheet, outline, width: maxX, height: maxY, isRectangle: !sheet.outline, origin }
  })
  const size = ({ width, height }: Stocked): number => width * height
  const cheapness = (each: Stocked): number => each.sheet.price / size(each)
  return stocked.sort((a, b) => cheapness(a) - cheapness(b) || size(b) - size(a))
}

/** One try at a task. */
export interface TaskAttempt {
  lies: {
    own: Own
    on: Stocked
    /** Which of its kind, from 0. */
    number: number
    /** Lower left corner of the turned part from that of the sheet, mm. */
    x: number
    y: number
    angle: number
  }[]
  unplaced: { own: Own; reason: string }[]
  sheets: number
  price: number
}

/** How many sheets are used, and what they cost. */
export function usedBy(lies: TaskAttempt['lies']): { sheets: number; price: number } {
  const used = new Map(lies.map(({ on, number }) => [`${on.sheet.id} ${number}`, on.sheet.price]))
  return { sheets: used.size, price: [...used.values()].reduce((sum, price) => sum + price, 0) }
}

export const isBetter = (a: TaskAttempt, b: TaskAttempt): boolean =>
  a.unplaced.length !== b.unplaced.length
    ? a.unplaced.length < b.unplaced.length
    : Math.abs(a.price - b.price) > 1e-9
      ? a.price < b.price
      : a.sheets < b.sheets
