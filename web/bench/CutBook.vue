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
import { fixed, percent } from '@core/length'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import { dayOf } from '@web/data/dates'
import { download } from '@web/data/download'
import { listJobs } from '@web/data/jobs'
import { useBench } from '@web/stores/bench'
import { useMessages } from '@web/stores/messages'
import CutBars from './CutBars.vue'
import CutRows from './CutRows.vue'
import MinutesChart from './MinutesChart.vue'
import { common } from '@web/words'
import { cutBook as words } from './words'

/** Every cut of every job: what was promised, what it took, what came; each chart opens to its cuts. */
const bench = useBench()
const rows = shallowRef<BookRow[] | null>(null)
onMounted(async () => {
  const { jobs } = await listJobs().catch(() => {
    useMessages().say('stop', words.jobsCouldNot)
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
const BY: Record<GroupBy, string> = { month: words.month, stock: common.stock, machine: common.machine }
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
const kept = ({ count, said, came }: BookGroup['fit']): string => words.ofPromised(came, count, percent(said))
const CHARTS: Chart[] = [
  {
    title: words.minutesLaser,
    value: ({ minutes, timed }) => (timed > 0 ? minutes : null),
    text: ({ minutes, timed }) => words.minCut(fixed(minutes, 0), timed),
  },
  {
    title: words.sheets,
    value: ({ sheets, offcuts, waste }) => (waste === null ? null : sheets + offcuts),
    text: ({ sheets, offcuts }) => `${sheets}${offcuts > 0 ? ` + ${words.offcuts(offcuts)}` : ''}`,
  },
  {
    title: words.wasteAreaCut,
    value: ({ waste }) => waste,
    text: ({ waste }) => percent(waste ?? 0),
    most: 1,
  },
  {
    title: words.fittedAsked,
    value: ({ fit }) => (fit.count > 0 ? fit.came / fit.count : null),
    text: ({ fit }) => kept(fit),
    mark: ({ fit }) => fit.said,
    most: 1,
  },
  {
    title: words.allPartsFell,
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
const title = computed(() => (chosen.value ? words.theCutsOf(nameOf(chosen.value.name)) : words.everyCut))
const save = (): Promise<void> =>
  download([{ name: 'cuts.csv', content: writeBook(shown.value) }], 'cuts.zip')
</script>

<template>
  <section class="grid min-w-0 gap-3 md:col-span-2" aria-labelledby="cuts-title">
    <p v-if="rows === null" class="card note" role="status">{{ words.readingLogs }}</p>
    <p v-else-if="rows.length === 0" class="card">
      {{ words.noCutAny }}
    </p>
    <template v-else>
      <div class="card flex flex-wrap items-center justify-between gap-3">
        <p class="text-sm">{{ words.cutsOfAllJobs(rows.length) }}</p>
        <ChoiceRow
          data-field="group-by"
          :label="words.putTogether"
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
          <button v-if="chosen" type="button" class="btn" @click="opened = null">
            {{ words.showEveryCut }}
          </button>
          <button type="button" class="btn" @click="save">
            <Download :size="16" aria-hidden="true" />
            {{ words.tableCsv }}
          </button>
        </div>
        <CutRows :rows="shown" />
      </div>
    </template>
  </section>
</template>
