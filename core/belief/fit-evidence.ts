import type { FitWord, TasteRecord } from '../fit'
import type { KerfRecord, MachineEvent } from '../kerf'
import type { Family, Thickness } from '../stock'
import type { CheckRecord } from './check-record'

/** All that bears on how tabs of a stock fit on a machine. */
export interface FitEvidence {
  family: Family
  machineId: string | undefined
  stockId: string | undefined
  /** The kerf that is cut with; null where it is assumed. */
  kerf: KerfRecord | null
  /** The sheet as it was read; null where nobody asks of slots. */
  thickness: Pick<Thickness, 'mean' | 'meanSd' | 'local' | 'measured'> | null
  kerfs: KerfRecord[]
  tastes: TasteRecord[]
  checks: CheckRecord[]
  /** What was done to machines: kerfs from before and after are not the same one. */
  events: MachineEvent[]
}

/** Whether two records of a machine and a stock are of one kerf: nothing was done to the machine between. */
export function isSameKerf(a: KerfRecord, b: KerfRecord, events: MachineEvent[]): boolean {
  if (a.machineId !== b.machineId || a.stockId !== b.stockId) return false
  const [first, last] = [a.on, b.on].sort()
  return !events.some(({ machineId, on }) => machineId === a.machineId && on > first && on <= last)
}

/** Where a word puts kerf's error and snug together, mm; the outer words are open to one side. */
export function rangeFor(interference: number, own: number, word: FitWord | null): [number, number] {
  const [low, high] = [interference - own, interference + own]
  if (word === 'forced') return [-Infinity, high]
  if (word === 'loose') return [low, Infinity]
  return [low, high]
}
