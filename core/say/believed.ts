import {
  beliefOf,
  beliefsOf,
  believeCut,
  choiceReason,
  cuttingOf,
  failedAt,
  nextSteps,
  oddsOf,
  fitScale,
  throughScale,
  type CheckRecord,
  type FitEvidence,
  type Next,
  type PromiseRecord,
  type CutEvidence,
} from '../belief'
import { deriveAll } from '../derive'
import {
  half95,
  kerfFigure,
  kerfShift,
  ownWay,
  widenedBy,
  type FitBelief,
  type Odds,
  type TasteRecord,
} from '../fit'
import { checksOf, promiseOf, runsOf, tasteOfVerdict, testOfRevision, type Job } from '../job'
import { kerfOf, lastDone, movedKerf, type Direction, type KerfRecord, type MachineEvent } from '../kerf'
import { IN_METRIC } from '../length'
import { thicknessOf } from '../stock'
import { clockOf, expectedTime, plannedOf, type Run } from '../plan'
import type { Setting, TestRecord } from '../tune'

/** What a maker's bench knows, as far as beliefs rest on it. */
export interface KnownBench {
  kerfs: KerfRecord[]
  tests: TestRecord[]
  tastes: TasteRecord[]
  checks: CheckRecord[]
  promises: PromiseRecord[]
  events: MachineEvent[]
  runs: Run[]
}

type Range = [low: number, high: number]
interface Weighed extends Pick<Setting, 'speed' | 'power' | 'passes'> {
  through: number
  charred: number
}

/** All that is believed of a job, in mm, mm/s and minutes, odds from 0 to 1. */
export interface Believed {
  kerf: { x: number; y: number; interval95: Record<Direction, Range> }
  fit: { joint: string; gap: number; interval95: Range; odds: Odds }[]
  setting: Weighed & { failedHere: number; why: string }
  at: Weighed[]
  minutes: { low: number; likely: number; high: number }
  next: Next[]
}

const isFor = <T extends { id: string }>(list: (T | null)[]): T[] => list.filter((each) => each !== null)

/** The bench as a job file alone shows it: its own copies, and what its log says. */
function benchOf({ measure: { kerf }, tune, log, name }: Job): KnownBench {
  return {
    kerfs: kerf ? [kerf] : [],
    tests: [...tune.tests, ...isFor(log.map(testOfRevision))],
    tastes: isFor(log.map((each) => tasteOfVerdict(each, name))),
    checks: log.flatMap((each) => checksOf(each, name)),
    promises: isFor(log.map((each) => promiseOf(each, name))),
    events: [],
    runs: [],
  }
}

const about = (middle: number, half: number): Range => [middle - half, middle + half]
const byId = <T extends { id: string }>(list: T[]): T[] => [
  ...new Map(list.map((each) => [each.id, each])).values(),
]

/** Half of the interval of a kerf in one direction, without what differs from joint to joint. */
function kerfHalf(belief: FitBelief, kerf: ReturnType<typeof kerfOf>, way: Direction): number {
  const still = belief.cases.map((each) => ({ ...each, apart: ownWay([way, way], kerf) }))
  return half95(kerfFigure({ ...belief, cases: still }))
}

/**
 * What is believed of kerf, fit, setting and time of a job, and what would tell most.
 * @param bench what the maker's bench knows; null where the job's file is all there is
 * @param at further settings to be weighed
 */
export function believed(
  given: Job,
  bench: KnownBench | null,
  at: Pick<Setting, 'speed' | 'power' | 'passes'>[],
): Believed {
  const known = bench ?? benchOf(given)
  const { machine, stock, kerf } = given.measure
  const evidence: FitEvidence = {
    family: stock?.family ?? 'other',
    machineId: machine?.id,
    stockId: stock?.id,
    kerf,
    thickness: thicknessOf(stock),
    kerfs: known.kerfs,
    tastes: known.tastes,
    checks: known.checks,
    events: known.events,
  }
  const beliefs = beliefsOf(evidence)
  const own = widenedBy(beliefs.summary(), fitScale(known.promises))
  // What a job took over rests on a bench that its file does not show.
  const taken = given.measure.belief
  const belief = taken && bench === null && taken.count > own.count ? beliefOf(given.measure) : own
  const tests = byId([...known.tests, ...given.tune.tests])
  const isKnown = bench !== null && machine !== null
  const tried: CutEvidence = {
    tests,
    since: isKnown ? lastDone(machine.id, known.events) : given.tune.since,
    scale: isKnown ? throughScale(known.promises) : given.tune.scale,
  }
  const job = { ...given, measure: { ...given.measure, belief }, tune: { ...given.tune, ...tried } }
  const { plan, fit, box } = deriveAll(job).derived
  const moved = movedKerf(kerfOf(kerf), kerfShift(belief))
  const choice = plan?.choice
  const weighed = ({ speed, power, passes }: Pick<Setting, 'speed' | 'power' | 'passes'>): Weighed => {
    if (!machine || !stock) return { speed, power, passes, through: 0.5, charred: 0 }
    const thickness = box.thickness.mean
    const { need } = believeCut(tried, machine, stock, thickness)
    const cutting = cuttingOf({ speed, power, passes, air: true }, machine.watts, thickness)
    return { speed, power, passes, ...oddsOf(need, cutting) }
  }
  const here = tests.filter((test) => test.machineId === machine?.id && test.stockId === stock?.id)
  const setting = choice?.setting ?? { speed: 0, power: 0, passes: 1, air: false }
  const time =
    plan && expectedTime(clockOf(runsOf(machine?.id ?? '', known.runs, job)), plannedOf(plan.total))
  const minutes = (seconds: number | undefined): number => Math.round((seconds ?? 0) / 0.6) / 100
  return {
    kerf: {
      x: moved.by.x.width,
      y: moved.by.y.width,
      interval95: {
        x: about(moved.by.x.width, kerfHalf(belief, moved, 'x')),
        y: about(moved.by.y.width, kerfHalf(belief, moved, 'y')),
      },
    },
    fit: fit.joints.map(({ label, cut, cutDoubt, odds }) => ({
      joint: label,
      gap: cut,
      interval95: about(cut, cutDoubt),
      odds,
    })),
    setting: {
      ...weighed(setting),
      failedHere: failedAt(here, setting),
      why: choice ? choiceReason(choice, IN_METRIC) : 'Nothing can be cut: the box has a problem.',
    },
    at: at.map(weighed),
    minutes: { low: minutes(time?.low), likely: minutes(time?.seconds), high: minutes(time?.high) },
    next: nextSteps(beliefs, evidence, fit.wanted),
  }
}
