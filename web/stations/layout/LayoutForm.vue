<script setup lang="ts">
import { computed } from 'vue'
import { limitsOf } from '@core/limits'
import { layoutSettingsSchema, type LayoutSettings } from '@core/nest'
import { stockSchema } from '@core/stock'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import { useSay } from '@web/parts/say'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useStockEdits } from '@web/stores/stock-edits'
import PiecesForm from './PiecesForm.vue'
import { layoutForm as words } from './words'

const jobs = useOpenJob()
const derived = useDerived()
const stocks = useStockEdits()
const say = useSay()
const { shape } = layoutSettingsSchema
const stock = computed(() => derived.seen.stock)
const isInHand = computed(() => stock.value?.id === jobs.job.measure.stock?.id)
const settings = computed(() => jobs.job.layout.settings)
const change = (part: Partial<LayoutSettings>, key: string): boolean =>
  jobs.edit((draft) => {
    Object.assign(draft.layout.settings, part)
  }, key)
const runs = computed(() => stock.value?.grain ?? 'none')
const GRAINS = [
  { value: 'free' as const, label: words.anyWay },
  { value: 'along' as const, label: words.alongIt },
  { value: 'across' as const, label: words.acrossIt },
]
const few = computed(() => {
  const atHand = stock.value?.sheetsAtHand ?? Infinity
  return (settings.value.sheets ?? 0) > atHand ? words.atHand(atHand) : ''
})
const isFreeHere = computed(() => {
  const { anyAngle, grain, turning } = derived.rules
  return anyAngle && grain === 'free' && turning
})
const loads = computed(() => {
  const { length } = derived.surface.loads
  return length > 1 ? words.largerBedEach(length) : ''
})
</script>

<template>
  <form class="grid gap-2.5" :aria-label="words.sheetsRules" @submit.prevent>
    <p v-if="stock && !isInHand" class="note">
      {{ words.sheetsChooseStock(say.size([stock.sheetWidth, stock.sheetHeight], 0)) }}
    </p>
    <div v-else-if="stock" class="grid grid-cols-2 gap-2">
      <FigureField
        data-field="sheet-width"
        :label="words.sheetWidth"
        :model-value="stock.sheetWidth"
        :limits="limitsOf(stockSchema.shape.sheetWidth)"
        :step="10"
        @update:model-value="stocks.change({ sheetWidth: $event }, 'sheet width')"
      />
      <FigureField
        data-field="sheet-height"
        :label="words.sheetHeight"
        :model-value="stock.sheetHeight"
        :limits="limitsOf(stockSchema.shape.sheetHeight)"
        :step="10"
        @update:model-value="stocks.change({ sheetHeight: $event }, 'sheet height')"
      />
    </div>
    <p v-else class="note">
      {{ words.noStockChosen(say.size([derived.surface.width, derived.surface.height], 0)) }}
    </p>
    <p v-if="loads" class="text-[13px] text-gorse">{{ loads }}</p>
    <div class="grid grid-cols-2 gap-2">
      <FigureField
        data-field="margin"
        term="margin"
        :label="words.margin"
        :model-value="settings.margin"
        :limits="limitsOf(shape.margin)"
        @update:model-value="change({ margin: $event }, 'margin')"
      />
      <FigureField
        data-field="part-gap"
        term="spacing"
        :label="words.gapBetweenParts"
        :model-value="settings.gap"
        :limits="limitsOf(shape.gap)"
        :step="0.5"
        @update:model-value="change({ gap: $event }, 'gap')"
      />
    </div>
    <FigureField
      data-field="sheets"
      :label="words.sheetsMayUsed"
      kind="figure"
      :model-value="settings.sheets"
      :limits="limitsOf(shape.sheets.unwrap())"
      optional
      @update:model-value="change({ sheets: $event }, 'sheets')"
      @clear="change({ sheets: null }, 'sheets')"
    />
    <p class="note">{{ words.leaveEmptyMany }}</p>
    <PiecesForm />
    <p v-if="few" class="text-[13px] text-gorse">{{ few }}</p>
    <p v-if="runs === 'none'" class="note" data-field="grain">
      {{ words.noFaceGrain }}
    </p>
    <ChoiceRow
      v-else
      data-field="grain"
      :label="words.grainRunsAlong(runs)"
      :model-value="settings.grain"
      :options="GRAINS"
      @update:model-value="change({ grain: $event }, '')"
    />
    <ToggleSwitch
      data-field="turning"
      :label="words.partsMayTurned"
      :model-value="settings.turning"
      @update:model-value="change({ turning: $event }, '')"
    />
    <ToggleSwitch
      data-field="any-angle"
      :label="words.anyAngleNot"
      :model-value="settings.anyAngle"
      @update:model-value="change({ anyAngle: $event }, '')"
    />
    <ToggleSwitch
      data-field="share-edges"
      :label="words.straightEdgesTwo"
      :model-value="settings.shareEdges"
      @update:model-value="change({ shareEdges: $event }, '')"
    />
    <p v-if="settings.shareEdges && !derived.rules.shareEdges" class="note">
      {{ words.notWhileLasers }}
    </p>
    <p v-if="settings.anyAngle && !isFreeHere" class="note">
      {{ words.beamNotRound }}
    </p>
  </form>
</template>
