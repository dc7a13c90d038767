import type { Ring } from '../../geometry'

/** Squares that a sheet is divided into, from its own corner. Lengths in mm. */
export interface Raster {
  x: number
  y: number
  stepX: number
  stepY: number
  columns: number
  rows: number
  /** What was worked out for shapes that are looked for on it. */
  corners: WeakMap<object, Int32Array>
}

/** A run of squares of one row, the last one counted in. */
type Run = (row: number, from: number, to: number) => void

/** What rounding may put on the wrong side of a line of the raster, in squares. */
const SLIVER = 1e-6

/** The squares that a stretch touches with more than its ends; a place on a line counts on the inner side. */
function touched(low: number, high: number, isInsideBelow: boolean): [number, number] {
  const [from, to] = [Math.floor(low + SLIVER), Math.ceil(high - SLIVER) - 1]
  if (to >= from) return [from, to]
  const square = isInsideBelow ? Math.ceil(low - SLIVER) - 1 : Math.floor(low + SLIVER)
  return [square, square]
}

/**
 * Every square that the inside of a shape touches, as runs, some of them more than once. Outlines run
 * counter-clockwise, holes clockwise.
 * @param dx where the shape is moved to, mm
 * @param isByMiddles only the squares whose middle is inside
 */
export function eachRun(
  rings: Ring[],
  raster: Raster,
  dx: number,
  dy: number,
  run: Run,
  isByMiddles = false,
): void {
  const { stepX, stepY, columns, rows } = raster
  const put = (row: number, from: number, to: number): void => {
    if (row < 0 || row >= rows || to < 0 || from >= columns) return
    run(row, Math.max(0, from), Math.min(columns - 1, to))
  }
  const crossings = new Map<number, number[]>()
  for (const ring of rings)
    for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
      const [ax, ay] = [(ring[j].x + dx - raster.x) / stepX, (ring[j].y + dy - raster.y) / stepY]
      const [bx, by] = [(ring[i].x + dx - raster.x) / stepX, (ring[i].y + dy - raster.y) / stepY]
      // Along a line of the raster an edge touches nothing that its neighbours do not touch.
      if (Math.abs(by - ay) < SLIVER && Math.abs(by - Math.round(by)) < SLIVER) continue
      const isUp = by > ay || (by === ay && bx < ax)
      const [low, high] = ay < by ? [ay, by] : [by, ay]
      const at = (y: number): number => (by === ay ? bx : ax + ((bx - ax) * (y - ay)) / (by - ay))
      const [first, last] = touched(low, high, true)
      for (let row = Math.max(0, first); row <= Math.min(rows - 1, last); row++) {
        const ends = by === ay ? [ax, bx] : [at(Math.max(low, row)), at(Math.min(high, row + 1))]
        if (!isByMiddles) put(row, ...touched(Math.min(...ends), Math.max(...ends), isUp))
        const middle = row + 0.5
        if (low <= middle && middle < high) {
          const there = crossings.get(row)
          if (there) there.push(at(middle))
          else crossings.set(row, [at(middle)])
        }
      }
    }
  for (const [row, places] of crossings) {
    places.sort((a, b) => a - b)
    for (let i = 0; i + 1 < places.length; i += 2) {
      const [from, to] = [Math.ceil(places[i] - 0.5), Math.floor(places[i + 1] - 0.5)]
      if (to >= from) put(row, from, to)
    }
  }
}

/** A rectangle of squares, the last ones counted in. */
export interface Block {
  left: number
  low: number
  right: number
  high: number
}

