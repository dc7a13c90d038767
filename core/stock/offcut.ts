import { z } from 'zod'
import { offcut as words } from './words'

const side = z.number().min(10).max(5000)
const along = z.number().min(0).max(5000)

/**
 * A piece of a stock beside its whole sheets: what is left of used ones, or sheets of another size. Lengths
 * in mm.
 */
export const offcutSchema = z.strictObject({
  id: z.string().min(1).max(60),
  /** As it is written on it; may be empty. */
  name: z.string().max(60),
  width: side,
  height: side,
  /** Corners in order round it from its lower left corner; null where it is a rectangle. */
  outline: z
    .array(z.tuple([along, along]))
    .min(3)
    .max(60)
    .nullable(),
  count: z.number().int().min(1).max(999),
  /** Of one; null: by its share of a whole sheet. */
  price: z.number().min(0).max(100000).nullable(),
  /** Since when it lies there, as a date. */
  since: z.string().max(40),
})
export type Offcut = z.infer<typeof offcutSchema>

type Corner = [number, number]

export const rectangularOffcut = (id: string, width: number, height: number, since: string): Offcut => ({
  id,
  name: '',
  width,
  height,
  outline: null,
  count: 1,
  price: null,
  since,
})

/** Area of one, mm². */
export function offcutArea({ width, height, outline }: Offcut): number {
  if (!outline) return width * height
  const twice = outline.reduce((sum, [x, y], i) => {
    const [nextX, nextY] = outline[(i + 1) % outline.length]
    return sum + x * nextY - nextX * y
  }, 0)
  return Math.abs(twice) / 2
}

interface Sheets {
  sheetWidth: number
  sheetHeight: number
  pricePerSheet: number
}

/** What one is worth: what the maker says, or its share of a whole sheet. */
export const offcutPrice = (offcut: Offcut, { sheetWidth, sheetHeight, pricePerSheet }: Sheets): number =>
  offcut.price ?? (pricePerSheet * offcutArea(offcut)) / (sheetWidth * sheetHeight)

type Fitted = Pick<Offcut, 'width' | 'height' | 'outline'>

/** Corners moved so that the lower left of the rectangle round them is at (0, 0), and its size. */
export function fittedOutline(corners: Corner[]): Fitted {
  const [xs, ys] = [corners.map(([x]) => x), corners.map(([, y]) => y)]
  const [minX, minY] = [Math.min(...xs), Math.min(...ys)]
  const round = (value: number): number => Number(value.toFixed(4))
  return {
    width: round(Math.max(...xs) - minX),
    height: round(Math.max(...ys) - minY),
    outline: corners.map(([x, y]): Corner => [round(x - minX), round(y - minY)]),
  }
}

const cross = ([ax, ay]: Corner, [bx, by]: Corner, [cx, cy]: Corner): number =>
  (bx - ax) * (cy - ay) - (by - ay) * (cx - ax)

/** Whether two sides that are not neighbours touch or cross. */
function crosses(corners: Corner[]): boolean {
  const side = (i: number): [Corner, Corner] => [corners[i], corners[(i + 1) % corners.length]]
  for (let i = 0; i < corners.length; i++)
    for (let j = i + 2; j < corners.length; j++) {
      if (i === 0 && j === corners.length - 1) continue
      const [[a, b], [c, d]] = [side(i), side(j)]
      if (cross(a, b, c) * cross(a, b, d) <= 0 && cross(c, d, a) * cross(c, d, b) <= 0) return true
    }
  return false
}

/**
 * Reads corners as a maker writes them down: “0 0, 300 0, 300 120, 0 260”.
 * @param unit what one of the maker's units is, mm
 * @returns or one sentence: what is wrong with it
 */
export function readCorners(
  text: string,
  unit: number,
): ({ ok: true } & Fitted) | { ok: false; error: string } {
  const refused = (error: string): { ok: false; error: string } => ({ ok: false, error })
  const pairs = text.split(/[,;\n]+/).filter((pair) => pair.trim() !== '')
  const corners: Corner[] = []
  for (const pair of pairs.slice(0, 61)) {
    const match = /^\s*(-?\d+(?:\.\d+)?)[\s×x]+(-?\d+(?:\.\d+)?)\s*$/.exec(pair)
    if (!match) return refused(words.notCornerWrite(pair.trim()))
    corners.push([Number(match[1]) * unit, Number(match[2]) * unit])
  }
  if (corners.length < 3) return refused(words.threeCornersFewest)
  if (corners.length > 60) return refused(words.cornersMostLeave)
  const fitted = fittedOutline(corners)
  if (Math.min(fitted.width, fitted.height) < 10 || Math.max(fitted.width, fitted.height) > 5000)
    return refused(words.pieceBetweenMm)
  return crosses(fitted.outline!) ? refused(words.sidesOutlineCross) : { ok: true, ...fitted }
}
