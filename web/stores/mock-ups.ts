import { defineStore } from 'pinia'
import { lessonsOf, mockUpOf, withLessons, type Lesson } from '@core/derive'
import type { Job } from '@core/job'
import type { Stock } from '@core/stock'
import { isUnreadable, loadJob, saveJob } from '@web/data/jobs'
import { useBench } from './bench'
import { jobRefusal } from './keepable'
import { useMessages } from './messages'
import { common } from '@web/words'
import { mockUps as words } from './words'

const MOST_LETTERS = 80
const nameOf = (name: string): string => `${name.slice(0, MOST_LETTERS - 10)} (mock-up)`

/** First copies in other stock, and what they taught. */
export const useMockUps = defineStore('mock-ups', () => {
  const bench = useBench()
  const messages = useMessages()

  /** Stores a mock-up of a job. @returns its id */
  async function make(job: Job, stock: Stock): Promise<string> {
    const kerf = bench.kerfFor(job.measure.machine?.id, stock.id)
    const made = { id: crypto.randomUUID(), name: nameOf(job.name), on: new Date().toISOString() }
    const belief = bench.beliefFor({ machine: job.measure.machine, stock, kerf })
    const mock = mockUpOf(job, { stock, kerf, belief }, made)
    await saveJob(mock, 0)
    return mock.id
  }

  /** What a mock-up has otherwise than its job; none when that is gone. */
  async function lessons(mock: Job): Promise<Lesson[]> {
    const found = mock.mockOf && (await loadJob(mock.mockOf.id))
    return found && !isUnreadable(found) ? lessonsOf(mock, found.job) : []
  }

  /** Gives what a mock-up taught back to its job. @param said the lessons in words */
  async function giveBack(mock: Job, said: string): Promise<void> {
    const found = mock.mockOf && (await loadJob(mock.mockOf.id))
    if (!found || isUnreadable(found)) {
      messages.say('stop', words.jobMockUp)
      return
    }
    const entry = { id: crypto.randomUUID(), on: new Date().toISOString() }
    const next = withLessons(found.job, mock, said, entry)
    const refusal = jobRefusal(found.job, next)
    if (refusal) {
      messages.say('stop', refusal)
      return
    }
    await saveJob(next, found.revision)
    async function undo(): Promise<void> {
      const now = await loadJob(next.id)
      if (found && !isUnreadable(found) && now && !isUnreadable(now)) await saveJob(found.job, now.revision)
    }
    messages.say('said', words.hasItNow(found.job.name, said), {
      label: common.undo,
      run: () => void undo(),
    })
  }
  return { make, lessons, giveBack }
})
