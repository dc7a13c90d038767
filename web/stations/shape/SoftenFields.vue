<script setup lang="ts">
import { computed } from 'vue'
import { fittingsSchema, type Fittings } from '@core/box'
import { limitsOf } from '@core/limits'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { useBoxEdits } from './box-edits'

/** Corners that no joint is at, rounded or cut off aslant. */
const { box, changeIn } = useBoxEdits()
const softened = computed(() => box.value.fittings.softened)
const { size } = fittingsSchema.shape.softened.unwrap().shape
const KINDS = [
  { value: 'round' as const, label: 'Rounded' },
  { value: 'chamfer' as const, label: 'Cut aslant' },
]
const set = (next: Fittings['softened'], key = ''): boolean => changeIn('fittings', { softened: next }, key)
</script>

<template>
  <ToggleSwitch
    data-field="softened"
    label="Free corners taken off, where no joint is"
    :model-value="softened !== null"
    @update:model-value="set($event ? { kind: 'round', size: 6 } : null)"
  />
  <template v-if="softened">
    <ChoiceRow
      data-field="softened-kind"
      label="Free corners are"
      :model-value="softened.kind"
      :options="KINDS"
      @update:model-value="set({ ...softened, kind: $event })"
    />
    <FigureField
      data-field="softened-size"
      label="By so much"
      :model-value="softened.size"
      :limits="limitsOf(size)"
      @update:model-value="set({ ...softened, size: $event }, 'softened size')"
    />
  </template>
</template>
