import { compensationFor, kerfFromStrip } from '../kerf'
import { CALIPERS, randomFrom, shownBy } from '../statistics'
import { hiddenMachine } from '../rehearse'
import { isNear, numberIn, type Answers, type Exercise, type Outcome } from './types'

/** Lines that the strip is cut by. */
const LINES = 10
/** Pieces pushed together by hand: twice as unsteady as a reading of one. [FM] */
const PUSHED = { ...CALIPERS, hand: 2 * CALIPERS.hand }
/** An answer this near to the truth is right, mm. */
const NEAR = 0.012

/** A kerf within what hobby machines take, mm. [CP] */
const kerfOf = (seed: number): number => {
  const width = 0.1 + 0.2 * randomFrom(seed * 31 + 5)()
  return hiddenMachine(seed, { family: 'plywood', kerf: { x: width, y: width }, doubt: 0, through: null })
    .kerf.x
}

/** What is wrong with a kerf that is not the right one. */
function mistaken(width: number, kerf: number, gap: number): string {
  const is = (other: number): boolean => isNear(width, other, NEAR)
  if (is(gap)) return 'That is the whole gap: each of the ten lines took a tenth of it.'
  if (is(kerf / 2)) return 'That is the compensation per side, half of it. The kerf is the full width.'
  if (is(kerf * 2)) return 'That is twice as much: the factor of two that spoils most first boxes.'
  return 'That is not what the lines took. Add the readings, divide by how many there are, then by the lines.'
}

export const KERF: Exercise = {
  id: 'kerf',
  title: 'Measure the kerf',
  about: 'What the beam takes away decides how every joint fits.',
  make: (seed) => {
    const random = randomFrom(seed * 97 + 3)
    const kerf = kerfOf(seed)
    const gaps = Array.from({ length: 4 }, () => shownBy(PUSHED, LINES * kerf, random))
    const { width } = kerfFromStrip(LINES, gaps)
    const check = (answers: Answers): Outcome => {
      const [full, side] = [numberIn(answers, 'kerf'), numberIn(answers, 'side')]
      if (!isNear(full, width, NEAR))
        return { right: false, said: () => mistaken(full, width, LINES * width) }
      if (!isNear(side, compensationFor(width), NEAR / 2))
        return {
          right: false,
          said: () => 'The kerf is right. Each side moves outward by half of it, no more.',
        }
      return {
        right: true,
        said: (say) =>
          `Right. The machine’s true kerf is ${say.fine(kerf)}; your readings come to ${say.fine(width)}.`,
      }
    }
    return {
      story: (say) => [
        `A strip of ply was cut across by ${LINES} parallel lines, and its pieces pushed together.`,
        'The gap that this leaves at the end is read with calipers, ' +
          'four times, pushed together again each time.',
        `Calipers read to ${say.fine(0.01)}, and a hand is off by about twice that.`,
      ],
      readings: { label: 'Gap at the end', values: gaps },
      trying: null,
      questions: [
        { id: 'kerf', label: 'Kerf, full width', kind: 'fine', min: 0, max: 5 },
        { id: 'side', label: 'Compensation per side', kind: 'fine', min: 0, max: 5 },
      ],
      hints: () => [
        'Every line takes its full width out of the strip.',
        `Mean of the four readings, divided by ${LINES} lines: that is the kerf.`,
      ],
      check,
    }
  },
}
