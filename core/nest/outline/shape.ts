import { bounds, ringsOf, shiftRegion, turnRegion, type Point, type Region, type Ring } from '../../geometry'
import { grownBy } from '../pack'
import { makeFacings, type Facing } from '../bottom-left'
import { blocksOf, type Block, type Raster } from './raster'

/** A shape turned by an angle, its lower left corner at (0, 0), ready to be placed. Lengths in mm. */
export interface OutlinePose {
  angle: number
  width: number
  height: number
  rings: Ring[]
  /** Grown by the gap. */
  grown: Ring[]
  fixed: { x: Facing; y: Facing }
  moving: { x: Facing; y: Facing }
  /** Grown by the gap, in squares; the lower left one is the gap below and left of its corner. */
  blocks: Block[]
  columns: number
  rows: number
  /** Where the shape's own origin comes to lie from its lower left corner. */
  origin: Point
}

export function poseOf(shape: Region, angle: number, gap: number, on: Raster): OutlinePose {
  const turned = turnRegion(shape, angle)
  const { minX, minY } = bounds(turned.outline)
  const posed = shiftRegion(turned, -minX, -minY)
  const box = bounds(posed.outline)
  const grown = grownBy(posed, gap).flatMap(ringsOf)
  const squares = (length: number, step: number): number =>
    Math.max(1, Math.ceil((length + 2 * gap) / step - 1e-6))
  const [columns, rows] = [squares(box.maxX, on.stepX), squares(box.maxY, on.stepY)]
  const raster: Raster = { ...on, x: -gap, y: -gap, columns, rows }
  return {
    angle,
    width: box.maxX,
    height: box.maxY,
    rings: ringsOf(posed),
    grown,
    ...makeFacings(ringsOf(posed), grown),
    blocks: blocksOf(grown, raster),
    columns,
    rows,
    origin: { x: -minX, y: -minY },
  }
}
