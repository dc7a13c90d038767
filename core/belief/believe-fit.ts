import { MOST_CASES, WORD_LIMITS, type FitBelief, type TasteRecord } from '../fit'
import type { KerfRecord } from '../kerf'
import { NORMAL_95 } from '../statistics'
import type { CheckKind, CheckRecord } from './check-record'
import { isSameKerf, rangeFor, type FitEvidence } from './fit-evidence'
import { apartFrom, CHECKED, DAYS, DOUBTS, evenly, isRead, readingDoubt, type Doubt } from './doubts'
import { caseOf, momentsOf, readAs, saidWithin, type Case, type Spread, type Sum } from './gauss'

/** What a further reading can be of, by itself. */
type Readable = 'squares' | (typeof CHECKED)[number] | 'play'

/** A case with what it says of joints and days. */
interface Stance {
  apart: number
  day: number
}

/** Figures of a belief: the snug, what may be in every reading, each kerf's own error, each day. */
interface Places {
  taste: number
  common: Record<(typeof CHECKED)[number], number>
  own: Map<string, number>
  days: Map<string, number>
}

const OWN = 'own'
/** Days that differ much: so likely at least, until that many were seen. [FM] */
const FAR_DAYS = Math.max(...DAYS.map(({ sd }) => sd))
const NOT_GIVEN_UP = 0.35
const ENOUGH_DAYS = 4
/** Words are heard this softly, mm, and a word in so many is another one than meant. [FM] */
export const SOFT = 0.006
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
  private readonly places: Places
  private readonly evidence: FitEvidence
  private count = 0
  /** Days on which the kerf was measured by what was cut then. */
  private readonly seen = new Set<string>()

  constructor(evidence: FitEvidence) {
    this.evidence = evidence
    const { kerf } = evidence
    const others = this.otherKerfs()
    const days = this.dayNames()
    const common = CHECKED.map((name) => DOUBTS[name])
    const begin = 2 + common.length
    this.places = {
      taste: 0,
      common: { calipers: 2, face: 3, place: 4, setting: 5 },
      own: new Map([[OWN, 1], ...others.map((each, i): [string, number] => [each.id, begin + i])]),
      days: new Map(days.map((day, i) => [day, begin + others.length + i])),
    }
    const alone = productOf([DOUBTS.taste, readingDoubt(kerf), ...common].map(casesOf))
    const stances = productOf([apartFrom(kerf), DAYS])
    this.groups = stances.map(({ sds: [apart, day], weight }) => ({
      stance: { apart, day },
      weight,
      cases: alone.map((each) =>
        caseOf(
          [...each.sds, ...others.map((other) => this.otherSd(other)), ...days.map(() => day)],
          each.weight,
        ),
      ),
    }))
  }

  /** Kerfs that something was said with, beside the one in hand. */
  private otherKerfs(): KerfRecord[] {
    const { kerf, kerfs, tastes, checks, family } = this.evidence
    const named = new Set([
      ...tastes.filter((taste) => taste.family === family).map(({ kerfId }) => kerfId),
      ...checks.map(({ kerfId }) => kerfId),
    ])
    return kerfs.filter(({ id }) => id !== kerf?.id && named.has(id))
  }
  private isSamePair({ machineId, stockId }: Pick<KerfRecord, 'machineId' | 'stockId'>): boolean {
    return machineId === this.evidence.machineId && stockId === this.evidence.stockId
  }
  /** All that is particular to another kerf; of the same machine and stock only its readings are. */
  private otherSd(other: KerfRecord): number {
    const own = evenly(readingDoubt(other))
    if (!isRead(other) || this.isSamePair(other)) return own
    return Math.hypot(own, ...(['face', 'place', 'setting'] as const).map((name) => evenly(DOUBTS[name])))
  }
  private dayNames(): string[] {
    const { tastes, checks } = this.evidence
    const plays = checks.filter(({ about }) => about === 'play' || about === 'part').map(({ id }) => id)
    return [...new Set([...tastes.map(({ id }) => dayOf(id)), ...plays.map(dayOf)])]
  }

  /**
   * The sum that something read against a record says of, and what is added to what it read: an older record
   * of the same machine and stock is of the same kerf, unless something was done to the machine between them.
   */
  private against(kerfId: string | null): { sum: Sum; by: number } {
    const { kerf, kerfs, events } = this.evidence
    const other = kerfs.find(({ id }) => id === kerfId)
    if (!kerf || !other || other.id === kerf.id || !isSameKerf(kerf, other, events))
      return { sum: this.errorOf(kerfId), by: 0 }
    return { sum: this.inHand, by: other.width - kerf.width }
  }
  /** By how much the true kerf is off a record, as a sum of figures. */
  private errorOf(kerfId: string | null): Sum {
    const { kerf, kerfs } = this.evidence
    const { common, own } = this.places
    const record = kerfId === kerf?.id ? kerf : (kerfs.find(({ id }) => id === kerfId) ?? null)
    const place = record === kerf ? own.get(OWN) : own.get(record?.id ?? '')
    if (place === undefined) return []
    const mine: Sum = [[place, 1]]
    if (!isRead(record)) return mine
    const all = record === kerf || this.isSamePair(record!)
    return [...mine, ...(all ? CHECKED : (['calipers'] as const)).map((name) => [common[name], 1] as const)]
  }

  /** The error of the kerf in hand. */
  private get inHand(): Sum {
    return this.errorOf(this.evidence.kerf?.id ?? null)
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
  hear({ id, interference, own, kerfId, from, word }: TasteRecord): void {
    const { taste, days } = this.places
    const day = days.get(dayOf(id))
    const { sum: error, by } = this.against(kerfId)
    const sum: Sum = [[taste, 1], ...error, ...(day === undefined ? [] : [[day, 1] as const])]
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
        [{ sd: Math.hypot(SOFT, apart / 2), weight: 1 }],
        SLIP / WORD_LIMITS.length,
      ),
    )
  }

  /** A check, or the play of joints that were cut. */
  measure({ id, about, off, doubt, kerfId, machineId, stockId }: CheckRecord): void {
    const sd = doubt / NORMAL_95
    if (about === 'play' || about === 'part') {
      const day = this.places.days.get(dayOf(id))
      this.seen.add(dayOf(id))
      const { sum: error, by } = this.against(kerfId)
      // A part is read as squares are: what calipers and faces hide, it hides as well.
      const { calipers, face } = this.places.common
      const seen = about === 'play' ? error : error.filter(([place]) => place !== calipers && place !== face)
      const sum: Sum = [...seen, ...(day === undefined ? [] : [[day, 1] as const])]
      for (const each of off)
        this.take((cases, { apart }) => readAs(cases, sum, each + by, noiseOf(sd, apart)))
      return
    }
    const isHere =
      about === 'calipers' || this.isSamePair({ machineId: machineId ?? '', stockId: stockId ?? '' })
    if (!isHere) return
    // Other days than the squares' own, which is one more.
    if (about === 'day')
      for (const each of ['of the squares', ...off.map((_, i) => `${id} ${i}`)]) this.seen.add(each)
    for (const each of off) this.takeCheck(about, each, sd)
  }
  /** A reading of one check; on another day it says how much days differ. */
  private takeCheck(about: Exclude<CheckKind, 'play' | 'part'>, off: number, sd: number): void {
    const sum: Sum = [[about === 'day' ? this.places.own.get(OWN)! : this.places.common[about], 1]]
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
        ? [[this.places.own.get(OWN)!, 1]]
        : about === 'play'
          ? this.inHand
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
    const sum = this.inHand
    const { taste } = this.places
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
    return { kerfId, count: this.count, scale: 1, cases: rest.length > 0 ? [...kept, mergedOf(rest)] : kept }
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

/** Words and plays of one revision are of one day. */
const dayOf = (id: string): string => id.replace(/^(verdict|play|part)-/, '')

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
