import { multiply, type Matrix4 } from '../geometry'
import { frameOf, type Lie } from './place'
import type { Size } from './types'

/** Where a thing stands among others: how its own axes run, and where its origin lies, mm. */
export interface Pose {
  lie: Lie
  at: Size
}

/** A frame taken along with a thing that is put somewhere else. */
export const posed = ({ lie, at }: Pose, frame: Matrix4): Matrix4 => multiply(frameOf(lie, at), frame)
