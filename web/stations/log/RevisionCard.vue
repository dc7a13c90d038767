<script setup lang="ts">
import { Trash2 } from '@lucide/vue'
import { computed } from 'vue'
import type { TasteRecord } from '@core/fit'
import { revisionSchema, runOfRevision, tasteOfVerdict, VERDICTS, type Revision } from '@core/job'
import { limitsOf } from '@core/limits'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import TextEntry from '@web/parts/TextEntry.vue'
import { readable } from '@web/data/dates'
import { useBench, type BenchChange } from '@web/stores/bench'
import { useOpenJob } from '@web/stores/job'

const props = defineProps<{ revision: Revision; before: Revision | null }>()
const jobs = useOpenJob()
const bench = useBench()
const minutesLimits = limitsOf(revisionSchema.shape.minutes.unwrap())

function change(part: Partial<Revision>, key: string, ...onBench: BenchChange[]): boolean {
  const apply = (draft: typeof jobs.job): void => {
    const own = draft.log.find(({ id }) => id === props.revision.id)
    if (own) Object.assign(own, part)
  }
  return jobs.edit(apply, `${key} ${props.revision.id}`, ...onBench)
}

const tasteOf = (revision: Revision): TasteRecord | null => tasteOfVerdict(revision, jobs.job.name)
/** A verdict says something about one's own snug: it goes to the bench, apart from kerf. */
function judge(verdict: NonNullable<Revision['verdict']>): void {
  const taste = tasteOf({ ...props.revision, verdict })
  change({ verdict }, 'verdict', ...(taste ? [bench.putting('tastes', taste)] : []))
}
const taste = computed(() => tasteOf(props.revision))
const isCounted = computed(() => bench.tastes.some(({ id }) => id === taste.value?.id))
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
  }
  const run = bench.runs.find(({ id }) => id === `run-${props.revision.id}`)
  jobs.edit(
    drop,
    '',
    ...(isCounted.value ? [bench.removing('tastes', taste.value!.id)] : []),
    ...(run ? [bench.removing('runs', run.id)] : []),
  )
}

/** What is different from the cut before; only what both wrote down can be compared. */
const changed = computed(() =>
  props.revision.figures.flatMap(({ label, value }) => {
    const old = props.before?.figures.find((figure) => figure.label === label)
    return old && old.value !== value ? [{ label, value, old: old.value }] : []
  }),
)
const options = VERDICTS.map((verdict) => ({ value: verdict as string, label: verdict }))
</script>

<template>
  <article class="card grid min-w-0 gap-2.5" :aria-label="`Revision ${revision.number}`">
    <div class="flex items-center justify-between">
      <h2>
        Revision {{ revision.number }}
        <span class="num text-[13px] font-normal text-quiet">
          {{ readable(revision.date, true) }}{{ revision.mark ? `, files ${revision.mark}` : '' }}
        </span>
      </h2>
      <button
        type="button"
        class="btn-icon"
        :aria-label="`Remove revision ${revision.number}`"
        @click="remove"
      >
        <Trash2 :size="16" />
      </button>
    </div>
    <div class="grid gap-3 md:grid-cols-[1fr_8rem]">
      <label class="block text-[13px] font-medium" data-field="reason">
        Why this one: what is different, what for
        <TextEntry
          class="input"
          :maxlength="400"
          :model-value="revision.reason"
          @update:model-value="change({ reason: $event }, 'reason')"
        />
      </label>
      <FigureField
        data-field="minutes"
        label="Minutes taken"
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
      label="How it fitted"
      :model-value="revision.verdict ?? ''"
      :options="options"
      @update:model-value="judge($event as NonNullable<Revision['verdict']>)"
    />
    <label class="block text-[13px] font-medium" data-field="note">
      Note
      <TextEntry
        class="input"
        :rows="2"
        :maxlength="4000"
        :model-value="revision.note"
        @update:model-value="change({ note: $event }, 'note')"
      />
    </label>
    <template v-if="taste">
      <p v-if="isCounted" class="note">
        Kept on the bench as what your hands say in {{ taste.family }}, apart from kerf: Measure offers it to
        every job.
      </p>
      <p v-else class="note flex flex-wrap items-center gap-x-3 gap-y-1">
        This verdict came with the job’s file, or was taken off the bench: your own snug in
        {{ taste.family }} does not count it.
        <button type="button" class="btn px-2 py-0.5" @click="judge(revision.verdict!)">
          Count it as mine
        </button>
      </p>
    </template>
    <div v-if="changed.length > 0" class="text-[13px]" data-record>
      <h3>Changed since revision {{ before!.number }}</h3>
      <ul>
        <li v-for="each in changed" :key="each.label">
          {{ each.label }}:
          <span class="num">{{ each.old }}</span>
          →
          <span class="num font-semibold">{{ each.value }}</span>
        </li>
      </ul>
    </div>
    <details class="text-[13px]">
      <summary class="min-h-6 cursor-pointer">The figures it was cut with</summary>
      <dl data-record class="mt-1 grid grid-cols-[auto_1fr] gap-x-4">
        <template v-for="figure in revision.figures" :key="figure.label">
          <dt class="text-quiet">{{ figure.label }}</dt>
          <dd class="num">{{ figure.value }}</dd>
        </template>
      </dl>
    </details>
  </article>
</template>
