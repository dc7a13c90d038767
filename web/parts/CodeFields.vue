<script setup lang="ts">
import { limitsOf } from '@core/limits'
import { machineSchema, type Machine } from '@core/machine'
import FigureField from './FigureField.vue'
import FormSection from './FormSection.vue'
import TextEntry from './TextEntry.vue'
import ToggleSwitch from './ToggleSwitch.vue'
import { codeFields as words } from './words'

/** How a machine's controller is spoken to, where it takes programs. */
const props = defineProps<{ machine: Machine }>()
const emit = defineEmits<{ change: [part: Partial<Machine>, key: string] }>()
const { shape } = machineSchema.shape.code
const WORDS = [
  { key: 'airOn', label: words.airOn, rows: 0 },
  { key: 'airOff', label: words.airOff, rows: 0 },
  { key: 'header', label: words.beforeCut, rows: 2 },
  { key: 'footer', label: words.afterIt, rows: 2 },
] as const
const set = (part: Partial<Machine['code']>, key: string): void =>
  emit('change', { code: { ...props.machine.code, ...part } }, `machine code ${key}`)
</script>

<template>
  <FormSection :title="words.programsController" :said="words.gCode" data-field="machine-code">
    <FigureField
      data-field="code-scale"
      :label="words.wholePowerSaid"
      kind="figure"
      :model-value="machine.code.scale"
      :limits="limitsOf(shape.scale)"
      :step="100"
      @update:model-value="set({ scale: $event }, 'scale')"
    />
    <ToggleSwitch
      data-field="code-dynamic"
      :label="words.powerGoesDown"
      :model-value="machine.code.dynamic"
      @update:model-value="set({ dynamic: $event }, 'dynamic')"
    />
    <label
      v-for="{ key, label, rows } in WORDS"
      :key="key"
      class="text-[13px] font-medium"
      :data-field="`code-${key}`"
    >
      {{ label }}
      <TextEntry
        class="input"
        :rows="rows"
        :maxlength="rows > 0 ? 2000 : 80"
        :model-value="machine.code[key]"
        @update:model-value="set({ [key]: $event }, key)"
      />
    </label>
    <p class="note">
      {{ words.manualSaysUnderstands }}
    </p>
  </FormSection>
</template>
