import { computed, type ComputedRef } from 'vue'
import { currentTrial, takeInHand, trialBy } from '@core/job'
import { NO_TASTE } from '@core/fit'
import { kerfOf } from '@core/kerf'
import { thicknessOf } from '@core/stock'
import { trialResult, type TestMethod, type Trial, type TrialResult } from '@core/testpiece'
import { useJob } from '@web/stores/job'

/** The kerf measurement that is under way in the job; it is saved and undone like everything else. */
export function useTrial(): {
  trial: ComputedRef<Trial>
  result: ComputedRef<TrialResult>
  thickness: ComputedRef<ReturnType<typeof thicknessOf>>
  change: (part: Partial<Trial>, key?: string) => void
  choose: (method: TestMethod) => void
  setReading: (index: number, value: number | null) => void
} {
  const jobs = useJob()
  const trial = computed(() => currentTrial(jobs.job!.measure))
  const thickness = computed(() => thicknessOf(jobs.job!.measure.stock))
  const result = computed(() =>
    trialResult(
      trial.value,
      thickness.value,
      kerfOf(jobs.job!.measure.kerf),
      jobs.job!.measure.taste ?? NO_TASTE,
    ),
  )
  const take = (next: Trial, key = ''): void =>
    jobs.edit((draft) => {
      draft.measure.trials = takeInHand(next, jobs.job!.measure)
    }, key)
  const change = (part: Partial<Trial>, key = ''): void => take({ ...trial.value, ...part }, key)
  /** Goes on with another method; what was read by this one is kept. */
  const choose = (method: TestMethod): void => {
    if (method !== trial.value.method) take(trialBy(method, jobs.job!.measure))
  }

  function setReading(index: number, value: number | null): void {
    const readings = [...trial.value.readings]
    while (readings.length <= index) readings.push(null)
    readings[index] = value
    change({ readings })
  }
  return { trial, result, thickness, change, choose, setReading }
}
