import { cutOf, lyingSignature, usedOf, type Derived } from '../derive'
import { NO_RESULT, type Job, type Revision } from '../job'
import { IN_METRIC } from '../length'
import { plannedOf, type Planned } from '../plan'
import { cutFigures } from './figures'

/**
 * A cut as it is written into the log, with the figures it was cut with: later changes do not reach it.
 * @param laid the job as it was cut, laid out
 * @param about mark of the files it was cut from, where it is known; `before`, the cut before it
 */
export function revisionOf(
  laid: Job,
  derived: Derived,
  { id, date, mark, before }: Pick<Revision, 'id' | 'date' | 'mark'> & { before: Revision | null },
): Revision {
  const { machine } = laid.measure
  const { plan } = derived
  const planned: Planned | null = plan && plannedOf(plan.total)
  return {
    ...NO_RESULT,
    id,
    number: (before?.number ?? 0) + 1,
    date,
    reason: before ? before.otherwise.text : 'First cut',
    used: usedOf(derived),
    unbooked: lyingSignature(laid),
    cut: cutOf(laid, derived),
    planned: machine && planned ? { machineId: machine.id, ...planned } : null,
    figures: cutFigures(laid, derived, IN_METRIC),
    mark,
  }
}
