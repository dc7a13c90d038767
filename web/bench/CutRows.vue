<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { RouterLink } from 'vue-router'
import type { BookRow } from '@core/book'
import { fixed, percent } from '@core/length'
import { dateText } from '@web/data/dates'
import { common } from '@web/words'
import { cutRows as words } from './words'

/** The cuts as a table, so many at a time; each leads to its page. */
const props = defineProps<{ rows: BookRow[] }>()
const STEP = 40
const count = ref(STEP)
watch(
  () => props.rows,
  () => (count.value = STEP),
)
const shown = computed(() => props.rows.slice(0, count.value))
const minutes = ({ expected, minutes: taken }: BookRow): string =>
  `${expected === null ? '–' : fixed(expected, 1)} / ${taken === null ? '–' : fixed(taken, 1)}`
const free = ({ through }: BookRow): string =>
  through === null ? '–' : through === 'all' ? 'all' : words.notAll
const sheets = ({ sheets: whole, offcuts }: BookRow): string =>
  whole === null ? '–' : `${whole}${offcuts ? ` + ${offcuts}` : ''}`
const waste = ({ waste: lost, area }: BookRow): string =>
  lost === null || !area ? '–' : percent(lost / area)
</script>

<template>
  <div class="overflow-x-auto">
    <table class="w-full text-[13px]" aria-labelledby="cuts-title">
      <thead>
        <tr class="text-left text-quiet">
          <th scope="col">{{ words.cut }}</th>
          <th scope="col">{{ words.date }}</th>
          <th scope="col">{{ common.stock }}</th>
          <th scope="col">{{ common.machine }}</th>
          <th scope="col">{{ words.minutesExpectedTaken }}</th>
          <th scope="col">{{ common.fit }}</th>
          <th scope="col">{{ words.fellFree }}</th>
          <th scope="col">{{ words.sheetsOffcuts }}</th>
          <th scope="col">{{ words.waste }}</th>
        </tr>
      </thead>
      <tbody class="num">
        <tr v-for="row in shown" :key="`${row.job} ${row.number}`" class="border-t border-line align-top">
          <th scope="row" class="py-1 pr-3 text-left font-medium">
            <RouterLink
              :to="`/job/${row.job}/log/cut?cut=${row.number}`"
              class="inline-flex min-h-7 items-center underline"
            >
              {{ row.name }}, {{ row.number }}
            </RouterLink>
          </th>
          <td class="py-1 pr-3 whitespace-nowrap">{{ dateText(row.date) }}</td>
          <td class="py-1 pr-3">{{ row.stock }}</td>
          <td class="py-1 pr-3">{{ row.machine }}</td>
          <td class="py-1 pr-3">{{ minutes(row) }}</td>
          <td class="py-1 pr-3">{{ row.fit ?? '–' }}</td>
          <td class="py-1 pr-3">{{ free(row) }}</td>
          <td class="py-1 pr-3">{{ sheets(row) }}</td>
          <td class="py-1">{{ waste(row) }}</td>
        </tr>
      </tbody>
    </table>
  </div>
  <button v-if="rows.length > count" type="button" class="btn justify-self-start" @click="count += STEP">
    {{ words.showMore(Math.min(STEP, rows.length - count)) }}
  </button>
</template>
