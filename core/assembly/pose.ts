import type { Matrix4 } from '../geometry'
import { frameOf, type Lie } from './place'
import type { Size } from './types'

/** Where a thing stands among others: how its own axes run, and where its origin lies, mm. */
export interface Pose {
  lie: Lie
  at: Size
}

/** A frame taken along with a thing that is put somewhere else. */
export function posed({ lie, at }: Pose, frame: Matrix4): Matrix4 {
  const pose = frameOf(lie, at)
  return Array.from({ length: 16 }, (_, i) => {
    const [row, column] = [Math.floor(i / 4), i % 4]
    return [0, 1, 2, 3].reduce((sum, k) => sum + pose[4 * row + k] * frame[4 * k + column], 0)
  })
}
