import type { BoxSpec } from '../box'
import { RIM_SHAPES, type RimShape } from '../fittings'
import { choice, length, numberOf, sizedBox, TAB, THICKNESS, type Kind } from './kind'

/** An open case whose front is lower, so that what stands in it is seen and taken out. */
export const fileBox: Kind = {
  kind: 'file-box',
  title: 'Open case with a lower front',
  words: 'files papers magazines letters desk',
  numbers: [
    length('width', 'outer width', [30, 2000], 90),
    length('depth', 'outer depth', [30, 2000], 240),
    length('height', 'outer height at the back', [30, 1000], 220),
    length('drop', 'how much lower the front is', [1, 900], 120),
    choice('rim', 'how the sides rise behind it', RIM_SHAPES),
    length('run', 'over how much of the depth they do; 0: all of it, half for a step', [0, 2000], 0),
    TAB,
    THICKNESS,
  ],
  make: (values): BoxSpec => {
    const box = sizedBox(values, 'outer')
    const rim = {
      type: 'rim' as const,
      drop: numberOf(values, 'drop'),
      shape: values.rim as RimShape,
      run: numberOf(values, 'run'),
    }
    return { ...box, fittings: [rim] }
  },
}
