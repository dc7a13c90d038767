import { lyingSignature, type Derived, type Part } from '@core/derive'
import type { Job, Revision } from '@core/job'
import { derivedOf, type CutRecord } from '@core/keep'

interface Laid {
  laid: Job
  derived: Derived
  parts: Part[]
}

/**
 * A job as a revision was cut: as the record of its files says, or as it still is while its layout is the
 * same; null where nobody knows any more.
 */
export function asItWasCut(
  { mark, unbooked, id }: Revision,
  job: Job,
  now: { laid: Job; all: Derived; parts: Part[] },
  records: CutRecord[],
): Laid | null {
  const own = mark === null ? undefined : records.find((each) => each.mark === mark)
  if (own) {
    const { derived, parts } = derivedOf(own)
    return { laid: own.laid, derived, parts }
  }
  const isLast = job.log.at(-1)?.id === id
  const isSame = isLast && (unbooked === null || unbooked === lyingSignature(now.laid))
  return isSame ? { laid: now.laid, derived: now.all, parts: now.parts } : null
}
