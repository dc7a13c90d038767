import { sumOf } from '../../statistics'
import type { OutlinePose } from '../outline'
import type { DepthMap } from './depth'
import type { Floor, Turned } from './level'

/** Where a part lies: on which sheet, and how many squares from its lower left corner. */
export interface Spot {
  sheet: number
  pose: OutlinePose
  column: number
  row: number
}

export interface LoosePart {
  /** Its poses by sheet: none where it must not lie. */
  poses: OutlinePose[][]
  at: Spot
}

/** Poses that are looked at for one move. */
const MOST_POSES = 5

/** By how much a pair that stays together weighs more after a round, and how that is forgotten. */
const [HEAVIER, BY_DEPTH, FORGETS] = [1.3, 0.5, 0.95]

const AROUND = [-1, 0, 1].flatMap((x) => [-1, 0, 1].map((y) => [x, y])).filter(([x, y]) => x !== 0 || y !== 0)

/** Some of the places of a sheet, `stride` squares apart. */
interface Lattice {
  firstX: number
  firstY: number
  columns: number
  rows: number
}

/** Another part on the sheet that one is looked for on. */
interface Neighbour {
  at: Spot
  map: DepthMap
  /** Whether the map's shifts are those of the part that is moved. */
  isForward: boolean
  weight: number
}

function depthAt({ at, map, isForward }: Omit<Neighbour, 'weight'>, column: number, row: number): number {
  const { fromX, fromY, columns, rows, depth } = map
  const x = (isForward ? column - at.column : at.column - column) - fromX
  const y = (isForward ? row - at.row : at.row - row) - fromY
  return x < 0 || y < 0 || x >= columns || y >= rows ? 0 : depth[y * columns + x]
}

/**
 * Drives parts apart that lie over each other: each in turn goes where it lies least deep in others, of all
 * places, turns and sheets; pairs that stay together weigh more after each round. [PUB: Egeblad, Nielsen &
 * Odgaard, Fast neighborhood search for two- and three-dimensional nesting problems, European Journal of
 * Operational Research 183 (2007), guided local search; Imamichi, Yagiura & Nagamochi, An iterated local
 * search algorithm based on nonlinear programming for the irregular strip packing problem, Discrete
 * Optimization 6 (2009), the depth as what is driven out]
 */
export class Separation {
  private readonly weights: Float64Array
  private readonly costs: Float64Array
  /** Squares that were looked at so far: what the search has cost. */
  work = 0

  /** @param stride places that are looked at first are so many squares apart */
  constructor(
    readonly parts: LoosePart[],
    private readonly floors: Floor[],
    private readonly stride: number,
    private readonly random: () => number,
  ) {
    this.weights = new Float64Array(parts.length ** 2).fill(1)
    const places = floors.map(
      ({ level: { raster } }) => (raster.columns / stride + 1) * (raster.rows / stride + 1),
    )
    this.costs = new Float64Array(Math.ceil(Math.max(...places)))
  }

  private turned({ sheet, pose }: Spot): Turned {
    return this.floors[sheet].level.of(pose)
  }

  private neighbour(own: Turned, j: number, weight = 1): Neighbour {
    const { at } = this.parts[j]
    const other = this.turned(at)
    const map = this.floors[at.sheet].level.depth(own, other)
    return { at, map, isForward: own.id >= other.id, weight }
  }

  private neighbours(i: number, sheet: number, own: Turned): Neighbour[] {
    const n = this.parts.length
    const near: Neighbour[] = []
    for (const [j, { at }] of this.parts.entries())
      if (j !== i && at.sheet === sheet) near.push(this.neighbour(own, j, this.weights[i * n + j]))
    return near
  }

  /** How deep two parts lie in each other, thirds of a square. */
  private between(i: number, j: number): number {
    const [{ at }, other] = [this.parts[i], this.parts[j]]
    if (at.sheet !== other.at.sheet) return 0
    return depthAt(this.neighbour(this.turned(at), j), at.column, at.row)
  }

