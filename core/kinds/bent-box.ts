import { BEND_KINDS, withBends, type BendKind, type BoxSpec } from '../box'
import {
  choice,
  length,
  numberOf,
  sizedBox,
  TAB,
  THICKNESS,
  type Kind,
  type KindInput,
  type KindValues,
} from './kind'

const SLITS = [
  length('radius', 'inside radius of the bends', [1, 500], 12),
  length('link', 'width of a link between slits, after cutting', [0.2, 20], 1.1),
  length('slit', 'length of a slit', [2, 300], 24),
  length('bridge', 'wood between two slits of a row', [0.5, 50], 3),
]

const NO_LATCH = 'nothing'
const WEDGE = 'wedge'
const latch = (options: string[]): KindInput => choice('latch', 'what holds a cover or a flap shut', options)

const bent = (values: KindValues, kind: BendKind): BoxSpec => {
  const thickness = numberOf(values, 'thickness')
  const made = withBends(sizedBox(values, 'outer'), kind, thickness)
  const own = ['radius', 'link', 'slit', 'bridge'].map((name) => [name, numberOf(values, name)])
  return { ...made, bends: { ...made.bends, ...Object.fromEntries(own), latch: values.latch === WEDGE } }
}

const sizes = (width: number, depth: number, height: number): KindInput[] => [
  length('width', 'outer width', [30, 2000], width),
  length('depth', 'outer depth', [30, 2000], depth),
  length('height', 'outer height', [20, 1000], height),
]

/** A box of which several panels are one sheet with slits. */
export const bentBox: Kind = {
  kind: 'bent-box',
  title: 'Box with a bent sheet',
  words: 'round corners living hinge bowl soft',
  numbers: [
    ...sizes(140, 100, 70),
    choice('bends', 'which panels are one sheet', [
      'round corners',
      ...BEND_KINDS.filter((kind) => kind !== 'none' && kind !== 'round corners'),
    ]),
    latch([NO_LATCH, WEDGE]),
    ...SLITS,
    TAB,
    THICKNESS,
  ],
  make: (values): BoxSpec => bent(values, values.bends as BendKind),
}

/** A case like a book: floor, spine and a cover that opens are one sheet. */
export const bookCase: Kind = {
  kind: 'book-case',
  title: 'Case like a book, with a bent spine',
  words: 'book notebook slip case album',
  numbers: [...sizes(190, 140, 45), latch([WEDGE, NO_LATCH]), ...SLITS, TAB, THICKNESS],
  make: (values): BoxSpec => bent(values, 'book'),
}
