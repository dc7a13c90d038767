import { randomFrom } from '../statistics'
import { CHARS, hiddenMachine } from '../rehearse'
import { cutEnergy } from '../tune'
import { numberIn, type Exercise } from './types'

const WATTS = 40
const POWER = 65
const AT = { power: POWER, passes: 1, air: true }

/** So much more energy than just cuts is sure; beyond the second it is slow for nothing. [FM] */
const SURE = 1.1
const SLOW = 1.7

const wordOf = (ratio: number): string =>
  ratio < 1 ? 'not through' : ratio < SURE ? 'just through' : ratio > CHARS ? 'charred' : 'clean'

export const SETTING: Exercise = {
  id: 'setting',
  title: 'Find the setting',
  about: 'As fast as goes through for sure: slower only chars.',
  make: (seed) => {
    const thickness = 2.8 + Math.round(40 * randomFrom(seed * 13 + 1)()) / 100
    const known = { family: 'plywood' as const, kerf: { x: 0.16, y: 0.16 }, doubt: 0, through: null }
    const { need } = hiddenMachine(seed, known)
    const ratioAt = (speed: number): number => cutEnergy({ ...AT, speed }, WATTS, thickness) / need
    return {
      story: (say) => [
        `A laser of ${WATTS} W is to cut ply of ${say.fine(thickness)} at ${POWER} %, in one pass.`,
        'Nobody has cut this sheet before. You have four test cuts; then say the speed for the job.',
      ],
      readings: null,
      trying: {
        label: 'Speed of a test cut',
        min: 1,
        max: 60,
        most: 4,
        run: (speed) => wordOf(ratioAt(speed)),
      },
      questions: [{ id: 'speed', label: 'Speed for the job', kind: 'speed', min: 1, max: 400 }],
      hints: (say) => [
        'Energy per cut face is watts × power ÷ (speed × thickness). ' +
          'Ply takes about 0.7 J/mm² to go through.',
        `Begin near ${say.speed(Math.round((WATTS * POWER) / 100 / (0.72 * 1.25 * thickness)))}. ` +
          `Through: go ` +
          'faster. Not through: slower. Then leave a tenth or two of energy to spare, for knots and glue.',
      ],
      check: (answers) => {
        const ratio = ratioAt(numberIn(answers, 'speed'))
        const best = (WATTS * POWER) / 100 / (need * thickness)
        if (!(ratio >= SURE))
          return {
            right: false,
            said: () => `At that speed it comes out ${wordOf(ratio)}: the next knot holds it.`,
          }
        if (ratio > SLOW)
          return {
            right: false,
            said: () =>
              `It comes out ${wordOf(ratio)}, at ${Math.round(ratio * 100)} % ` +
              `of the energy that just cuts. Go faster.`,
          }
        return {
          right: true,
          said: (say) =>
            `Right: it comes out clean. Just through would be ${say.speed(Math.round(best * 10) / 10)}; ` +
            'what you left to spare is for knots, glue and a lens that is not quite clean.',
        }
      },
    }
  },
}
