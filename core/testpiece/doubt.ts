import { fixed, short } from '../length'
import { ASSUMED_KERF, PLAUSIBLE_KERF } from '../kerf'
import type { Doubt } from '../stock'
import type { Trial } from './spec'

/** How far one careful caliper reading may lie from the others, mm. [FM] */
const SCATTER = 0.05

/** What a reading of squares or of a strip should be about, mm. */
export const expectedReading = ({ method, squares, strip }: Trial): number =>
  method === 'squares' ? squares.side - ASSUMED_KERF : strip.lines * ASSUMED_KERF

/**
 * Doubts a reading at the bench that would mean a kerf no beam has: inches, a slipped decimal point, or another thing measured.
 * @param value mm
 */
export function doubtReading(trial: Trial, value: number): Doubt | null {
  const {
    method,
    squares: { side },
    strip: { lines },
  } = trial
  const meansKerf = (reading: number): number => (method === 'squares' ? side - reading : reading / lines)
  const slack = method === 'squares' ? SCATTER : SCATTER / lines
  const plausible = (reading: number): boolean =>
    meansKerf(reading) >= PLAUSIBLE_KERF.min - slack && meansKerf(reading) <= PLAUSIBLE_KERF.max + slack
  if (plausible(value)) return null
  const odd = `${short(value, 3)} mm cannot well be: about ${fixed(expectedReading(trial), 1)} mm is expected.`
  const slips: [number, string][] = [
    [value * 25.4, 'read in inches'],
    [value / 10, 'the decimal point slipped'],
    [value / 100, 'the decimal point was left out'],
    [value * 10, 'read in centimetres'],
    [value / 25.4, 'converted twice'],
  ]
  const meant = slips.find(([reading]) => plausible(reading))
  return meant
    ? {
        says: `${odd} Did you mean ${fixed(meant[0], 2)} mm (${meant[1]})?`,
        suggestion: { value: Number(meant[0].toFixed(4)), label: `${fixed(meant[0], 2)} mm` },
      }
    : {
        says: `${odd} Is it the right ${method === 'squares' ? 'square' : 'gap'}, with the calipers at zero? Measure it again.`,
        suggestion: null,
      }
}
