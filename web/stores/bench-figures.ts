import type { ShallowRef } from 'vue'
import { tasteFor, type Taste, type TasteRecord } from '@core/fit'
import type { Job } from '@core/job'
import { kerfsElsewhere, lastDone, newestKerf, type KerfRecord, type MachineEvent } from '@core/kerf'
import { same } from '@core/limits'
import type { Machine } from '@core/machine'
import type { Family, Stock } from '@core/stock'
import type { TestRecord } from '@core/tune'

interface Shelves {
  machines: ShallowRef<Machine[]>
  stocks: ShallowRef<Stock[]>
  kerfs: ShallowRef<KerfRecord[]>
  tests: ShallowRef<TestRecord[]>
  tastes: ShallowRef<TasteRecord[]>
  events: ShallowRef<MachineEvent[]>
}

const isOther = (record: object | null | undefined, copy: object | null): boolean =>
  record != null && !same(record, copy)

/** What the bench says a job would be measured with now. */
export function benchFigures({ machines, stocks, kerfs, tests, tastes, events }: Shelves) {
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

  /**
   * The maker's own snug for a family; null while nothing is known of it. @param more records counted as
   * well, in place of theirs
   */
  function tasteOf(family: Family | undefined, ...more: TasteRecord[]): Taste | null {
    const own = tastes.value.filter(({ id }) => !more.some((each) => each.id === id))
    const taste = family ? tasteFor([...own, ...more], family) : null
    return taste && taste.count > 0 ? taste : null
  }

  /** Names of what the bench knows differently from a job's copies. */
  function newerThan({ measure: { machine, stock, kerf, taste, more }, tune }: Job): string[] {
    const differs = (records: { id: string }[], copy: { id: string } | null): boolean =>
      isOther(
        records.find(({ id }) => id === copy?.id),
        copy,
      )
    const own = tests.value.filter((test) => test.machineId === machine?.id && test.family === stock?.family)
    return [
      ...(differs(machines.value, machine) ? ['the machine'] : []),
      ...(differs(stocks.value, stock) ? ['the stock'] : []),
      ...(isOther(latestKerf(machine, stock, kerf), kerf) ? ['the kerf'] : []),
      ...(isOther(tasteOf(stock?.family), taste) ? ['your own snug'] : []),
      ...more.flatMap((each) =>
        differs(stocks.value, each.stock) || isOther(latestKerf(machine, each.stock, each.kerf), each.kerf)
          ? [each.stock.name]
          : [],
      ),
      ...(own.some((test) => !tune.tests.some(({ id }) => id === test.id)) ? ['tests'] : []),
    ]
  }

  /** A job's measured figures as the bench has them now. */
  const renewed = (measure: Job['measure']): Job['measure'] => {
    const machine = machines.value.find(({ id }) => id === measure.machine?.id) ?? measure.machine
    const stock = stocks.value.find(({ id }) => id === measure.stock?.id) ?? measure.stock
    const more = measure.more.map((each) => {
      const other = stocks.value.find(({ id }) => id === each.stock.id) ?? each.stock
      const kerf = latestKerf(machine, other, each.kerf)
      return { stock: other, kerf, taste: tasteOf(other.family) ?? each.taste }
    })
    return {
      ...measure,
      machine,
      stock,
      kerf: latestKerf(machine, stock, measure.kerf),
      taste: tasteOf(stock?.family) ?? measure.taste,
      more,
    }
  }
  /** What the machine took from other stocks, and when it was last worked on. */
  const knownOf = ({ machine, stock }: Job['measure']): { kerfs: number[]; since: string } => ({
    kerfs: kerfsElsewhere(machine?.id, stock?.id, kerfs.value),
    since: lastDone(machine?.id, events.value),
  })
  return { kerfFor, tasteOf, newerThan, renewed, knownOf }
}
