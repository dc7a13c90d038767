import { defineStore } from 'pinia'
import { ref } from 'vue'
import { z } from 'zod'
import { readPreference, writePreference } from '@web/data/preferences'

const kept = z.strictObject({ job: z.string().max(60), confirmed: z.array(z.string().max(40)).max(20) })

function parsed(text: string | null): unknown {
  try {
    return JSON.parse(text ?? 'null')
  } catch {
    return null // as another version wrote it, or somebody's hand
  }
}

/** The job that is made with a guide beside it, and which steps the maker said are right as they are. */
export const useGuide = defineStore('guide', () => {
  const job = ref<string | null>(null)
  const confirmed = ref<string[]>([])
  const before = readPreference('guided')
  const read = kept.safeParse(parsed(before))
  if (read.success) [job.value, confirmed.value] = [read.data.job, read.data.confirmed]
  const keep = (): void =>
    writePreference(
      'guided',
      job.value === null ? '' : JSON.stringify({ job: job.value, confirmed: confirmed.value }),
    )
  function begin(id: string): void {
    ;[job.value, confirmed.value] = [id, []]
    keep()
  }
  function confirm(step: string): void {
    confirmed.value = [...confirmed.value.filter((each) => each !== step), step]
    keep()
  }
  function end(): void {
    job.value = null
    keep()
  }
  return { job, confirmed, begin, confirm, end }
})
