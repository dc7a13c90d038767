<script setup lang="ts">
import { computed } from 'vue'
import { limitsOf } from '@core/limits'
import { layoutSettingsSchema, type LayoutSettings } from '@core/nest'
import { counted } from '@core/length'
import { stockSchema } from '@core/stock'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import { useSay } from '@web/parts/say'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useStockEdits } from '@web/stores/stock-edits'
import PiecesForm from './PiecesForm.vue'

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
  { value: 'free' as const, label: 'any way' },
  { value: 'along' as const, label: 'along it' },
  { value: 'across' as const, label: 'across it' },
]
const few = computed(() => {
  const atHand = stock.value?.sheetsAtHand ?? Infinity
  return (settings.value.sheets ?? 0) > atHand
    ? `There ${atHand === 1 ? 'is' : 'are'} ${atHand} at hand.`
    : ''
})
const isFreeHere = computed(() => {
  const { anyAngle, grain, turning } = derived.rules
  return anyAngle && grain === 'free' && turning
})
const loads = computed(() => {
  const { length } = derived.surface.loads
  return length > 1 ? `Larger than the bed: each sheet is cut in up to ${counted(length, 'load')}.` : ''
})
</script>

<template>
  <form class="grid gap-2.5" aria-label="Sheets and rules" @submit.prevent>
    <p v-if="stock && !isInHand" class="note">
      Sheets of {{ say.size([stock.sheetWidth, stock.sheetHeight], 0) }}. Choose this stock in Measure to
      change them.
    </p>
    <div v-else-if="stock" class="grid grid-cols-2 gap-2">
      <FigureField
        data-field="sheet-width"
        label="Sheet width"
        :model-value="stock.sheetWidth"
        :limits="limitsOf(stockSchema.shape.sheetWidth)"
        :step="10"
        @update:model-value="stocks.change({ sheetWidth: $event }, 'sheet width')"
      />
      <FigureField
        data-field="sheet-height"
        label="Sheet height"
        :model-value="stock.sheetHeight"
        :limits="limitsOf(stockSchema.shape.sheetHeight)"
        :step="10"
        @update:model-value="stocks.change({ sheetHeight: $event }, 'sheet height')"
      />
    </div>
    <p v-else class="note">
      No stock is chosen: sheets of {{ say.size([derived.surface.width, derived.surface.height], 0) }} are
      assumed. Choose or add one in Measure; its sheets are laid out here.
    </p>
    <p v-if="loads" class="text-[13px] text-gorse">{{ loads }}</p>
    <div class="grid grid-cols-2 gap-2">
      <FigureField
        data-field="margin"
        term="margin"
        label="Margin"
        :model-value="settings.margin"
        :limits="limitsOf(shape.margin)"
        @update:model-value="change({ margin: $event }, 'margin')"
      />
      <FigureField
        data-field="part-gap"
        term="spacing"
        label="Gap between parts"
        :model-value="settings.gap"
        :limits="limitsOf(shape.gap)"
        :step="0.5"
        @update:model-value="change({ gap: $event }, 'gap')"
      />
    </div>
    <FigureField
      data-field="sheets"
      label="Sheets that may be used"
      kind="figure"
      :model-value="settings.sheets"
      :limits="limitsOf(shape.sheets.unwrap())"
      optional
      @update:model-value="change({ sheets: $event }, 'sheets')"
      @clear="change({ sheets: null }, 'sheets')"
    />
    <p class="note">Leave it empty for as many as it takes.</p>
    <PiecesForm />
    <p v-if="few" class="text-[13px] text-gorse">{{ few }}</p>
    <p v-if="runs === 'none'" class="note" data-field="grain">
      No face grain is on record for this stock, so panels may lie any way. If it has one, say in Measure how
      it runs.
    </p>
    <ChoiceRow
      v-else
      data-field="grain"
      :label="`Grain runs along the sheet’s ${runs}; panels lie`"
      :model-value="settings.grain"
      :options="GRAINS"
      @update:model-value="change({ grain: $event }, '')"
    />
    <ToggleSwitch
      data-field="turning"
      label="Parts may be turned"
      :model-value="settings.turning"
      @update:model-value="change({ turning: $event }, '')"
    />
    <ToggleSwitch
      data-field="any-angle"
      label="At any angle, not only by quarter turns"
      :model-value="settings.anyAngle"
      @update:model-value="change({ anyAngle: $event }, '')"
    />
    <ToggleSwitch
      data-field="share-edges"
      label="Straight edges of two parts are cut once"
      :model-value="settings.shareEdges"
      @update:model-value="change({ shareEdges: $event }, '')"
    />
    <p v-if="settings.shareEdges && !derived.rules.shareEdges" class="note">
      Not while the laser’s software compensates, with bridges, or where the beam is not round. Two parts
      cannot share such a line.
    </p>
    <p v-if="settings.anyAngle && !isFreeHere" class="note">
      The beam is not round, the grain matters, or they may not be turned: parts lie by quarter turns.
    </p>
  </form>
</template>
