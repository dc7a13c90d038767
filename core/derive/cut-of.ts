import { beliefOf } from '../belief'
import { kerfShift } from '../fit'
import type { Job, Revision } from '../job'
import type { Derived } from './pipeline'

/** What a cut was cut with: what is found out afterwards is held against it. */
export function cutOf({ measure }: Job, { plan, fit, box }: Derived): NonNullable<Revision['cut']> {
  const { machine, stock } = measure
  return {
    family: stock?.family ?? 'other',
    // Against the kerf as it was recorded: what is believed beyond that is no reading.
    gap: fit.gap - kerfShift(beliefOf(measure)),
    kerfSd: box.kerf.sd,
    kerfId: box.kerf.id,
    machineId: machine?.id ?? null,
    stockId: stock?.id ?? null,
    setting: plan?.choice.setting ?? null,
    thickness: plan?.choice.thickness ?? null,
  }
}
