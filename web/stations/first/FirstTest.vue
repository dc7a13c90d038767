<script setup lang="ts">
import { FileDown } from '@lucide/vue'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { cutSquares, sheetDrawing } from '@core/derive'
import type { TestSheetFormat } from '@core/files'
import { kerfUnusable } from '@core/kerf'
import { settingWords } from '@core/tune'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import ReadingPad from '../measure/ReadingPad.vue'
import { useKeptKerf } from '../measure/kept-kerf'
import { useTrial } from '../measure/trial'
import TestSheetBoard from '../tune/TestSheetBoard.vue'
import { SHEET_FORMATS, useSheetFile } from '../tune/sheet-file'
import { useSheetOutcomes } from '../tune/sheet-outcomes'
import { common } from '@web/words'
import { firstTest as words } from './words'

/** One piece says both: the quickest square that falls out is the setting, its size is the kerf. */
const jobs = useOpenJob()
const derived = useDerived()
const say = useSay()
const outcomes = useSheetOutcomes()
const file = useSheetFile()
const keep = useKeptKerf()
const { trial, result } = useTrial()
/** As many squares of one power: the quickest that comes free can be seen at a glance. */
const SQUARES = 6
const format = ref<TestSheetFormat>('svg')
const isReady = computed(() => jobs.job.measure.machine !== null && jobs.job.measure.stock !== null)
/** The squares that are cut, of this machine and stock. */
const sheet = computed(() => {
  const { machine, stock } = jobs.job.measure
  const { sheet: own } = jobs.job.tune
  return own?.kind === 'cut' && own.machineId === machine?.id && own.stockId === stock?.id ? own : null
})
const drawing = computed(() => sheet.value && sheetDrawing(jobs.job, sheet.value))
const isTested = computed(() => derived.choice.standing === 'tested')
/** A square that came free is read both ways. */
const isSquare = computed(() => trial.value.method === 'squares' && trial.value.squares.count === 1)
const unusable = computed(() => (result.value.kerf ? kerfUnusable(result.value.kerf, say.value) : ''))
const failed = computed(() => derived.choice.failed)

async function write(): Promise<void> {
  if (!sheet.value) file.make('cut', cutSquares(jobs.job, derived.choice, SQUARES))
  await file.write(format.value)
}
const side = (): number => drawing.value?.squares[0].side ?? 0
function take(): void {
  if (result.value.kerf && !unusable.value) keep(result.value.kerf)
}
</script>

<template>
  <p v-if="!isReady" class="note">{{ words.laserSheetCome }}</p>
  <template v-else-if="sheet && drawing">
    <p class="text-sm font-medium">
      {{ words.cutStayingBeside }}
    </p>
    <TestSheetBoard
      :sheet="sheet"
      :drawing="drawing"
      :chosen="null"
      class="max-h-56!"
      @tap="outcomes.free($event, side())"
    />
    <div class="flex flex-wrap items-end gap-2">
      <button type="button" class="btn" @click="outcomes.free(null, side())">{{ words.noneFellOut }}</button>
      <button type="button" class="btn" @click="write">
        <FileDown :size="15" aria-hidden="true" />
        {{ words.writeAgain }}
      </button>
      <ChoiceRow
        v-model="format"
        class="whitespace-nowrap"
        :label="common.as"
        hide-label
        :options="SHEET_FORMATS"
      />
    </div>
    <p class="note">
      {{ words.speedsSettingBox(say.speedUnit) }}
    </p>
  </template>
  <template v-else-if="isTested">
    <p class="num text-sm" data-testid="first-setting">
      {{ words.cutsThrough(settingWords(derived.choice.setting, say)) }}
      <template v-if="derived.box.kerf.measured">
        {{ words.kerfPathsMake(say.fine(derived.box.kerf.width)) }}
      </template>
    </p>
    <template v-if="isSquare && (!derived.box.kerf.measured || unusable)">
      <p class="text-sm font-medium">
        {{ words.markSideSquare }}
      </p>
      <ReadingPad @taken="take" />
      <p v-if="unusable" class="text-[13px] text-rowan" role="alert">{{ unusable }}</p>
    </template>
    <p v-else class="note">
      <RouterLink :to="{ params: { station: 'measure', view: 'kerf' } }" class="underline">
        {{ derived.box.kerf.measured ? words.moreSquaresMake : words.measureKerf }}
      </RouterLink>
    </p>
  </template>
  <template v-else>
    <p class="text-sm">
      <template v-if="failed > 0">{{ words.nothingFellOut }}</template>
      {{ words.smallSquaresEach(SQUARES) }}
    </p>
    <div class="flex flex-wrap items-end gap-2">
      <button type="button" class="btn" @click="write">
        <FileDown :size="15" aria-hidden="true" />
        {{ words.writeTestPiece }}
      </button>
      <ChoiceRow
        v-model="format"
        class="whitespace-nowrap"
        :label="common.as"
        hide-label
        :options="SHEET_FORMATS"
      />
    </div>
    <p class="note">
      {{ words.neverCutPvc }}
    </p>
  </template>
</template>
