import { defineStore } from 'pinia'
import { ref } from 'vue'
import { readPreference, writePreference } from '@web/data/preferences'

/** The job that is made with a guide beside it, for whoever makes their first. */
export const useGuide = defineStore('guide', () => {
  const job = ref(readPreference('guided'))
  const set = (id: string | null): void => {
    job.value = id
    writePreference('guided', id ?? '')
  }
  return { job, begin: (id: string): void => set(id), end: (): void => set(null) }
})
