import { isBare } from '../art'
import { facing, isUntouched } from '../derive'
import type { Say } from '../length'
import { liesNested, type Check } from '../plan'
import { look, ok, stop, type CheckInput } from './check-input'

const isOnBothFaces = ({ plan }: CheckInput): boolean => plan.loads.some(({ face }) => face === 'first')

/** What is on the face that lies down, and whether the sheet can be turned over for it. */
export function faceChecks(looked: CheckInput): Check[] {
  const { job, things, plan, parts } = looked
  if (isOnBothFaces(looked)) {
    const blind = plan.loads.find(({ face, aim }) => face === 'first' && aim.length === 0)
    if (blind)
      return [
        look(
          'turning',
          'There is no room for two registration holes',
          `Nothing will show where sheet ${blind.sheet + 1} lies once it is turned. Widen the margin, ` +
            'or take inside cuts into the files.',
        ),
      ]
    const isAllBelow = parts.every(({ lies: [{ up }] }) => isUntouched(up))
    const { labels, off } = job.cut
    if (isAllBelow && labels === 'hidden' && job.cut.face === 'inside' && !off.includes('score'))
      return [
        ok(
          'turning',
          'The sheet is turned over once, for the labels inside',
          'Nothing but labels is on the inside. Without them, or with labels outside, all is cut in one ' +
            'go with the outside up.',
        ),
      ]
    if (isAllBelow)
      return [
        look(
          'turning',
          'The sheet need not be turned over',
          `Nothing is on the ${job.cut.face} face. Choose the other face in Cut: all of it is cut in one go.`,
        ),
      ]
    return [
      ok(
        'turning',
        'The sheet is turned over once',
        `The face that lies down is done first, on a whole sheet turned ${job.cut.turn}; two holes in it ` +
          'show how it lies then.',
      ),
    ]
  }
  const lower = job.cut.face === 'outside' ? 'inside' : 'outside'
  const isLost =
    job.cut.turn === 'leave out' &&
    things.some(({ box }) => (box.panels ?? []).some(({ faces }) => faces && !isBare(faces[lower])))
  if (!isLost) return []
  return [
    look(
      'engraving',
      `Something is on the ${lower} face, which lies down`,
      'It is left out of these files. Let the sheet be turned in Cut, choose the other face, or do without.',
    ),
  ]
}

/** Parts that lie in openings are cut before these: what sorts a file by colour would not know. */
export const nestedChecks = ({ plan }: CheckInput): Check[] =>
  plan.loads.some(({ paths }) => liesNested(paths))
    ? [
        look(
          'nested',
          'Parts lie in the openings of others',
          'They are cut before those openings, in groups of their own. Where the laser’s software sorts by ' +
            'colour, write one file for each operation, or G-code.',
        ),
      ]
    : []

/** How far an inlay may stand out of its pocket, or lie below its edge, and be sanded level, mm. [FM] */
const LEVEL = 0.5

/** Inlays that are much thicker than their pocket is deep, or much thinner. */
export function inlayChecks({ things }: CheckInput, say: Say): Check[] {
  return things.flatMap(({ box: { made, materials } }) =>
    (made?.spec.engravings ?? []).flatMap(({ how, panel }, i): Check[] => {
      if (how.kind !== 'inlay') return []
      const { thickness } = materials.find(({ id }) => id === how.stock) ?? materials[0]
      const out = thickness.mean - how.depth
      if (Math.abs(out) <= LEVEL) return []
      const [lies, mend] =
        out > 0
          ? ['stands', 'thinner stock, or a deeper pocket']
          : ['lies', 'thicker stock, or a shallower pocket']
      return [
        look(
          `inlay ${i}`,
          `The inlay on the ${panel} ${lies} ${say.length(Math.abs(out), 1)} ${out > 0 ? 'out' : 'deep'}`,
          `Choose ${mend} in Shape: that much is not sanded level.`,
        ),
      ]
    }),
  )
}

/** Magnets whose partner would be on a panel that does not look at them. */
export function magnetChecks({ things }: CheckInput): Check[] {
  return things.flatMap(({ box: { panels, made } }) =>
    (made?.spec.engravings ?? []).flatMap(({ how, panel: id }): Check[] => {
      if (how.kind !== 'magnet' || !how.with) return []
      const [panel, partner] = [id, how.with].map((name) => panels?.find((each) => each.id === name))
      if (panel && partner && facing(panel, partner)) return []
      return [
        stop(
          `magnet ${id}`,
          `The magnet on the ${id} has no partner on the ${how.with}`,
          'Magnets hold where two panels lie face to face. Choose a panel that is parallel to it in Shape.',
        ),
      ]
    }),
  )
}
