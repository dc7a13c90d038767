import { computed, type ComputedRef } from 'vue'
import { NO_TASTE } from '@core/fit'
import { kerfOf } from '@core/kerf'
import { thicknessOf } from '@core/stock'
import { newTrial, trialResult, type Trial, type TrialResult } from '@core/testpiece'
import { useJob } from '@web/stores/job'

/** The kerf measurement that is under way in the job; it is saved and undone like everything else. */
export function useTrial(): { trial: ComputedRef<Trial>; result: ComputedRef<TrialResult>; thickness: ComputedRef<ReturnType<typeof thicknessOf>>; change: (part: Partial<Trial>, key?: string) => void; setReading: (index: number, value: number | null) => void } {
  const jobs = useJob()
  const trial = computed(() => jobs.job!.measure.trial ?? newTrial('squares'))
  const thickness = computed(() => thicknessOf(jobs.job!.measure.stock))
  const result = computed(() => trialResult(trial.value, thickness.value, kerfOf(jobs.job!.measure.kerf), jobs.job!.measure.taste ?? NO_TASTE))
  const change = (part: Partial<Trial>, key = ''): void => jobs.edit((draft) => { draft.measure.trial = { ...trial.value, ...part } }, key)

  function setReading(index: number, value: number | null): void {
    const readings = [...trial.value.readings]
    while (readings.length <= index) readings.push(null)
    readings[index] = value
    change({ readings })
  }
  return { trial, result, thickness, change, setReading }
}
