import type { BoxSpec } from '../box'
import type { Whole } from '../whole'
import { length, numberOf, sizedBox, TAB, THICKNESS, type Kind } from './kind'

const SIZES = [
  length('width', 'inner width', [20, 2000], 120),
  length('depth', 'inner depth', [20, 2000], 80),
  length('height', 'inner height', [10, 1000], 50),
]

/** A box with a tray that stands on ledges inside. */
export const trayInBox: Kind = {
  kind: 'tray-in-box',
  title: 'Box with a tray on ledges inside',
  words: 'tool tray inside two levels sewing',
  numbers: [
    ...SIZES,
    length('at', 'height of the tray above the floor', [5, 1000], 25),
    length('tray-height', 'outer height of the tray', [5, 1000], 20),
    length('ledge', 'height of the ledges', [1, 200], 10),
    length('play', 'play round the tray', [0, 10], 0.5),
    TAB,
    THICKNESS,
  ],
  make: (values): BoxSpec => sizedBox(values, 'inner'),
  other: (values): BoxSpec => sizedBox(values, 'inner'),
  whole: (values): Whole => ({
    kind: 'nested',
    byHand: false,
    at: numberOf(values, 'at'),
    ledge: numberOf(values, 'ledge'),
    height: numberOf(values, 'tray-height'),
    play: numberOf(values, 'play'),
  }),
}

/** A box with a cap that goes over it. */
export const cappedBox: Kind = {
  kind: 'capped-box',
  title: 'Box with a cap over it',
  words: 'gift card lid cap shoe box',
  numbers: [
    ...SIZES,
    length('over', 'how far the cap reaches down', [5, 1000], 20),
    length('play', 'play between the walls, on each side', [0, 10], 0.3),
    TAB,
    THICKNESS,
  ],
  make: (values): BoxSpec => sizedBox(values, 'inner'),
  other: (values): BoxSpec => ({ ...sizedBox(values, 'inner'), lies: 'upside down' }),
  whole: (values): Whole => ({
    kind: 'cap',
    byHand: false,
    over: numberOf(values, 'over'),
    play: numberOf(values, 'play'),
  }),
}

/** One box in two halves, the lower one lined. */
export const splitBox: Kind = {
  kind: 'split-box',
  title: 'Box in two halves with a lining',
  words: 'jewellery watch halves clasp lining',
  numbers: [
    ...SIZES,
    length('at', 'inner height of the lower half', [5, 1000], 32),
    length('lining', 'how far the lining stands above the rim', [1, 1000], 8),
    length('play', 'play between lining and walls', [0, 10], 0.2),
    TAB,
    THICKNESS,
  ],
  make: (values): BoxSpec => sizedBox(values, 'inner'),
  other: (values): BoxSpec => ({ ...sizedBox(values, 'inner'), lies: 'upside down' }),
  whole: (values): Whole => ({
    kind: 'halves',
    byHand: false,
    inside: 'lining',
    width: numberOf(values, 'width'),
    depth: numberOf(values, 'depth'),
    height: numberOf(values, 'height'),
    at: numberOf(values, 'at'),
    lining: numberOf(values, 'lining'),
    play: numberOf(values, 'play'),
  }),
}
