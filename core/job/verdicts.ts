import type { CheckRecord, PromiseRecord } from '../belief'
import { tasteFromVerdict, type TasteRecord } from '../fit'
import type { Run } from '../plan'
import type { TestRecord } from '../tune'
import { INSTRUMENTS, NORMAL_95 } from '../statistics'
import type { Measured, Revision } from './revision'
import type { Job } from './schema'
import { verdicts as words } from './words'

/**
 * What the minutes of a revision say of the machine's clock; null while there are none, or where nobody wrote
 * down what was planned. @param name of the job
 */
export function runOfRevision({ id, number, date, minutes, planned }: Revision, name: string): Run | null {
  if (!minutes || !planned) return null
  return { ...planned, id: `run-${id}`, on: date, took: minutes * 60, note: noteOf(name, number) }
}

/** Every cut that a machine was clocked at: those of the bench, and a job's own that are not there. */
export function runsOf(machineId: string, bench: Run[], { log, name }: Pick<Job, 'log' | 'name'>): Run[] {
  const own = log
    .flatMap((revision) => runOfRevision(revision, name) ?? [])
    .filter(({ id }) => !bench.some((run) => run.id === id))
  return [...bench, ...own]
    .filter((run) => run.machineId === machineId)
    .sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0))
}

/** Half of an interval as records keep it, mm. */
const kept = (half: number): number => Number(Math.max(0.001, Math.min(0.5, half)).toFixed(4))

/**
 * What the verdict on a revision says of the maker's own snug, under an id that stays the same when the
 * verdict is changed.
 * @param name of the job
 * @returns null while there is no verdict, or for a revision from before the figures of the cut were kept
 */
export function tasteOfVerdict(
  { id, number, date, verdict, cut }: Revision,
  name: string,
): TasteRecord | null {
  if (!verdict || !cut) return null
  const { interference, own, doubt } = tasteFromVerdict(verdict, cut.gap, cut.kerfSd)
  return {
    id: `verdict-${id}`,
    family: cut.family,
    interference: Number(Math.max(-0.5, Math.min(0.5, interference)).toFixed(4)),
    doubt: kept(doubt),
    own: kept(own),
    kerfId: cut.kerfId,
    best: null,
    slot: cut.slot,
    from: 'verdict',
    word: verdict,
    on: date,
    note: noteOf(name, number),
  }
}

/** As far off as records keep it, mm. */
const within = (off: number): number => Number(Math.max(-2, Math.min(2, off)).toFixed(4))

/** By how much the kerf is more than its record, as something measured says it, mm; null: it says nothing. */
function offOf({ what, told, read }: Measured, { gap, kerf }: NonNullable<Revision['cut']>): number | null {
  if (what === 'play') return read / 2 - gap
  return kerf === null ? null : told - read - kerf
}
/** Deviation of such a figure: half of one reading taken from another, or one reading of a part, mm. */
const deviationOf = ({ what, by }: Measured): number =>
  what === 'play' ? INSTRUMENTS[by] / Math.SQRT2 : INSTRUMENTS[by]

/** What joints and parts that were measured after a cut say of its kerf: a check of each kind. */
export function checksOf({ id, number, date, measured, cut }: Revision, name: string): CheckRecord[] {
  if (!cut) return []
  return (['play', 'part'] as const).flatMap((about): CheckRecord[] => {
    const seen = measured.flatMap((each) => {
      const off = each.what === about ? offOf(each, cut) : null
      return off === null ? [] : [{ off: within(off), at: each.at, sd: deviationOf(each) }]
    })
    if (seen.length === 0) return []
    const variance = seen.reduce((sum, { sd }) => sum + sd * sd, 0) / seen.length
    return [
      {
        id: `${about}-${id}`,
        about,
        machineId: cut.machineId,
        stockId: cut.stockId,
        kerfId: cut.kerfId,
        off: seen.map(({ off }) => off),
        at: seen.map(({ at }) => at),
        doubt: kept(NORMAL_95 * Math.sqrt(variance)),
        slot: about === 'play' ? cut.slot : null,
        on: date,
        note: noteOf(name, number),
      },
    ]
  })
}

/** What was promised of a cut, with what came of it; null while nothing did. */
export function promiseOf(
  { id, number, date, cut, verdict, measured, through }: Revision,
  name: string,
): PromiseRecord | null {
  if (!cut?.promised) return null
  // One joint is what the interval is about; the mean of several is nearer.
  const play = measured.find(({ what }) => what === 'play')
  const off = play ? within(play.read / 2 - cut.gap - cut.promised.shift) : null
  if (verdict === null && off === null && through === null) return null
  return {
    id: `promise-${id}`,
    on: date,
    note: noteOf(name, number),
    promised: cut.promised,
    word: verdict,
    off,
    came: through === null ? null : through === 'all',
  }
}

const noteOf = (name: string, number: number): string => words.revision(name.slice(0, 60), number)

/** A cut that came through, or did not, is a test of its setting. */
export function testOfRevision({ id, date, through, passed, cut }: Revision): TestRecord | null {
  if (!through || !cut?.machineId || !cut.stockId || !cut.setting || cut.thickness === null) return null
  const { machineId, stockId, family, thickness } = cut
  const setting = { ...cut.setting, passes: passed ?? cut.setting.passes }
  const result = through === 'all' ? 'clean' : 'not through'
  return { id: `cut-${id}`, machineId, stockId, family, thickness, setting, result, on: date }
}
