import type { Mask } from './mask'

/**
 * How deep one shape lies in another, for each shift of it against the other, in thirds of a square: how far
 * it must be shifted at least to be clear.
 */
export interface DepthMap {
  /** The shift in squares that the first value is for. */
  fromX: number
  fromY: number
  columns: number
  rows: number
  depth: Uint8Array
}

/**
 * A step along an axis and one along a diagonal. [PUB: Borgefors, Distance transformations in digital images,
 * Computer Vision, Graphics, and Image Processing 34 (1986), the 3-4 chamfer]
 */
const [STRAIGHT, SLANTED] = [3, 4]
const MOST = 255

/**
 * Where `moved`, shifted by so many squares, meets `fixed`: the shifts at which two runs meet are a run
 * again. [DEF: a Minkowski sum]
 */
export function depthMap(fixed: Mask, moved: Mask): DepthMap {
  // one free square all round, from which depth is counted
  const columns = fixed.columns + moved.columns + 1
  const rows = fixed.rows + moved.rows + 1
  const [fromX, fromY] = [0 - moved.columns, 0 - moved.rows]
  const meets = new Int16Array(columns * rows + 1)
  const [there, own] = [fixed.runs, moved.runs]
  for (let i = 0; i < there.length; i += 3) {
    const first = (there[i] - fromY) * columns - fromX
    const [low, high] = [first + there[i + 1], first + there[i + 2] + 1]
    for (let j = 0; j < own.length; j += 3) {
      const down = own[j] * columns
      meets[low - down - own[j + 2]]++
      meets[high - down - own[j + 1]]--
    }
  }
  return { fromX, fromY, columns, rows, depth: measured(meets, columns, rows) }
}

/**
 * How far it is from each shift to where nothing meets.
 * @param meets where a run begins and where it has ended
 */
function measured(meets: Int16Array, columns: number, rows: number): Uint8Array {
  const depth = new Uint8Array(columns * rows)
  let count = 0
  for (let at = 0, end = columns * (rows - 1); at < end; at++) {
    count += meets[at]
    if (count === 0) continue
    // the first row and column are free
    const before = at - columns
    let least = depth[before] < depth[at - 1] ? depth[before] + STRAIGHT : depth[at - 1] + STRAIGHT
    if (depth[before - 1] + SLANTED < least) least = depth[before - 1] + SLANTED
    if (depth[before + 1] + SLANTED < least) least = depth[before + 1] + SLANTED
    depth[at] = least < MOST ? least : MOST
  }
  for (let at = columns * (rows - 1) - 1; at > columns; at--) {
    let least = depth[at]
    if (least <= STRAIGHT) continue
    const after = at + columns
    if (depth[at + 1] + STRAIGHT < least) least = depth[at + 1] + STRAIGHT
    if (depth[after] + STRAIGHT < least) least = depth[after] + STRAIGHT
    if (depth[after - 1] + SLANTED < least) least = depth[after - 1] + SLANTED
    if (depth[after + 1] + SLANTED < least) least = depth[after + 1] + SLANTED
    depth[at] = least
  }
  return depth
}
