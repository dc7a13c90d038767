import { meanOf, MOST_CASES, sdOf, WORD_LIMITS } from '../fit'
import type { Figure, FitBelief, SaidOfSlot, TasteRecord } from '../fit'
import { NORMAL_95 } from '../statistics'
import type { CheckKind, CheckRecord } from './check-record'
import { rangeFor, type FitEvidence } from './fit-evidence'
import { dayOf, FitPlaces } from './fit-places'
import { apartFrom, CHECKED, DAYS, DOUBTS, readingDoubt, sheetDoubt, type Doubt } from './doubts'
import { caseOf, momentsOf, readAs, saidWithin, type Case, type Spread, type Sum } from './gauss'

/** What a further reading can be of, by itself. */
type Readable = 'squares' | (typeof CHECKED)[number] | 'play'

/** A case with what it says of joints and days. */
interface Stance {
  apart: number
  day: number
}

/** Days that differ much: so likely at least, until that many were seen. [FM] */
const FAR_DAYS = Math.max(...DAYS.map(({ sd }) => sd))
const NOT_GIVEN_UP = 0.35
const ENOUGH_DAYS = 4
/** Words are heard this softly, mm, and a word in so many is another one than meant. [FM] */
const SOFT = 0.006
const SLIP = 0.05
/** A reading in so many is off by so many times more than it is said to be. [FM] */
const BLUNDER = { odds: 0.02, times: 5 }

const noiseOf = (...sds: number[]): Spread => {
  const sd = Math.hypot(...sds)
  return [
    { sd, weight: 1 - BLUNDER.odds },
    { sd: BLUNDER.times * sd, weight: BLUNDER.odds },
  ]
}

/** The near and the far case of a doubt; one alone where they are the same. */
const casesOf = ({ near, far, odds }: Doubt): Spread =>
  odds === 0 || near === far
    ? [{ sd: near, weight: 1 }]
    : [
        { sd: near, weight: 1 - odds },
        { sd: far, weight: odds },
      ]

/** Every way in which figures can be one of their cases each. */
const productOf = (spreads: Spread[]): { sds: number[]; weight: number }[] =>
  spreads.reduce<{ sds: number[]; weight: number }[]>(
    (all, spread) =>
      all.flatMap(({ sds, weight }) =>
        spread.map((each) => ({ sds: [...sds, each.sd], weight: weight * each.weight })),
      ),
    [{ sds: [], weight: 1 }],
  )

/** What is believed, on the way: cases by what they say of joints and days. */
export class FitBeliefs {
  private groups: { stance: Stance; cases: Case[]; weight: number }[]
  private readonly places: FitPlaces
  private readonly evidence: FitEvidence
  private count = 0
  /** Days on which the kerf was measured by what was cut then. */
  private readonly seen = new Set<string>()

  constructor(evidence: FitEvidence) {
    this.evidence = evidence
    this.places = new FitPlaces(evidence)
    const { otherSds, countOfDays, isSheetSaid } = this.places
    // In the order of their places.
    const doubts = [
      DOUBTS.taste,
      readingDoubt(evidence.kerf),
      sheetDoubt(evidence.thickness?.meanSd ?? 0, isSheetSaid),
      ...CHECKED.map((name) => DOUBTS[name]),
    ]
    const alone = productOf(doubts.map(casesOf))
    const stances = productOf([apartFrom(evidence.kerf), DAYS])
    this.groups = stances.map(({ sds: [apart, day], weight }) => ({
      stance: { apart, day },
      weight,
      cases: alone.map((each) =>
        caseOf([...each.sds, ...otherSds, ...Array<number>(countOfDays).fill(day)], each.weight),
      ),
    }))
  }

  private take(how: (cases: Case[], stance: Stance) => Case[]): void {
    for (const group of this.groups) {
      const before = group.cases.reduce((sum, { weight }) => sum + weight, 0)
      const cases = how(group.cases, group.stance)
      const after = cases.reduce((sum, { weight }) => sum + weight, 0)
      group.weight *= after / before
      group.cases = cases.map((each) => ({ ...each, weight: each.weight / after }))
    }
    const sum = this.groups.reduce((total, { weight }) => total + weight, 0)
    for (const group of this.groups) group.weight /= sum
    this.count++
  }

  /** A comb, or a word about a copy. */
  hear({ id, interference, own, kerfId, from, word, slot }: TasteRecord): void {
    const { places } = this
    const { sum: error, by, sd: local } = places.gapOf(places.against(kerfId), slot)
    const sum: Sum = [[places.taste, 1], ...error, ...places.dayIn(id, slot ? 1 / 2 : 1)]
    if (from === 'comb') {
      const read = interference + by
      this.take((cases, { apart }) => readAs(cases, sum, read, noiseOf(own / NORMAL_95, apart)))
      return
    }
    const [low, high] = rangeFor(interference + by, own, word)
    this.take((cases, { apart }) =>
      saidWithin(
        cases,
        sum,
        low,
        high,
        [{ sd: Math.hypot(SOFT, apart / 2, local), weight: 1 }],
        SLIP / WORD_LIMITS.length,
      ),
    )
  }

