import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { CutRecord, Everything } from '@core/keep'
import { batchOf, type Job } from '@core/job'
import { getFact, setFact } from '@web/data/facts'
import { addJobs, countJobs, deleteJob, listJobs, loadJob, putIn, saveJob } from '@web/data/jobs'
import { BENCH_STORES } from '@web/data/db'
import type { Unreadable } from '@web/data/unreadable'
import { useBench } from './bench'
import { useMessages } from './messages'
import { same } from '@core/limits'

const NO_STORAGE =
  'The browser does not store anything here (no room left, or private mode). You can work, but ' +
  'export each job before you close the page.'

const MOST_LETTERS = 80
const copyName = (name: string): string => `${name.slice(0, MOST_LETTERS - 7)} (copy)`

/** A record of what was written, as that of a job of another id. */
const ofJob = (record: CutRecord, job: string): CutRecord =>
  record.job === job
    ? record
    : { ...record, job, id: `${job}/${record.mark}`, laid: { ...record.laid, id: job } }

/** All jobs that are stored in this browser. */
export const useShelf = defineStore('shelf', () => {
  const jobs = shallowRef<Job[]>([])
  const unreadable = shallowRef<Unreadable[]>([])
  const ready = shallowRef(false)
  /** Whether the storage did not say what is in it. */
  const failed = shallowRef(false)
  const lastCopy = shallowRef<string | null>(null)
  const messages = useMessages()
  const bench = useBench()

  async function refresh(): Promise<void> {
    const listed = await listJobs()
    jobs.value = listed.jobs.map(({ job }) => job)
    unreadable.value = listed.unreadable
  }

  // Another tab may have put it there since it was listed.
  const isTaken = async (id: string): Promise<boolean> => (await loadJob(id)) !== null

  /** Stores a job under its own id, or under a new one when that is taken. @returns the id */
  async function add(job: Job): Promise<string> {
    const own = (await isTaken(job.id)) ? { ...job, id: crypto.randomUUID(), name: copyName(job.name) } : job
    await keepAs(own)
    bench.learn(own)
    return own.id
  }

  /** Stores a job as it is, and tells the bench nothing of it. */
  async function keepAs(job: Job): Promise<string> {
    await saveJob(job, 0)
    await refresh()
    return job.id
  }

  async function putDemo(): Promise<void> {
    const { demoJobs } = await import('@web/data/demo')
    const demo = demoJobs()
    await addJobs(demo)
    demo.forEach(bench.learn)
  }
  async function addDemo(): Promise<void> {
    await putDemo()
    await refresh()
  }

  let beginning: Promise<void> | null = null
  /** The bench, and in a browser that never saw Uplands the demo jobs, all before anybody goes on. */
  const started = (): Promise<void> => (beginning ??= first())

  async function first(): Promise<void> {
    try {
      const [count, shown] = await Promise.all([countJobs(), getFact('demo shown'), bench.load()])
      if (count > 0 || shown !== null) return
      // The browser is asked not to throw it away; some ask the person, some just say no.
      void globalThis.navigator?.storage?.persist?.().catch(() => false)
      await putDemo()
      await setFact('demo shown', new Date().toISOString())
    } catch (error) {
      beginning = null
      throw error
    }
  }
  const begin = (): Promise<void> => started().catch(() => void messages.say('stop', NO_STORAGE))

  let opening: Promise<void> | null = null
  /** Lists what is stored. */
  const open = (): Promise<void> => (opening ??= list().finally(() => (opening = null)))

  async function list(): Promise<void> {
    try {
      await started()
      await refresh()
      lastCopy.value = await getFact('last copy')
      failed.value = false
    } catch {
      failed.value = true
      messages.say('stop', NO_STORAGE)
    }
    ready.value = true
  }

  async function tried(work: () => Promise<string>): Promise<string | null> {
    try {
      return await work()
    } catch {
      messages.say('stop', NO_STORAGE)
      return null
    }
  }

  const begun = (job: Job): Promise<string | null> => tried(() => add(job))

  /** The same job once more; what was cut of the first stays with it. */
  const duplicate = (job: Job): Promise<string | null> =>
    tried(() => {
      const cut = { ...job.cut, written: null }
      const own = { id: crypto.randomUUID(), name: copyName(job.name), changed: new Date().toISOString() }
      return add({ ...job, ...own, cut, build: { ...job.build, done: [] }, log: [] })
    })

  /** A job of a simulation: the bench is to learn nothing from it. */
  const keep = (job: Job): Promise<string | null> => tried(() => keepAs(job))

  /** Several jobs as one that cuts them together. */
  const together = (chosen: Job[], name: string): Promise<string | null> =>
    tried(() => {
      const about = { id: crypto.randomUUID(), name, changed: new Date().toISOString() }
      return add(batchOf(chosen, about))
    })

  /**
   * Takes a file of everything in, all of it or nothing: jobs that are here already and say the same are
   * left, others come in beside them.
   */
  async function takeEverything({ jobs: theirs, bench: shelves, records }: Everything): Promise<string> {
    await refresh()
    const here = new Map(jobs.value.map((job) => [job.id, job]))
    const taken = new Set([...here.keys(), ...unreadable.value.map(({ id }) => id)])
    const coming = theirs.filter((job) => !same(here.get(job.id), job))
    const ids = new Map(coming.map(({ id }) => [id, taken.has(id) ? crypto.randomUUID() : id]))
    const asHere = (job: Job): Job => {
      const id = ids.get(job.id)!
      return id === job.id ? job : { ...job, id, name: copyName(job.name) }
    }
    const fresh = Object.fromEntries(
      BENCH_STORES.map((shelf) => {
        const known = new Set(bench[shelf].map(({ id }) => id))
        return [shelf, shelves[shelf].filter(({ id }) => !known.has(id))]
      }),
    ) as Everything['bench']
    const own = records.filter(({ job }) => ids.has(job)).map((record) => ofJob(record, ids.get(record.job)!))
    await putIn(coming.map(asHere), own, fresh)
    await bench.load()
    await refresh()
    messages.say(
      'said',
      `${coming.length} of ${theirs.length} jobs came in; the others were here already. The bench is ` +
        'complete.',
    )
    return ''
  }

  /**
   * Reads a file that somebody chose: a job, or everything. @returns the job's id; null after saying what is
   * wrong
   */
  async function importFile(file: File): Promise<string | null> {
    const refused = (why: string): null => {
      messages.say('stop', `“${file.name}” was not imported. ${why}`)
      return null
    }
    // Fetched when a file is first chosen: most visits read none.
    const { EVERYTHING_LIMIT, isEverything, JOB_FILE_LIMIT, readEverything, readJob } =
      await import('@core/keep')
    if (file.size > EVERYTHING_LIMIT) return refused(`It is larger than ${EVERYTHING_LIMIT / 1e6} MB.`)
    const text = await file.text()
    if (isEverything(text)) {
      const read = readEverything(text)
      return read.ok ? tried(() => takeEverything(read.everything)) : refused(read.error)
    }
    if (file.size > JOB_FILE_LIMIT) {
      return refused(
        `It is larger than ${JOB_FILE_LIMIT / 1e6} MB, which no job is. Choose a file that Uplands exported.`,
      )
    }
    const read = readJob(text)
    if (!read.ok) return refused(read.error)
    return tried(async () => {
      const id = await add(read.job)
      const { keepRecords } = await import('@web/data/cut-records')
      await keepRecords(read.records.map((record) => ofJob(record, id)))
      return id
    })
  }

  /** Everything in this browser, as it can be read. */
  async function everything(): Promise<Everything> {
    const { allRecords } = await import('@web/data/cut-records')
    return {
      jobs: jobs.value,
      records: await allRecords(),
      bench: {
        machines: bench.machines,
        stocks: bench.stocks,
        kerfs: bench.kerfs,
        tests: bench.tests,
        tastes: bench.tastes,
        events: bench.events,
        runs: bench.runs,
        checks: bench.checks,
        promises: bench.promises,
      },
    }
  }

  /** Everything was written to a file. @param on when */
  function copied(on: string): void {
    lastCopy.value = on
    void setFact('last copy', on).catch(() => undefined)
  }

  async function remove(job: Job): Promise<void> {
    await deleteJob(job.id)
    await refresh()
    messages.say('said', `“${job.name}” is deleted.`, { label: 'Bring back', run: () => void add(job) })
  }

  /** Deals with a record that cannot be read: puts what it was mended to in its place, or takes it away. */
  async function settle(record: Unreadable, how: 'repair' | 'delete'): Promise<void> {
    const mended = how === 'repair' ? (record.repaired?.value ?? null) : null
    if (record.shelf !== 'jobs') await bench.settle(record, mended)
    else if (mended) await saveJob({ ...(mended as Job), id: record.id }, 0)
    else await deleteJob(record.id)
    await refresh()
    const done =
      how === 'repair'
        ? `“${record.name}” is mended: ${record.repaired?.mended.join('; ')}.`
        : `“${record.name}” is deleted.`
    messages.say('said', done)
  }
  return {
    jobs,
    unreadable,
    ready,
    failed,
    lastCopy,
    copied,
    begin,
    open,
    refresh,
    begun,
    duplicate,
    keep,
    together,
    addDemo,
    importFile,
    everything,
    remove,
    settle,
  }
})
