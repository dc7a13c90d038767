import { tasteFromVerdict, type TasteRecord } from '../fit'
import type { Revision } from './schema'

/** Half of an interval as records keep it, mm. */
const kept = (half: number): number => Number(Math.max(0.001, Math.min(0.5, half)).toFixed(4))

/**
 * What the verdict on a revision says of the maker's own snug, under an id that stays the same when the
 * verdict is changed.
 * @param name of the job
 * @returns null while there is no verdict, or for a revision from before the figures of the cut were kept
 */
export function tasteOfVerdict(
  { id, number, date, verdict, cut }: Revision,
  name: string,
): TasteRecord | null {
  if (!verdict || !cut) return null
  const { interference, own, doubt } = tasteFromVerdict(verdict, cut.gap, cut.kerfSd)
  return {
    id: `verdict-${id}`,
    family: cut.family,
    interference: Number(Math.max(-0.5, Math.min(0.5, interference)).toFixed(4)),
    doubt: kept(doubt),
    own: kept(own),
    kerfId: cut.kerfId,
    best: null,
    from: 'verdict',
    on: date,
    note: `${name.slice(0, 60)}, revision ${number}`,
  }
}
