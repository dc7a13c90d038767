<script setup lang="ts">
import { FileDown } from '@lucide/vue'
import { computed, ref } from 'vue'
import { cutSquares, offcutFor, sheetDrawing, markSettings } from '@core/derive'
import type { TestSheetFormat } from '@core/files'
import { limitsOf } from '@core/limits'
import { pocketTestSchema } from '@core/stock'
import {
  engraveSettings,
  MOST_SQUARES,
  pocketModel,
  pocketSettings,
  TEST_RESULTS,
  type Setting,
  type SheetKind,
  type TestResult,
} from '@core/tune'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import TestSheetBoard from './TestSheetBoard.vue'
import { SHEET_FORMATS, useSheetFile } from './sheet-file'
import { useSheetOutcomes } from './sheet-outcomes'
import { common } from '@web/words'
import { testSheetCard as words } from './words'

/** Squares that are each made with another setting, as one file; what came of them is entered by tapping. */
const jobs = useOpenJob()
const derived = useDerived()
const say = useSay()
const outcomes = useSheetOutcomes()
const file = useSheetFile()
const sheet = computed(() => jobs.job.tune.sheet)
const drawing = computed(() => sheet.value && sheetDrawing(jobs.job, sheet.value))
const ready = computed(() => jobs.job.measure.machine !== null && jobs.job.measure.stock !== null)
const kind = ref<SheetKind>('cut')
const KINDS = computed(() => [
  { value: 'cut' as const, label: 'cuts' },
  ...(derived.hasPockets ? [{ value: 'pocket' as const, label: 'pockets' }] : []),
  ...(derived.hasEngraving ? [{ value: 'engrave' as const, label: 'engraving' }] : []),
])
const count = ref(9)
const format = ref<TestSheetFormat>('svg')
const RESULTS = TEST_RESULTS.map((value) => ({ value, label: value }))
const brush = ref<TestResult>('clean')
const chosen = ref<number | null>(null)
const depth = ref<number | null>(null)
const fits = computed(() => {
  const offcut = drawing.value && offcutFor(drawing.value, jobs.job.measure.stock?.offcuts ?? [])
  if (!drawing.value) return ''
  const needs = words.itTakes(say.value.size([drawing.value.width, drawing.value.height], 0))
  if (!offcut) return `${needs}.`
  const which = offcut.name
    ? `“${offcut.name}”`
    : words.ofSize(say.value.size([offcut.width, offcut.height], 0))
  return words.offcutLargeEnough(needs, which)
})
/** Outcomes belong to the machine and the stock that the sheet was made for. */
const isOther = computed(() => {
  const { machine, stock } = jobs.job.measure
  return sheet.value?.machineId !== machine?.id || sheet.value?.stockId !== stock?.id
})
const said = computed(() => sheet.value?.squares.filter(({ result }) => result !== null).length ?? 0)

/** The settings that would tell most of what is not known yet. */
function settingsFor(): Setting[] {
  const { machine, stock } = jobs.job.measure
  const marks = markSettings(jobs.job)
  if (kind.value === 'engrave') return engraveSettings(marks.engrave, machine!, count.value)
  if (kind.value === 'pocket') {
    const model = pocketModel(stock!.pockets, machine!.id)
    return pocketSettings(model, marks.pocket, machine!, derived.pocketDepth, count.value)
  }
  return cutSquares(jobs.job, derived.choice, count.value)
}
const asked = ref(0)
/** Why there are not as many squares as were asked for. */
const fewer = computed(() => {
  const made = sheet.value?.squares.length ?? 0
  if (made === 0 || made >= asked.value) return ''
  return words.squaresNotOthers(made, asked.value)
})
function make(): void {
  asked.value = count.value
  chosen.value = null
  file.make(kind.value, settingsFor())
}
function tap(square: number): void {
  if (sheet.value?.kind !== 'cut') chosen.value = square
  else outcomes.mark(square, brush.value)
}
function addDepth(): void {
  if (chosen.value === null || depth.value === null) return
  outcomes.addDepth(chosen.value, depth.value)
  depth.value = null
}
</script>

<template>
  <section class="card grid gap-2" aria-labelledby="sheet-title" data-field="test-sheet">
    <h2 id="sheet-title">{{ words.testSheet }}</h2>
    <p v-if="!ready" class="note">{{ words.chooseMachineStock }}</p>
    <template v-else-if="!sheet">
      <p class="note">
        {{ words.smallSquaresEach }}
      </p>
      <div class="flex flex-wrap items-end gap-2">
        <ChoiceRow v-if="KINDS.length > 1" v-model="kind" :label="words.whatIsTried" :options="KINDS" />
        <FigureField
          v-model="count"
          class="w-28"
          data-field="sheet-count"
          :label="words.squares"
          kind="figure"
          :limits="{ min: 2, max: MOST_SQUARES, whole: true }"
        />
        <button type="button" class="btn" @click="make">{{ words.makeTestSheet }}</button>
      </div>
    </template>
    <template v-else-if="isOther">
      <p class="text-sm" role="status">
        {{ words.sheetMadeAnother }}
      </p>
      <button type="button" class="btn" @click="outcomes.drop">{{ words.putAway }}</button>
    </template>
    <template v-else-if="drawing">
      <div class="flex flex-wrap items-end gap-2">
        <ChoiceRow
          v-model="format"
          class="whitespace-nowrap"
          :label="common.as"
          hide-label
          :options="SHEET_FORMATS"
        />
        <button type="button" class="btn" @click="file.write(format)">
          <FileDown :size="15" aria-hidden="true" />
          {{ words.writeTestSheet }}
        </button>
        <button type="button" class="btn" @click="outcomes.drop">{{ words.putAway }}</button>
      </div>
      <p class="note">
        {{ [fits, fewer, words.speedsStayBeside(say.speedUnit)].filter(Boolean).join(' ') }}
      </p>
      <ChoiceRow v-if="sheet.kind === 'cut'" v-model="brush" :label="words.tapMeans" :options="RESULTS" />
      <TestSheetBoard :sheet="sheet" :drawing="drawing" :chosen="chosen" @tap="tap" />
      <button
        v-if="sheet.kind === 'cut'"
        type="button"
        class="btn btn-main"
        :disabled="said === 0"
        @click="outcomes.take"
      >
        {{ words.writeDown(said, sheet.squares.length) }}
      </button>
      <p v-else-if="chosen === null" class="text-sm">
        {{ sheet.kind === 'pocket' ? words.tapPocketMeasured : words.tapPatchBest }}
      </p>
      <form
        v-else-if="sheet.kind === 'pocket'"
        class="flex flex-wrap items-start gap-2"
        :aria-label="words.depthPocket(chosen + 1)"
        @submit.prevent="addDepth"
      >
        <FigureField
          class="w-40"
          data-field="sheet-depth"
          :label="words.depthPocket(chosen + 1)"
          :step="0.1"
          :limits="limitsOf(pocketTestSchema.shape.depth)"
          :model-value="depth"
          @update:model-value="depth = $event"
        />
        <button type="submit" class="btn mt-4.5" :disabled="depth === null">{{ common.add }}</button>
      </form>
      <button v-else type="button" class="btn" @click="outcomes.takePatch(chosen)">
        {{ words.engravePatch(chosen + 1) }}
      </button>
    </template>
  </section>
</template>
