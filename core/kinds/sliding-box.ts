import type { BoxSpec } from '../box'
import { choice, length, numberOf, sizedBox, TAB, THICKNESS, type Kind } from './kind'

/** A box whose lid slides in engraved grooves and is drawn out over the lower front wall. */
export const slidingBox: Kind = {
  kind: 'sliding-box',
  title: 'Box with a lid that slides in grooves',
  words: 'pencil gift logger case lid slide',
  numbers: [
    length('width', 'outer width', [30, 2000], 140),
    length('depth', 'outer depth, along which the lid slides', [30, 2000], 90),
    length('height', 'outer height', [20, 1000], 50),
    length('lowered', 'distance of the lid from the upper edge', [1, 100], 3),
    length('groove', 'how far the lid reaches into the walls', [0.3, 10], 1.5),
    length('play', 'play of the lid in its grooves', [0, 2], 0.3),
    choice('grip', 'what pulls the lid out', ['hole', 'notch']),
    choice('slides', 'what the lid slides in', ['grooves', 'rails']),
    choice('end', 'whether it can be drawn out altogether', ['free', 'captive']),
    length('pull', 'diameter of the finger hole or notch; 0 is none', [0, 100], 16),
    TAB,
    THICKNESS,
  ],
  make: (values): BoxSpec => ({
    ...sizedBox(values, 'outer'),
    fittings: [
      {
        type: 'lid-slide',
        rails: values.slides === 'rails',
        captive: values.end === 'captive',
        grip: values.grip as 'hole' | 'notch',
        lowered: numberOf(values, 'lowered'),
        depth: numberOf(values, 'groove'),
        play: numberOf(values, 'play'),
        pull: numberOf(values, 'pull'),
      },
    ],
  }),
}
