import { produce } from 'immer'
import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { Job } from '@core/job'
import { loadJob, onJobNews, saveJob } from '@web/data/jobs'
import { useBench, type BenchChange } from './bench'
import { useHistory } from './history'
import { useMessages } from './messages'

/** What the maker decided, without what is worked out from it. */
const decisions = (job: Job): string =>
  JSON.stringify({
    ...job,
    changed: '',
    layout: { ...job.layout, arrangement: job.layout.arrangement?.byHand ? job.layout.arrangement : null },
  })
const sameDecisions = (a: Job, b: Job): boolean => decisions(a) === decisions(b)

/** The job on the screen: its history, and its way into storage. */
export const useJob = defineStore('job', () => {
  const {
    present: job,
    step,
    begin,
    push,
    amend: amendPresent,
    undo: stepBack,
    redo: stepForth,
    canUndo,
    canRedo,
  } = useHistory<Job, BenchChange>()
  const bench = useBench()
  const saving = ref<'saved' | 'saving' | 'failed'>('saved')
  const gone = ref(false)
  let revision = 0
  let stored: Job | null = null
  let writing = false

  /** Writes the present state, and again if it changed meanwhile. A failure says so and keeps everything on the screen. */
  async function save(): Promise<void> {
    if (writing) return
    writing = true
    try {
      while (job.value && job.value !== stored) {
        saving.value = 'saving'
        const writtenJob = job.value
        const { revision: next, theirs } = await saveJob(writtenJob, revision)
        ;[revision, stored] = [next, writtenJob]
        if (theirs) keepTheirs(theirs)
      }
      saving.value = 'saved'
    } catch {
      saving.value = 'failed'
    } finally {
      writing = false
    }
  }

  /** Both tabs changed the job: ours goes on, theirs is one step back. */
  function keepTheirs(theirs: Job): void {
    const ours = job.value
    if (!ours || sameDecisions(ours, theirs)) return
    push(theirs)
    push(ours)
    useMessages().say(
      'look',
      'Another tab changed this job at the same time. Yours is kept; Undo brings the other one back.',
    )
  }

  async function open(id: string): Promise<boolean> {
    if (job.value?.id === id && !gone.value) return true
    const found = await loadJob(id)
    revision = found?.revision ?? 0
    stored = found?.job ?? null
    gone.value = false
    saving.value = 'saved'
    begin(found?.job ?? null)
    return found !== null
  }

  function close(): void {
    begin(null)
  }

  /**
   * Changes the job as one step that can be undone. Steps with the same key in quick succession are one.
   * @param onBench what was done to the bench along with it; it is undone along with it
   */
  function edit(change: (draft: Job) => void, key = '', ...onBench: BenchChange[]): void {
    if (!job.value) return
    const changed = produce(job.value, change)
    if (changed === job.value && onBench.length === 0) return
    push({ ...changed, changed: new Date().toISOString() }, key, onBench)
    void save()
  }

  /** Adds a computed result to the present state; no step of its own. */
  function amend(change: (draft: Job) => void): void {
    if (!job.value) return
    const next = produce(job.value, change)
    if (JSON.stringify(next) === JSON.stringify(job.value)) return
    amendPresent(next)
    void save()
  }

  function undo(): void {
    const onBench = stepBack()
    if (!onBench) return
    bench.undo(onBench)
    void save()
  }
  function redo(): void {
    const onBench = stepForth()
    if (!onBench) return
    bench.redo(onBench)
    void save()
  }

  onJobNews(({ id, revision: theirs }) => {
    if (job.value?.id !== id) return
    if (theirs === null) {
      gone.value = true
      return
    }
    if (writing || theirs <= revision || saving.value === 'failed') return
    void loadJob(id).then((found) => {
      if (!found || found.revision <= revision || job.value?.id !== id || writing) return
      revision = found.revision
      stored = found.job
      // A layout that the other tab worked out is no step of its own.
      if (job.value && sameDecisions(job.value, found.job)) amendPresent(found.job)
      else push(found.job, 'other tab')
    })
  })
  return { job, step, saving, gone, canUndo, canRedo, open, close, save, edit, amend, undo, redo }
})
