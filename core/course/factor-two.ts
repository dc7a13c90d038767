import { compensationFor } from '../kerf'
import { WORD_LIMITS, wordFor } from '../fit'
import { randomFrom } from '../statistics'
import { isNear, numberIn, type Exercise } from './types'

const NEAR = 0.006

export const FACTOR_TWO: Exercise = {
  id: 'factor-two',
  title: 'The factor of two',
  about: 'One word, three meanings: why files that are swapped do not fit.',
  make: (seed) => {
    const kerf = 0.12 + Math.round(12 * randomFrom(seed * 7 + 2)()) / 100
    const side = compensationFor(kerf)
    // g = k − 2c − i, with the full width typed where half of it is wanted, and nothing wanted besides. [DEF]
    const gap = kerf - 2 * kerf
    return {
      story: (say) => [
        `The kerf of this machine with this sheet is ${say.fine(kerf)}, full width. ` +
          'The file is drawn to the line. Compensation is left to the laser’s software, which asks by how ' +
          'much to move each line outward.',
        'A friend typed the full width there.',
      ],
      readings: null,
      trying: null,
      questions: [
        { id: 'side', label: 'What should be typed', kind: 'fine', min: 0, max: 2 },
        { id: 'gap', label: 'Gap at each boundary of the friend’s box', kind: 'fine', min: -2, max: 2 },
        { id: 'word', label: 'How that fits', kind: 'choice', options: WORD_LIMITS.map(({ word }) => word) },
      ],
      hints: () => [
        'A line moved outward by half of the kerf leaves the part at its drawn size.',
        'Gap at a boundary = kerf − 2 × compensation. Below nothing, the parts overlap.',
      ],
      check: (answers) => {
        const [typed, its] = [numberIn(answers, 'side'), numberIn(answers, 'gap')]
        if (isNear(typed, kerf, NEAR))
          return {
            right: false,
            said: () => 'That is what the friend typed. Each side moves by half of the kerf.',
          }
        if (!isNear(typed, side, NEAR))
          return { right: false, said: () => 'Each side moves outward by half of what the beam takes away.' }
        if (!isNear(its, gap, NEAR)) {
          const isUnsigned = isNear(its, -gap, NEAR)
          return {
            right: false,
            said: () =>
              isUnsigned
                ? 'As much, but the other way: the parts overlap by that, the gap is below nothing.'
                : 'The first figure is right. For the gap: kerf − 2 × what was typed.',
          }
        }
        if (answers.word !== wordFor(gap))
          return {
            right: false,
            said: (say) => `The figures are right. A gap of ${say.fine(gap)} is ${wordFor(gap)}.`,
          }
        return {
          right: true,
          said: () => `Right: ${wordFor(gap)}. That is why every file says whose compensation is in it.`,
        }
      },
    }
  },
}
