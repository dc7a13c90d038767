import type { Doubt, Say } from '../length'
import { doubt as words } from './words'

const PLAUSIBLE = { min: 0.3, max: 25 }

/** What a reading may have been meant as, likeliest first. */
const slips = (value: number): [number, string][] => [
  [value * 25.4, words.readInches],
  [value / 10, words.decimalPointSlipped],
  [value / 100, words.decimalPointLeft],
  [value * 10, words.readCentimetres],
  [value / 25.4, words.readMillimetres],
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
      says: words.unlikelyThicknessDid(said, label, meant[1]),
      suggestion: { value: Number(meant[0].toFixed(4)), label },
    }
  }
  const says =
    nominal !== null && !outside
      ? words.farLabelsSheet(said, say.short(nominal))
      : words.unlikelyThicknessSheets(said, say.shortPlain(PLAUSIBLE.min), say.short(PLAUSIBLE.max))
  return { says, suggestion: null }
}
