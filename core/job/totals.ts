import type { BoxSpec } from '../box'
import { totals as words } from './words'

/** Points of all drawings of a job, and characters of all its pictures: what can be kept can be exported. */
const MOST_JOB_POINTS = 300_000
const MOST_JOB_PICTURES = 3_000_000

interface HasBoxes {
  box: Pick<BoxSpec, 'drawings' | 'pictures'>
  also: { box: Pick<BoxSpec, 'drawings' | 'pictures'> }[]
}

/** Why a job holds too much artwork to be written to a file; null where it does not. */
export function totalsRefusal({ box, also }: HasBoxes): string | null {
  let [points, picture] = [0, 0]
  for (const { drawings, pictures } of [box, ...also.map((thing) => thing.box)]) {
    for (const { groups } of drawings)
      for (const { lines } of groups) for (const { at } of lines) points += at.length / 2
    for (const { grey } of pictures) picture += grey.length
  }
  if (points > MOST_JOB_POINTS) return words.drawingsJobPoints(Math.round(points), MOST_JOB_POINTS)
  return picture > MOST_JOB_PICTURES ? words.picturesJobToo : null
}
