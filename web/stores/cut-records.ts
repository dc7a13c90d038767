import { defineStore } from 'pinia'
import { computed, shallowRef, watch } from 'vue'
import type { CutRecord } from '@core/keep'
import { forgetRecord, keepRecords, recordsOfJob } from '@web/data/cut-records'
import { useJob } from './job'
import { usePlanner } from './planner'

/** What was written of the open job: each cut whole, as it went into its files. */
export const useCutRecords = defineStore('cut records', () => {
  const jobs = useJob()
  const planner = usePlanner()
  const records = shallowRef<CutRecord[]>([])
  async function list(): Promise<void> {
    const id = jobs.job?.id
    const found = id === undefined ? [] : await recordsOfJob(id).catch(() => [])
    if (jobs.job?.id === id) records.value = found
  }
  watch(() => jobs.job?.id, list, { immediate: true })
  /** The one that was written last. */
  const latest = computed((): CutRecord | null => records.value[0] ?? null)
  /** Whether the job is another one than what was written. */
  const isChanged = (record: CutRecord): boolean =>
    planner.plan !== null && planner.plan.signature !== record.signature
  async function keep(record: CutRecord): Promise<void> {
    records.value = [record, ...records.value.filter(({ id }) => id !== record.id)]
    await keepRecords([record])
  }
  async function forget({ id }: CutRecord): Promise<void> {
    records.value = records.value.filter((record) => record.id !== id)
    await forgetRecord(id)
  }
  return { records, latest, isChanged, keep, forget }
})
