import type { BoxSpec } from '../box'

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
  if (points > MOST_JOB_POINTS)
    return (
      `the drawings of this job have ${Math.round(points)} points together, and at most ${MOST_JOB_POINTS} ` +
      'can be kept: make curves simpler, or take a drawing out'
    )
  return picture > MOST_JOB_PICTURES
    ? 'the pictures of this job are too large together: read one in smaller, or take one out'
    : null
}
