<script setup lang="ts">
import { computed } from 'vue'
import { LESSONS, vernierTasks, type LessonId, type World } from '@core/course'
import { useSay } from '@web/parts/say'
import VernierPicture from './VernierPicture.vue'

/** Sheets for a class: verniers to read, tables to fill in at the laser, cards to put in order, answers. */
const props = defineProps<{ world: World; code: string; answers: Record<LessonId, string> }>()
const say = useSay()
const verniers = computed(() => vernierTasks(props.world, say.value.lengthUnit))
const TABLES = [
  {
    title: 'Thickness, film off',
    note: 'Six places or more, some at every edge. Tabs: the mean. Slots: the thickest.',
    heads: ['Place', 'Reading', 'Place', 'Reading'],
    rows: 4,
  },
  {
    title: 'Kerf by squares',
    note: 'Kerf = drawn side − mean of all readings. Compensation per side = kerf ÷ 2.',
    heads: ['Square', 'Across', 'Up'],
    rows: 5,
  },
  {
    title: 'Comb',
    note: 'Press by hand. Write forced, press, snug, easy or loose. Keep the pair that holds when lifted.',
    heads: ['Step', 'How it goes', 'Lifted'],
    rows: 6,
  },
  {
    title: 'Test sheet',
    note: 'Slow to fast, one pass. Free, or holds? Leave a tenth or two of energy to spare.',
    heads: ['Speed', 'Free?', 'Edge'],
    rows: 6,
  },
]
const CARDS = [
  'Peel the film off',
  'Measure the thickness',
  'Cut and measure five squares',
  'Press a comb together',
  'Cut a test sheet',
  'Lay the parts out',
  'Engrave the words',
  'Score the labels',
  'Cut holes and windows',
  'Cut the outlines',
  'Check before you move the sheet',
  'Fit it dry',
  'Check both diagonals',
  'Glue, and hold',
  'Note what came out',
]
/** In an order that gives nothing away. */
const cards = [...CARDS].sort((a, b) => a.localeCompare(b))
</script>

<template>
  <div class="grid gap-6">
    <section class="sheet card" aria-labelledby="sheet-verniers">
      <h3 id="sheet-verniers">1. Read these verniers</h3>
      <ol class="mt-2 grid gap-4 sm:grid-cols-2 print:grid-cols-2">
        <li v-for="({ scale, jaws }, i) in verniers" :key="i">
          <VernierPicture :scale="scale" :jaws="jaws" />
          <p class="text-[13px]">{{ i + 1 }}. reads ____________ {{ say.lengthUnit }}</p>
        </li>
      </ol>
    </section>
    <section class="sheet card" aria-labelledby="sheet-tables">
      <h3 id="sheet-tables">2. At the laser</h3>
      <div class="mt-2 grid gap-4 sm:grid-cols-2 print:grid-cols-2">
        <table v-for="{ title, note, heads, rows } in TABLES" :key="title" class="w-full text-[13px]">
          <caption class="text-left font-semibold">
            {{ title }}
            <span class="block font-normal text-quiet">{{ note }}</span>
          </caption>
          <thead>
            <tr>
              <th v-for="(head, i) in heads" :key="i" class="border border-edge px-1 text-left font-medium">
                {{ head }}
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in rows" :key="row">
              <td v-for="i in heads.length" :key="i" class="h-7 border border-edge">&nbsp;</td>
            </tr>
          </tbody>
        </table>
      </div>
    </section>
    <section class="sheet card" aria-labelledby="sheet-cards">
      <h3 id="sheet-cards">3. Cut out, and put in order</h3>
      <ul class="mt-2 grid grid-cols-2 sm:grid-cols-3 print:grid-cols-3">
        <li
          v-for="card in cards"
          :key="card"
          class="-m-px grid min-h-16 place-items-center border border-dashed border-edge p-2 text-center text-sm"
        >
          {{ card }}
        </li>
      </ul>
    </section>
    <section class="sheet card" aria-labelledby="sheet-answers">
      <h3 id="sheet-answers">Answers, bench {{ code }}</h3>
      <p class="text-[13px]">
        Verniers:
        <span class="num">
          {{ verniers.map(({ jaws }, i) => `${i + 1}. ${say.plain(jaws)}`).join('   ') }}
        </span>
        {{ say.lengthUnit }}
      </p>
      <ol class="mt-1 list-decimal pl-6 text-[13px]">
        <li v-for="{ id, title } in LESSONS" :key="id">
          <strong>{{ title }}.</strong>
          {{ answers[id] }}
        </li>
      </ol>
      <p class="mt-2 text-[13px]">Cards: {{ CARDS.join(' → ') }}.</p>
    </section>
  </div>
</template>

<style scoped>
@media print {
  .sheet {
    break-after: page;
    border: none;
  }
  .sheet:last-child {
    break-after: auto;
  }
}
</style>
