import type { Odds, FitWord } from '../../core/fit'
import type { Job } from '../../core/job'
import { kerfFromSquares, type KerfRecord } from '../../core/kerf'
import { standardNormal, CALIPERS, randomFrom, shownBy } from '../../core/statistics'
import { hiddenMachine, hiddenSheet, rehearse, type CutPart, type Hidden } from '../../core/rehearse'
import { cutEnergy, type TestRecord } from '../../core/tune'
import { demo } from './demo'
import { laidOut } from './laid-out'

/** What one copy of a box was promised, and how each of its joints came out. */
export interface Copied {
  wanted: FitWord
  odds: Odds
  words: FitWord[]
  gaps: number[]
  /** The gap that was asked for, mm. */
  asked: number
}

/** One maker's way: Measure, Tune and Cut on a machine that nobody knows; and the next copy. */
export interface Loop {
  first: Copied
  next: Copied
}

const SIDE = 30
const POWER = 65

const SIZE = { width: 600, height: 400 }
const TRUE_THICKNESS = { mean: 3, doubt: 0.05 }

interface Bench {
  hidden: Hidden
  reading: (truth: number) => number
  random: () => number
}

/** Five readings of a sheet, as its owner takes them: at the corners and in the middle. */
function measured({ hidden, reading }: Bench, base: Job): Job {
  const { thickness } = hiddenSheet(hidden.seed, 0, SIZE, TRUE_THICKNESS, 'plywood')
  const places = [[40, 40], [560, 40], [300, 200], [40, 360], [560, 360]] // oxfmt-ignore
  const readings = places.map(([x, y]) => ({ value: reading(thickness(x, y)), spot: '', on: '' }))
  const stock = { ...base.measure.stock!, family: 'plywood' as const, readings, offcuts: [] }
  return { ...base, measure: { ...base.measure, stock, belief: null, more: [], kerf: null } }
}

