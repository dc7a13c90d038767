import { area, asOutline, bounds, shiftPoints, type Region, type Ring } from '../../geometry'
import { isLess } from '../cost'
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
  /** Area of what lies on the emptiest sheet, mm²; Infinity where nothing lies. */
  onEmptiest: number
}

/** How many sheets are used, what they cost, and how much lies on the emptiest. */
export function usedBy(lies: TaskAttempt['lies']): Pick<TaskAttempt, 'sheets' | 'price' | 'onEmptiest'> {
  const used = new Map<string, { price: number; area: number }>()
  for (const { on, number, own } of lies) {
    const key = `${on.sheet.id} ${number}`
    used.set(key, { price: on.sheet.price, area: (used.get(key)?.area ?? 0) + area(own.shape) })
  }
  const sheets = [...used.values()]
  return {
    sheets: sheets.length,
    price: sheets.reduce((sum, { price }) => sum + price, 0),
    onEmptiest: Math.min(...sheets.map((sheet) => sheet.area), Infinity),
  }
}

/** Whether one try is better: by what lies nowhere, price, sheets, then what is left in one piece. */
export function isBetter(a: TaskAttempt, b: TaskAttempt): boolean {
  const figures = ({ unplaced, price, sheets, onEmptiest }: TaskAttempt): number[] => [
    unplaced.length,
    price,
    sheets,
    onEmptiest,
  ]
  return isLess(figures(a), figures(b))
}
