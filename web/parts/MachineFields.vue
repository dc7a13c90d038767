<script setup lang="ts">
import { ref } from 'vue'
import type { Machine } from '@core/machine'
import FigureField from './FigureField.vue'
import TextEntry from './TextEntry.vue'

defineProps<{ machine: Machine }>()
const emit = defineEmits<{ change: [part: Partial<Machine>, key: string] }>()
const nameField = ref<InstanceType<typeof TextEntry>>()
defineExpose({ select: () => nameField.value?.select() })

const FIELDS = [
  { key: 'bedWidth', figure: { label: 'Bed width', min: 20, max: 10000, step: 10 } },
  { key: 'bedHeight', figure: { label: 'Bed depth', min: 20, max: 10000, step: 10 } },
  { key: 'watts', figure: { label: 'Laser power', kind: 'figure', unit: 'W', min: 0.5, max: 2000, step: 5 } },
  { key: 'travelSpeed', figure: { label: 'Travel speed', kind: 'speed', min: 1, max: 5000, step: 10 } },
  { key: 'maxSpeed', figure: { label: 'Highest speed', kind: 'speed', min: 1, max: 5000, step: 10 } },
  {
    key: 'acceleration',
    figure: { label: 'Acceleration', kind: 'figure', unit: 'mm/s²', min: 10, max: 100000, step: 100 },
  },
] as const
</script>

<template>
  <label class="text-[13px] font-medium">
    Name
    <TextEntry
      ref="nameField"
      class="input"
      required
      :model-value="machine.name"
      @update:model-value="emit('change', { name: $event }, 'machine name')"
    />
  </label>
  <div class="grid grid-cols-2 gap-x-3 gap-y-2.5">
    <FigureField
      v-for="field in FIELDS"
      :key="field.key"
      v-bind="field.figure"
      :model-value="machine[field.key]"
      @update:model-value="emit('change', { [field.key]: $event }, `machine ${field.key}`)"
    />
  </div>
  <p class="note">
    Speeds and acceleration only make the time estimate better. They stand in the machine’s manual.
  </p>
</template>
