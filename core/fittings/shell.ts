import { AXES, frameOf, type Block, type Contact, type Lie, type Part, type Size } from '../assembly'
import type { PanelName } from './panel-names'

/** Thickness of each panel, and of the dividers, in mm. */
export type Thicknesses = Record<PanelName | 'dividers', number>

/** Thickness of every panel, and of the thickest reading of what it is made of, mm. */
export interface Materials {
  mean: Thicknesses
  thickest: Thicknesses
}

/** What a fitting may ask of the box that it is on, as its maker says it. Lengths in mm. */
export interface Base {
  sizesAre: 'outer' | 'inner'
  width: number
  depth: number
  height: number
  corners: { kind: string; setIn: number }
  play: { slots: number; laps: number; loose: number }
  fittings: readonly { type: string }[]
}

/** A box as far as it stands before its fittings are made: sizes, and where its panels are. Lengths in mm. */
export interface Shell<Spec extends Base = Base> {
  spec: Spec
  outer: Size
  inner: Size
  names: PanelName[]
  materials: Materials
  /** Between which two heights, or widths, each panel lies, on its own axis. */
  slabs: Partial<Record<PanelName, [number, number]>>
  /** The space inside the walls, between floor and top. */
  room: Block
  /** Panels that are one sheet which bends. */
  bent: readonly PanelName[]
  /** From where to where each column between dividers reaches. */
  columns: [number, number][]
}

/** How each panel lies, seen from outside. */
export const LIES: Record<PanelName, Lie> = {
  front: { x: { axis: 'x', sign: 1 }, y: { axis: 'z', sign: 1 }, z: { axis: 'y', sign: -1 } },
  back: { x: { axis: 'x', sign: -1 }, y: { axis: 'z', sign: 1 }, z: { axis: 'y', sign: 1 } },
  left: { x: { axis: 'y', sign: -1 }, y: { axis: 'z', sign: 1 }, z: { axis: 'x', sign: -1 } },
  right: { x: { axis: 'y', sign: 1 }, y: { axis: 'z', sign: 1 }, z: { axis: 'x', sign: 1 } },
  floor: { x: { axis: 'x', sign: 1 }, y: { axis: 'y', sign: -1 }, z: { axis: 'z', sign: -1 } },
  top: { x: { axis: 'x', sign: 1 }, y: { axis: 'y', sign: 1 }, z: { axis: 'z', sign: 1 } },
}

/** A part that is glued to another one, or stands beside it: it shares no space with it. */
export interface AddedPart {
  part: Part
  contact: Contact | null
}

/**
 * A part of the assembly from the space it fills. Its own coordinates begin at the outer faces of the box.
 */
export function partOf(
  about: Pick<Part, 'id' | 'label' | 'thickness' | 'thickest'>,
  lie: Lie,
  block: Block,
  outer: Size,
): Part {
  const origin = Object.fromEntries(
    AXES.map((axis) => {
      const own = AXES.find((each) => lie[each].axis === axis)!
      const { sign } = lie[own]
      if (own === 'z') return [axis, sign === 1 ? block.min[axis] : block.max[axis]]
      return [axis, sign === 1 ? 0 : outer[axis]]
    }),
  ) as Size
  const onOwn = (own: 'x' | 'y'): [number, number] => {
    const { axis, sign } = lie[own]
    const [low, high] = [block.min[axis], block.max[axis]]
    return sign === 1 ? [low, high] : [outer[axis] - high, outer[axis] - low]
  }
  const [minX, maxX] = onOwn('x')
  const [minY, maxY] = onOwn('y')
  return { ...about, frame: frameOf(lie, origin), blank: { minX, minY, maxX, maxY }, features: [] }
}

/** A point of the box by what is said of it. */
export const pointAt = (at: Partial<Size>): Size => ({ x: 0, y: 0, z: 0, ...at })