  /** A check, or the play of joints that were cut. */
  measure({ id, about, off, doubt, kerfId, machineId, stockId, slot }: CheckRecord): void {
    const sd = doubt / NORMAL_95
    const { places } = this
    if (about === 'play' || about === 'part') {
      this.seen.add(dayOf(id))
      const { sum: error, by, sd: local } = places.gapOf(places.against(kerfId), slot)
      // A part is read as squares are: what calipers and faces hide, it hides as well.
      const { calipers, face } = places.common
      const seen = about === 'play' ? error : error.filter(([place]) => place !== calipers && place !== face)
      const sum: Sum = [...seen, ...places.dayIn(id, slot ? 1 / 2 : 1)]
      for (const each of off)
        this.take((cases, { apart }) =>
          readAs(cases, sum, each + by, noiseOf(sd, slot ? apart / 2 : apart, local)),
        )
      return
    }
    const isHere =
      about === 'calipers' || places.isSamePair({ machineId: machineId ?? '', stockId: stockId ?? '' })
    if (!isHere) return
    // Other days than the squares' own, which is one more.
    if (about === 'day')
      for (const each of ['of the squares', ...off.map((_, i) => `${id} ${i}`)]) this.seen.add(each)
    for (const each of off) this.takeCheck(about, each, sd)
  }
  /** A reading of one check; on another day it says how much days differ. */
  private takeCheck(about: Exclude<CheckKind, 'play' | 'part'>, off: number, sd: number): void {
    const { ownReadings, common } = this.places
    const sum: Sum = about === 'day' ? ownReadings : [[common[about], 1]]
    this.take((cases, { day }) => readAs(cases, sum, off, noiseOf(sd, about === 'day' ? day : 0)))
  }

  /** A copy of it that goes on by itself. */
  copy(): FitBeliefs {
    const other = Object.create(FitBeliefs.prototype) as FitBeliefs
    return Object.assign(other, this, {
      groups: this.groups.map((group) => ({ ...group })),
      seen: new Set(this.seen),
    })
  }

  /** What would be known if a further reading of something said what is expected, give or take. */
  ifRead(about: Readable, sd: number, z: number): FitBeliefs {
    const next = this.copy()
    const sum: Sum =
      about === 'squares'
        ? this.places.ownReadings
        : about === 'play'
          ? this.places.inHand
          : [[this.places.common[about], 1]]
    const all = next.all()
    const middle = all.reduce((total, each) => total + each.weight * momentsOf(each, sum).mean, 0)
    const variance = all.reduce((total, each) => {
      const { mean, variance } = momentsOf(each, sum)
      return total + each.weight * (variance + (mean - middle) ** 2)
    }, 0)
    const read = middle + z * Math.sqrt(variance + sd * sd)
    // Joints of another copy are of another day.
    next.take((cases, { day, apart }) =>
      readAs(cases, sum, read, noiseOf(sd, ...(about === 'play' ? [apart, day] : []))),
    )
    return next
  }
  /** How much days may differ, as far as is known. */
  days(): Spread {
    return DAYS.map(({ sd }) => ({
      sd,
      weight: this.groups.reduce((sum, { stance, weight }) => sum + (stance.day === sd ? weight : 0), 0),
    }))
  }
  /** What would be known if squares of three other days differed by so much. */
  ifDays(differ: number, sd: number): FitBeliefs {
    const next = this.copy()
    const step = Math.sqrt(1.5) * Math.hypot(differ, sd)
    for (const off of [-step, 0, step]) {
      next.takeCheck('day', off, sd)
      next.seen.add(`day ${off}`)
    }
    next.seen.add('of the squares')
    return next
  }

  /** Weights of the stances; that days differ much is not given up before a few of them were seen. */
  private weights(): number[] {
    const weights = this.groups.map(({ weight }) => weight)
    const isFar = this.groups.map(({ stance }) => stance.day === FAR_DAYS)
    const far = weights.reduce((sum, weight, i) => sum + (isFar[i] ? weight : 0), 0)
    if (this.seen.size >= ENOUGH_DAYS || far >= NOT_GIVEN_UP || far === 0) return weights
    return weights.map((weight, i) =>
      isFar[i] ? (weight * NOT_GIVEN_UP) / far : (weight * (1 - NOT_GIVEN_UP)) / (1 - far),
    )
  }

  private all(): Case[] {
    return this.groups.flatMap(({ cases, weight }) =>
      cases.map((each) => ({ ...each, weight: each.weight * weight })),
    )
  }

