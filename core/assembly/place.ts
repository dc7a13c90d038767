import type { Bounds, Matrix4, Point } from '../geometry'
import { AXES, type Axis, type Block, type Part, type Size, type SlideGroup } from './types'

/** An axis of the box, and which way along it. */
export type Way = SlideGroup['way']

/** How a part lies: which way its own x, y and z run in the box. */
export type Lie = Record<Axis, Way>

/** The frame of a part. @param origin where its own (0, 0, 0) lies in the box, mm */
export function frameOf(lie: Lie, origin: Size): Matrix4 {
  const rows = AXES.map((row) => [
    ...AXES.map((own) => (lie[own].axis === row ? lie[own].sign : 0)),
    origin[row],
  ])
  return [...rows.flat(), 0, 0, 0, 1]
}

const at = (frame: Matrix4, row: Axis, column: Axis): number =>
  frame[AXES.indexOf(row) * 4 + AXES.indexOf(column)]

/** How parts lie, by their frames: asked for many times while somebody types. */
const lies = new WeakMap<Matrix4, Lie>()

function lieOf(frame: Matrix4): Lie {
  const known = lies.get(frame)
  if (known) return known
  const way = (own: Axis): Way => {
    const axis = AXES.find((row) => Math.abs(at(frame, row, own)) === 1)
    if (!axis) throw new Error('wayOf: the frame is not parallel to the axes')
    return { axis, sign: at(frame, axis, own) as 1 | -1 }
  }
  const lie: Lie = { x: way('x'), y: way('y'), z: way('z') }
  lies.set(frame, lie)
  return lie
}

/** Which way a part's own axis runs in the box. @throws when its frame is not parallel to the axes */
export const wayOf = (frame: Matrix4, own: Axis): Way => lieOf(frame)[own]

const ORIGINS: Record<Axis, number> = { x: 3, y: 7, z: 11 }
const originOf = (frame: Matrix4, axis: Axis): number => frame[ORIGINS[axis]]

/** Where an interval of a part's own axis lies in the box. */
export function inBox(
  frame: Matrix4,
  own: Axis,
  low: number,
  high: number,
): { axis: Axis; ends: [number, number] } {
  const { axis, sign } = wayOf(frame, own)
  const origin = originOf(frame, axis)
  return { axis, ends: sign === 1 ? [origin + low, origin + high] : [origin - high, origin - low] }
}

/**
 * The other way round: where an interval of an axis of the box lies on a part's own axis that runs along it.
 */
export function onAxis(frame: Matrix4, own: Axis, low: number, high: number): [number, number] {
  const { axis, sign } = wayOf(frame, own)
  const origin = originOf(frame, axis)
  return sign === 1 ? [low - origin, high - origin] : [origin - high, origin - low]
}

interface Slab {
  axis: Axis
  ends: [number, number]
}
const slabs = new WeakMap<Part, Slab>()

/** The slab of space between a part's two faces: its axis, and from where to where. */
export function slabOf(part: Part): Slab {
  const known = slabs.get(part)
  if (known) return known
  const slab = inBox(part.frame, 'z', 0, part.thickness)
  slabs.set(part, slab)
  return slab
}

/** The rectangle that a block of the box covers on a part's own plane. */
export function onPart(frame: Matrix4, { min, max }: Block): Bounds {
  const { x, y } = lieOf(frame)
  const [minX, maxX] = onAxis(frame, 'x', min[x.axis], max[x.axis])
  const [minY, maxY] = onAxis(frame, 'y', min[y.axis], max[y.axis])
  return { minX, minY, maxX, maxY }
}

/** Where a point of the box lies on a part's own plane. */
export function pointOnPart(frame: Matrix4, point: Size): Point {
  const { minX, minY } = onPart(frame, { min: point, max: point })
  return { x: minX, y: minY }
}

/** Which of a part's own axes runs along an axis of the box. */
export const ownAxis = (frame: Matrix4, axis: Axis): Axis =>
  AXES.find((own) => wayOf(frame, own).axis === axis)!

/** Which end of its own axis a part's outside face looks to. */
export const outwardEnd = ({ frame }: Part): 'low' | 'high' => (wayOf(frame, 'z').sign === 1 ? 'high' : 'low')
