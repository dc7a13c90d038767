import type { Kerf } from '../kerf'
import { capitalised } from '../length'
import type { Say } from '../length'
import { FAMILIES, unevenLine, type Family, type Thickness } from '../stock'
import type { Working } from '../working'
import type { FitPrediction } from './predict'
import { tasteOf, type FitBelief } from './believed'
import { WORD_LIMITS } from './words'

/** What to beware of in a fit, one sentence each. @param proud length of tab ends, mm */
export function fitCautions(
  fit: Pick<FitPrediction, 'joints'>,
  thickness: Thickness,
  family: Family,
  proud: number,
  say: Say,
): string[] {
  const cautions: string[] = []
  const name = capitalised(family)
  const tightest = Math.min(...fit.joints.filter(({ group }) => group === 'tabs').map(({ cut }) => cut))
  if (FAMILIES[family].crushes === 'never' && tightest < -0.001) {
    cautions.push(`${name} does not crush: keep the gap at 0 or above, or it cracks. Choose snug or easy.`)
  }
  if (thickness.uneven) {
    cautions.push(`The sheet is uneven: ${unevenLine(thickness, say)}. Tab ends will show it.`)
  }
  if (proud === 0 && thickness.thickest - thickness.mean > 0.1) {
    cautions.push('Some tab ends will stand back from the face. A little proud length can be sanded flush.')
  }
  if (proud > thickness.mean) {
    cautions.push(
      `Tab ends stand out by ${say.short(proud)}, more than the sheet is thick ` +
        `(${say.length(thickness.mean)}): is that right? 0.3 to 1 mm can be sanded off.`,
    )
  }
  return cautions
}

/** `forced < −0.06 < press < …` */
const wordRanges = (say: Say): string =>
  WORD_LIMITS.map(({ word, upTo }) =>
    upTo === Infinity ? word : `${word} < ${say.shortPlain(upTo, 3)} <`,
  ).join(' ')

/** What stands behind the gap at the glue line that fits worst. */
export function fitWorking(
  fit: FitPrediction,
  kerf: Kerf,
  interference: number,
  belief: FitBelief,
  say: Say,
): Working {
  const own = belief.count > 0
  const taste = tasteOf(belief)
  const sign = (value: number): string => (value < 0 ? `(${say.finePlain(value)})` : say.finePlain(value))
  const removed = fit.gap + interference // k − 2c of the two edges together
  const felt = own ? `; felt as ${say.fine(fit.felt)}` : ''
  const substituted = kerf.round
    ? `${say.finePlain(kerf.width)} − 2 × ${say.finePlain(fit.compensation.x)} − ` +
      `${sign(interference)} = ${say.fine(fit.gap)}${felt}`
    : `${sign(removed)} − ${sign(interference)} = ${say.fine(fit.gap)}${felt}`
  return {
    title: 'Gap at each glue line',
    result: `g = ${say.finePlain(fit.gap)} ± ${say.fine(fit.cutDoubt)}: ${fit.word}`,
    formula: own ? 'g = k − 2c − i; felt as g + your snug' : 'g = k − 2c − i',
    substituted,
    terms: [
      {
        symbol: 'k',
        meaning: kerf.round ? 'kerf, full width' : 'kerf, mean of both directions',
        value: `${say.finePlain(kerf.width)} ± ${say.fine(kerf.doubt)}`,
        source: kerf.measured ? 'reading' : 'default',
      },
      {
        symbol: 'c',
        meaning: 'compensation per side',
        value: kerf.round
          ? say.fine(fit.compensation.x)
          : `${say.finePlain(fit.compensation.x)} across, ${say.fine(fit.compensation.y)} along`,
        source: 'derived',
      },
      {
        symbol: 'i',
        meaning: 'wanted interference per boundary',
        value: say.fine(interference),
        source: 'your choice',
      },
      {
        symbol: 'snug',
        meaning: own ? `your own, from ${belief.count} combs, words and checks` : 'your own is not known yet',
        value: say.fine(taste.offset),
        source: own ? 'test' : 'default',
      },
      { symbol: 'words', meaning: wordRanges(say), value: say.lengthUnit, source: 'from memory' },
    ],
    note:
      'Thickness does not change how tabs fit notches. It decides whether tab ends come out flush, and ' +
      'how wide a slot must be.',
  }
}
