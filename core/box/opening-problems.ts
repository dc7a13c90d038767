import { MOST_DOTS } from '../art'
import type { FacePanel } from '../fittings'
import { dotsOfAll } from './engraving'
import { countOf } from './opening'
import { MOST_HOLES } from './opening-record'
import { facePanels, type BoxSpec } from './spec'

/** Why openings or engravings cannot be where they are. */
export type OpeningProblem =
  /** An opening on a panel that the box does not have, or more holes than can be worked with. */
  | { kind: 'opening panel'; field: 'openings'; panel: FacePanel }
  | { kind: 'engraving panel'; field: 'engravings'; panel: FacePanel }
  | { kind: 'opening count'; field: 'openings'; count: number; most: number }
  | { kind: 'picture dots'; field: 'engravings'; count: number; most: number }

/** Openings that cannot be where they are said to be. */
export function openingProblems(spec: BoxSpec): OpeningProblem[] {
  const names = facePanels(spec)
  const astray = spec.openings.find(({ panel }) => !names.includes(panel))
  if (astray) return [{ kind: 'opening panel', field: 'openings', panel: astray.panel }]
  const bare = spec.engravings.find(({ panel }) => !names.includes(panel))
  if (bare) return [{ kind: 'engraving panel', field: 'engravings', panel: bare.panel }]
  const dots = Math.round(dotsOfAll(spec))
  if (dots > MOST_DOTS) return [{ kind: 'picture dots', field: 'engravings', count: dots, most: MOST_DOTS }]
  const count = spec.openings.reduce((sum, opening) => sum + countOf(opening), 0)
  return count > MOST_HOLES ? [{ kind: 'opening count', field: 'openings', count, most: MOST_HOLES }] : []
}
