import { produce } from 'immer'
import { defineStore } from 'pinia'
import { ref } from 'vue'
import { settleJob } from '@core/derive'
import type { Job } from '@core/job'
import { keepsNothing, onStorage } from '@web/data/db'
import { isUnreadable, loadJob, onJobNews, saveJob } from '@web/data/jobs'
import type { Unreadable } from '@web/data/unreadable'
import { refuse } from '@web/refusals'
import { changeRefusal, useBench, type BenchChange } from './bench'
import { useHistory } from './history'
import { jobRefusal } from './keepable'
import { useMessages } from './messages'
import { useUnits } from './units'
import { job as words } from './words'

export type Opened = 'open' | 'absent' | Unreadable

/** The job on the screen: its history, and its way into storage. */
export const useJob = defineStore('job', () => {
  const history = useHistory<Job, BenchChange>()
  const { present: job, step, begin, push, canUndo, canRedo } = history
  const bench = useBench()
  const units = useUnits()
  const saving = ref<'saved' | 'saving' | 'failed' | 'in memory'>('saved')
  const gone = ref(false)
  let revision = 0
  let stored: Job | null = null
  let writing = 0
  /** The newest revision that another tab told of. */
  let heard = 0
  /** When this tab's own states were made: what comes back with one of these is not another tab's. */
  const own = new Set<string>()

  /**
   * Writes the present state at once; writes wait for each other in the storage itself. A failure says so
   * and keeps everything on the screen.
   */
  async function save(): Promise<void> {
    const { value } = job
    if (!value || value === stored) return
    const base = revision++
    const from = stored
    stored = value
    own.add(value.changed)
    writing++
    saving.value = 'saving'
    try {
      const written = await saveJob(value, base)
      revision = Math.max(revision, written.revision)
      gone.value = false
      stranded.delete(value.id)
      if (written.theirs) keepTheirs(written.theirs, from)
      if (--writing > 0) return
      saving.value = keepsNothing() ? 'in memory' : 'saved'
      if (heard > revision) void takeNews(value.id).catch(() => undefined)
    } catch {
      writing--
      if (stored === value) stored = null
      revision = Math.max(base, revision - 1)
      saving.value = 'failed'
    }
  }

  /**
   * Both tabs wrote the job: ours goes on, and theirs is one step back.
   * @param from what ours was made from
   */
  function keepTheirs(theirs: Job, from: Job | null): void {
    const ours = job.value
    const isKnown = own.has(theirs.changed) || theirs.changed === from?.changed
    if (ours?.id !== theirs.id || isKnown || theirs.changed === ours.changed) return
    push(theirs)
    push(ours)
    useMessages().say('look', words.anotherTabChanged)
  }

  /** What could not be stored of jobs that left the screen: it waits until one goes back to them. */
  const stranded = new Map<string, Job>()
  function strand(): void {
    const { value } = job
    if (!value || saving.value !== 'failed') return
    stranded.set(value.id, value)
    useMessages().say('stop', words.lastChangesNot(value.name))
  }

  async function open(id: string): Promise<Opened> {
    if (job.value?.id === id && !gone.value) return 'open'
    const found = await loadJob(id)
    const readable = found && !isUnreadable(found) ? found : null
    strand()
    revision = readable?.revision ?? 0
    stored = readable?.job ?? null
    heard = 0
    gone.value = false
    own.clear()
    saving.value = keepsNothing() ? 'in memory' : 'saved'
    begin(stored)
    const ours = stranded.get(id)
    if (ours && readable) {
      push(ours)
      void save()
    }
    return readable ? 'open' : found && isUnreadable(found) ? found : 'absent'
  }

  function close(): void {
    begin(null)
  }

  /** The job with what follows other figures; why not, where it cannot be kept or worked out. */
  function settle(changed: Job): Job | string {
    const refusal = jobRefusal(job.value!, changed)
    if (refusal) return refusal
    const settled = settleJob(changed, units.say)
    return settled.ok ? settled.job : settled.error
  }

  /**
   * Changes the job as one step that can be undone. Steps with the same key in quick succession are one.
   * What could not be read back is refused whole, with a sentence, and nothing is changed.
   * @param onBench what is to be done to the bench along with it; it is undone along with it
   * @returns whether it was done
   */
  function edit(change: (draft: Job) => void, key = '', ...onBench: BenchChange[]): boolean {
    if (!job.value) return false
    const changed = produce(job.value, change)
    if (changed === job.value && onBench.length === 0) return true
    const stamped = { ...changed, changed: new Date().toISOString() }
    const settled = settle(stamped)
    const next = typeof settled === 'string' ? stamped : settled
    const refusal =
      (typeof settled === 'string' ? settled : jobRefusal(job.value, next)) ??
      onBench.map(changeRefusal).find((sentence) => sentence !== null)
    if (refusal) {
      refuse(refusal, (sentence) => useMessages().say('stop', sentence))
      return false
    }
    bench.apply(onBench)
    push(next, key, onBench)
    void save()
    return true
  }

  function undo(): void {
    const onBench = history.undo()
    if (!onBench) return
    bench.undo(onBench)
    void save()
  }
  function redo(): void {
    const onBench = history.redo()
    if (!onBench) return
    bench.redo(onBench)
    void save()
  }

  /** Takes over what another tab wrote. */
  async function takeNews(id: string): Promise<void> {
    const found = await loadJob(id)
    if (!found || isUnreadable(found) || !job.value || job.value.id !== id) return
    if (found.revision <= revision || writing > 0) return
    revision = found.revision
    stored = found.job
    if (found.job.changed !== job.value.changed) push(found.job, 'other tab')
  }

  onJobNews(({ id, revision: theirs }) => {
    if (job.value?.id !== id) return
    if (theirs === null) {
      gone.value = true
      stored = null
      return
    }
    heard = Math.max(heard, theirs)
    if (writing > 0 || theirs <= revision || saving.value === 'failed') return
    void takeNews(id).catch(() => undefined)
  })

  onStorage((notice) => {
    if (notice === 'memory only' && job.value) saving.value = 'in memory'
    if (notice !== 'lost' || !job.value) return
    stored = null // whatever was stored may be gone
    revision = 0
    void save()
    bench.writeAll()
  })

  const isUnsaved = (): boolean =>
    stranded.size > 0 ||
    bench.isUnsaved() ||
    saving.value === 'failed' ||
    (saving.value === 'in memory' && canUndo.value)
  return { job, step, saving, gone, canUndo, canRedo, open, close, save, edit, undo, redo, isUnsaved }
})

/** The job on the screen, for whatever is only shown while there is one. */
export type OpenJob = Omit<ReturnType<typeof useJob>, 'job'> & { readonly job: Job }

/** @throws when no job is open: stations are drawn for an open one only */
export function useOpenJob(): OpenJob {
  const jobs = useJob()
  if (!jobs.job) throw new Error('useOpenJob: no job is open')
  return jobs as OpenJob
}
