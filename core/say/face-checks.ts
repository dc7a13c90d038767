import { facing, isUntouched } from '../derive'
import type { Check } from '../plan'
import { look, ok, stop, type Looked } from './looked'

const isOnBothFaces = ({ plan }: Looked): boolean => plan.loads.some(({ face }) => face === 'first')

/** What is on the face that lies down, and whether the sheet can be turned over for it. */
export function faceChecks(looked: Looked): Check[] {
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
    if (isAllBelow)
      return [
        look(
          'turning',
          'The sheet need not be turned over',
          `Nothing is on the ${job.cut.face} face. Choose the other face in Cut: all of it is cut at one go.`,
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
    things.some(({ box }) =>
      (box.panels ?? []).some(
        ({ faces }) => faces && Object.values(faces[lower]).some((each) => each.length > 0),
      ),
    )
  if (!isLost) return []
  return [
    look(
      'engraving',
      `Something is on the ${lower} face, which lies down`,
      'It is left out of these files. Let the sheet be turned in Cut, choose the other face, or do without.',
    ),
  ]
}

/** Magnets whose partner would be on a panel that does not look at them. */
export function magnetChecks({ things }: Looked): Check[] {
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
