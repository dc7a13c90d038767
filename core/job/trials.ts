import { newTrial, type TestMethod, type Trial } from '../testpiece'
import { MOST_TRIALS, type Job } from './schema'

type Measure = Job['measure']

const isOf =
  ({ machine, stock }: Measure) =>
  (each: Measure['trials'][number]): boolean =>
    each.machineId === machine?.id && each.stockId === stock?.id

/**
 * The kerf measurement in hand for a job's machine and stock; a new one, of squares, where there is none.
 */
export const currentTrial = (measure: Measure): Trial =>
  measure.trials.find(isOf(measure))?.trial ?? newTrial('squares')

/** The measurement by a method as it was left, or a new one on the same offcut. */
export function trialBy(method: TestMethod, measure: Measure): Trial {
  const kept = measure.trials.filter(isOf(measure)).find(({ trial }) => trial.method === method)
  return kept?.trial ?? { ...newTrial(method), offcut: currentTrial(measure).offcut }
}

/**
 * All measurements with this one in hand; it takes the place of the same method's for the same machine and
 * stock.
 */
export function withCurrentTrial(trial: Trial, measure: Measure): Measure['trials'] {
  const { machine, stock, trials } = measure
  if (!machine || !stock) return trials
  const own = isOf(measure)
  return [
    { machineId: machine.id, stockId: stock.id, trial },
    ...trials.filter((each) => !(own(each) && each.trial.method === trial.method)),
  ].slice(0, MOST_TRIALS)
}
