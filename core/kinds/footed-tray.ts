import { PLAIN_BOX, type BoxSpec } from '../box'
import { length, numberOf, sizedBox, TAB, THICKNESS, type Kind } from './kind'

/** A tray whose walls reach below the floor as feet, with arches between them. */
export const footedTray: Kind = {
  kind: 'footed-tray',
  title: 'Tray on feet, its floor raised into slots',
  words: 'bowl serving fruit feet',
  numbers: [
    length('width', 'outer width', [40, 2000], 180),
    length('depth', 'outer depth', [40, 2000], 120),
    length('height', 'outer height, feet included', [20, 1000], 70),
    length('raised', 'height of the floor above the ground', [3, 300], 15),
    length('arch', 'height of the arches between the feet', [0, 300], 10),
    TAB,
    THICKNESS,
  ],
  make: (values): BoxSpec => ({
    ...sizedBox(values, 'outer'),
    floor: {
      ...PLAIN_BOX.floor,
      kind: 'tenon',
      raised: numberOf(values, 'raised'),
      arch: numberOf(values, 'arch'),
    },
  }),
}
