import { ASSUMED_KERF, PLAUSIBLE_KERF } from '../kerf'
import type { Doubt, Say } from '../length'
import type { Trial } from './spec'
import { doubt as words } from './words'

/** How far one careful caliper reading may lie from the others, mm. [FM] */
const SCATTER = 0.05

/** What a reading of squares or of a strip should be about, mm. */
export const expectedReading = ({ method, squares, strip }: Trial): number =>
  method === 'squares' ? squares.side - ASSUMED_KERF : strip.lines * ASSUMED_KERF

const slipsOf = (value: number): [number, string][] => [
  [value * 25.4, 'read in inches'],
  [value / 10, words.decimalPointSlipped],
  [value / 100, words.decimalPointLeft],
  [value * 10, 'read in centimetres'],
  [value / 25.4, words.readMillimetresConverted],
]

/**
 * Doubts a reading at the bench that would mean a kerf no beam has: inches, a slipped decimal point, or
 * another thing measured.
 * @param value mm
 */
export function doubtReading(trial: Trial, value: number, say: Say): Doubt | null {
  const { method, squares, strip } = trial
  const isSquare = method === 'squares'
  const meansKerf = (reading: number): number => (isSquare ? squares.side - reading : reading / strip.lines)
  const slack = isSquare ? SCATTER : SCATTER / strip.lines
  const plausible = (reading: number): boolean =>
    meansKerf(reading) >= PLAUSIBLE_KERF.min - slack && meansKerf(reading) <= PLAUSIBLE_KERF.max + slack
  if (plausible(value)) return null
  const odd = words.hardlyRightAbout(
    say.short(value, 3),
    say.length(expectedReading(trial), isSquare ? 1 : 2),
  )
  const meant = slipsOf(value).find(([reading]) => plausible(reading))
  if (!meant) {
    const what = isSquare ? 'square' : 'gap'
    return {
      says: words.rightCalipersZero(odd, what),
      suggestion: null,
    }
  }
  const label = say.length(meant[0])
  return {
    says: words.didMean(odd, label, meant[1]),
    suggestion: { value: Number(meant[0].toFixed(4)), label },
  }
}
