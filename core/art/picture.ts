import { bounds, linesWithin, type Point, type Ring } from '../geometry'
import { MOST_PIXELS, type Picture } from './picture-record'

/** Greys by row and column. */
export interface Greys {
  columns: number
  rows: number
  values: Uint8Array
}

const known = new WeakMap<Picture, Greys>()

/** The points of a kept picture. */
export function greysOf(picture: Picture): Greys {
  const before = known.get(picture)
  if (before) return before
  const bytes = atob(picture.grey)
  const values = Uint8Array.from(bytes, (sign) => sign.charCodeAt(0))
  const greys = { columns: picture.columns, rows: picture.rows, values }
  known.set(picture, greys)
  return greys
}

/** Shares of red, green and blue in a grey. [PUB: ITU-R BT.709, 3.2; from memory] */
const LUMA = [0.2126, 0.7152, 0.0722]

/**
 * Coloured points as greys, no more of them than a picture may have: where there are, each is the mean of
 * those that it stands for. What is transparent lies on white.
 * @param rgba four bytes for each point, row by row from above
 */
export function greysFrom(rgba: Uint8ClampedArray, columns: number, rows: number): Greys {
  const scale = Math.min(1, Math.sqrt(MOST_PIXELS / (columns * rows)), 2000 / Math.max(columns, rows))
  const [wide, high] = [columns, rows].map((count) => Math.max(2, Math.floor(count * scale)))
  const values = new Uint8Array(wide * high)
  const greyAt = (i: number): number => {
    const alpha = rgba[i + 3] / 255
    const grey = LUMA.reduce((sum, share, channel) => sum + share * rgba[i + channel], 0)
    return grey * alpha + 255 * (1 - alpha)
  }
  for (let row = 0; row < high; row++)
    for (let column = 0; column < wide; column++) {
      const [fromX, fromY] = [Math.floor((column * columns) / wide), Math.floor((row * rows) / high)]
      const toX = Math.max(fromX + 1, Math.floor(((column + 1) * columns) / wide))
      const toY = Math.max(fromY + 1, Math.floor(((row + 1) * rows) / high))
      let sum = 0
      for (let y = fromY; y < toY; y++) for (let x = fromX; x < toX; x++) sum += greyAt(4 * (y * columns + x))
      values[row * wide + column] = Math.round(sum / ((toX - fromX) * (toY - fromY)))
    }
  return { columns: wide, rows: high, values }
}

/** Greys as they are kept. */
export function pictureFrom({ columns, rows, values }: Greys, id: string, name: string): Picture {
  let bytes = ''
  for (const value of values) bytes += String.fromCharCode(value)
  return { id, name: name.slice(0, 80) || 'picture', columns, rows, grey: btoa(bytes) }
}

/** A picture where it lies on a plane. */
export interface PlacedPicture {
  /** Which of the kept ones it is, by id. */
  picture: string
  greys: Greys
  /** Its lower left, lower right and upper left corner, mm. */
  corners: [Point, Point, Point]
  dots: number
  way: 'diffused' | 'threshold'
  level: number
  /** Where on the plane it is burnt at all; everywhere when left out. */
  within?: Ring
}

/** The same picture on another plane. */
export const movePicture = (picture: PlacedPicture, onto: (point: Point) => Point): PlacedPicture => ({
  ...picture,
  corners: picture.corners.map(onto) as PlacedPicture['corners'],
  ...(picture.within ? { within: picture.within.map(onto) } : {}),
})

/** What of a dot's error goes on, and to which neighbour. [PUB: Floyd and Steinberg 1976; from memory] */
const SPREAD: [across: number, down: number, share: number][] = [
  [1, 0, 7 / 16],
  [-1, 1, 3 / 16],
  [0, 1, 5 / 16],
  [1, 1, 1 / 16],
]

