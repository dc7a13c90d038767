import { tasteFromVerdict, type TasteRecord } from '../fit'
import type { Job } from './schema'

/**
 * What the verdicts in a job's log say of the maker's own snug: one record for each revision with a verdict, under an id
 * that stays the same, so that changing or taking back a verdict changes or takes back its record.
 */
export function tastesOfLog({ name, log }: Job): TasteRecord[] {
  return log.flatMap(({ id, number, date, verdict, cut }): TasteRecord[] => {
    if (!verdict || !cut) return []
    const { interference, doubt } = tasteFromVerdict(verdict, cut.gap, cut.kerfSd)
    return [{
      id: `verdict-${id}`.slice(0, 60),
      family: cut.family,
      interference: Number(Math.max(-0.5, Math.min(0.5, interference)).toFixed(4)),
      doubt: Number(Math.max(0.001, Math.min(0.5, doubt)).toFixed(4)),
      from: 'verdict',
      on: date,
      note: `${name.slice(0, 60)}, revision ${number}`,
    }]
  })
}
