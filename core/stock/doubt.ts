import { short } from '../length'

/** A figure that is probably a slip: what is odd about it, and what was probably meant. `value` in the unit of the field. */
export interface Doubt {
  says: string
  suggestion: { value: number; label: string } | null
}

const PLAUSIBLE = { min: 0.3, max: 25 }

/**
 * Doubts a thickness reading that cannot well be one: wrong unit, a slipped decimal point, or far from the label.
 * @param value mm
 * @param nominal mm, what the label says, or null
 */
export function doubtThickness(value: number, nominal: number | null): Doubt | null {
  const near = (candidate: number): boolean =>
    nominal === null
      ? candidate >= PLAUSIBLE.min && candidate <= PLAUSIBLE.max
      : Math.abs(candidate - nominal) <= 0.25 * nominal
  const offer = (candidate: number, slip: string): Doubt => ({
    says: `${short(value, 4)} mm is an unlikely thickness. Did you mean ${short(candidate, 3)} mm (${slip})?`,
    suggestion: { value: Number(candidate.toFixed(4)), label: `${short(candidate, 3)} mm` },
  })
  const outside = value < PLAUSIBLE.min || value > PLAUSIBLE.max
  const far = nominal !== null && Math.abs(value - nominal) > 0.25 * nominal
  if (!outside && !far) return null
  if (near(value * 25.4)) return offer(value * 25.4, `${short(value, 4)} read in inches`)
  if (near(value / 10)) return offer(value / 10, 'the decimal point slipped')
  if (near(value / 100)) return offer(value / 100, 'the decimal point was left out')
  if (near(value * 10)) return offer(value * 10, 'read in centimetres')
  return nominal !== null && !outside
    ? {
        says: `${short(value, 3)} mm is far from the label’s ${short(nominal, 2)} mm. Is it this sheet, with its film off?`,
        suggestion: null,
      }
    : {
        says: `${short(value, 4)} mm is an unlikely thickness: sheets for this work are ${PLAUSIBLE.min} to ${PLAUSIBLE.max} mm. Measure it again.`,
        suggestion: null,
      }
}
