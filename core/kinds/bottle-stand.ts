import type { BoxSpec } from '../box'
import { count, length, numberOf, sizedBox, TAB, THICKNESS, type Kind } from './kind'

/** A stand: a box upside down, with rows of holes for what is put in from above. */
export const bottleStand: Kind = {
  kind: 'bottle-stand',
  title: 'Stand with round holes and arches',
  words: 'bottle vial tube pen holder drill bits',
  numbers: [
    count('columns', 'things beside each other', [1, 40], 5),
    count('rows', 'rows of them', [1, 20], 2),
    length('diameter', 'diameter of a thing where the stand holds it', [2, 400], 28),
    length('play', 'added to it for the hole', [0, 10], 0.6),
    length('room', 'room between two things at their widest', [0, 200], 6),
    length('widest', 'widest diameter of a thing', [2, 500], 30),
    length('height', 'height of the stand', [10, 1000], 60),
    length('arch', 'height of the arches below; 0 is none', [0, 500], 20),
    TAB,
    THICKNESS,
  ],
  make(values): BoxSpec {
    const pitch = numberOf(values, 'widest') + numberOf(values, 'room')
    const [columns, rows] = [numberOf(values, 'columns'), numberOf(values, 'rows')]
    const arch = numberOf(values, 'arch')
    const thing = { lip: numberOf(values, 'diameter'), widest: numberOf(values, 'widest') }
    return {
      ...sizedBox({ ...values, width: columns * pitch, depth: rows * pitch, height: 1 }, 'inner'),
      height: numberOf(values, 'height') - numberOf(values, 'thickness'),
      lies: 'upside down',
      fittings: [
        {
          type: 'holes',
          play: numberOf(values, 'play'),
          rows: Array.from({ length: rows }, () => [{ count: columns, ...thing }]),
        },
        ...(arch > 0 ? [{ type: 'rim-arch' as const, high: arch }] : []),
      ],
    }
  },
}
