import type { CheckRecord } from '../belief'
import { tasteFromVerdict, type TasteRecord } from '../fit'
import type { Run } from '../plan'
import type { TestRecord } from '../tune'
import type { Job, Revision } from './schema'

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
    from: 'verdict',
    word: verdict,
    on: date,
    note: noteOf(name, number),
  }
}

/** Half of the 95 % interval of half a play: one reading of calipers taken from another, mm. [FM] */
const PLAY_DOUBT = 0.014

/** What measured plays of a revision say of its kerf; null while none is measured. */
export function playsOf({ id, number, date, plays, cut }: Revision, name: string): CheckRecord | null {
  if (!cut || plays.length === 0) return null
  const kept = (value: number): number => Number(Math.max(-2, Math.min(2, value)).toFixed(4))
  return {
    id: `play-${id}`,
    about: 'play',
    machineId: cut.machineId,
    stockId: cut.stockId,
    kerfId: cut.kerfId,
    off: plays.map((play) => kept(play / 2 - cut.gap)),
    doubt: PLAY_DOUBT,
    on: date,
    note: noteOf(name, number),
  }
}

const noteOf = (name: string, number: number): string => `${name.slice(0, 60)}, revision ${number}`

/** A cut that came through, or did not, is a test of its setting. */
export function testOfRevision({ id, date, through, cut }: Revision): TestRecord | null {
  if (!through || !cut?.machineId || !cut.stockId || !cut.setting || cut.thickness === null) return null
  const { machineId, stockId, family, thickness, setting } = cut
  const result = through === 'all' ? 'clean' : 'not through'
  return { id: `cut-${id}`, machineId, stockId, family, thickness, setting, result, on: date }
}
