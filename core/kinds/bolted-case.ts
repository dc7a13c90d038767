import { PLAIN_BOX, type BoxSpec } from '../box'
import { BOLT_SIZES, type BoltSize } from '../joints'
import { choice, count, length, numberOf, sizedBox, TAB, THICKNESS, type Kind } from './kind'

/** A closed case that comes apart: its walls stand in slots and are held by bolts in captive nuts. */
export const boltedCase: Kind = {
  kind: 'bolted-case',
  title: 'Case held by bolts and captive nuts',
  words: 'electronics instrument tool screws nuts',
  numbers: [
    length('width', 'outer width', [60, 2000], 220),
    length('depth', 'outer depth', [60, 2000], 150),
    length('height', 'outer height', [40, 1000], 90),
    length('set-in', 'distance of slots from the edges', [3, 100], 8),
    choice('bolt', 'size of bolts and nuts', ['M3', ...BOLT_SIZES.filter((size) => size !== 'M3')]),
    count('per-edge', 'bolts along an upright edge', [1, 12], 1),
    length('bolt-length', 'length of the bolts under the head', [8, 60], 16),
    { ...TAB, default: 14 },
    THICKNESS,
  ],
  make(values): BoxSpec {
    const setIn = numberOf(values, 'set-in')
    const bolts = {
      size: values.bolt as BoltSize,
      count: numberOf(values, 'per-edge'),
      length: numberOf(values, 'bolt-length'),
    }
    return {
      ...sizedBox(values, 'outer'),
      corners: { kind: 'tenon', leads: 'front and back', setIn },
      floor: { ...PLAIN_BOX.floor, kind: 'tenon', raised: setIn },
      fittings: [{ type: 'top-tenon', lowered: setIn }],
      bolts: { uprights: bolts, floor: null, top: null },
    }
  },
}
