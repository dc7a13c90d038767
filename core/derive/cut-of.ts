import { beliefOf, believeCut, cuttingOf, oddsOf } from '../belief'
import { kerfShift } from '../fit'
import type { Job, Revision } from '../job'
import type { Derived } from './pipeline'

/** What a cut was cut with: what is found out afterwards is held against it. */
export function cutOf({ measure, tune }: Job, { plan, fit, box }: Derived): NonNullable<Revision['cut']> {
  const { machine, stock } = measure
  const belief = beliefOf(measure)
  const through = (): number | null => {
    if (!machine || !stock || !plan) return null
    const { setting, thickness } = plan.choice
    const { need } = believeCut(tune.tests, machine, stock, thickness)
    return oddsOf(need, cuttingOf(setting, machine.watts, thickness)).through
  }
  return {
    family: stock?.family ?? 'other',
    // Against the kerf as it was recorded: what is believed beyond that is no reading.
    gap: fit.gap - kerfShift(belief),
    kerfSd: box.kerf.sd,
    thicknessSd: fit.thicknessSd,
    kerfId: box.kerf.id,
    machineId: machine?.id ?? null,
    stockId: stock?.id ?? null,
    setting: plan?.choice.setting ?? null,
    thickness: plan?.choice.thickness ?? null,
    kerf: measure.kerf?.width ?? null,
    promised: {
      wanted: fit.wanted,
      odds: fit.odds,
      half: fit.cutDoubt,
      shift: kerfShift(belief),
      scale: belief.scale,
      through: through(),
    },
  }
}
