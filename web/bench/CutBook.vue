<script setup lang="ts">
import { Download } from '@lucide/vue'
import { computed, onMounted, ref, shallowRef } from 'vue'
import {
  bookGroups,
  bookRows,
  GROUP_BY,
  writeBook,
  type BookGroup,
  type BookRow,
  type GroupBy,
} from '@core/book'
import { counted, fixed, percent } from '@core/length'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import { dayOf } from '@web/data/dates'
import { download } from '@web/data/download'
import { listJobs } from '@web/data/jobs'
import { useBench } from '@web/stores/bench'
import { useMessages } from '@web/stores/messages'
import CutBars from './CutBars.vue'
import CutRows from './CutRows.vue'
import MinutesChart from './MinutesChart.vue'

/** Every cut of every job: what was promised, what it took, what came; each chart opens to its cuts. */
const bench = useBench()
const rows = shallowRef<BookRow[] | null>(null)
onMounted(async () => {
  const { jobs } = await listJobs().catch(() => {
    useMessages().say('stop', 'The jobs could not be read from the browser’s storage. Reload the page.')
    return { jobs: [] }
  })
  const monthOf = (date: string): string => dayOf(date).slice(0, 7)
  rows.value = bookRows(
    jobs.map(({ job }) => job),
    bench.runs,
    monthOf,
  )
})
const by = ref<GroupBy>('month')
const BY: Record<GroupBy, string> = { month: 'Month', stock: 'Stock', machine: 'Machine' }
const options = GROUP_BY.map((value) => ({ value, label: BY[value] }))
const groups = computed(() => bookGroups(rows.value ?? [], by.value))
const opened = ref<string | null>(null)
const chosen = computed(() => groups.value.find(({ name }) => name === opened.value) ?? null)
const shown = computed(() => chosen.value?.rows ?? rows.value ?? [])
function group(next: GroupBy): void {
  by.value = next
  opened.value = null
}
const open = (name: string): void => void (opened.value = opened.value === name ? null : name)

interface Chart {
  title: string
  value: (group: BookGroup) => number | null
  text: (group: BookGroup) => string
  most?: number
  /** What was promised of it, where a bar has a mark for that. */
  mark?: (group: BookGroup) => number
}
const kept = ({ count, said, came }: BookGroup['fit']): string =>
  `${came} of ${count}, ${percent(said)} promised`
const CHARTS: Chart[] = [
  {
    title: 'Minutes at the laser',
    value: ({ minutes, timed }) => (timed > 0 ? minutes : null),
    text: ({ minutes, timed }) => `${fixed(minutes, 0)} min in ${counted(timed, 'cut')}`,
  },
  {
    title: 'Sheets',
    value: ({ sheets, offcuts, waste }) => (waste === null ? null : sheets + offcuts),
    text: ({ sheets, offcuts }) => `${sheets}${offcuts > 0 ? ` + ${counted(offcuts, 'offcut')}` : ''}`,
  },
  {
    title: 'Waste of the area cut from',
    value: ({ waste }) => waste,
    text: ({ waste }) => percent(waste ?? 0),
    most: 1,
  },
  {
    title: 'Fitted as asked',
    value: ({ fit }) => (fit.count > 0 ? fit.came / fit.count : null),
    text: ({ fit }) => kept(fit),
    mark: ({ fit }) => fit.said,
    most: 1,
  },
  {
    title: 'All parts fell free',
    value: ({ through }) => (through.count > 0 ? through.came / through.count : null),
    text: ({ through }) => kept(through),
    mark: ({ through }) => through.said,
    most: 1,
  },
]
/** A month as one says it. */
const nameOf = (name: string): string =>
  by.value === 'month'
    ? new Date(`${name}-15T12:00`).toLocaleString('en-GB', { month: 'short', year: 'numeric' })
    : name
const barsOf = ({ value, text, mark }: Chart) =>
  groups.value.map((each) => ({
    id: each.name,
    name: nameOf(each.name),
    value: value(each),
    text: text(each),
    mark: mark && value(each) !== null ? mark(each) : null,
  }))
const title = computed(() => (chosen.value ? `The cuts of ${nameOf(chosen.value.name)}` : 'Every cut'))
const save = (): Promise<void> =>
  download([{ name: 'cuts.csv', content: writeBook(shown.value) }], 'cuts.zip')
</script>

<template>
  <section class="grid min-w-0 gap-3 md:col-span-2" aria-labelledby="cuts-title">
    <p v-if="rows === null" class="card note" role="status">Reading the logs…</p>
    <p v-else-if="rows.length === 0" class="card">
      No cut is in any log yet. Press “It was cut now” in the Log of a job after it was cut.
    </p>
    <template v-else>
      <div class="card flex flex-wrap items-center justify-between gap-3">
        <p class="text-sm">
          <span class="num font-semibold">{{ counted(rows.length, 'cut') }}</span>
          from the logs of all jobs. Press a bar or a dot: its cuts are listed below.
        </p>
        <ChoiceRow
          data-field="group-by"
          label="Put together by"
          class="w-72"
          :model-value="by"
          :options="options"
          @update:model-value="group($event as GroupBy)"
        />
      </div>
      <div class="grid items-start gap-3 md:grid-cols-2">
        <CutBars
          v-for="chart in CHARTS"
          :key="chart.title"
          :title="chart.title"
          :bars="barsOf(chart)"
          :most="chart.most ?? 0"
          :opened="opened"
          @open="open"
        />
        <MinutesChart :rows="shown" />
      </div>
      <div class="card grid min-w-0 gap-2">
        <div class="flex flex-wrap items-center gap-2">
          <h2 id="cuts-title" class="flex-1">{{ title }}</h2>
          <button v-if="chosen" type="button" class="btn" @click="opened = null">Show every cut</button>
          <button type="button" class="btn" @click="save">
            <Download :size="16" aria-hidden="true" />
            As a table (CSV)
          </button>
        </div>
        <CutRows :rows="shown" />
      </div>
    </template>
  </section>
</template>
