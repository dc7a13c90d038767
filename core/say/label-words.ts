import type { LoadPlan } from '../derive'
import type { Job } from '../job'

type Loads = Pick<LoadPlan, 'face'>[]

/** Which way the labels look in this cut, or why there are none. */
export function labelsLook(
  { labels, face, off }: Pick<Job['cut'], 'labels' | 'face' | 'off'>,
  loads: Loads,
): 'outward' | 'inward' | 'none wanted' | 'they would show' {
  if (labels === 'none' || off.includes('score')) return 'none wanted'
  if (labels === 'up') return face === 'outside' ? 'outward' : 'inward'
  const isScored = face === 'inside' || loads.some((load) => load.face === 'first')
  return isScored ? 'inward' : 'they would show'
}

/** The same, for whoever puts the panels together. */
export function labelWords(cut: Job['cut'], loads: Loads): string {
  const way = labelsLook(cut, loads)
  if (way === 'outward' || way === 'inward') return `Labels look ${way}.`
  const why = way === 'they would show' ? ': labels would show' : ''
  return `The panels are not labelled${why}. Lay them out as drawn: mirrored ones are easily swapped.`
}
