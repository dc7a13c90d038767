import type { BoxSpec } from '../box'
import { length, numberOf, sizedBox, TAB, THICKNESS, type Kind } from './kind'

/** A box with a lid that lifts off: a lip under it keeps it in place. */
export const liddedBox: Kind = {
  kind: 'lidded-box',
  title: 'Box with a lid that lifts off',
  words: 'gift storage tool lid lift',
  numbers: [
    length('width', 'inner width', [20, 2000], 120),
    length('depth', 'inner depth', [20, 2000], 80),
    length('height', 'inner height, under the lip', [10, 1000], 40),
    length('play', 'play between the lip and each wall', [0, 5], 0.3),
    TAB,
    THICKNESS,
  ],
  make: (values): BoxSpec => ({
    ...sizedBox(values, 'inner'),
    fittings: [{ type: 'lid-lift', play: numberOf(values, 'play') }],
  }),
}
