import { PLAIN_BOX, sameTabs, type BoxSpec } from '../box'
import { length, numberOf, THICKNESS, type Kind } from './kind'

/** Four walls slid into each other by half-laps, set in from the ends: no glue, no floor. Suits card. */
export const cardRack: Kind = {
  kind: 'card-rack',
  title: 'Rack of card with half-lapped corners',
  words: 'cards stack rack board light',
  numbers: [
    length('width', 'length of front and back', [20, 1000], 60),
    length('depth', 'length of left and right', [20, 1000], 60),
    length('height', 'height of the walls', [10, 500], 50),
    length('set-in', 'distance of the laps from the ends', [2, 200], 8),
    length('play', 'play of the slots beside the thickness', [0, 5], 0.1),
    { ...THICKNESS, default: 1.5 },
  ],
  make: (values): BoxSpec => ({
    ...PLAIN_BOX,
    sizesAre: 'outer',
    width: numberOf(values, 'width'),
    depth: numberOf(values, 'depth'),
    height: numberOf(values, 'height'),
    tabs: sameTabs({ rule: 'even', width: 9 }),
    proud: 0,
    corners: { kind: 'lap', leads: 'front and back', setIn: numberOf(values, 'set-in') },
    floor: { ...PLAIN_BOX.floor, kind: 'none' },
    play: { ...PLAIN_BOX.play, slots: numberOf(values, 'play') },
  }),
}
