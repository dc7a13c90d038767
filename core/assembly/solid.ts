import { type Region } from '../geometry'
import { coverage, type Stretch } from './coverage'
import { slabOf, wayOf, type Way } from './place'
import type { Panel } from './resolve'
import type { Axis, Block, Size } from './types'

/** A panel as it stands in the box: what it covers is asked for in the box's own axes. Lengths in mm. */
export class Solid {
  readonly normal: Axis
  readonly slab: [number, number]
  readonly block: Block
  private readonly ways: { x: Way; y: Way }
  private readonly seen = new Map<string, Stretch[]>()

  constructor(
    readonly panel: Panel,
    private readonly regions: Region[] = [panel.region],
  ) {
    const { axis, ends } = slabOf(panel)
    this.normal = axis
    this.slab = ends
    this.ways = { x: wayOf(panel.frame, 'x'), y: wayOf(panel.frame, 'y') }
    this.block = this.blockOfRegion()
  }

  private ownOf(axis: Axis): 'x' | 'y' {
    return this.ways.x.axis === axis ? 'x' : 'y'
  }

  private originOf(axis: Axis): number {
    return this.panel.frame[{ x: 3, y: 7, z: 11 }[axis]]
  }

  private outward(axis: Axis, low: number, high: number): [number, number] {
    const origin = this.originOf(axis)
    return this.ways[this.ownOf(axis)].sign === 1
      ? [origin + low, origin + high]
      : [origin - high, origin - low]
  }

  private blockOfRegion(): Block {
    const block: Block = { min: { x: 0, y: 0, z: 0 }, max: { x: 0, y: 0, z: 0 } }
    ;[block.min[this.normal], block.max[this.normal]] = this.slab
    for (const own of ['x', 'y'] as const) {
      const { axis } = this.ways[own]
      let [low, high] = [Infinity, -Infinity]
      for (const { outline } of this.regions)
        for (const point of outline) {
          if (point[own] < low) low = point[own]
          if (point[own] > high) high = point[own]
        }
      ;[block.min[axis], block.max[axis]] = this.outward(axis, low, high)
    }
    return block
  }

  /** What it covers of a band, along an axis of the box. @param band on the panel's other axis */
  cover(along: Axis, [low, high]: [number, number]): Stretch[] {
    const key = `${along} ${low} ${high}`
    const known = this.seen.get(key)
    if (known) return known
    const own = this.ownOf(along)
    const other = own === 'x' ? 'y' : 'x'
    const { axis, sign } = this.ways[other]
    const origin = this.originOf(axis)
    const band = sign === 1 ? [low - origin, high - origin] : [origin - high, origin - low]
    const stretches = this.regions.flatMap((region) => coverage(region, own, band[0], band[1]))
    const placed = this.place(along, stretches)
    this.seen.set(key, placed)
    return placed
  }

  private place(along: Axis, stretches: Stretch[]): Stretch[] {
    const placed = stretches.map(({ from, to, covered }) => {
      const [low, high] = this.outward(along, from, to)
      return { from: low, to: high, covered }
    })
    return placed.sort((a, b) => a.from - b.from)
  }
}

/** Whether two blocks share space by more than rounding. */
export const blocksMeet = (a: Block, b: Block, tiny: number): boolean =>
  (['x', 'y', 'z'] as const).every(
    (axis) => Math.min(a.max[axis], b.max[axis]) - Math.max(a.min[axis], b.min[axis]) > tiny,
  )

/** The middle of what two blocks share. */
export const middleOf = (a: Block, b: Block): Size => {
  const middle = (axis: Axis): number =>
    (Math.min(a.max[axis], b.max[axis]) + Math.max(a.min[axis], b.min[axis])) / 2
  return { x: middle('x'), y: middle('y'), z: middle('z') }
}
