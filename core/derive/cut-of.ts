import { beliefOf, believeCut, cuttingOf, oddsOf } from '../belief'
import { kerfShift } from '../fit'
import type { Job, Revision } from '../job'
import { thicknessOf } from '../stock'
import type { Derived } from './pipeline'

type Cut = NonNullable<Revision['cut']>

/** The sheet in the slots that spoke, as it was read, and by how much it is believed to be thicker, mm. */
function slotOf({ measure }: Job, { fit, box }: Derived): { slot: Cut['slot']; thicker: number } {
  if (!fit.slot) return { slot: null, thicker: 0 }
  const { guest, sd } = fit.slot
  const material = box.materials.find(({ id }) => id === guest) ?? box.materials[0]
  const { mean } = thicknessOf(material.stock)
  const stockId = guest ?? measure.stock?.id ?? null
  return { slot: { stockId, thickness: mean, sd }, thicker: material.thickness.mean - mean }
}

/** What a cut was cut with: what is found out afterwards is held against it. */
export function cutOf(job: Job, derived: Derived): Cut {
  const { measure, tune } = job
  const { plan, fit, box } = derived
  const { machine, stock } = measure
  const belief = beliefOf(measure)
  const { slot, thicker } = slotOf(job, derived)
  const shift = slot ? (kerfShift(belief) - thicker) / 2 : kerfShift(belief)
  const through = (): number | null => {
    if (!machine || !stock || !plan) return null
    const { setting, thickness } = plan.choice
    const { need } = believeCut(tune, machine, stock, thickness)
    return oddsOf(need, cuttingOf(setting, machine.watts, thickness)).through
  }
  return {
    family: stock?.family ?? 'other',
    // Against kerf and sheet as they were read: what is believed beyond that is no reading.
    gap: fit.gap - shift,
    kerfSd: box.kerf.sd,
    slot,
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
      shift,
      scale: belief.scale,
      through: through(),
      throughScale: tune.scale,
    },
  }
}
