import type { ShallowRef } from 'vue'
import { throughScale, type CheckRecord, type PromiseRecord, type CutEvidence } from '@core/belief'
import type { TasteRecord } from '@core/fit'
import type { Job } from '@core/job'
import { kerfsElsewhere, lastDone, newestKerf, type KerfRecord, type MachineEvent } from '@core/kerf'
import { isSameRecord } from '@core/limits'
import type { Machine } from '@core/machine'
import type { Stock } from '@core/stock'
import type { TestRecord } from '@core/tune'
import { benchBeliefs } from './bench-beliefs'
import { benchFigures as words } from './words'

interface Shelves {
  machines: ShallowRef<Machine[]>
  stocks: ShallowRef<Stock[]>
  kerfs: ShallowRef<KerfRecord[]>
  tests: ShallowRef<TestRecord[]>
  tastes: ShallowRef<TasteRecord[]>
  events: ShallowRef<MachineEvent[]>
  checks: ShallowRef<CheckRecord[]>
  promises: ShallowRef<PromiseRecord[]>
}

/** A scale that moved by less is the same one, as a share. */
const RESCALED = 0.05

const isOther = (record: object | null | undefined, copy: object | null): boolean =>
  record != null && !isSameRecord(record, copy)

/** What the bench says a job would be measured with now. */
export function benchFigures({ machines, stocks, kerfs, tests, tastes, events, checks, promises }: Shelves) {
  const kerfFor = (machineId: string | undefined, stockId: string | undefined): KerfRecord | null =>
    newestKerf(kerfs.value, machineId, [stockId])

  /**
   * What a job would cut with now: the bench's newest kerf, unless the job's own copy is newer, as when its
   * record was taken off the bench.
   */
  function latestKerf(
    machine: Machine | null,
    stock: Stock | null,
    own: KerfRecord | null,
  ): KerfRecord | null {
    const newest = kerfFor(machine?.id, stock?.id)
    return own && (newest === null || newest.on < own.on) ? own : newest
  }

  const { evidenceFor, beliefFor, snugIn, beginningFit } = benchBeliefs({
    kerfs,
    tastes,
    checks,
    events,
    promises,
  })
  /** What was tried on a machine, and how far it goes. */
  const triedOn = (machineId: string | undefined): CutEvidence => ({
    tests: tests.value.filter((test) => test.machineId === machineId),
    since: lastDone(machineId, events.value),
    scale: throughScale(promises.value),
  })
  /** What of that a job did not take over, where it would move anything. */
  function newlyTried({ measure: { machine, stock }, tune }: Pick<Job, 'measure' | 'tune'>): string[] {
    const { tests: all, since, scale } = triedOn(machine?.id)
    const own = all.filter(({ family }) => family === stock?.family)
    const hasTests = own.some((test) => !tune.tests.some(({ id }) => id === test.id))
    const isScaled = Math.abs(scale / tune.scale - 1) > RESCALED
    const isDone = machine !== null && since !== tune.since && tune.tests.some(({ on }) => on < since)
    return [...(hasTests || isScaled ? ['tests'] : []), ...(isDone ? [words.doneMachine] : [])]
  }

  /** Names of what the bench knows differently from a job's copies. */
  function newerThan(job: Pick<Job, 'measure' | 'tune'>): string[] {
    const { machine, stock, kerf, belief, more } = job.measure
    const differs = (records: { id: string }[], copy: { id: string } | null): boolean =>
      isOther(
        records.find(({ id }) => id === copy?.id),
        copy,
      )
    return [
      ...(differs(machines.value, machine) ? [words.theMachine] : []),
      ...(differs(stocks.value, stock) ? [words.theStock] : []),
      ...(isOther(latestKerf(machine, stock, kerf), kerf) ? [words.theKerf] : []),
      ...(isOther(beliefFor({ machine, stock, kerf: latestKerf(machine, stock, kerf) }), belief)
        ? [words.believedFit]
        : []),
      ...more.flatMap((each) =>
        differs(stocks.value, each.stock) || isOther(latestKerf(machine, each.stock, each.kerf), each.kerf)
          ? [each.stock.name]
          : [],
      ),
      ...newlyTried(job),
    ]
  }

  /** A job's measured figures as the bench has them now. */
  const renewed = (measure: Job['measure']): Job['measure'] => {
    const machine = machines.value.find(({ id }) => id === measure.machine?.id) ?? measure.machine
    const stock = stocks.value.find(({ id }) => id === measure.stock?.id) ?? measure.stock
    const more = measure.more.map((each) => {
      const other = stocks.value.find(({ id }) => id === each.stock.id) ?? each.stock
      const kerf = latestKerf(machine, other, each.kerf)
      return { stock: other, kerf, belief: beliefFor({ machine, stock: other, kerf }) ?? each.belief }
    })
    const kerf = latestKerf(machine, stock, measure.kerf)
    const belief = beliefFor({ machine, stock, kerf }) ?? measure.belief
    return { ...measure, machine, stock, kerf, belief, more }
  }
  /** What the machine took from other stocks. */
  const knownOf = ({ machine, stock }: Job['measure']): { kerfs: number[] } => ({
    kerfs: kerfsElsewhere(machine?.id, stock?.id, kerfs.value),
  })
  return { kerfFor, evidenceFor, beliefFor, snugIn, beginningFit, triedOn, newerThan, renewed, knownOf }
}
