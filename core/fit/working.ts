import type { Kerf } from '../kerf'
import { capitalised } from '../length'
import type { Say } from '../length'
import { FAMILIES, unevenLine, type Family, type Thickness } from '../stock'
import type { Working } from '../working'
import type { FitPrediction } from './predict'
import { tasteOf, type FitBelief } from './believed'
import { WORD_LIMITS } from './words'
import { working as words } from './words'

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
    cautions.push(words.notCrushKeep(name))
  }
  if (thickness.uneven) {
    cautions.push(words.sheetUnevenTab(unevenLine(thickness, say)))
  }
  if (proud === 0 && thickness.thickest - thickness.mean > 0.1) {
    cautions.push(words.someTabEnds)
  }
  if (proud > thickness.mean) {
    cautions.push(words.tabEndsStand(say.short(proud), say.length(thickness.mean)))
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
  const gap = own ? words.feltAs(say.fine(fit.gap), say.fine(fit.felt)) : say.fine(fit.gap)
  const substituted = kerf.round
    ? `${say.finePlain(kerf.width)} − 2 × ${say.finePlain(fit.compensation.x)} − ` +
      `${sign(interference)} = ${gap}`
    : `${sign(removed)} − ${sign(interference)} = ${gap}`
  return {
    title: words.gapEachGlue,
    result: `g = ${say.finePlain(fit.gap)} ± ${say.fine(fit.cutDoubt)}: ${fit.word}`,
    formula: own ? 'g = k − 2c − i; felt as g + your snug' : 'g = k − 2c − i',
    substituted,
    terms: [
      {
        symbol: 'k',
        meaning: kerf.round ? words.kerfFullWidth : words.kerfMeanBoth,
        value: `${say.finePlain(kerf.width)} ± ${say.fine(kerf.doubt)}`,
        source: kerf.measured ? 'reading' : 'default',
      },
      {
        symbol: 'c',
        meaning: 'compensation per side',
        value: kerf.round
          ? say.fine(fit.compensation.x)
          : words.acrossAlong(say.finePlain(fit.compensation.x), say.fine(fit.compensation.y)),
        source: 'derived',
      },
      {
        symbol: 'i',
        meaning: words.wantedInterferencePer,
        value: say.fine(interference),
        source: 'your choice',
      },
      {
        symbol: 'snug',
        meaning: own ? words.ownCombsWords(belief.count) : words.ownNotKnown,
        value: say.fine(taste.offset),
        source: own ? 'test' : 'default',
      },
      { symbol: 'words', meaning: wordRanges(say), value: say.lengthUnit, source: 'from memory' },
    ],
    note: words.thicknessNotChange,
  }
}
