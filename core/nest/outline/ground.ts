import { bounds, offset, rectangle, ringsOf, signedArea, type Region, type Ring } from '../../geometry'
import { makeFacings, type Facing } from '../bottom-left'
import { Taken, type Raster } from './raster'

/** A sheet of any outline as it is laid out on, mm from its own origin. */
export interface Ground {
  raster: Raster
  /** Everything outside of what may be taken, as if it were taken already. */
  taken: Taken
  outside: { x: Facing; y: Facing }
  /** The outlines of what is outside of it. */
  around: Ring[]
  /** What no part may leave, for a bound: mm². */
  area: number
}

/** Squares that a sheet is divided into at most. */
const MOST_SQUARES = 100_000
const FINEST = 0.5

/** A step that suits the sheets, mm. */
export const stepFor = (outline: Ring): number => {
  const { minX, minY, maxX, maxY } = bounds(outline)
  return Math.max(FINEST, Math.sqrt(((maxX - minX) * (maxY - minY)) / MOST_SQUARES))
}

/** A ground for parts that are grown by the whole gap on the side of the one that moves. */
export function groundOf(outline: Ring, margin: number, gap: number, step: number): Ground | null {
  const whole: Region = { outline, holes: [] }
  const usable = offset(whole, -margin)
  const room = offset(whole, gap - margin)
  if (usable.length === 0 || room.length === 0) return null
  const box = bounds(room.flatMap((each) => each.outline))
  const [width, height] = [box.maxX - box.minX, box.maxY - box.minY]
  const [columns, rows] = [width, height].map((side) => Math.max(1, Math.round(side / step)))
  const raster: Raster = {
    x: box.minX,
    y: box.minY,
    stepX: width / columns,
    stepY: height / rows,
    columns,
    rows,
    corners: new WeakMap(),
  }
  const far = 1 + gap
  const around = rectangle(box.minX - far, box.minY - far, box.maxX + far, box.maxY + far)
  const rings = [
    around,
    ...room.map((each) => [...each.outline].reverse()),
    ...room.flatMap((each) => each.holes),
  ]
  const taken = new Taken(raster)
  taken.take(rings, 0, 0)
  return {
    raster,
    taken,
    outside: makeFacings(rings, []).fixed,
    around: rings,
    area: usable.reduce(
      (sum, each) => sum + ringsOf(each).reduce((all, ring) => all + signedArea(ring), 0),
      0,
    ),
  }
}
