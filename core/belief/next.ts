import { belowOf, feltOf, meanOf, rangeOf, WORD_LIMITS, type FitBelief, type FitWord } from '../fit'
import type { FitBeliefs } from './believe-fit'
import type { CheckKind } from './check-record'
import { CHECKED, isRead } from './doubts'
import type { FitEvidence } from './fit-evidence'

/** Something that could be measured, with its price and what it would bring. */
export interface Next {
  what: 'squares' | Exclude<CheckKind, 'part'>
  /** At the bench, common practice, no source. */
  minutes: number
  /** Odds of the wanted word now, and then, compensated by what it says. */
  from: number
  to: number
}

/** Minutes that each takes, and the deviation that it leaves, mm: a few readings each. [FM] */
const PRICES: Record<Next['what'], { minutes: number; sd: number }> = {
  calipers: { minutes: 1, sd: 0.003 },
  squares: { minutes: 4, sd: 0.0045 },
  play: { minutes: 2, sd: 0.007 },
  setting: { minutes: 5, sd: 0.0045 },
  face: { minutes: 3, sd: 0.0045 },
  place: { minutes: 6, sd: 0.0045 },
  day: { minutes: 5, sd: 0.0045 },
}

/** As many other days say how much days differ. [FM] */
const OTHER_DAYS = 3

/** What a reading may come out as, each as likely as the other, in deviations. */
const OUTCOMES = [-1.15, 0, 1.15]

/** Odds of a word where the middle of what is felt is brought to the middle of its range. */
function oddsCentred(belief: FitBelief, wanted: FitWord): number {
  const felt = feltOf(belief)
  const move = rangeOf(wanted).middle - meanOf(felt)
  const i = WORD_LIMITS.findIndex(({ word }) => word === wanted)
  const [from, to] = [i === 0 ? -Infinity : WORD_LIMITS[i - 1].upTo, WORD_LIMITS[i].upTo]
  const below = (value: number): number =>
    value === Infinity ? 1 : value === -Infinity ? 0 : belowOf(felt, value - move)
  return below(to) - below(from)
}

/**
 * What would tell most, over everything that could be measured, the most telling first for its minutes. What
 * a reading would say is not known yet: it is weighed over what it may.
 */
export function nextSteps(
  beliefs: FitBeliefs,
  { kerf, checks, machineId, stockId }: Pick<FitEvidence, 'kerf' | 'checks' | 'machineId' | 'stockId'>,
  wanted: FitWord,
): Next[] {
  const from = oddsCentred(beliefs.summary(), wanted)
  const isDone = (what: Next['what']): boolean =>
    checks.filter(
      (each) =>
        each.about === what &&
        (what === 'calipers' || (each.machineId === machineId && each.stockId === stockId)),
    ).length >= (what === 'day' ? OTHER_DAYS : 1)
  const could: Next['what'][] = isRead(kerf)
    ? ['squares', ...[...CHECKED, 'day' as const].filter((each) => !isDone(each)), 'play']
    : ['squares', 'play']
  return could
    .map((what): Next => {
      const { minutes, sd } = PRICES[what]
      const after = (then: FitBeliefs): number => oddsCentred(then.summary(), wanted)
      const to =
        what === 'day'
          ? beliefs.days().reduce((sum, each) => sum + each.weight * after(beliefs.ifDays(each.sd, sd)), 0)
          : OUTCOMES.reduce((sum, z) => sum + after(beliefs.ifRead(what, sd, z)), 0) / OUTCOMES.length
      return { what, minutes, from, to }
    })
    .filter(({ to }) => to > from + WORTH)
    .sort((a, b) => (b.to - b.from) / Math.sqrt(b.minutes) - (a.to - a.from) / Math.sqrt(a.minutes))
}

/** Less than that is not worth a walk to the machine. [FM] */
const WORTH = 0.005
