import { believeFit, type CheckRecord, type FitEvidence } from '../../core/belief'
import {
  kerfShift,
  rangeOf,
  tabOdds,
  type FitBelief,
  type JointOdds,
  tasteOf,
  wordFor,
  WORD_LIMITS,
  type FitWord,
} from '../../core/fit'
import { compensations, kerfFromSquares, kerfOf, movedKerf, type KerfRecord } from '../../core/kerf'
import { bell } from '../../core/rehearse'
import { randomFrom } from '../../core/statistics'

type Random = () => number

/**
 * A workshop as nobody knows it: what is wrong with its readings, and with its kerf beyond them, mm. All of
 * it invented, within what makers report. [FM]
 */
interface Workshop {
  /** Added to every reading of calipers. */
  zero: number
  /** Hand of one reading, a deviation. */
  hand: number
  /** By how much the kerf at the joints is more than where and how the squares were cut and read. */
  beyond: number
  /** From joint to joint, and from copy to copy, deviations. */
  apart: number
  day: number
  /** By how much the two directions differ. */
  oval: number
}

const PLAIN: Workshop = { zero: 0, hand: 0.01, beyond: 0, apart: 0.004, day: 0.002, oval: 0 }
const either = (random: Random, size: number): number => (random() < 0.5 ? -size : size)

/** Twelve kinds of them: each with something that squares do not show, or that they show badly. */
export const WORLDS: Record<string, (random: Random) => Workshop> = {
  plain: () => PLAIN,
  'oval beam': (random) => ({ ...PLAIN, oval: 0.02 + 0.03 * random() }),
  'part to part': () => ({ ...PLAIN, apart: 0.013 }),
  'drifting power': () => ({ ...PLAIN, day: 0.013 }),
  knotty: (random) => ({ ...PLAIN, apart: random() < 0.3 ? 0.016 : 0.008 }),
  taper: (random) => ({ ...PLAIN, beyond: 0.006 + 0.014 * random() }),
  'another speed': (random) => ({ ...PLAIN, beyond: either(random, 0.005 + 0.015 * random()) }),
  'calipers off': (random) => ({ ...PLAIN, zero: either(random, 0.02) }),
  'a hand that squeezes': (random) => ({ ...PLAIN, zero: -(0.008 + 0.016 * random()) }),
  'focus over the bed': (random) => ({ ...PLAIN, beyond: 0.012 * bell(random), apart: 0.008 }),
  'ends that swell': (random) => ({ ...PLAIN, beyond: 0.006 + 0.014 * random() }),
  'unsteady hand': () => ({ ...PLAIN, hand: 0.02 }),
}

const SIDE = 25
const SQUARES = 5
const typed = (value: number): number => Math.round(value * 100) / 100
const meanOfList = (list: number[]): number => list.reduce((sum, each) => sum + each, 0) / list.length

/** What one copy was promised, and what one of its joints came to. */
interface Copied {
  held: boolean
  half: number
  /** What readings alone would give. */
  readings: number
  said: number
  came: boolean
  /** By how far the middle of its joints was off what was asked for, mm. */
  off: number
}

interface Ways {
  copies: number
  /** Whether what could be ruled out was, before the first copy. */
  checked: boolean
  /** Whether plays are measured, beside a word. */
  plays: boolean
}

/** A workshop of a world, its true kerf, and the record that five squares come to there. */
function benchIn(world: string, random: Random): { shop: Workshop; kerf: number; record: KerfRecord } {
  const shop = WORLDS[world](random)
  const kerf = 0.1 + 0.15 * random()
  const read = (truth: number): number => typed(truth + shop.zero + shop.hand * bell(random))
  const square = (way: number): number => read(SIDE - kerf - way * shop.oval - shop.apart * bell(random))
  const list = (way: number): number[] => Array.from({ length: SQUARES }, () => square(way))
  const result = kerfFromSquares(SIDE, { xs: list(0.5), ys: list(-0.5) })
  const record: KerfRecord = {
    id: 'k',
    machineId: 'm',
    stockId: 's',
    width: result.width,
    doubt: result.doubt,
    kx: result.kx,
    ky: result.ky,
    method: 'squares',
    setting: '',
    on: '',
    how: '',
  }
  return { shop, kerf, record }
}

