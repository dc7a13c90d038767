import { boxSizes, PLAIN_BOX, sameTabs, sameThickness, type BoxSpec } from '../box'
import { randomFrom } from '../statistics'
import { isNear, numberIn, type Exercise } from './types'

const LABEL = 3

export const BOX: Exercise = {
  id: 'box',
  title: 'From sketch to box',
  about: 'What goes inside decides, and the sheet’s real thickness.',
  make: (seed) => {
    const random = randomFrom(seed * 59 + 6)
    const [width, depth, height] = [80, 50, 30].map((least) => least + 10 * Math.round(8 * random()))
    const thickness = LABEL + (random() < 0.5 ? -1 : 1) * (0.12 + Math.round(15 * random()) / 100)
    const tabs = sameTabs({ rule: 'even', width: 9 })
    const size = { sizesAre: 'inner' as const, width, depth, height, tabs, proud: 0 }
    const spec: BoxSpec = { ...PLAIN_BOX, ...size }
    const { outer } = boxSizes(spec, sameThickness(thickness))
    const labelled = boxSizes(spec, sameThickness(LABEL)).outer
    return {
      story: (say) => [
        `A tray without a lid is to hold a block of ${say.size([width, depth, height])} without play.`,
        `The sheet is sold as ${say.length(LABEL)}; calipers say ${say.fine(thickness)}. ` +
          `Walls meet in fingers, ` +
          'the floor between them at the very bottom.',
      ],
      readings: null,
      trying: null,
      questions: (['Width', 'Depth', 'Height'] as const).map((side) => ({
        id: side,
        label: `${side} outside`,
        kind: 'fine' as const,
        min: 1,
        max: 2000,
      })),
      hints: () => [
        'Outside = inside + the walls that are met on the way.',
        'Two walls across the width, two across the depth; above, there is no lid.',
      ],
      check: (answers) => {
        const typed = ['Width', 'Depth', 'Height'].map((side) => numberIn(answers, side))
        const right = [outer.x, outer.y, outer.z]
        const byLabel = [labelled.x, labelled.y, labelled.z]
        const is = (value: number, wanted: number): boolean => isNear(value, wanted, 0.015)
        if (typed.every((value, i) => is(value, right[i])))
          return {
            right: true,
            said: () => 'Right. Typed as inside sizes, the application does this by itself.',
          }
        if (typed.every((value, i) => is(value, byLabel[i])))
          return {
            right: false,
            said: () =>
              'That is by the label. The block would be held, or rattle: count with what calipers say.',
          }
        if (is(typed[2], height + 2 * thickness))
          return { right: false, said: () => 'The height has one sheet only: the floor. There is no lid.' }
        const wrong = typed.findIndex((value, i) => !is(value, right[i]))
        return {
          right: false,
          said: () =>
            `The ${['width', 'depth', 'height'][wrong]} is another one: ` +
            `count the walls that are met on that way.`,
        }
      },
    }
  },
}
