import { computed, type ComputedRef } from 'vue'
import { problemSentence, type BoxSpec } from '@core/box'
import { withFitting, type Fitting } from '@core/fittings'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'

/** The box of the job in hand, and how it is changed. */
export interface BoxEdits {
  box: ComputedRef<BoxSpec>
  /** Mean thickness of the walls, mm. */
  thickness: ComputedRef<number>
  /** Puts figures in. Steps with the same key in quick succession are one. */
  change: (part: Partial<BoxSpec>, key?: string) => boolean
  /** Puts figures into one group of them. */
  changeIn: <K extends 'corners' | 'floor' | 'dividers' | 'play' | 'tabs' | 'bolts' | 'bends'>(
    group: K,
    part: Partial<BoxSpec[K]>,
    key?: string,
  ) => boolean
  /** Puts a fitting in, in the place of what it was before. */
  setFitting: (own: Fitting, key?: string) => boolean
}

export function useBoxEdits(): BoxEdits {
  const jobs = useOpenJob()
  const derived = useDerived()
  return {
    box: computed(() => jobs.job.box),
    thickness: computed(() => derived.box.thickness.mean),
    change: (part, key = '') =>
      jobs.edit((draft) => {
        Object.assign(draft.box, part)
      }, key),
    changeIn: (group, part, key = '') =>
      jobs.edit((draft) => {
        Object.assign(draft.box[group], part)
      }, key),
    setFitting: (own, key = '') =>
      jobs.edit((draft) => {
        draft.box.fittings = withFitting(draft.box.fittings, own)
      }, key),
  }
}

/** What is wrong with the box in hand: each sentence, and the field that mends it. */
export function useProblemList(): ComputedRef<{ field: string; sentence: string }[]> {
  const derived = useDerived()
  const say = useSay()
  return computed(() =>
    derived.box.problems.map((problem) => ({
      field: problem.field,
      sentence: problemSentence(problem, say.value),
    })),
  )
}

/** The same by field, for what is said there. */
export function useProblems(): ComputedRef<Record<string, string>> {
  const list = useProblemList()
  return computed(() => Object.fromEntries(list.value.map(({ field, sentence }) => [field, sentence])))
}
