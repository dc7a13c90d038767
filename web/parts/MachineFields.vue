<script setup lang="ts">
import { ref } from 'vue'
import { limitsOf } from '@core/limits'
import { machineSchema, ORIGINS, type Machine } from '@core/machine'
import FieldLabel from './FieldLabel.vue'
import FigureField from './FigureField.vue'
import TextEntry from './TextEntry.vue'
import { common } from '@web/words'
import { machineFields as words } from './words'

defineProps<{ machine: Machine }>()
const emit = defineEmits<{ change: [part: Partial<Machine>, key: string] }>()
const nameField = ref<InstanceType<typeof TextEntry>>()
defineExpose({ select: () => nameField.value?.select() })

const { shape } = machineSchema
const FIELDS = [
  { key: 'bedWidth', figure: { label: words.bedWidth, step: 10 } },
  { key: 'bedHeight', figure: { label: words.bedDepth, step: 10 } },
  { key: 'watts', figure: { label: words.laserPower, kind: 'figure', unit: 'W', step: 5 } },
  { key: 'travelSpeed', figure: { label: words.travelSpeed, kind: 'speed', step: 10 } },
  { key: 'maxSpeed', figure: { label: words.highestSpeed, kind: 'speed', step: 10 } },
  { key: 'acceleration', figure: { label: words.acceleration, kind: 'figure', unit: 'mm/s²', step: 100 } },
] as const
const change = (part: Partial<Machine>, key: string): void => emit('change', part, `machine ${key}`)
</script>

<template>
  <label class="text-[13px] font-medium" data-field="machine-name">
    {{ common.name }}
    <TextEntry
      ref="nameField"
      class="input"
      required
      :model-value="machine.name"
      @update:model-value="change({ name: $event }, 'name')"
    />
  </label>
  <div class="grid grid-cols-2 gap-x-3 gap-y-2.5">
    <FigureField
      v-for="{ key, figure } in FIELDS"
      :key="key"
      v-bind="figure"
      :data-field="key"
      :limits="limitsOf(shape[key])"
      :model-value="machine[key]"
      @update:model-value="change({ [key]: $event }, key)"
    />
    <div class="col-span-2" data-field="origin">
      <FieldLabel for="machine-origin" :label="words.originCornerSeen" term="origin" />
      <select
        id="machine-origin"
        class="input font-sans!"
        :value="machine.origin"
        @change="
          change({ origin: ($event.target as HTMLSelectElement).value as Machine['origin'] }, 'origin')
        "
      >
        <option v-for="origin in ORIGINS" :key="origin" :value="origin">{{ origin }}</option>
      </select>
    </div>
  </div>
  <p class="note">
    {{ words.sheetPutInto }}
  </p>
</template>
