import { arrangeSteps, deriveAll, keepLayout, deriveParts, withLayout } from '../../core/derive'
import type { Job } from '../../core/job'

/** A job as far as its plan, laid out at the first try: where how well its parts lie is not asked. */
export function laidOut(given: Job): ReturnType<typeof deriveAll> {
  const job: Job = { ...given, layout: { ...given.layout, arrangement: null } }
  const { parts } = deriveParts(job)
  const first = arrangeSteps(parts, job).next().value
  const layout = 'layout' in first ? first.layout : first
  return deriveAll(withLayout(job, keepLayout(layout, parts, job)))
}
