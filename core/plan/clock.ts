import { z } from 'zod'
import { widthScale } from '../statistics'

const seconds = z.number().min(0).max(10_000_000)

/** A cut that was clocked: what was planned of it, and how long it took, by one machine. Seconds. */
export const runSchema = z.strictObject({
  id: z.string().min(1).max(80),
  machineId: z.string().min(1).max(60),
  on: z.string().max(40),
  /**
   * Length over speed; stopping, starting and travelling; how often a cut was begun; and how many programs
   * were run, each with its homing and its first way.
   */
  cutting: seconds,
  moving: seconds,
  starts: z.number().int().min(0).max(10_000_000),
  programs: z.number().int().min(1).max(800),
  took: seconds,
  note: z.string().max(200),
})
export type Run = z.infer<typeof runSchema>
export type Planned = Pick<Run, 'cutting' | 'moving' | 'starts' | 'programs'>

/**
 * What a machine's clock says of its figures: it took `rates[0]` times the cutting, `rates[1]` times the
 * moving, `rates[2]` seconds for every start and `rates[3]` for every program, known as well as `spread` says
 * (their covariance).
 */
export interface Clock {
  runs: number
  rates: Row
  /** By how much its intervals are widened, or narrowed, by what earlier cuts came to. */
  scale: number
  spread: [Row, Row, Row, Row]
}
type Row = [number, number, number, number]

/** How long a cut takes, with the 90 % interval. Seconds. */
export interface Expected {
  seconds: number
  low: number
  high: number
  runs: number
}

/** What of a planned time a clock is held against. */
export const plannedOf = ({
  cutting,
  corners,
  travel,
  starts,
  programs,
}: {
  cutting: number
  corners: number
  travel: number
  starts: number
  programs: number
}): Planned => ({ cutting, moving: corners + travel, starts, programs })

/** Before anything was clocked: the plan itself, and how far machines are off it, one deviation. [FM] */
const USUAL: Row = [1, 1, 0, 0]
const OFF: Row = [0.04, 0.4, 0.2, 40]
/** A run is off by this share, and by what minutes are rounded to and the hand adds, s. [FM] */
const SHARE = 0.03
const HAND = 20

/** Standard deviations that nine of ten lie within. [DEF] */
const NINE_OF_TEN = 1.645

const rowOf = ({ cutting, moving, starts, programs }: Planned): Row => [cutting, moving, starts, programs]
const dot = (a: Row, b: Row): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2] + a[3] * b[3]
const times = (m: Clock['spread'], v: Row): Row => [dot(m[0], v), dot(m[1], v), dot(m[2], v), dot(m[3], v)]
const noiseOf = ({ cutting, moving }: Planned): number => (SHARE * (cutting + moving)) ** 2

/**
 * Learns from clocked cuts how a machine's times differ from what is planned: a straight line through four
 * figures, updated run by run. [PUB: Kalman, A New Approach to Linear Filtering and Prediction Problems,
 * Journal of Basic Engineering 82 (1960), for what stands still]
 */
export function clockOf(runs: Run[]): Clock {
  const clock: Clock = {
    runs: runs.length,
    rates: [...USUAL],
    scale: 1,
    spread: [
      [OFF[0] ** 2, 0, 0, 0],
      [0, OFF[1] ** 2, 0, 0],
      [0, 0, OFF[2] ** 2, 0],
      [0, 0, 0, OFF[3] ** 2],
    ],
  }
  const scores: number[] = []
  for (const run of runs) {
    const row = rowOf(run)
    const spread = times(clock.spread, row)
    const doubt = dot(row, spread) + noiseOf(run) + HAND ** 2
    const error = run.took - dot(row, clock.rates)
    const off = error / doubt
    scores.push((error * error) / doubt)
    for (const i of [0, 1, 2, 3] as const) {
      clock.rates[i] += spread[i] * off
      for (const j of [0, 1, 2, 3] as const) clock.spread[i][j] -= (spread[i] * spread[j]) / doubt
    }
  }
  clock.scale = widthScale(scores)
  return clock
}

/** How long a planned cut takes by that clock. */
export function expectedTime(clock: Clock, planned: Planned): Expected {
  const row = rowOf(planned)
  const seconds = Math.max(0, dot(row, clock.rates))
  const sd = clock.scale * Math.sqrt(dot(row, times(clock.spread, row)) + noiseOf(planned))
  // Nothing is quicker than its cuts at their speed, by much.
  const low = Math.max(seconds - NINE_OF_TEN * sd, planned.cutting * 0.9)
  return { seconds, low: Math.min(low, seconds), high: seconds + NINE_OF_TEN * sd, runs: clock.runs }
}

/** What was stated of each clocked cut by the ones before it, and what came. */
export function clockPromises(runs: Run[]): { said: number; came: boolean }[] {
  const inOrder = [...runs].sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0))
  return inOrder.map((run, i) => {
    const { low, high } = expectedTime(clockOf(inOrder.slice(0, i)), run)
    return { said: 0.9, came: run.took >= low && run.took <= high }
  })
}
