<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { Ruler } from '@lucide/vue'
import { computed } from 'vue'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { useUnits } from '@web/stores/units'

/** The units that the maker thinks in; everything on every screen follows. */
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
const title = computed(() => `Units: ${store.units.length}, ${store.units.speed}`)
</script>

<template>
  <Popover class="relative">
    <PopoverButton class="btn-icon" :aria-label="title" data-field="units">
      <Ruler :size="18" aria-hidden="true" />
      <span class="num ml-1 text-[12px]">{{ store.units.length }}</span>
    </PopoverButton>
    <PopoverPanel
      class="fixed top-12 right-2 z-30 grid w-72 gap-3 rounded-md border border-edge bg-sheet p-3 shadow-lg"
    >
      <ChoiceRow
        label="Lengths"
        :model-value="store.units.length"
        :options="LENGTHS"
        @update:model-value="store.change({ length: $event })"
      />
      <ToggleSwitch
        v-if="store.units.length === 'in'"
        label="As fractions, where a ruler has them"
        :model-value="store.units.fractions"
        @update:model-value="store.change({ fractions: $event })"
      />
      <ChoiceRow
        label="Speeds"
        :model-value="store.units.speed"
        :options="SPEEDS"
        @update:model-value="store.change({ speed: $event })"
      />
      <p class="note">Any unit can be typed in any field. Files are always in millimetres, and say so.</p>
    </PopoverPanel>
  </Popover>
</template>
