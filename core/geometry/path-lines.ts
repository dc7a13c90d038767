import svgpath from 'svgpath'
import type { Point } from './types'

/** A line that was drawn: a closed one returns to its first point. */
export interface DrawnLine {
  points: Point[]
  closed: boolean
}

/** No curve is cut into more pieces than this. */
const MOST_PIECES = 400

const blend = (a: Point, b: Point, t: number): Point => ({
  x: a.x + (b.x - a.x) * t,
  y: a.y + (b.y - a.y) * t,
})
const bend = (a: Point, b: Point, c: Point): number => Math.hypot(a.x - 2 * b.x + c.x, a.y - 2 * b.y + c.y)

/** A point of the curve through `controls`, by de Casteljau. */
function at(controls: Point[], t: number): Point {
  let row = controls
  while (row.length > 1) row = row.slice(1).map((next, i) => blend(row[i], next, t))
  return row[0]
}

/**
 * A Bézier curve as straight pieces, its first point left out. No piece is farther off than `tolerance`: by
 * the second differences, which bound that.
 */
export function curvePieces(controls: Point[], tolerance: number): Point[] {
  const degree = controls.length - 1
  const bends = controls.slice(2).map((c, i) => bend(controls[i], controls[i + 1], c))
  const most = Math.max(0, ...bends) * degree * (degree - 1)
  const pieces = Math.min(MOST_PIECES, Math.max(1, Math.ceil(Math.sqrt(most / (8 * tolerance)))))
  return Array.from({ length: pieces }, (_, i) => at(controls, (i + 1) / pieces))
}

/**
 * The lines of SVG path data, curves as straight pieces. [PUB: W3C, Scalable Vector Graphics (SVG) 2, chapter
 * 9 Paths]; parsed by a library.
 * @param transforms as SVG writes them, the innermost first
 * @param tolerance how far a piece may be off its curve, in units of the result
 * @throws when the data cannot be read
 */
export function pathLines(
  data: string,
  tolerance: number,
  { transforms = [] }: { transforms?: string[] } = {},
): DrawnLine[] {
  const path = svgpath(data)
  const { err } = path as unknown as { err: string }
  if (err) throw new Error(err)
  for (const transform of transforms) path.transform(transform)
  const lines: DrawnLine[] = []
  let line: DrawnLine = { points: [], closed: false }
  const begin = (point: Point): void => {
    line = { points: [point], closed: false }
    lines.push(line)
  }
  path
    .abs()
    .unshort()
    .unarc()
    .iterate((segment, _index, x, y) => {
      const [kind, ...numbers] = segment as [string, ...number[]]
      const points = numbers.flatMap((value, i) => (i % 2 === 1 ? [{ x: numbers[i - 1], y: value }] : []))
      if (kind === 'M') return begin(points[0])
      if (line.closed) begin(line.points[0])
      switch (kind) {
        case 'Z':
          line.closed = true
          break
        case 'H':
          line.points.push({ x: numbers[0], y })
          break
        case 'V':
          line.points.push({ x, y: numbers[0] })
          break
        default:
          line.points.push(...curvePieces([{ x, y }, ...points], tolerance))
      }
    })
  return lines.map(tidied).filter(({ points }) => points.length > 1)
}

const isSame = (a: Point, b: Point): boolean => Math.abs(a.x - b.x) < 1e-9 && Math.abs(a.y - b.y) < 1e-9

/** Without points that are there twice; a line that ends where it began is closed. */
function tidied({ points, closed }: DrawnLine): DrawnLine {
  const kept = points.filter((point, i) => i === 0 || !isSame(point, points[i - 1]))
  const isRound = kept.length > 2 && isSame(kept[0], kept[kept.length - 1])
  return { points: isRound ? kept.slice(0, -1) : kept, closed: closed || isRound }
}
