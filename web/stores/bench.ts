import { defineStore } from 'pinia'
import type { Shelf } from '@web/data/unreadable'
import type { Job } from '@core/job'
import { RECORD_SCHEMAS } from '@core/keep'
import { isSameRecord, sentenceFor } from '@core/limits'
import { refuse } from '@web/refusals'
import { benchFigures } from './bench-figures'
import { benchShelves, type AnyRecord, type Records } from './bench-shelves'
import { useMessages } from './messages'
import { bench as words } from './words'

/** What is or was done to one record: put, changed (both are there) or taken away. */
export interface BenchChange {
  shelf: Shelf
  id: string
  before: AnyRecord | null
  after: AnyRecord | null
}

/** Why a change cannot be kept; null when it can. */
export function changeRefusal({ shelf, after }: BenchChange): string | null {
  const read = after && RECORD_SCHEMAS[shelf].safeParse(after)
  return read && !read.success ? words.cannotKept(sentenceFor(read.error)) : null
}

/** What all jobs share: machines, stock, kerfs and tests. Jobs keep copies of what they used. */
export const useBench = defineStore('bench', () => {
  const { shelves, find, set, ...storing } = benchShelves()

  /** What putting a record on its shelf would change; nothing is done yet. */
  const putting = <S extends Shelf>(shelf: S, record: Records[S]): BenchChange => ({
    shelf,
    id: record.id,
    before: find(shelf, record.id),
    after: record,
  })
  const removing = (shelf: Shelf, id: string): BenchChange => ({
    shelf,
    id,
    before: find(shelf, id),
    after: null,
  })

  /** Does what was planned. What cannot be kept is refused whole. @returns whether it was done */
  function apply(changes: BenchChange[]): boolean {
    const refusal = changes.map(changeRefusal).find((sentence) => sentence !== null)
    if (refusal) {
      refuse(refusal, (sentence) => useMessages().say('stop', sentence))
      return false
    }
    for (const change of changes) set(change, change.after)
    return true
  }

  const put = <S extends Shelf>(shelf: S, record: Records[S]): boolean => apply([putting(shelf, record)])

  /** Takes a record from its shelf. @returns the change, which can be undone */
  function remove(shelf: Shelf, id: string): BenchChange {
    const change = removing(shelf, id)
    set(change, null)
    return change
  }

  /** Takes changes back, the last one first; a record that was changed otherwise since stays as it is. */
  function undo(changes: BenchChange[]): void {
    for (const change of [...changes].reverse()) {
      if (isSameRecord(find(change.shelf, change.id), change.after)) set(change, change.before)
    }
  }
  function redo(changes: BenchChange[]): void {
    for (const change of changes) {
      if (isSameRecord(find(change.shelf, change.id), change.before)) set(change, change.after)
    }
  }

  /** Takes over from a job what the bench does not have yet; what it has stays as it is. */
  function learn({ measure: { machine, stock, kerf, more }, tune }: Job): void {
    const isNew = (shelf: Shelf, id: string): boolean => find(shelf, id) === null
    if (machine && isNew('machines', machine.id)) put('machines', machine)
    for (const each of [stock && { stock, kerf }, ...more]) {
      if (each && isNew('stocks', each.stock.id)) put('stocks', each.stock)
      if (each?.kerf && isNew('kerfs', each.kerf.id)) put('kerfs', each.kerf)
    }
    for (const test of tune.tests) if (isNew('tests', test.id)) put('tests', test)
  }

  return {
    ...shelves,
    ...storing,
    ...benchFigures(shelves),
    putting,
    removing,
    apply,
    put,
    remove,
    redo,
    undo,
    learn,
  }
})
