import { AXES, type Size } from '../assembly'
import type { BoxSpec } from '../box'
import { fittingOf } from '../fittings'
import { roundLength } from '../joints'
import type { Job } from '../job'
import { largestContents, shortOf } from './largest-contents'
import { boxOf } from './things'

/** What a lid takes may change with the size, and cells share it out: so often it is asked again. */
const TRIES = 8
/** As near as that is the size, mm. */
const NEAR = 0.005
const SIDES = { x: 'width', y: 'depth', z: 'height' } as const

/**
 * A box as large as what has to go in, no larger; where something in it needs its size, no smaller than
 * it is.
 * @returns null where nothing has to go in, or no size of this box takes it
 */
export const sizedFor = (job: Job): BoxSpec | null => sized(job, true) ?? sized(job, false)

/** @param mayShrink whether what is to spare is taken off */
function sized(job: Job, mayShrink: boolean): BoxSpec | null {
  const own = fittingOf(job.box, 'contents')
  if (!own) return null
  let box = job.box
  /** How much of what is added to a side comes to the thing, as far as was seen; and what was added last. */
  const share: Size = { x: 1, y: 1, z: 1 }
  let before: { missing: Size; added: Size } | null = null
  for (let i = 0; i < TRIES; i++) {
    const { made } = boxOf({ ...job, box })
    if (!made) return null
    const missing = shortOf(own, largestContents(made))
    if (!mayShrink) for (const axis of AXES) missing[axis] = Math.max(0, missing[axis])
    if (AXES.every((axis) => Math.abs(missing[axis]) < NEAR)) return box
    const added: Size = { x: 0, y: 0, z: 0 }
    for (const axis of AXES) {
      const came: number = before ? before.missing[axis] - missing[axis] : 0
      if (before && Math.abs(before.added[axis]) > NEAR && came / before.added[axis] > 0)
        share[axis] = came / before.added[axis]
      added[axis] = missing[axis] / share[axis]
    }
    before = { missing, added }
    const next = { ...box }
    for (const axis of AXES) next[SIDES[axis]] = roundLength(box[SIDES[axis]] + added[axis])
    if (AXES.some((axis) => next[SIDES[axis]] < 1)) return null
    box = next
  }
  return null
}
