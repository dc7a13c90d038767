import { evenPlusNormal95, READING_SD } from '../statistics'
import type { KerfResult } from './result'

/** Which slot of a gauge was the narrowest that the sheet entered; one-sided where the gauge ended. */
export type SlotAnswer = 'between' | 'even the narrowest' | 'none'

/**
 * Kerf from a slot gauge: the sheet enters the first slot that is as wide as it is thick, `k = T − w`. [DEF]
 * The true width lies between the last slot that refused it and the first that took it, so the middle of the
 * step is used. Where even the narrowest took it the kerf is only known to be at least that, where none did
 * to be at most that.
 * @param entered drawn width of the narrowest slot that the sheet entered, mm; of the widest when none did
 * @param step between two slots, mm
 * @param thickness of the sheet where it was pushed in, mm, and how far it may be off, standard deviation
 */
export function kerfFromSlots(
  entered: number,
  step: number,
  thickness: { mean: number; sd: number },
  answer: SlotAnswer = 'between',
): KerfResult {
  const bound = thickness.mean - entered
  return {
    method: 'slots',
    width: answer === 'between' ? bound + step / 2 : bound,
    doubt: answer === 'between' ? evenPlusNormal95(step / 2, Math.max(thickness.sd, READING_SD)) : null,
    kx: null,
    ky: null,
    odd: [],
    oneSided: answer === 'between' ? undefined : answer === 'none' ? 'at most' : 'at least',
    basis: { thickness: thickness.mean, entered, step },
  }
}
