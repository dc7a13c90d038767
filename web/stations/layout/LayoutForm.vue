<script setup lang="ts">
import { computed } from 'vue'
import type { LayoutSettings } from '@core/nest'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { useJob } from '@web/stores/job'

const jobs = useJob()
const settings = computed(() => jobs.job!.layout.settings)
const change = (part: Partial<LayoutSettings>, key: string): void =>
  jobs.edit((draft) => {
    Object.assign(draft.layout.settings, part)
  }, key)
const runs = computed(() => jobs.job!.measure.stock?.grain ?? 'none')
const short = computed(() => {
  const { stock } = jobs.job!.measure
  return stock && settings.value.sheets > stock.sheetsAtHand
    ? `There ${stock.sheetsAtHand === 1 ? 'is' : 'are'} ${stock.sheetsAtHand} at hand.`
    : ''
})
</script>

<template>
  <form class="grid gap-2.5" aria-label="Sheets and rules" @submit.prevent>
    <div class="grid grid-cols-2 gap-2">
      <FigureField
        label="Sheet width"
        :model-value="settings.sheetWidth"
        :min="10"
        :max="5000"
        :step="10"
        @update:model-value="change({ sheetWidth: $event }, 'sheet width')"
      />
      <FigureField
        label="Sheet height"
        :model-value="settings.sheetHeight"
        :min="10"
        :max="5000"
        :step="10"
        @update:model-value="change({ sheetHeight: $event }, 'sheet height')"
      />
      <FigureField
        label="Margin"
        :model-value="settings.margin"
        :min="0"
        :max="200"
        :step="1"
        @update:model-value="change({ margin: $event }, 'margin')"
      />
      <FigureField
        label="Gap between parts"
        :model-value="settings.gap"
        :min="0"
        :max="100"
        :step="0.5"
        @update:model-value="change({ gap: $event }, 'gap')"
      />
    </div>
    <FigureField
      label="Sheets that may be used"
      kind="figure"
      whole
      :model-value="settings.sheets"
      :min="1"
      :max="200"
      :step="1"
      @update:model-value="change({ sheets: $event }, 'sheets')"
    />
    <p v-if="short" class="text-[13px] text-gorse">{{ short }}</p>
    <p v-if="runs === 'none'" class="note">
      No face grain is on record for this stock, so panels may lie any way. If it has one, say in Measure how
      it runs.
    </p>
    <ChoiceRow
      v-else
      :label="`Grain runs along the sheet’s ${runs}; panels lie`"
      :model-value="settings.grain"
      :options="[
        { value: 'free' as const, label: 'any way' },
        { value: 'along' as const, label: 'along it' },
        { value: 'across' as const, label: 'across it' },
      ]"
      @update:model-value="change({ grain: $event }, '')"
    />
    <ToggleSwitch
      label="Parts may be turned"
      :model-value="settings.turning"
      @update:model-value="change({ turning: $event }, '')"
    />
  </form>
</template>
