import type { FitBelief } from '../fit'
import type { KerfRecord } from '../kerf'
import { believeFit } from './believe-fit'

/** The same few kerfs are asked about again and again. */
const unsaid = new WeakMap<KerfRecord, FitBelief>()
let assumed: FitBelief | null = null

/** What is believed where nothing was said yet beside the kerf. */
function unsaidBelief(kerf: KerfRecord | null): FitBelief {
  const known = kerf ? unsaid.get(kerf) : assumed
  if (known) return known
  const belief = believeFit({
    family: 'other',
    machineId: kerf?.machineId,
    stockId: kerf?.stockId,
    kerf,
    thickness: null,
    kerfs: [],
    tastes: [],
    checks: [],
    events: [],
  })
  if (kerf) unsaid.set(kerf, belief)
  else assumed = belief
  return belief
}

/** What a job believes: what it took over, while that is about its kerf. */
export const beliefOf = ({
  kerf,
  belief,
}: {
  kerf: KerfRecord | null
  belief: FitBelief | null
}): FitBelief => (belief && belief.kerfId === (kerf?.id ?? null) ? belief : unsaidBelief(kerf))
