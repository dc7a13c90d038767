import { type Region } from '../geometry'
import { coverage, type Stretch } from './coverage'
import { inBox, onAxis, ownAxis, slabOf } from './place'
import type { Panel } from './resolve'
import { AXES, type Axis, type Block, type Size } from './types'

/** A panel as it stands in the box: what it covers is asked for in the box's own axes. Lengths in mm. */
export class Solid {
  readonly normal: Axis
  readonly slab: [number, number]
  readonly block: Block
  /** What was asked for before, by the band's borders. */
  private readonly seen: Record<Axis, Map<number, { high: number; placed: Stretch[] }>> = {
    x: new Map(),
    y: new Map(),
    z: new Map(),
  }

  constructor(
    readonly panel: Panel,
    private readonly regions: Region[] = [panel.region],
  ) {
    const { axis, ends } = slabOf(panel)
    this.normal = axis
    this.slab = ends
    this.block = this.blockOfRegion()
  }

  private blockOfRegion(): Block {
    const block: Block = { min: { x: 0, y: 0, z: 0 }, max: { x: 0, y: 0, z: 0 } }
    ;[block.min[this.normal], block.max[this.normal]] = this.slab
    for (const own of ['x', 'y'] as const) {
      let [low, high] = [Infinity, -Infinity]
      for (const { outline } of this.regions)
        for (const point of outline) {
          if (point[own] < low) low = point[own]
          if (point[own] > high) high = point[own]
        }
      const { axis, ends } = inBox(this.panel.frame, own, low, high)
      ;[block.min[axis], block.max[axis]] = ends
    }
    return block
  }

  /** What it covers of a band, along an axis of the box. @param band on the panel's other axis */
  cover(along: Axis, [low, high]: [number, number]): Stretch[] {
    const known = this.seen[along].get(low)
    if (known?.high === high) return known.placed
    const { frame } = this.panel
    const own = ownAxis(frame, along) as 'x' | 'y'
    const band = onAxis(frame, own === 'x' ? 'y' : 'x', low, high)
    const placed = this.regions
      .flatMap((region) => coverage(region, own, ...band))
      .map((stretch): Stretch => {
        const [from, to] = inBox(frame, own, stretch.from, stretch.to).ends
        return { from, to, covered: stretch.covered }
      })
      .sort((a, b) => a.from - b.from)
    this.seen[along].set(low, { high, placed })
    return placed
  }
}

/** Whether two blocks share space by more than rounding. */
export const blocksMeet = (a: Block, b: Block, tiny: number): boolean =>
  AXES.every((axis) => Math.min(a.max[axis], b.max[axis]) - Math.max(a.min[axis], b.min[axis]) > tiny)

/** The middle of what two blocks share. */
export const middleOf = (a: Block, b: Block): Size => {
  const middle = (axis: Axis): number =>
    (Math.min(a.max[axis], b.max[axis]) + Math.max(a.min[axis], b.min[axis])) / 2
  return { x: middle('x'), y: middle('y'), z: middle('z') }
}

/** The space that a panel is in, mm. */
export const blockOf = (panel: Panel): Block => new Solid(panel).block
