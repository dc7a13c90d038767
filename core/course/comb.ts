import { wordFor, type FitWord } from '../fit'
import { compensationFor } from '../kerf'
import { randomFrom } from '../statistics'
import { boundaryGap } from './gap'
import type { Lesson } from './lesson'

/** Pairs of short combs, each cut with a little more compensation than the one before. Lengths in mm. */
export interface CombState {
  kerf: number
  /** Compensation per side of each pair. */
  steps: number[]
  /** The pair in the hands, and how far it is pushed together: 1 is home. */
  pair: number | null
  depth: number
  /** How each pair that was pressed together felt. */
  felt: (FitWord | null)[]
  /** Whether the last pair was lifted by one of its halves. */
  lifted: boolean
  kept: number | null
}

export type CombAct =
  | { do: 'press'; pair: number }
  | { do: 'push'; pair: number; depth: number }
  | { do: 'lift' }
  | { do: 'keep' }

const PAIRS = 9
const STEP = 0.01
const LEAST_TRIED = 3

/** Gap at each boundary of a pair, mm. */
export const gapOf = ({ kerf, steps }: Pick<CombState, 'kerf' | 'steps'>, pair: number): number =>
  boundaryGap(kerf, steps[pair])

/** How deep a pair goes by hand, 0 to 1: wood that overlaps too much stops on its way. [FM] */
function goesTo(gap: number): number {
  const word = wordFor(gap)
  return word === 'forced' ? 0.35 : word === 'press' ? 0.8 : 1
}

/** Whether the lower half stays on when the upper one is lifted. */
export const holdsLifted = (word: FitWord): boolean => word !== 'easy' && word !== 'loose'

const FEELS: Record<FitWord, string> = {
  forced: 'It would not go in by hand. Do not hit it: it splits, or never comes apart.',
  press: 'It stops short and wants a mallet. There is no room left for glue.',
  snug: 'It goes home by hand.',
  easy: 'It slides home without any force.',
  loose: 'It drops in and rattles.',
}

export const COMB_LESSON: Lesson<CombState, CombAct> = {
  id: 'comb',
  begin: ({ seed, machine }) => {
    const kerf = machine.kerf.x
    const best = Math.round(compensationFor(kerf) / STEP)
    const first = Math.max(0, best - 2 - Math.floor(4 * randomFrom(seed * 19 + 4)()))
    const steps = Array.from({ length: PAIRS }, (_, i) => Number(((first + i) * STEP).toFixed(2)))
    return {
      kerf,
      steps,
      pair: null,
      depth: 0,
      felt: steps.map(() => null),
      lifted: false,
      kept: null,
    }
  },
  act: (state, act) => {
    switch (act.do) {
      case 'press':
        return pushed(state, act.pair, 1)
      case 'push':
        return pushed(state, act.pair, act.depth)
      case 'lift':
        return state.pair === null || state.depth < goesTo(gapOf(state, state.pair))
          ? state
          : { ...state, lifted: true }
      case 'keep':
        return state.pair !== null && state.felt[state.pair] ? { ...state, kept: state.pair } : state
    }
  },
  goals: ({ felt, lifted, pair, kept }) => {
    const isSnug = (at: number | null): boolean => at !== null && felt[at] === 'snug'
    return [
      {
        text: `Press ${LEAST_TRIED} or more pairs together, and feel how each goes.`,
        done: felt.filter((word) => word !== null).length >= LEAST_TRIED,
      },
      {
        text: 'Lift one that goes home by hand. It should hold.',
        done: isSnug(kept) || (lifted && isSnug(pair)),
      },
      { text: 'Keep that pair.', done: isSnug(kept) },
    ]
  },
  feedback: (state, say) => {
    const { pair, felt, lifted, kept, steps, depth } = state
    if (pair === null) return ''
    const word = felt[pair]
    if (!word) return depth > 0 ? 'Push on until it stops.' : ''
    if (kept === pair)
      return word === 'snug'
        ? `Kept: a step of ${say.fine(steps[pair])} a side is snug on this laser, with this sheet.`
        : `A pair that is ${word} is not the one. ${FEELS[word]}`
    if (!lifted) return `Step ${say.fine(steps[pair])}: ${word}. ${FEELS[word]}`
    return holdsLifted(word)
      ? `Lifted by one half, the other one holds: ${word}.`
      : `Lifted by one half, the other one falls off: ${word}. Only glue would hold that.`
  },
  hint: ({ felt }) => {
    if (felt.every((word) => word === null)) return 'Take a pair from the middle first.'
    if (felt.includes('snug')) return 'One of those you have tried is snug: lift it, then keep it.'
    return felt.some((word) => word !== null && holdsLifted(word))
      ? 'Too tight: take a pair with a smaller step.'
      : 'Too loose: take a pair with a larger step.'
  },
  notes: ({ kerf, steps, kept }) =>
    kept === null ? {} : { interference: 2 * (steps[kept] - compensationFor(kerf)) },
}

function pushed(state: CombState, pair: number, to: number): CombState {
  if (pair < 0 || pair >= state.steps.length) return state
  const most = goesTo(gapOf(state, pair))
  const depth = Math.min(most, Math.max(0, to))
  const felt = state.felt.map((word, i) => (i === pair && depth >= most ? wordFor(gapOf(state, pair)) : word))
  return { ...state, pair, depth, felt, lifted: false }
}