const meanOf = (values: number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length

/** Test cuts from a careful start on, halving between what went through and what did not. */
function tuned({ hidden }: Bench, job: Job): Job {
  const { machine, stock } = job.measure
  const thickness = meanOf(stock!.readings.map(({ value }) => value))
  const tests: TestRecord[] = []
  let [low, high] = [4, 40]
  for (let i = 0; i < 6; i++) {
    const speed = Math.round(((low + high) / 2) * 10) / 10
    const setting = { speed, power: POWER, passes: 1, air: true }
    const ratio = cutEnergy(setting, machine!.watts, thickness) / hidden.need
    const result = ratio < 1 ? 'not through' : ratio < 1.1 ? 'just through' : 'clean'
    const of = { machineId: machine!.id, stockId: stock!.id, family: 'plywood' as const, thickness }
    tests.push({ id: `t${i}`, ...of, setting, result, on: '' })
    if (ratio < 1.1) high = speed
    else low = speed
  }
  return { ...job, tune: { ...job.tune, tests, picked: null } }
}

/** The kerf at the energy that is cut with, and how it wanders from piece to piece. */
function kerfAt({ hidden, random }: Bench, ratio: number): { x: number; y: number } {
  const wider = 1 + hidden.widening * Math.max(-0.5, Math.min(4, ratio - hidden.measuredAt))
  const here = hidden.wander * standardNormal(random)
  return { x: hidden.kerf.x * wider + here, y: hidden.kerf.y * wider + here }
}

/** Five squares, read both ways. */
function withKerf(bench: Bench, job: Job): Job {
  const { plan } = laidOut(job).derived
  const { energy } = plan!.choice
  const squares = Array.from({ length: 5 }, () => kerfAt(bench, energy / bench.hidden.need))
  const found = kerfFromSquares(SIDE, {
    xs: squares.map(({ x }) => bench.reading(SIDE - x)),
    ys: squares.map(({ y }) => bench.reading(SIDE - y)),
  })
  return { ...job, measure: { ...job.measure, kerf: recordOf(job, found, 'squares') } }
}

type Found = Pick<KerfRecord, 'width' | 'doubt' | 'kx' | 'ky'>

const recordOf = ({ measure }: Job, { width, doubt, kx, ky }: Found, how: string): KerfRecord => ({
  id: how,
  machineId: measure.machine!.id,
  stockId: measure.stock!.id,
  width,
  doubt,
  kx,
  ky,
  method: 'squares',
  setting: '',
  on: '',
  how,
})

function cut(job: Job, { hidden }: Bench): { copied: Copied; parts: CutPart[]; whole: Job } {
  const { job: whole, derived } = laidOut(job)
  const made = rehearse(whole, hidden.seed, hidden)
  if (!made.ok) throw new Error(made.error)
  const { joints, parts } = made.rehearsal
  const words = joints.map(({ fit }) => fit)
  const { wanted, odds } = derived.fit
  return {
    copied: { wanted, odds, words, gaps: joints.map(({ gap }) => gap), asked: -job.interference },
    parts,
    whole,
  }
}

/** The kerf again, from the parts as they came out: what was told to the beam, less what was read. */
function readBack(job: Job, parts: CutPart[]): Job {
  const { parts: told } = laidOut(job)
  const both = parts.map(({ id, readings }) => {
    const { shape } = told.find((part) => part.id === id)!.lies[0]
    const width = Math.max(...shape.outline.map(({ x }) => x))
    const height = Math.max(...shape.outline.map(({ y }) => y))
    return { x: SIDE - (width - readings.width), y: SIDE - (height - readings.height) }
  })
  const found = kerfFromSquares(SIDE, { xs: both.map(({ x }) => x), ys: both.map(({ y }) => y) })
  return { ...job, measure: { ...job.measure, kerf: recordOf(job, found, 'parts') } }
}

/** What makers ask for, and what they type between that, mm: odds near a border are put to the test. */
const ASKED = { from: -0.09, to: 0.07 }

/** The whole way of one maker with the machine of a seed. */
export function loop(seed: number): Loop {
  const random = randomFrom(seed * 613 + 11)
  const width = 0.1 + 0.2 * random()
  const kerf = { x: width, y: width + 0.01 * standardNormal(random) }
  const known = { family: 'plywood' as const, kerf, doubt: 0, through: null }
  const hidden = hiddenMachine(seed, known)
  const reading = (truth: number): number => shownBy(CALIPERS, truth, random)
  const bench: Bench = { hidden, reading, random }
  const base = { ...demo('plain-tray'), interference: ASKED.from + (ASKED.to - ASKED.from) * random() }
  const job = withKerf(bench, tuned(bench, measured(bench, base)))
  const { copied: first, parts, whole } = cut(job, bench)
  const { copied: next } = cut(readBack(whole, parts), bench)
  return { first, next }
}

const WORDS: FitWord[] = ['forced', 'press', 'snug', 'easy', 'loose']

/** How often each word was promised, and how often it came, over all joints: the same weight for each box. */
export function reliability(copies: Copied[]): { word: FitWord; promised: number; came: number }[] {
  return WORDS.map((word) => ({
    word,
    promised: meanOf(copies.map(({ odds }) => odds[word])),
    came: meanOf(copies.map(({ words }) => words.filter((each) => each === word).length / words.length)),
  }))
}

/** The same by how sure a promise was: of all that was promised with such odds, how much came. */
export function bySureness(
  copies: Copied[],
): { from: number; promised: number; came: number; count: number }[] {
  const told = copies.flatMap(({ odds, words }) =>
    WORDS.map((word) => ({
      promised: odds[word],
      came: words.filter((each) => each === word).length / words.length,
    })),
  )
  return [0, 0.05, 0.25, 0.5, 0.75, 0.95].flatMap((from, i, all) => {
    const own = told.filter(({ promised }) => promised >= from && promised < (all[i + 1] ?? 2))
    if (own.length === 0) return []
    return [
      {
        from,
        promised: meanOf(own.map(({ promised }) => promised)),
        came: meanOf(own.map(({ came }) => came)),
        count: own.length,
      },
    ]
  })
}
