import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import type { Everything } from '@core/keep'
import type { Job } from '@core/job'
import { getFact, setFact } from '@web/data/facts'
import { countJobs, listEntries, type JobEntry } from '@web/data/job-list'
import type { Unreadable } from '@web/data/unreadable'
import { copyName } from './copy-name'
import { useMessages } from './messages'
import { shelfLook } from './shelf-look'
import { common } from '@web/words'
import { shelf as words } from './words'

const NO_STORAGE = words.browserNotStore

/** Fetched when a job is first read or written: a list needs no more than their names. */
const jobsIn = () => import('@web/data/jobs')

type Bench = ReturnType<typeof import('./bench').useBench>

async function loaded(): Promise<Bench> {
  const bench = (await import('./bench')).useBench()
  await bench.load()
  return bench
}

/** All jobs that are stored in this browser. */
export const useShelf = defineStore('shelf', () => {
  const listed = shallowRef<JobEntry[]>([])
  const ready = shallowRef(false)
  /** Whether the storage did not say what is in it. */
  const failed = shallowRef(false)
  const lastCopy = shallowRef<string | null>(null)
  const messages = useMessages()
  const { unreadable, lookOver } = shelfLook()
  const jobs = computed(() => {
    const unread = new Set(unreadable.value.map(({ id }) => id))
    return listed.value.filter(({ id }) => !unread.has(id))
  })

  let benched: Promise<Bench> | null = null
  /** The bench, read once: a list needs nothing of it. */
  const bench = (): Promise<Bench> =>
    (benched ??= loaded().catch((error: unknown) => {
      benched = null
      throw error
    }))

  async function refresh(): Promise<void> {
    const { entries, ids } = await listEntries()
    listed.value = entries
    looking = lookOver(entries, ids)
    looking.catch(() => undefined) // the list stands without it
  }
  let looking: Promise<void> = Promise.resolve()
  /** When it is known which of the jobs cannot be read. */
  const looked = (): Promise<void> => looking.catch(() => undefined)

  /** The jobs of a list, whole; those that cannot be read are left out. */
  async function whole(entries: { id: string }[]): Promise<Job[]> {
    const { isUnreadable, loadJob } = await jobsIn()
    const found = await Promise.all(entries.map(({ id }) => loadJob(id)))
    return found.flatMap((each) => (each && !isUnreadable(each) ? [each.job] : []))
  }

  /** Stores a job under its own id, or under a new one when that is taken. @returns the id */
  async function add(job: Job): Promise<string> {
    const { loadJob } = await jobsIn()
    const isTaken = (await loadJob(job.id)) !== null // another tab may have put it there meanwhile
    const own = isTaken ? { ...job, id: crypto.randomUUID(), name: copyName(job.name) } : job
    await keepAs(own)
    ;(await bench()).learn(own)
    return own.id
  }

  /** Stores a job as it is, and tells the bench nothing of it. */
  async function keepAs(job: Job): Promise<string> {
    await (await jobsIn()).saveJob(job, 0)
    await refresh()
    return job.id
  }

  async function putDemo(): Promise<void> {
    const { demoJobs, demoOrders } = await import('@web/data/demo')
    const demo = demoJobs()
    await (await jobsIn()).addJobs(demo)
    const own = await bench()
    demo.forEach(own.learn)
    const known = new Set(own.orders.map(({ id }) => id))
    for (const order of demoOrders(demo, new Date())) if (!known.has(order.id)) own.put('orders', order)
  }
  async function addDemo(): Promise<void> {
    await putDemo()
    await refresh()
  }

  let beginning: Promise<void> | null = null
  /** In a browser that never saw Uplands the demo jobs, before anybody goes on. */
  const started = (): Promise<void> => (beginning ??= first())

  async function first(): Promise<void> {
    try {
      const [count, shown] = await Promise.all([countJobs(), getFact('demo shown')])
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
  /** All that a job is worked on with: the bench too. */
  const begin = (): Promise<void> =>
    Promise.all([started(), bench()])
      .then(() => undefined)
      .catch(() => void messages.say('stop', NO_STORAGE))

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

  async function tried<T>(work: () => Promise<T>): Promise<T | null> {
    try {
      return await work()
    } catch {
      messages.say('stop', NO_STORAGE)
      return null
    }
  }

  const begun = (job: Job): Promise<string | null> => tried(() => add(job))

  /** The same job once more; what was cut of the first stays with it. */
  async function duplicate(entry: { id: string }): Promise<string | null> {
    const [job] = await whole([entry])
    if (!job) return null
    const cut = { ...job.cut, written: null }
    const own = { id: crypto.randomUUID(), name: copyName(job.name), changed: new Date().toISOString() }
    return begun({
      ...job,
      ...own,
      cut,
      build: { ...job.build, done: [], count: null },
      template: false,
      log: [],
    })
  }

  /** A job of a simulation: the bench is to learn nothing from it. */
  const keep = (job: Job): Promise<string | null> => tried(() => keepAs(job))

  /**
   * Reads a file that somebody chose: a job, or everything. @returns the job's id; null after saying what is
   * wrong
   */
  async function importFile(file: File): Promise<string | null> {
    // Fetched when a file is first chosen: most visits read none.
    const files = await import('./shelf-files')
    const read = await tried(async () => files.importFile(await bench(), file))
    if (!read) return null
    if ('refused' in read) {
      messages.say('stop', words.notImported(file.name, read.refused))
      return null
    }
    if ('said' in read) {
      await refresh()
      messages.say('said', read.said)
      return ''
    }
    return tried(async () => {
      const id = await add(read.job)
      await read.keepAttachments(id)
      return id
    })
  }

  /** Everything in this browser, as it can be read. */
  async function everything(): Promise<{ all: Everything; unreadable: number }> {
    const { everythingHere } = await import('./shelf-files')
    return everythingHere(await bench())
  }

  /** Everything was written to a file. @param on when */
  function copied(on: string): void {
    lastCopy.value = on
    void setFact('last copy', on).catch(() => undefined)
  }

  async function remove(entry: Pick<JobEntry, 'id' | 'name'>): Promise<void> {
    const [job] = await whole([entry])
    await (await jobsIn()).deleteJob(entry.id)
    await refresh()
    const back = job && { label: common.bringBack, run: () => void add(job) }
    messages.say('said', words.isDeleted(entry.name), back)
  }

  /** Deals with a record that cannot be read: puts what it was mended to in its place, or takes it away. */
  async function settle(record: Unreadable, how: 'repair' | 'delete'): Promise<void> {
    const mended = how === 'repair' ? (record.repaired?.value ?? null) : null
    const { deleteJob, saveJob } = await jobsIn()
    if (record.shelf !== 'jobs') await (await bench()).settle(record, mended)
    else if (mended) await saveJob({ ...(mended as Job), id: record.id }, 0)
    else await deleteJob(record.id)
    await refresh()
    await looked()
    const done =
      how === 'repair'
        ? words.isMended(record.name, record.repaired?.mended.join('; ') ?? '')
        : words.isDeleted(record.name)
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
    looked,
    begun,
    duplicate,
    keep,
    addDemo,
    importFile,
    everything,
    remove,
    settle,
  }
})
