import type { Job, Revision } from '../job'
import { clockOf, expectedTime, type Run } from '../plan'
import { MACHINE_FIGURE, STOCK_FIGURE } from '../say'

/** One cut of any job, as the workshop's book has it. */
export interface BookRow {
  job: string
  name: string
  number: number
  /** ISO 8601, and the calendar's month of the workshop: 2026-10. */
  date: string
  month: string
  /** As they were called then. */
  machine: string
  stock: string
  /** Minutes that it took, and that the machine's clock as it stood then expected; null where unknown. */
  minutes: number | null
  expected: number | null
  fit: Revision['verdict']
  /** Odds that the fit that was asked for would come, 0 to 1. */
  fitOdds: number | null
  fitCame: boolean | null
  through: Revision['through']
  throughOdds: number | null
  sheets: number | null
  offcuts: number | null
  /** Area cut from, and what of it is in no part nor back on the bench, mm². */
  area: number | null
  waste: number | null
  cost: number | null
}

const NOT_KNOWN = 'not known'
const figure = ({ figures }: Revision, label: string): string | undefined =>
  figures.find((each) => each.label === label)?.value

/** What it was cut from: as its figures say, or else as was written down of what it took. */
const stockOf = (revision: Revision): string =>
  figure(revision, STOCK_FIGURE) ?? (revision.used.map(({ stock }) => stock).join(', ') || NOT_KNOWN)

/** What the clock of its machine expected of a cut, by the runs before it. Minutes. */
function expectedOf({ planned, date, id }: Revision, runs: Run[]): number | null {
  if (!planned) return null
  const before = runs
    .filter((run) => run.machineId === planned.machineId && run.on < date && run.id !== `run-${id}`)
    .sort((a, b) => (a.on < b.on ? -1 : 1))
  return expectedTime(clockOf(before), planned).seconds / 60
}

/** Sums of what was used of all stocks; nothing where it was not written down. */
function sumsOf({ used }: Revision): Pick<BookRow, 'sheets' | 'offcuts' | 'area' | 'waste' | 'cost'> {
  if (used.length === 0) return { sheets: null, offcuts: null, area: null, waste: null, cost: null }
  const sum = (of: (each: Revision['used'][number]) => number): number =>
    used.reduce((total, each) => total + of(each), 0)
  return {
    sheets: sum(({ sheets }) => sheets),
    offcuts: sum(({ offcuts }) => offcuts),
    area: sum(({ area }) => area),
    waste: Math.max(
      0,
      sum(({ area, parts, kept }) => area - parts - kept),
    ),
    cost: sum(({ cost }) => cost),
  }
}

function fitOf({ verdict, cut }: Revision): Pick<BookRow, 'fit' | 'fitOdds' | 'fitCame'> {
  const promised = cut?.promised
  if (!promised) return { fit: verdict, fitOdds: null, fitCame: null }
  const { wanted, odds } = promised
  return { fit: verdict, fitOdds: odds[wanted], fitCame: verdict === null ? null : verdict === wanted }
}

/** Something that was really cut: a rehearsal and what a mock-up taught have no figures. */
const isCut = ({ figures }: Revision): boolean => figures.length > 0

/**
 * Every cut in the logs of all jobs, the newest first. A batch stands in the logs of its jobs as well: it is
 * counted once, where its sheets were.
 * @param runs of all machines, clocked @param monthOf the month of a date where the workshop is
 */
export function bookRows(jobs: Job[], runs: Run[], monthOf: (date: string) => string): BookRow[] {
  const cuts = jobs.flatMap((job) => job.log.filter(isCut).map((revision) => ({ job, revision })))
  const whole = new Map<string, (typeof cuts)[number]>()
  for (const cut of cuts) {
    const known = whole.get(cut.revision.id)
    if (!known || (cut.revision.planned && !known.revision.planned)) whole.set(cut.revision.id, cut)
  }
  return [...whole.values()]
    .map(({ job, revision }) => ({
      job: job.id,
      name: job.name,
      number: revision.number,
      date: revision.date,
      month: monthOf(revision.date),
      machine: figure(revision, MACHINE_FIGURE) ?? NOT_KNOWN,
      stock: stockOf(revision),
      minutes: revision.minutes,
      expected: expectedOf(revision, runs),
      ...fitOf(revision),
      through: revision.through,
      throughOdds: revision.cut?.promised?.through ?? null,
      ...sumsOf(revision),
    }))
    .sort((a, b) => (a.date > b.date ? -1 : a.date < b.date ? 1 : 0))
}
