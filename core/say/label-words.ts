import type { LoadPlan } from '../derive'
import type { Job } from '../job'

/** Which way the labels look in this cut, for whoever puts the panels together. */
export function labelWords({ labels, face, off }: Job['cut'], loads: Pick<LoadPlan, 'face'>[]): string {
  if (labels === 'none' || off.includes('score'))
    return 'The panels are not labelled: lay them out as they are drawn, mirrored ones are easily swapped.'
  if (labels === 'up') return face === 'outside' ? 'Labels look outward.' : 'Labels look inward.'
  const isScored = face === 'inside' || loads.some((load) => load.face === 'first')
  return isScored
    ? 'Labels look inward.'
    : 'The panels are not labelled: labels would show. Lay them out as they are drawn, mirrored ones are ' +
        'easily swapped.'
}
