import { evenPlusNormal95 } from '../statistics'

/** What a fit comb says: taste where the kerf is known, kerf where the taste is. mm */
export interface CombResult {
  /** Compensation per side of the pair that felt best: all that the comb itself read. */
  best: number
  step: number
  /** Half of the 95 % interval of twice the best: the pair is only known to its step. */
  own: number
  taste: number
  /** With the kerf's doubt in it. */
  tasteDoubt: number
  kerfIfTaste: number
  kerfDoubt: number
  kerf: number
  /** Set when the best pair was the first or the last: the true one may lie beyond. */
  oneSided?: 'at least' | 'at most'
}

/**
 * A fit comb's best step: `i = 2·(best − k/2)` is the taste once the kerf is known by itself; `k = 2·best −
 * i` the other way round. [CP]
 * @param best compensation per side of the pair that felt best, mm
 * @param step between two pairs, mm per side
 * @param kerf full width and its standard deviation, mm
 * @param taste offset and its standard deviation, mm
 * @param end whether the best pair was the first or the last of the comb
 */
export function readComb(
  best: number,
  step: number,
  kerf: { width: number; sd: number },
  taste: { offset: number; sd: number },
  end: 'first' | 'last' | null = null,
): CombResult {
  return {
    best,
    step,
    own: evenPlusNormal95(step, 0),
    taste: 2 * best - kerf.width,
    tasteDoubt: evenPlusNormal95(step, kerf.sd),
    kerfIfTaste: 2 * best - taste.offset,
    kerfDoubt: evenPlusNormal95(step, taste.sd),
    kerf: kerf.width,
    oneSided: end === 'first' ? 'at most' : end === 'last' ? 'at least' : undefined,
  }
}
