import { computed, type ComputedRef } from 'vue'
import { currentTrial, withCurrentTrial, trialBy } from '@core/job'
import { beliefOf } from '@core/belief'
import { tasteOf } from '@core/fit'
import { kerfOf } from '@core/kerf'
import { trialResult, type TestMethod, type Trial } from '@core/testpiece'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'

export interface TrialInHand {
  trial: ComputedRef<Trial>
  result: ComputedRef<ReturnType<typeof trialResult>>
  /** Puts another state of it in place. @returns whether it could be kept */
  take: (next: Trial, key?: string) => boolean
  change: (part: Partial<Trial>, key?: string) => boolean
  choose: (method: TestMethod) => void
  setReading: (index: number, value: number | null) => boolean
}

/** The kerf measurement that is under way in the job; it is saved and undone like everything else. */
export function useTrial(): TrialInHand {
  const jobs = useOpenJob()
  const derived = useDerived()
  const trial = computed(() => currentTrial(jobs.job.measure))
  const result = computed(() =>
    trialResult(
      trial.value,
      derived.box.thickness,
      kerfOf(jobs.job.measure.kerf),
      tasteOf(beliefOf(jobs.job.measure)),
    ),
  )

  const take = (next: Trial, key = ''): boolean =>
    jobs.edit((draft) => {
      draft.measure.trials = withCurrentTrial(next, jobs.job.measure)
    }, key)
  const change = (part: Partial<Trial>, key = ''): boolean => take({ ...trial.value, ...part }, key)

  /** Goes on with another method; what was read by this one is kept. */
  function choose(method: TestMethod): void {
    if (method !== trial.value.method) take(trialBy(method, jobs.job.measure))
  }

  function setReading(index: number, value: number | null): boolean {
    const readings = [...trial.value.readings]
    while (readings.length <= index) readings.push(null)
    readings[index] = value
    return change({ readings })
  }
  return { trial, result, take, change, choose, setReading }
}
