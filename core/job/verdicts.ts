import { tasteFromVerdict, type TasteRecord } from '../fit'
import type { Revision } from './schema'

/**
 * What the verdict on a revision says of the maker's own snug, under an id that stays the same when the verdict is changed.
 * @param name of the job
 * @returns null while there is no verdict, or for a revision from before the figures of the cut were kept
 */
export function tasteOfVerdict(
  { id, number, date, verdict, cut }: Revision,
  name: string,
): TasteRecord | null {
  if (!verdict || !cut) return null
  const { interference, doubt } = tasteFromVerdict(verdict, cut.gap, cut.kerfSd)
  return {
    id: `verdict-${id}`.slice(0, 60),
    family: cut.family,
    interference: Number(Math.max(-0.5, Math.min(0.5, interference)).toFixed(4)),
    doubt: Number(Math.max(0.001, Math.min(0.5, doubt)).toFixed(4)),
    from: 'verdict',
    on: date,
    note: `${name.slice(0, 60)}, revision ${number}`,
  }
}
