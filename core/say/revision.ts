import { cutOf, lyingSignature, type Derived } from '../derive'
import type { Job, Revision } from '../job'
import { IN_METRIC } from '../length'
import { plannedOf, type Planned } from '../plan'
import { cutFigures } from './figures'

/**
 * A cut as it is written into the log, with the figures it was cut with: later changes do not reach it.
 * @param laid the job as it was cut, laid out @param mark of the files it was cut from, where it is known
 */
export function revisionOf(
  laid: Job,
  derived: Derived,
  { id, number, date, mark }: Pick<Revision, 'id' | 'number' | 'date' | 'mark'>,
): Revision {
  const { machine } = laid.measure
  const { plan } = derived
  const planned: Planned | null = plan && plannedOf(plan.total)
  return {
    id,
    number,
    date,
    reason: number === 1 ? 'First cut' : '',
    minutes: null,
    verdict: null,
    through: null,
    stuck: [],
    passed: null,
    measured: [],
    note: '',
    unbooked: lyingSignature(laid),
    cut: cutOf(laid, derived),
    planned: machine && planned ? { machineId: machine.id, ...planned } : null,
    figures: cutFigures(laid, derived, IN_METRIC),
    mark,
  }
}
