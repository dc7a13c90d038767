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
import { WORLDS, type WorldName, type Workshop } from '../../core/rehearse'
import { standardNormal, CALIPERS, NORMAL_95, randomFrom, shownBy } from '../../core/statistics'

type Random = () => number

const SIDE = 25
const SQUARES = 5
/** By how much the kerf at the joints is more than where and how the squares were cut and read. */
const beyondOf = ({ face, setting, bed }: Workshop, random: Random): number =>
  face + setting + (bed > 0 ? bed * standardNormal(random) : 0)
const meanOfList = (list: number[]): number => list.reduce((sum, each) => sum + each, 0) / list.length

/** What one copy was promised, and what one of its joints came to. */
interface Copied {
  held: boolean
  half: number
  /** The same for who knows how much joints and days differ, and has the squares' readings alone. */
  alone: number
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
interface Bench {
  shop: Workshop
  kerf: number
  beyond: number
  record: KerfRecord
}
function benchIn(world: WorldName, random: Random): Bench {
  const shop: Workshop = WORLDS[world](random)
  const beyond = beyondOf(shop, random)
  const kerf = 0.1 + 0.15 * random()
  const read = (truth: number): number =>
    shownBy({ ...CALIPERS, hand: shop.hand, zero: shop.zero }, truth, random)
  const square = (way: number): number =>
    read(SIDE - kerf - way * shop.oval - shop.apart * standardNormal(random))
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
  return { shop, kerf, beyond, record }
}

/** One maker: squares, a kerf, and copies of one box, each judged and cut by what is believed then. */
function makerIn(world: WorldName, seed: number, { copies, checked, plays }: Ways): Copied[] {
  const random = randomFrom(seed)
  const bench = benchIn(world, random)
  const { shop, kerf, beyond, record } = bench
  const taste = 0.005 * standardNormal(random)
  const evidence: FitEvidence = {
    family: 'plywood',
    machineId: 'm',
    stockId: 's',
    kerf: record,
    thickness: null,
    kerfs: [record],
    tastes: [],
    events: [],
    checks: checked ? ruledOut(bench, random) : [],
  }
  const done: Copied[] = []
  for (let copy = 0; copy < copies; copy++) {
    const belief = believeFit(evidence)
    const shift = kerfShift(belief)
    const { offset } = tasteOf(belief)
    // Compensated by half of what is believed, for a snug fit in these hands.
    const asked = record.width + shift + offset
    const day = shop.day * standardNormal(random)
    const gaps = Array.from(
      { length: 6 },
      () => kerf + beyond + day + shop.apart * standardNormal(random) - asked,
    )
    const { cutDoubt: half, odds } = promisedBy(belief, record)
    const middle = meanOfList(gaps)
    done.push({
      held: Math.abs(gaps[0] + offset) <= half,
      half,
      alone: NORMAL_95 * Math.hypot(record.doubt! / NORMAL_95, shop.apart, shop.day),
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
        slot: null,
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
  shownBy({ ...CALIPERS, hand: hand * Math.SQRT2 }, 2 * gap, random) / 2

const checkOf = (id: string, about: CheckRecord['about'], off: number[], doubt: number): CheckRecord => ({
  id,
  about,
  machineId: 'm',
  stockId: 's',
  kerfId: 'k',
  off,
  at: off.map(() => null),
  doubt,
  slot: null,
  on: '',
  note: '',
})

/**
 * Calipers on a gauge; by a few squares the other face, three places of the bed, the cut's own setting, three
 * other days; and the plays of a comb's joints.
 */
function ruledOut({ shop, kerf, beyond, record }: Bench, random: Random): CheckRecord[] {
  const { zero, hand, apart, day } = shop
  const off = kerf - record.width
  const few = (truth: number): number => truth + (hand / Math.sqrt(10)) * standardNormal(random)
  const [sd, three] = [0.006, 0.008]
  const days = [1, 2, 3].map(() => few(off - zero + day * standardNormal(random)))
  const joint = off + beyond + day * standardNormal(random)
  const plays = [1, 2, 3, 4, 5, 6, 7, 8].map(() =>
    readPlay(joint + apart * standardNormal(random), shop, random),
  )
  return [
    checkOf('calipers', 'calipers', [few(zero)], sd),
    checkOf('face', 'face', [few(beyond)], three),
    checkOf('place', 'place', [few(0)], three),
    checkOf('setting', 'setting', [few(0)], three),
    checkOf('day', 'day', days, three),
    checkOf('play-comb', 'play', plays, 0.014),
  ]
}

/** The word for what is felt, its limits a little soft. */
function heard(felt: number, random: Random): FitWord {
  const soft = felt + 0.005 * standardNormal(random)
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
  /** Half of the first copy's interval over that of the readings alone, with how joints and days differ. */
  width: number
  /** Mean distance of a copy's middle from what was asked for, mm. */
  off: number[]
}

export function figuresIn(world: WorldName, makers: number, ways: Ways, seed = 1): WorldFigures {
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
    width: meanOfList(copies[0].map(({ half, alone }) => half / alone)),
    off: copies.map((list) => meanOfList(list.map(({ off }) => Math.abs(off)))),
  }
}
