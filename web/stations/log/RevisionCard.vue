<script setup lang="ts">
import { Trash2 } from '@lucide/vue'
import { useRouter } from 'vue-router'
import { FIT_WORDS } from '@core/fit'
import { revisionSchema, runOfRevision, THROUGH, type Revision } from '@core/job'
import { limitsOf } from '@core/limits'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import TextEntry from '@web/parts/TextEntry.vue'
import { dateText } from '@web/data/dates'
import { useBench, type BenchChange } from '@web/stores/bench'
import { useOpenJob } from '@web/stores/job'
import LearningNote from './LearningNote.vue'
import MeasuredForm from './MeasuredForm.vue'
import StuckFields from './StuckFields.vue'
import { useLearning } from './use-learning'
import { revisionCard as words } from './words'

const props = defineProps<{ revision: Revision }>()
const jobs = useOpenJob()
const bench = useBench()
const router = useRouter()
const minutesLimits = limitsOf(revisionSchema.shape.minutes.unwrap())
const learning = useLearning(() => props.revision)

function change(part: Partial<Revision>, key: string, ...onBench: BenchChange[]): boolean {
  const apply = (draft: typeof jobs.job): void => {
    const own = draft.log.find(({ id }) => id === props.revision.id)
    if (own) Object.assign(own, part)
  }
  return jobs.edit(apply, `${key} ${props.revision.id}`, ...onBench)
}
/** Minutes say something about the machine's clock: they go to the bench as well. */
function clock(minutes: number | null): void {
  const id = `run-${props.revision.id}`
  const run = runOfRevision({ ...props.revision, minutes }, jobs.job.name)
  const known = bench.runs.some((each) => each.id === id)
  change(
    { minutes },
    'minutes',
    ...(run ? [bench.putting('runs', run)] : known ? [bench.removing('runs', id)] : []),
  )
}
function remove(): void {
  const drop = (draft: typeof jobs.job): void => {
    draft.log = draft.log.filter(({ id }) => id !== props.revision.id)
    draft.tune.tests = draft.tune.tests.filter(({ id }) => id !== `cut-${props.revision.id}`)
  }
  const run = bench.runs.find(({ id }) => id === `run-${props.revision.id}`)
  jobs.edit(drop, '', ...learning.forgetting(), ...(run ? [bench.removing('runs', run.id)] : []))
  void router.replace({ params: { view: '' } })
}

const options = FIT_WORDS.map((verdict) => ({ value: verdict as string, label: verdict }))
const THROUGH_WORDS = { all: words.allFellFree, 'not all': words.someStuck }
const outcomes = THROUGH.map((each) => ({ value: each as string, label: THROUGH_WORDS[each] }))
</script>

<template>
  <article class="card grid min-w-0 gap-2.5" :aria-label="words.revision(revision.number)">
    <div class="flex items-center justify-between">
      <h2>
        {{ words.revision(revision.number) }}
        <span class="num text-[13px] font-normal text-quiet">
          {{ words.cutOn(dateText(revision.date, true), revision.mark) }}
        </span>
      </h2>
      <button
        type="button"
        class="btn-icon"
        :aria-label="words.removeRevision(revision.number)"
        @click="remove"
      >
        <Trash2 :size="16" />
      </button>
    </div>
    <div class="grid gap-3 md:grid-cols-[1fr_8rem]">
      <label class="block text-[13px] font-medium" data-field="reason">
        {{ words.whyDifferent }}
        <TextEntry
          class="input"
          :maxlength="400"
          :model-value="revision.reason"
          @update:model-value="change({ reason: $event }, 'reason')"
        />
      </label>
      <FigureField
        data-field="minutes"
        :label="words.minutesTaken"
        kind="figure"
        unit="min"
        optional
        :model-value="revision.minutes"
        :limits="minutesLimits"
        @update:model-value="clock($event)"
        @clear="clock(null)"
      />
    </div>
    <ChoiceRow
      data-field="verdict"
      :label="words.howFitted"
      :model-value="revision.verdict ?? ''"
      :options="options"
      @update:model-value="change({ verdict: $event as Revision['verdict'] }, 'verdict')"
    />
    <div class="flex flex-wrap items-end gap-3">
      <ChoiceRow
        class="w-64"
        data-field="through"
        :label="words.whatCameOf"
        :model-value="revision.through ?? ''"
        :options="outcomes"
        @update:model-value="change({ through: $event as Revision['through'] }, 'through')"
      />
      <StuckFields v-if="revision.through" :revision="revision" @found="change($event, 'through')" />
    </div>
    <MeasuredForm
      v-if="revision.cut"
      :revision="revision"
      @measured="change({ measured: $event }, 'measured')"
    />
    <label class="block text-[13px] font-medium" data-field="note">
      {{ words.note }}
      <TextEntry
        class="input"
        :rows="2"
        :maxlength="4000"
        :model-value="revision.note"
        @update:model-value="change({ note: $event }, 'note')"
      />
    </label>
    <LearningNote :revision="revision" :learning="learning" />
  </article>
</template>