/** How dark a picture is at a place, from 0 (white) to 1; null beside it. Between its points, in between. */
function darknessAt({ greys, corners: [a, b, c] }: PlacedPicture): (x: number, y: number) => number | null {
  const { columns, rows, values } = greys
  const [ux, uy, vx, vy] = [b.x - a.x, b.y - a.y, c.x - a.x, c.y - a.y]
  const whole = ux * vy - uy * vx
  const at = (column: number, row: number): number =>
    values[Math.min(rows - 1, Math.max(0, row)) * columns + Math.min(columns - 1, Math.max(0, column))]
  return (x, y) => {
    const [dx, dy] = [x - a.x, y - a.y]
    const u = (dx * vy - dy * vx) / whole
    const v = (ux * dy - uy * dx) / whole
    if (u < 0 || u >= 1 || v < 0 || v >= 1) return null
    const [px, py] = [u * columns - 0.5, (1 - v) * rows - 0.5]
    const [column, row] = [Math.floor(px), Math.floor(py)]
    const [fx, fy] = [px - column, py - row]
    const upper = at(column, row) * (1 - fx) + at(column + 1, row) * fx
    const lower = at(column, row + 1) * (1 - fx) + at(column + 1, row + 1) * fx
    return 1 - (upper * (1 - fy) + lower * fy) / 255
  }
}

/**
 * The level rows that burn a picture, every other one run backwards. Diffused, as many of its dots are burnt
 * as it is dark on the mean: what a dot is off goes on to its neighbours, rows taken to and fro.
 */
export function pictureRows(picture: PlacedPicture): [Point, Point][] {
  const { dots, way, level, corners } = picture
  const [a, b, c] = corners
  const box = bounds([...corners, { x: b.x + c.x - a.x, y: b.y + c.y - a.y }])
  const [left, columns] = [Math.floor(box.minX / dots), Math.ceil((box.maxX - box.minX) / dots) + 1]
  const [low, high] = [Math.floor(box.minY / dots), Math.ceil(box.maxY / dots)]
  const darkness = darknessAt(picture)
  const least = way === 'threshold' ? 1 - level / 255 : 0.5
  let errors = new Float64Array(columns + 2)
  const rows: [Point, Point][] = []
  for (let row = low; row <= high; row++) {
    const isBack = (row - low) % 2 === 1
    const next = new Float64Array(columns + 2)
    const burnt = new Uint8Array(columns)
    const y = (row + 0.5) * dots
    for (let i = 0; i < columns; i++) {
      const column = isBack ? columns - 1 - i : i
      const wanted = darkness((left + column + 0.5) * dots, y)
      if (wanted === null) continue
      const now = wanted + (way === 'diffused' ? errors[column + 1] : 0)
      const isBurnt = way === 'diffused' ? now >= least : now > least
      burnt[column] = isBurnt ? 1 : 0
      const off = now - burnt[column]
      for (const [across, down, share] of SPREAD) {
        const to = column + 1 + (isBack ? -across : across)
        if (down === 0) errors[to] += off * share
        else next[to] += off * share
      }
    }
    errors = next
    rows.push(...runsOf(burnt, left, dots, y, isBack))
  }
  if (!picture.within) return rows
  const lines = rows.map((points) => ({ points, closed: false }))
  return linesWithin(lines, picture.within).map(({ points }) => [points[0], points[points.length - 1]])
}

/** Dots beside each other as one stretch. */
function runsOf(burnt: Uint8Array, left: number, dots: number, y: number, isBack: boolean): [Point, Point][] {
  const runs: [Point, Point][] = []
  for (let from = 0; from < burnt.length; from++) {
    if (burnt[from] === 0) continue
    let to = from
    while (to + 1 < burnt.length && burnt[to + 1] === 1) to++
    runs.push([
      { x: (left + from) * dots, y },
      { x: (left + to + 1) * dots, y },
    ])
    from = to
  }
  return isBack ? runs.reverse().map(([a, b]) => [b, a]) : runs
}
