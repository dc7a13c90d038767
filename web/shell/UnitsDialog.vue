<script setup lang="ts">
import BaseDialog from '@web/parts/BaseDialog.vue'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { useUnits } from '@web/stores/units'
import { unitsDialog as words } from './words'

/** The units that the maker thinks in; everything on every screen follows. */
defineEmits<{ close: [] }>()
const store = useUnits()
const LENGTHS = [
  { value: 'mm' as const, label: 'millimetres' },
  { value: 'in' as const, label: 'inches' },
]
const SPEEDS = [
  { value: 'mm/s' as const, label: 'mm/s' },
  { value: 'mm/min' as const, label: 'mm/min' },
  { value: 'in/min' as const, label: 'in/min' },
]
</script>

<template>
  <BaseDialog open :title="words.units" @close="$emit('close')">
    <div class="mt-2 grid gap-3">
      <ChoiceRow
        :label="words.lengths"
        :model-value="store.units.length"
        :options="LENGTHS"
        @update:model-value="store.change({ length: $event })"
      />
      <ToggleSwitch
        v-if="store.units.length === 'in'"
        :label="words.fractionsRulerThem"
        :model-value="store.units.fractions"
        @update:model-value="store.change({ fractions: $event })"
      />
      <ChoiceRow
        :label="words.speeds"
        :model-value="store.units.speed"
        :options="SPEEDS"
        @update:model-value="store.change({ speed: $event })"
      />
      <p class="note">{{ words.anyUnitTyped }}</p>
    </div>
  </BaseDialog>
</template>
