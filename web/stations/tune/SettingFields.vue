<script setup lang="ts">
import { limitsOf } from '@core/limits'
import { settingSchema, type Setting } from '@core/tune'
import FigureField from '@web/parts/FigureField.vue'
import { settingFields as words } from './words'

/** Speed and power of what is not cut through. @param name of its fields @param title said before each */
defineProps<{ name: string; title: string; setting: Setting }>()
defineEmits<{ set: [part: Partial<Setting>, key: string] }>()
const { shape } = settingSchema
</script>

<template>
  <FigureField
    :data-field="`${name}-speed`"
    :label="words.speed(title)"
    kind="speed"
    :model-value="setting.speed"
    :limits="limitsOf(shape.speed)"
    :step="10"
    @update:model-value="$emit('set', { speed: $event }, 'speed')"
  />
  <FigureField
    :data-field="`${name}-power`"
    :label="words.power(title)"
    kind="figure"
    unit="%"
    :model-value="setting.power"
    :limits="limitsOf(shape.power)"
    @update:model-value="$emit('set', { power: $event }, 'power')"
  />
</template>
