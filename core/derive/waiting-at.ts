import type { Point } from '../geometry'
import { originOn, type Origin } from '../machine'

/** Where the beam waits: at the machine's origin. */
export const waitingAt = (load: { width: number; height: number }, origin: Origin = 'front left'): Point =>
  originOn(load, origin)
