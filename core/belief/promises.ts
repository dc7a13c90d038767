import { z } from 'zod'
import { FIT_WORDS, type FitWord, type Odds } from '../fit'
import { NORMAL_95, solveRising, normalBelow, widthScale } from '../statistics'

const odds = z.number().min(0).max(1)

/** What was promised of a cut when it was cut: odds of each word, and half of the gap's interval, mm. */
export const promisedSchema = z.strictObject({
  wanted: z.enum(FIT_WORDS),
  odds: z.strictObject({ forced: odds, press: odds, snug: odds, easy: odds, loose: odds }),
  half: z.number().min(0).max(5),
  /** By how much the gap was believed to be more than kerf's record and sheet's readings make it, mm. */
  shift: z.number().min(-5).max(5),
  /** By how much that was widened already. */
  scale: z.number().min(0.1).max(10),
  /** Odds that it goes through; null where machine or stock were not chosen. */
  through: odds.nullable(),
  /** By how much doubts of what was not tried were widened in that. */
  throughScale: z.number().min(0.1).max(10),
})

/** A promise, and what came of it. */
export const promiseRecordSchema = z.strictObject({
  id: z.string().min(1).max(80),
  on: z.string().max(40),
  note: z.string().max(120),
  promised: promisedSchema,
  /** How it felt; by how much the measured gap was off the promised one, mm; whether it came through. */
  word: z.enum(FIT_WORDS).nullable(),
  off: z.number().min(-2).max(2).nullable(),
  came: z.boolean().nullable(),
})
export type PromiseRecord = z.infer<typeof promiseRecordSchema>

/** The bell's deviate below which there are such odds. */
const deviateOf = (below: number): number => solveRising(normalBelow, below, -6, 6)

/** How far a word is from the middle of its promise, squared, and what that comes to where it is right. */
function wordScore(word: FitWord, said: Odds): { came: number; expected: number } {
  let below = 0
  let [came, expected] = [0, 0]
  for (const each of FIT_WORDS) {
    const square = deviateOf(below + said[each] / 2) ** 2
    if (each === word) came = square
    expected += said[each] * square
    below += said[each]
  }
  return { came, expected }
}

/** By how much intervals of fits are to be widened, from what came of those that were stated. */
export function fitScale(promises: PromiseRecord[]): number {
  const scores = promises.flatMap(({ promised, word, off }) => {
    const plain = promised.half / NORMAL_95 / promised.scale
    if (off !== null && plain > 0) return [{ came: (off / plain) ** 2, expected: 1 }]
    return word ? [wordScore(word, promised.odds)] : []
  })
  return widthScale(
    scores.map(({ came }) => came),
    scores.map(({ expected }) => expected),
  )
}

/** By how much doubts of what was not tried are to be widened, from what came of odds of going through. */
export function throughScale(promises: PromiseRecord[]): number {
  const square = (below: number): number => deviateOf(below) ** 2
  const scores = promises.flatMap((each) => {
    const wide = each.promised.throughScale ** 2
    return throughPromises([each]).map(({ said, came }) => {
      const [did, not] = [square(said / 2), square(said + (1 - said) / 2)]
      // What was widened already, and came as said, is to stay as wide.
      return { came: wide * (came ? did : not), expected: said * did + (1 - said) * not }
    })
  })
  return widthScale(
    scores.map(({ came }) => came),
    scores.map(({ expected }) => expected),
  )
}

/** Promises of about the same odds: how many there were, what they said on the mean, how many came. */
export interface Kept {
  count: number
  said: number
  came: number
}

/** Odds from which the next group begins. */
const GROUPS = [0, 0.2, 0.4, 0.6, 0.8, 0.95]

/** Promises by how firm they were: what a picture of how good they are is drawn from. */
export function keptByFirmness(promises: { said: number; came: boolean }[]): Kept[] {
  return GROUPS.flatMap((from, i) => {
    const to = GROUPS[i + 1] ?? Infinity
    const own = promises.filter(({ said }) => said >= from && said < to)
    if (own.length === 0) return []
    const mean = own.reduce((sum, { said }) => sum + said, 0) / own.length
    return [{ count: own.length, said: mean, came: own.filter(({ came }) => came).length }]
  })
}

/** Every single promise of a kind that something came of. */
export const fitPromises = (promises: PromiseRecord[]): { said: number; came: boolean }[] =>
  promises.flatMap(({ promised, word }) =>
    word ? [{ said: promised.odds[promised.wanted], came: word === promised.wanted }] : [],
  )
export const throughPromises = (promises: PromiseRecord[]): { said: number; came: boolean }[] =>
  promises.flatMap(({ promised: { through }, came }) =>
    through === null || came === null ? [] : [{ said: through, came }],
  )
/** Intervals of 95 % that were stated of a gap, and whether they held it. */
export const gapPromises = (promises: PromiseRecord[]): { said: number; came: boolean }[] =>
  promises.flatMap(({ promised: { half }, off }) =>
    off === null ? [] : [{ said: 0.95, came: Math.abs(off) <= half }],
  )
