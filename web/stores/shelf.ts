import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { JOB_FILE_LIMIT, readJob } from '@core/files'
import { emptyJob, type Job } from '@core/job'
import { demoJobs } from '@web/data/demo'
import { getFact, setFact } from '@web/data/facts'
import { deleteJob, listJobs, saveJob } from '@web/data/jobs'
import { useBench } from './bench'
import { useMessages } from './messages'

const NO_STORAGE =
  'The browser does not store anything here (no room left, or private mode). You can work, but export each job before you close the page.'

/** All jobs that are stored in this browser. */
export const useShelf = defineStore('shelf', () => {
  const jobs = shallowRef<Job[]>([])
  const ready = shallowRef(false)
  const messages = useMessages()

  async function refresh(): Promise<void> {
    jobs.value = (await listJobs()).map(({ job }) => job)
  }

  /** Stores a job under its own id, or under a new one when that is taken. @returns the id */
  async function add(job: Job): Promise<string> {
    const taken = jobs.value.some(({ id }) => id === job.id)
    const own = taken ? { ...job, id: crypto.randomUUID(), name: `${job.name.slice(0, 70)} (copy)` } : job
    await saveJob(own, 0)
    useBench().learn(own)
    await refresh()
    return own.id
  }

  async function addDemo(): Promise<void> {
    for (const job of demoJobs()) if (!jobs.value.some(({ id }) => id === job.id)) await add(job)
  }

  /** Lists what is stored; a browser that never saw Uplands gets the demo jobs. */
  async function open(): Promise<void> {
    try {
      await useBench().load()
      await refresh()
      if (jobs.value.length === 0 && (await getFact('demo shown')) === null) {
        await addDemo()
        await setFact('demo shown', new Date().toISOString())
      }
    } catch {
      messages.say('stop', NO_STORAGE)
    }
    ready.value = true
  }

  async function create(): Promise<string | null> {
    try {
      return await add(emptyJob(crypto.randomUUID(), 'New box', new Date().toISOString()))
    } catch {
      messages.say('stop', NO_STORAGE)
      return null
    }
  }

  /** Reads a job file that somebody chose. @returns the id, or null after saying what is wrong */
  async function importFile(file: File): Promise<string | null> {
    if (file.size > JOB_FILE_LIMIT) {
      messages.say(
        'stop',
        `“${file.name}” is larger than ${JOB_FILE_LIMIT / 1e6} MB, which no job is. Choose a file that Uplands exported.`,
      )
      return null
    }
    const read = readJob(await file.text())
    if (!read.ok) {
      messages.say('stop', `“${file.name}” was not imported. ${read.error}`)
      return null
    }
    try {
      return await add(read.job)
    } catch {
      messages.say('stop', NO_STORAGE)
      return null
    }
  }

  async function remove(job: Job): Promise<void> {
    await deleteJob(job.id)
    await refresh()
    messages.say('said', `“${job.name}” is deleted.`, { label: 'Bring back', run: () => void add(job) })
  }
  return { jobs, ready, open, refresh, create, addDemo, importFile, remove }
})