  /** How far a part is over what it must not cover. */
  private beyond({ at }: LoosePart): number {
    const floor = this.floors[at.sheet]
    const turned = this.turned(at)
    return floor.closedTo(turned)?.[at.row * floor.placesOf(turned)[0] + at.column] ?? 0
  }

  /** What a part costs where it lies. */
  private cost(i: number): number {
    const { at } = this.parts[i]
    if (this.beyond(this.parts[i]) > 0) return Infinity
    const near = this.neighbours(i, at.sheet, this.turned(at))
    return sumOf(near.map((each) => each.weight * depthAt(each, at.column, at.row)))
  }

  /** Lets all pairs weigh the same again. */
  forgetWeights(): void {
    this.weights.fill(1)
  }

  /**
   * Moves every part that lies in another one, then lets those that still do weigh more.
   * @returns how deep all lie in each other together; 0 when all are apart
   */
  round(): number {
    const { parts, random } = this
    const order = parts.map((_, i) => ({ i, key: random() })).sort((a, b) => a.key - b.key)
    for (const { i } of order) {
      const cost = this.cost(i)
      if (cost > 0) this.move(i, cost)
    }
    return this.weigh()
  }

  /** Slides every part down and to the left as far as nothing is in its way. */
  settle(): void {
    const order = this.parts
      .map((part, i) => ({ part, i }))
      .sort((a, b) => a.part.at.column + a.part.at.row - b.part.at.column - b.part.at.row)
    for (const { part, i } of order) {
      const { sheet } = part.at
      const [floor, turned] = [this.floors[sheet], this.turned(part.at)]
      const costAt = costOver(
        this.neighbours(i, sheet, turned),
        floor.placesOf(turned),
        floor.closedTo(turned),
      )
      let { column, row } = part.at
      for (let isMoved = true; isMoved;) {
        isMoved = false
        for (; costAt(column, row - 1) === 0; row--) isMoved = true
        for (; costAt(column - 1, row) === 0; column--) isMoved = true
      }
      part.at = { ...part.at, column, row }
    }
  }

  private weigh(): number {
    const n = this.parts.length
    const deep = this.parts.flatMap((_, i) =>
      Array.from({ length: n - 1 - i }, (__, k) => ({ i, j: i + 1 + k, depth: this.between(i, i + 1 + k) })),
    )
    const deepest = Math.max(1, ...deep.map(({ depth }) => depth))
    for (const { i, j, depth } of deep) {
      const weight = this.weights[i * n + j]
      const next =
        depth > 0 ? weight * (HEAVIER + (BY_DEPTH * depth) / deepest) : Math.max(1, weight * FORGETS)
      this.weights[i * n + j] = next
      this.weights[j * n + i] = next
    }
    this.work += deep.length
    return sumOf([...deep.map(({ depth }) => depth), ...this.parts.map((part) => this.beyond(part))])
  }

  /** Puts a part where it lies least deep in others. */
  private move(i: number, cost: number): void {
    const part = this.parts[i]
    let [best, least] = [part.at, cost]
    for (const [sheet, poses] of part.poses.entries())
      for (const pose of this.posesToTry(poses, part.at.pose)) {
        const found = this.lowest(i, sheet, pose)
        if (found && found.cost < least) [best, least] = [found.spot, found.cost]
      }
    part.at = best
  }

  /** Some of the poses, the one it has among them: all where they are few. */
  private posesToTry(poses: OutlinePose[], now: OutlinePose): OutlinePose[] {
    if (poses.length <= MOST_POSES) return poses
    const picked = new Set(poses.includes(now) ? [now] : [])
    while (picked.size < MOST_POSES) picked.add(poses[Math.floor(this.random() * poses.length)])
    return [...picked]
  }

