import type { Doubt, Say } from '../length'

const PLAUSIBLE = { min: 0.3, max: 25 }

/** What a reading may have been meant as, likeliest first. */
const slips = (value: number): [number, string][] => [
  [value * 25.4, 'it was read in inches'],
  [value / 10, 'the decimal point slipped'],
  [value / 100, 'the decimal point was left out'],
  [value * 10, 'it was read in centimetres'],
  [value / 25.4, 'it was read in millimetres'],
]

/**
 * Doubts a thickness reading that cannot well be one: wrong unit, a slipped decimal point, or far from the
 * label.
 * @param value mm
 * @param nominal mm, what the label says, or null
 */
export function doubtThickness(value: number, nominal: number | null, say: Say): Doubt | null {
  const near = (candidate: number): boolean =>
    nominal === null
      ? candidate >= PLAUSIBLE.min && candidate <= PLAUSIBLE.max
      : Math.abs(candidate - nominal) <= 0.25 * nominal
  const outside = value < PLAUSIBLE.min || value > PLAUSIBLE.max
  const far = nominal !== null && Math.abs(value - nominal) > 0.25 * nominal
  if (!outside && !far) return null
  const said = say.short(value, 4)
  const meant = slips(value).find(([candidate]) => near(candidate))
  if (meant) {
    const label = say.short(meant[0], 3)
    return {
      says: `${said} is an unlikely thickness. Did you mean ${label} (${meant[1]})?`,
      suggestion: { value: Number(meant[0].toFixed(4)), label },
    }
  }
  const says =
    nominal !== null && !outside
      ? `${said} is far from the label’s ${say.short(nominal)}. Is it this sheet, with its film off?`
      : `${said} is an unlikely thickness: sheets for this work are ` +
        `${say.shortPlain(PLAUSIBLE.min)} to ${say.short(PLAUSIBLE.max)}. Measure it again.`
  return { says, suggestion: null }
}
