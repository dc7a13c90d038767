import type { Doubt, Say } from '../length'
import { meanOf } from '../statistics'
import { doubt as words } from './words'

/** Outside this a kerf is nearly always a slip of unit or of factor two. [CP] */
export const PLAUSIBLE_KERF = { min: 0.02, max: 0.6 }
/** What hobby machines take from wood and acrylic. [CP] */
const USUAL = { min: 0.05, max: 0.35 }

/** A kerf this near to half or double of another one of the same machine is asked about, as a share. */
const NEAR = 0.06

const isUsual = (value: number): boolean => value >= USUAL.min && value <= USUAL.max
const isPlausible = (value: number): boolean => value >= PLAUSIBLE_KERF.min && value <= PLAUSIBLE_KERF.max

const offer = (meant: number, say: Say): Doubt['suggestion'] => ({
  value: Number(meant.toFixed(4)),
  label: say.fine(meant),
})

/**
 * Half or double of what the machine takes elsewhere: a figure per side was taken for the full width, or the
 * other way round.
 */
function factorTwo(value: number, known: number[], say: Say): Doubt | null {
  if (known.length === 0) return null
  const usual = meanOf(known)
  const isNear = (candidate: number): boolean => Math.abs(candidate - usual) <= NEAR * usual
  const slip = isNear(value * 2) ? words.figurePerSide : isNear(value / 2) ? words.bothSidesCounted : null
  if (!slip) return null
  const meant = value < usual ? value * 2 : value / 2
  return {
    says: words.machineTookAbout(say.fine(usual), say.fine(meant), slip),
    suggestion: offer(meant, say),
  }
}

const slipsBelow = (value: number): [number, string][] => [
  [value * 25.4, words.unitInches],
  [value * 2, words.figurePerSideFactor],
  [value * 10, words.decimalPointSlipped],
]
const slipsAbove = (value: number): [number, string][] => [
  [value / 2, words.bothSidesCountedTwice],
  [value / 10, words.decimalPointSlipped],
  [value / 100, words.decimalPointLeft],
  [value / 25.4, 'taken for inches'],
  [value / 1000, 'micrometres'],
]

/**
 * Doubts a kerf that is outside the plausible range, or half or double of others of this machine, and names
 * the likely slip.
 * @param value full width, mm
 * @param known other kerfs of the same machine, full width, mm
 */
export function doubtKerf(value: number, known: number[], say: Say): Doubt | null {
  if (isPlausible(value)) return factorTwo(value, known, say)
  const little = value < PLAUSIBLE_KERF.min
  const slips = little ? slipsBelow(value) : slipsAbove(value)
  const likely = slips.find(([each]) => isUsual(each)) ?? slips.find(([each]) => isPlausible(each))
  const range = `${say.shortPlain(PLAUSIBLE_KERF.min)} to ${say.short(PLAUSIBLE_KERF.max)}`
  const odd = words.veryLittleMuch(say.short(value, 4), !!little, range)
  if (!likely) return { says: words.measureAgain(odd), suggestion: null }
  return {
    says: words.didMean(odd, say.fine(likely[0]), likely[1]),
    suggestion: offer(likely[0], say),
  }
}

/**
 * Doubts a kerf typed per side: what would be a usual full width is probably one, typed into the wrong
 * field.
 * @param value per side, mm; the suggestion is per side as well
 * @param known other kerfs of the same machine, full width, mm
 */
export function doubtPerSide(value: number, known: number[], say: Say): Doubt | null {
  const full = 2 * value
  const doubt = doubtKerf(full, known, say)
  if (doubt) {
    const { suggestion } = doubt
    return {
      says: words.perSideFull(say.short(value, 4), say.short(full, 4), doubt.says),
      suggestion: suggestion && {
        value: Number((suggestion.value / 2).toFixed(5)),
        label: `${say.fine(suggestion.value / 2)} per side`,
      },
    }
  }
  if (isUsual(full) || !isUsual(value)) return null
  return {
    says: words.perSideFullWidth(
      say.short(value, 4),
      say.fine(full),
      say.shortPlain(USUAL.min),
      say.short(USUAL.max),
    ),
    suggestion: { value: value / 2, label: `${say.fine(value / 2)} per side` },
  }
}