/** One maker: squares, a kerf, and copies of one box, each judged and cut by what is believed then. */
function makerIn(world: string, seed: number, { copies, checked, plays }: Ways): Copied[] {
  const random = randomFrom(seed)
  const { shop, kerf, record } = benchIn(world, random)
  const taste = 0.005 * bell(random)
  const evidence: FitEvidence = {
    family: 'plywood',
    machineId: 'm',
    stockId: 's',
    kerf: record,
    kerfs: [record],
    tastes: [],
    checks: checked ? ruledOut(shop, random) : [],
  }
  const done: Copied[] = []
  for (let copy = 0; copy < copies; copy++) {
    const belief = believeFit(evidence)
    const shift = kerfShift(belief)
    const { offset } = tasteOf(belief)
    // Compensated by half of what is believed, for a snug fit in these hands.
    const asked = record.width + shift + offset
    const day = shop.day * bell(random)
    const gaps = Array.from({ length: 6 }, () => kerf + shop.beyond + day + shop.apart * bell(random) - asked)
    const { cutDoubt: half, odds } = promisedBy(belief, record)
    const middle = meanOfList(gaps)
    done.push({
      held: Math.abs(gaps[0] + offset) <= half,
      half,
      readings: record.doubt!,
      said: odds.snug,
      came: wordFor(gaps[0] + taste) === 'snug',
      off: middle + offset,
    })
    const word = heard(middle + taste, random)
    const { middle: at, half: own } = rangeOf(word)
    const gap = record.width - asked
    evidence.tastes = [
      ...evidence.tastes,
      {
        id: `verdict-${copy}`,
        family: 'plywood',
        interference: at - gap,
        doubt: own,
        own,
        kerfId: 'k',
        best: null,
        from: 'verdict',
        word,
        on: '',
        note: '',
      },
    ]
    if (plays)
      evidence.checks = [
        ...evidence.checks,
        checkOf(
          `play-${copy}`,
          'play',
          gaps.slice(0, 3).map((each) => readPlay(each, shop, random) - gap),
          0.014,
        ),
      ]
  }
  return done
}

/** Half of a play, as two readings say it: what is wrong with the calipers is in both. */
const readPlay = (gap: number, { hand }: Workshop, random: Random): number =>
  typed(2 * gap + hand * Math.SQRT2 * bell(random)) / 2

const checkOf = (id: string, about: CheckRecord['about'], off: number[], doubt: number): CheckRecord => ({
  id,
  about,
  machineId: 'm',
  stockId: 's',
  kerfId: 'k',
  off,
  doubt,
  on: '',
  note: '',
})

/** Calipers on a gauge; by a few squares the other face, three places of the bed, the cut's own setting. */
function ruledOut({ zero, beyond, hand }: Workshop, random: Random): CheckRecord[] {
  const few = (truth: number): number => truth + (hand / Math.sqrt(10)) * bell(random)
  const [sd, three] = [0.006, 0.008]
  return [
    checkOf('calipers', 'calipers', [few(zero)], sd),
    checkOf('face', 'face', [few(beyond)], three),
    checkOf('place', 'place', [few(0)], three),
    checkOf('setting', 'setting', [few(0)], three),
  ]
}

/** The word for what is felt, its limits a little soft. */
function heard(felt: number, random: Random): FitWord {
  const soft = felt + 0.005 * bell(random)
  return WORD_LIMITS.find(({ upTo }) => soft < upTo)!.word
}

/** What is promised of joints that are compensated by half of what is believed, and for these hands. */
function promisedBy(belief: FitBelief, record: KerfRecord): JointOdds {
  const kerf = movedKerf(kerfOf(record), kerfShift(belief))
  const { offset } = tasteOf(belief)
  return tabOdds(['x', 'y'], kerf, compensations(kerf), offset, belief)
}

/** What a world comes to, over so many makers. */
export interface WorldFigures {
  /** Share of intervals that held a joint, by copy. */
  held: number[]
  /** Of promises over 95 %, by copy: how many there were, and the share that came. */
  promised: { count: number; came: number }[]
  /** Half of the first copy's interval over that of the readings alone. */
  width: number
  /** Mean distance of a copy's middle from what was asked for, mm. */
  off: number[]
}

export function figuresIn(world: string, makers: number, ways: Ways, seed = 1): WorldFigures {
  const all = Array.from({ length: makers }, (_, i) => makerIn(world, seed * 100_003 + i, ways))
  const copies = Array.from({ length: ways.copies }, (_, copy) => all.map((each) => each[copy]))
  return {
    held: copies.map((list) => meanOfList(list.map(({ held }) => Number(held)))),
    promised: copies.map((list) => {
      const firm = list.filter(({ said }) => said > 0.95)
      return {
        count: firm.length,
        came: firm.length === 0 ? 1 : meanOfList(firm.map(({ came }) => Number(came))),
      }
    }),
    width: meanOfList(copies[0].map(({ half, readings }) => half / readings)),
    off: copies.map((list) => meanOfList(list.map(({ off }) => Math.abs(off)))),
  }
}
