import type { BoxSpec } from '../box'
import type { Whole } from '../whole'
import { count, equalCells, length, numberOf, sizedBox, TAB, THICKNESS, type Kind } from './kind'

/** Boxes that share out a space. */
export const boxSet: Kind = {
  kind: 'box-set',
  title: 'Boxes that fill a space',
  words: 'drawer organiser inserts fill set trays',
  numbers: [
    length('width', 'inner width of the space', [30, 2000], 320),
    length('depth', 'inner depth of the space', [30, 2000], 240),
    length('height', 'inner height of the space', [10, 1000], 60),
    count('columns', 'boxes beside each other', [1, 12], 3),
    count('rows', 'boxes one behind the other', [1, 12], 2),
    length('gap', 'gap between boxes, and to the sides', [0, 20], 1.5),
    length('above', 'room above them', [0, 200], 5),
    TAB,
    THICKNESS,
  ],
  make: (values): BoxSpec => sizedBox(values, 'outer'),
  whole: (values): Whole => ({
    kind: 'set',
    byHand: false,
    width: numberOf(values, 'width'),
    depth: numberOf(values, 'depth'),
    height: numberOf(values, 'height'),
    columns: equalCells(numberOf(values, 'columns')),
    rows: equalCells(numberOf(values, 'rows')),
    gap: numberOf(values, 'gap'),
    above: numberOf(values, 'above'),
    heights: [],
    own: [],
    pull: { kind: 'none', size: 20 },
  }),
}