/** A shape as few rectangles of squares, the largest first. */
export function blocksOf(rings: Ring[], raster: Raster): Block[] {
  const { columns, rows } = raster
  const filled = new Uint8Array(columns * rows)
  eachRun(rings, raster, 0, 0, (row, from, to) =>
    filled.fill(1, row * columns + from, row * columns + to + 1),
  )
  const blocks: Block[] = []
  for (let low = 0; low < rows; low++)
    for (let left = 0; left < columns; left++) {
      if (!filled[low * columns + left]) continue
      let right = left
      while (right + 1 < columns && filled[low * columns + right + 1]) right++
      let high = low
      const isWhole = (row: number): boolean => {
        for (let x = left; x <= right; x++) if (!filled[row * columns + x]) return false
        return true
      }
      while (high + 1 < rows && isWhole(high + 1)) high++
      for (let row = low; row <= high; row++) filled.fill(0, row * columns + left, row * columns + right + 1)
      blocks.push({ left, low, right, high })
    }
  const size = ({ left, low, right, high }: Block): number => (right - left + 1) * (high - low + 1)
  return blocks.sort((a, b) => size(b) - size(a))
}

/** What of a sheet is taken, and how much of it is in any rectangle of squares. */
export class Taken {
  private readonly taken: Uint8Array
  private readonly sums: Int32Array

  constructor(readonly raster: Raster) {
    this.taken = new Uint8Array(raster.columns * raster.rows)
    this.sums = new Int32Array((raster.columns + 1) * (raster.rows + 1))
  }

  copyOf(other: Taken): this {
    this.taken.set(other.taken)
    this.sums.set(other.sums)
    return this
  }

  take(rings: Ring[], dx: number, dy: number): void {
    const { columns, rows } = this.raster
    let first = rows
    eachRun(rings, this.raster, dx, dy, (row, from, to) => {
      this.taken.fill(1, row * columns + from, row * columns + to + 1)
      if (row < first) first = row
    })
    const wide = columns + 1
    for (let row = first; row < rows; row++) {
      let sum = 0
      for (let column = 0; column < columns; column++) {
        sum += this.taken[row * columns + column]
        this.sums[(row + 1) * wide + column + 1] = this.sums[row * wide + column + 1] + sum
      }
    }
  }

  /**
   * The first free place for a shape, searched row by row (or column by column) from a place on.
   * @param from how far was searched before, in places
   * @returns the place's number, -1 when there is none
   */
  find(blocks: Block[], width: number, height: number, byColumn: boolean, from: number): number {
    const { columns, rows } = this.raster
    const [across, along] = [columns - width + 1, rows - height + 1]
    if (across <= 0 || along <= 0) return -1
    const corners = this.cornersOf(blocks)
    const wide = columns + 1
    const [inner, outer] = byColumn ? [along, across] : [across, along]
    const [stepInner, stepOuter] = byColumn ? [wide, 1] : [1, wide]
    let minor = from % inner
    for (let major = Math.floor(from / inner); major < outer; major++, minor = 0)
      for (let at = major * stepOuter + minor * stepInner; minor < inner; minor++, at += stepInner)
        if (this.isFree(corners, at)) return major * inner + minor
    return -1
  }

  private isFree(corners: Int32Array, at: number): boolean {
    const { sums } = this
    for (let i = 0; i < corners.length; i += 4) {
      const upper = sums[at + corners[i + 3]] - sums[at + corners[i + 2]]
      if (upper !== sums[at + corners[i + 1]] - sums[at + corners[i]]) return false
    }
    return true
  }

  /** Where the sums at the corners of each block are, from those at the shape's corner. */
  private cornersOf(blocks: Block[]): Int32Array {
    const known = this.raster.corners.get(blocks)
    if (known) return known
    const wide = this.raster.columns + 1
    const corners = Int32Array.from(
      blocks.flatMap(({ left, low, right, high }) => [
        low * wide + left,
        low * wide + right + 1,
        (high + 1) * wide + left,
        (high + 1) * wide + right + 1,
      ]),
    )
    this.raster.corners.set(blocks, corners)
    return corners
  }

  /** Where a place is, in squares. */
  at(place: number, width: number, height: number, byColumn: boolean): { column: number; row: number } {
    const inner = byColumn ? this.raster.rows - height + 1 : this.raster.columns - width + 1
    const [major, minor] = [Math.floor(place / inner), place % inner]
    return byColumn ? { column: major, row: minor } : { column: minor, row: major }
  }
}
