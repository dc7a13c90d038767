import type { OutlinePose, Raster } from '../outline'
import type { Ring } from '../../geometry'
import { depthMap, type DepthMap } from './depth'
import { maskOf, type Mask, type Rounding } from './mask'

/** A part turned one way, in squares of one level, from the gap below and left of its corner. */
export interface Turned {
  id: number
  columns: number
  rows: number
  own: Mask
  grown: Mask
}

/** Depths that are kept, bytes. */
const KEPT = 64_000_000

/** Sheets of one kind in squares of one size, and what was worked out for poses on them. */
export class Level {
  readonly raster: Raster
  private readonly turned = new Map<OutlinePose, Turned>()
  /** By the lower id of a pair, then by the higher one. */
  private depths: Map<number, DepthMap>[] = []
  private kept = 0
  /** Squares that were looked at for what is kept. */
  work = 0

  /** @param squares how many the sheet is divided into, about */
  constructor(
    { x, y, stepX, stepY, columns, rows }: Raster,
    readonly gap: number,
    squares: number,
    private readonly rounding: Rounding,
  ) {
    const factor = Math.sqrt(squares / (columns * rows))
    const [across, along] = [columns, rows].map((count) => Math.max(1, Math.round(count * factor)))
    this.raster = {
      x,
      y,
      stepX: (stepX * columns) / across,
      stepY: (stepY * rows) / along,
      columns: across,
      rows: along,
      corners: new WeakMap(),
    }
  }

  of(pose: OutlinePose): Turned {
    const known = this.turned.get(pose)
    if (known) return known
    const { gap, rounding } = this
    const { stepX, stepY } = this.raster
    const squares = (length: number, step: number): number =>
      Math.max(1, Math.ceil((length + 2 * gap) / step - 1e-6))
    const [columns, rows] = [squares(pose.width, stepX), squares(pose.height, stepY)]
    const raster: Raster = { ...this.raster, x: -gap, y: -gap, columns, rows }
    const own = maskOf(pose.rings, raster, rounding)
    const grown = maskOf(pose.grown, raster, rounding)
    const turned: Turned = { id: this.turned.size, columns, rows, own, grown }
    this.turned.set(pose, turned)
    this.work += 2 * columns * rows
    return turned
  }

  /** How deep two shapes lie in each other, by how the one with the larger id is shifted. */
  depth(a: Turned, b: Turned): DepthMap {
    const [low, high] = a.id <= b.id ? [a, b] : [b, a]
    const known = this.depths[low.id]?.get(high.id)
    if (known) return known
    if (this.kept > KEPT) {
      this.depths = []
      this.kept = 0
    }
    const map = depthMap(low.own, high.grown)
    const ofLow = (this.depths[low.id] ??= new Map())
    ofLow.set(high.id, map)
    this.kept += map.depth.length
    this.work += 4 * map.depth.length
    return map
  }
}

/** One sheet: what of it no part may cover. */
export class Floor {
  private readonly taken: Mask
  private readonly closed = new Map<Turned, Uint8Array | null>()

  /** @param outlines of what is outside of it, and of what is pinned */
  constructor(
    readonly level: Level,
    outlines: Ring[],
  ) {
    this.taken = maskOf(outlines, level.raster, 'touched')
  }

  /** How many places a shape has along the sheet's width and height. */
  placesOf({ columns, rows }: Turned): [across: number, along: number] {
    const { raster } = this.level
    return [raster.columns - columns + 1, raster.rows - rows + 1]
  }

  /** Places that a shape must not take, other than 0, row by row; null where it may take all. */
  closedTo(turned: Turned): Uint8Array | null {
    const known = this.closed.get(turned)
    if (known !== undefined) return known
    const closed = this.taken.runs.length === 0 ? null : this.findClosed(turned)
    this.closed.set(turned, closed)
    return closed
  }

  private findClosed(turned: Turned): Uint8Array {
    const { fromX, fromY, columns, depth } = depthMap(this.taken, turned.grown)
    const [across, along] = this.placesOf(turned)
    const closed = new Uint8Array(across * along)
    for (let row = 0; row < along; row++) {
      const from = (row - fromY) * columns - fromX
      closed.set(depth.subarray(from, from + across), row * across)
    }
    this.level.work += depth.length
    return closed
  }
}
