import type { KerfMethod } from './record'

/** What a test piece says about the kerf. Widths are full widths, mm. */
export interface KerfResult {
  method: KerfMethod
  width: number
  /** Half of the 95 % interval; null when there are too few readings for one, or the answer is one-sided. */
  doubt: number | null
  kx: number | null
  ky: number | null
  /** Places of readings that do not seem to belong to the others; they are still counted. */
  odd: number[]
  /** Set when the test piece ended before the answer did: the kerf is at least, or at most, `width`. */
  oneSided?: 'at least' | 'at most'
  /** The figures it was worked out from, for its working. */
  basis: Record<string, number | null>
}