  /** Where a pose costs least on a sheet: of places some squares apart, then of those round the best. */
  private lowest(i: number, sheet: number, pose: OutlinePose): { spot: Spot; cost: number } | null {
    const floor = this.floors[sheet]
    const turned = floor.level.of(pose)
    const [across, along] = floor.placesOf(turned)
    if (across <= 0 || along <= 0) return null
    const { stride } = this
    const [firstX, firstY] = [across, along].map((count) =>
      Math.floor(this.random() * Math.min(stride, count)),
    )
    const [columns, rows] = [Math.ceil((across - firstX) / stride), Math.ceil((along - firstY) / stride)]
    const lattice: Lattice = { firstX, firstY, columns, rows }
    const costs = this.costs.subarray(0, columns * rows).fill(0)
    const near = this.neighbours(i, sheet, turned)
    for (const each of near) this.add(costs, lattice, each)
    this.work += costs.length
    const closed = floor.closedTo(turned)
    const isClosed = (at: number): boolean => {
      const row = firstY + Math.floor(at / columns) * stride
      return !!closed && closed[row * across + firstX + (at % columns) * stride] > 0
    }
    const found = this.lowestOf(costs, isClosed)
    if (found < 0) return null
    const spot: Spot = {
      sheet,
      pose,
      column: firstX + (found % columns) * stride,
      row: firstY + Math.floor(found / columns) * stride,
    }
    return { spot, cost: descend(spot, costs[found], costOver(near, [across, along], closed)) }
  }

  /** The place that costs least, any of equal ones; -1 for none. */
  private lowestOf(costs: Float64Array, isClosed: (at: number) => boolean): number {
    let [found, least] = [-1, Infinity]
    const begin = Math.floor(this.random() * costs.length)
    for (const [from, to] of [
      [begin, costs.length],
      [0, begin],
    ])
      for (let at = from; at < to; at++)
        if (costs[at] < least && !isClosed(at)) {
          found = at
          least = costs[at]
        }
    return found
  }

  /** Adds what one neighbour costs each place. */
  private add(costs: Float64Array, lattice: Lattice, { at, map, isForward, weight }: Neighbour): void {
    const { fromX, fromY, columns, rows, depth } = map
    const { stride } = this
    // backwards, the last of the map comes first
    const x = at.column + (isForward ? fromX : 1 - fromX - columns) - lattice.firstX
    const y = at.row + (isForward ? fromY : 1 - fromY - rows) - lattice.firstY
    const left = Math.max(0, Math.ceil(x / stride))
    const low = Math.max(0, Math.ceil(y / stride))
    const right = Math.min(lattice.columns - 1, Math.floor((x + columns - 1) / stride))
    const high = Math.min(lattice.rows - 1, Math.floor((y + rows - 1) / stride))
    const first = (low * stride - y) * columns + left * stride - x
    const step = isForward ? stride : -stride
    let from = isForward ? first : rows * columns - 1 - first
    let to = low * lattice.columns + left
    for (let row = low; row <= high; row++) {
      for (let k = 0, at = from; k <= right - left; k++, at += step) costs[to + k] += weight * depth[at]
      from += step * columns
      to += lattice.columns
    }
    this.work += Math.max(0, right - left + 1) * Math.max(0, high - low + 1)
  }
}

/** What a place costs beside neighbours; Infinity where it is not on the sheet. */
const costOver =
  (near: Neighbour[], [across, along]: [number, number], closed: Uint8Array | null) =>
  (column: number, row: number): number => {
    if (column < 0 || row < 0 || column >= across || row >= along) return Infinity
    if (closed && closed[row * across + column] > 0) return Infinity
    let sum = 0
    for (const each of near) sum += each.weight * depthAt(each, column, row)
    return sum
  }

/** Moves a spot a square at a time as long as that costs less. @returns what it costs in the end */
function descend(spot: Spot, begun: number, costAt: ReturnType<typeof costOver>): number {
  let cost = begun
  for (let isMoved = true; isMoved && cost > 0;) {
    isMoved = false
    const { column, row } = spot
    for (const [dx, dy] of AROUND) {
      const there = costAt(column + dx, row + dy)
      if (there >= cost) continue
      cost = there
      spot.column = column + dx
      spot.row = row + dy
      isMoved = true
    }
  }
  return cost
}
