import { specProblems, type BoxSpec, type SpecProblem } from '../box'
import { withFitting, type Fitting } from '../fittings'
import type { Job } from '../job'
import { leastNeeded } from './box'
import { materialsOf, thicknessesOf } from './materials'

/**
 * Why a box cannot take a fitting, of all that is looked at before it is made; null where it can. What is
 * wrong with it already is not held against the fitting.
 */
export function whyNot({ measure, box, interference, cut }: Job, own: Fitting): SpecProblem | null {
  const materials = materialsOf(measure, cut.compensation)
  const { mean } = thicknessesOf(box.stocks, materials)
  const problemsOf = (spec: BoxSpec): SpecProblem[] =>
    specProblems(spec, mean, leastNeeded(materials, interference))
  const before = new Set(problemsOf(box).map((problem) => JSON.stringify(problem)))
  const after = problemsOf({ ...box, fittings: withFitting(box.fittings, own) })
  return after.find((problem) => !before.has(JSON.stringify(problem))) ?? null
}
