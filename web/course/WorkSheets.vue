<script setup lang="ts">
import { computed } from 'vue'
import { LESSONS, vernierTasks, type LessonId, type World } from '@core/course'
import { useSay } from '@web/parts/say'
import VernierPicture from './VernierPicture.vue'
import { common } from '@web/words'
import { workSheets as words } from './words'

/** Sheets for a class: verniers to read, tables to fill in at the laser, cards to put in order, answers. */
const props = defineProps<{ world: World; code: string; answers: Record<LessonId, string> }>()
const say = useSay()
const verniers = computed(() => vernierTasks(props.world, say.value.lengthUnit))
const TABLES = [
  {
    title: words.thicknessFilmOff,
    note: words.sixPlacesMore,
    heads: [words.place, words.reading, words.place, words.reading],
    rows: 4,
  },
  {
    title: words.kerfSquares,
    note: 'Kerf = drawn side − mean of all readings. Compensation per side = kerf ÷ 2.',
    heads: [words.square, words.across, words.up],
    rows: 5,
  },
  {
    title: words.comb,
    note: words.pressHandWrite,
    heads: [words.step, words.howGoes, words.lifted],
    rows: 6,
  },
  {
    title: words.testSheet,
    note: words.slowFastPass,
    heads: [common.speed, words.free, words.edge],
    rows: 6,
  },
]
const CARDS = [
  words.peelFilmOff,
  words.measureThickness,
  words.cutMeasureFive,
  words.pressCombTogether,
  words.cutTestSheet,
  words.layPartsOut,
  words.engraveWords,
  words.scoreLabels,
  words.cutHolesWindows,
  words.cutOutlines,
  words.checkBeforeMove,
  words.fitDry,
  words.checkBothDiagonals,
  words.glueHold,
  words.noteCameOut,
]
/** In an order that gives nothing away. */
const cards = [...CARDS].sort((a, b) => a.localeCompare(b))
</script>

<template>
  <div class="grid gap-6">
    <section class="sheet card" aria-labelledby="sheet-verniers">
      <h3 id="sheet-verniers">{{ words.readVerniers }}</h3>
      <ol class="mt-2 grid gap-4 sm:grid-cols-2 print:grid-cols-2">
        <li v-for="({ scale, jaws }, i) in verniers" :key="i">
          <VernierPicture :scale="scale" :jaws="jaws" />
          <p class="text-[13px]">{{ words.reads(i + 1, say.lengthUnit) }}</p>
        </li>
      </ol>
    </section>
    <section class="sheet card" aria-labelledby="sheet-tables">
      <h3 id="sheet-tables">{{ words.atTheLaser }}</h3>
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
      <h3 id="sheet-cards">{{ words.cutOutPut }}</h3>
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
      <h3 id="sheet-answers">{{ words.answersBench(code) }}</h3>
      <p class="text-[13px]">
        {{
          words.verniers(
            verniers.map(({ jaws }, i) => `${i + 1}. ${say.plain(jaws)}`).join('   '),
            say.lengthUnit,
          )
        }}
      </p>
      <ol class="mt-1 list-decimal pl-6 text-[13px]">
        <li v-for="{ id, title } in LESSONS" :key="id">
          <strong>{{ title }}.</strong>
          {{ answers[id] }}
        </li>
      </ol>
      <p class="mt-2 text-[13px]">{{ words.cards(CARDS.join(' → ')) }}</p>
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
