import { flatLength } from '../bend'
import { randomFrom } from '../statistics'
import { isNear, numberIn, type Exercise } from './types'

const ALONG = 'along the face grain'
const ACROSS = 'across it'
const QUARTER = Math.PI / 2

export const HINGE: Exercise = {
  id: 'hinge',
  title: 'Grain and hinge',
  about: 'A slit hinge needs its length, its pitch and its grain.',
  make: (seed) => {
    const random = randomFrom(seed * 23 + 4)
    const radius = 10 + Math.round(20 * random())
    const thickness = 2.8 + Math.round(40 * random()) / 100
    const link = 1 + Math.round(8 * random()) / 10
    const kerf = 0.12 + Math.round(10 * random()) / 100
    const flat = flatLength(QUARTER, radius, thickness)
    const pitch = link + kerf
    return {
      story: (say) => [
        `A cover is to bend by a quarter turn, at an inside radius of ${say.length(radius)}, out of ply of ` +
          `${say.fine(thickness)}.`,
        `The wood left between two rows of slits is to be ${say.fine(link)} wide; ` +
          `the beam takes ${say.fine(kerf)}.`,
      ],
      readings: null,
      trying: null,
      questions: [
        { id: 'flat', label: 'Flat length of the bend', kind: 'length', min: 0, max: 500 },
        { id: 'pitch', label: 'From row to row of slits', kind: 'fine', min: 0, max: 20 },
        { id: 'lie', label: 'The links lie', kind: 'choice', options: [ALONG, ACROSS] },
      ],
      hints: () => [
        'The middle of the sheet keeps its length: flat length = angle × (radius + half of the thickness).',
        'The slit itself is as wide as the kerf: pitch = link + kerf.',
        'Wood breaks across its grain, and twists along it.',
      ],
      check: (answers) => {
        const [length, rows] = [numberIn(answers, 'flat'), numberIn(answers, 'pitch')]
        const is = (value: number, wanted: number): boolean => isNear(value, wanted, 0.06)
        if (!is(length, flat)) {
          const said = is(length, QUARTER * radius)
            ? 'That is the inside of the bend: the sheet’s middle lies half a thickness farther out.'
            : is(length, QUARTER * (radius + thickness))
              ? 'That is the outside of the bend: the sheet’s middle lies half a thickness farther in.'
              : 'Flat length = π/2 × (radius + half of the thickness).'
          return { right: false, said: () => said }
        }
        if (!isNear(rows, pitch, 0.012)) {
          const isLink = isNear(rows, link, 0.012)
          const said = isLink
            ? 'That is the link: with rows that far apart the beam leaves less than is wanted.'
            : 'The length is right. From row to row it is the link and one kerf.'
          return { right: false, said: () => said }
        }
        if (answers.lie !== ALONG)
          return {
            right: false,
            said: () => 'Both lengths are right. Links across the grain snap at the first bend.',
          }
        return {
          right: true,
          said: () => 'Right. Try a strip of it before the cover: a flaw in the sheet breaks any hinge.',
        }
      },
    }
  },
}