  /** As a job keeps it: the weightiest cases, and the others as one. */
  summary(): FitBelief {
    const { taste, inHand: sum } = this.places
    const weights = this.weights()
    const cases = this.groups.flatMap(({ cases, stance }, group) =>
      cases.map((each): FitBelief['cases'][number] => {
        const kerf = momentsOf(each, sum)
        const own = momentsOf(each, [[taste, 1]])
        const both = momentsOf(each, [...sum, [taste, 1]])
        return {
          weight: Math.min(1, each.weight * weights[group]),
          kerf: kerf.mean,
          taste: own.mean,
          // Rounding may leave a little less than nothing.
          kerfVariance: Math.max(0, kerf.variance),
          tasteVariance: Math.max(0, own.variance),
          together: (both.variance - kerf.variance - own.variance) / 2,
          apart: stance.apart ** 2 + stance.day ** 2,
        }
      }),
    )
    cases.sort((a, b) => b.weight - a.weight)
    const kept = cases.slice(0, MOST_CASES - 1)
    const rest = cases.slice(MOST_CASES - 1)
    const kerfId = this.evidence.kerf?.id ?? null
    return {
      kerfId,
      count: this.count,
      scale: 1,
      thickness: this.saidOfSheet(),
      cases: rest.length > 0 ? [...kept, mergedOf(rest)] : kept,
    }
  }

  /** What is believed of the sheet beside what was read; null while nothing said anything of it. */
  private saidOfSheet(): FitBelief['thickness'] {
    const { thickness, checks } = this.evidence
    const { sheet, isSheetSaid } = this.places
    // Calipers that were tried on a gauge read the sheet as well.
    if (!thickness || !(isSheetSaid || checks.some(({ about }) => about === 'calipers'))) return null
    const figure = this.all().map((each) => {
      const { mean, variance } = momentsOf(each, sheet)
      return { weight: each.weight, mean, sd: Math.sqrt(Math.max(0, variance)) }
    })
    const shift = Math.max(-5, Math.min(5, meanOf(figure)))
    return { from: thickness.mean, shift: Number(shift.toFixed(4)), sd: Math.min(5, sdOf(figure)) }
  }

  /** What a gap may be felt to be more than it was reckoned, before it was said: cases, each so likely. */
  felt(kerfId: string | null, slot: SaidOfSlot | null): Figure {
    const { places } = this
    const { sum: error, by, sd: local } = places.gapOf(places.against(kerfId), slot)
    const sum: Sum = [[places.taste, 1], ...error]
    const weights = this.weights()
    return this.groups.flatMap(({ cases, stance }, group) =>
      cases.map((each) => {
        const { mean, variance } = momentsOf(each, sum)
        const own = (slot ? 1 / 2 : 1) * Math.hypot(stance.apart, stance.day)
        const sd = Math.sqrt(Math.max(0, variance) + own ** 2 + local ** 2 + SOFT ** 2)
        return { weight: each.weight * weights[group], mean: mean - by, sd }
      }),
    )
  }
}

/** Cases as one, by their mean and spread. */
function mergedOf(cases: FitBelief['cases']): FitBelief['cases'][number] {
  const weight = cases.reduce((sum, each) => sum + each.weight, 0)
  const mean = (figure: (each: FitBelief['cases'][number]) => number): number =>
    cases.reduce((sum, each) => sum + each.weight * figure(each), 0) / Math.max(weight, Number.MIN_VALUE)
  const [kerf, taste] = [mean((each) => each.kerf), mean((each) => each.taste)]
  return {
    weight,
    kerf,
    taste,
    kerfVariance: mean((each) => each.kerfVariance + (each.kerf - kerf) ** 2),
    tasteVariance: mean((each) => each.tasteVariance + (each.taste - taste) ** 2),
    together: mean((each) => each.together + (each.kerf - kerf) * (each.taste - taste)),
    apart: mean((each) => each.apart),
  }
}

/** Weighs all that bears on how tabs fit; the order in which it came makes next to no difference. */
export function beliefsOf(all: FitEvidence): FitBeliefs {
  const { family, machineId, stockId } = all
  const isNear = (check: CheckRecord): boolean =>
    check.about === 'calipers' || (check.machineId === machineId && check.stockId === stockId)
  const evidence = {
    ...all,
    tastes: all.tastes.filter((taste) => taste.family === family).slice(-MOST_RECORDS),
    checks: all.checks.filter(isNear).slice(-MOST_RECORDS),
  }
  const beliefs = new FitBeliefs(evidence)
  for (const check of evidence.checks) beliefs.measure(check)
  for (const taste of evidence.tastes) beliefs.hear(taste)
  return beliefs
}
/** As many words and as many checks are weighed, the latest: each is a figure of its own. */
const MOST_RECORDS = 30

export const believeFit = (evidence: FitEvidence): FitBelief => beliefsOf(evidence).summary()
