<script setup lang="ts" generic="T extends Place">
import { ANCHORS, placeFields, type Place } from '@core/art'
import { limitsOf } from '@core/limits'
import FigureField from '@web/parts/FigureField.vue'

/** Where something is on its panel: from an anchor, so far to the right and up, turned. */
defineProps<{ place: T; name: string }>()
defineEmits<{ set: [part: Partial<Place>, key: string] }>()
const OFFSETS = [
  { key: 'right' as const, label: 'To the right' },
  { key: 'up' as const, label: 'Up' },
]
</script>

<template>
  <label class="text-[13px] font-medium">
    From the
    <select
      class="input"
      :data-field="`${name}-anchor`"
      :value="place.anchor"
      @change="$emit('set', { anchor: ($event.target as HTMLSelectElement).value as Place['anchor'] }, '')"
    >
      <option v-for="anchor in ANCHORS" :key="anchor">{{ anchor }}</option>
    </select>
  </label>
  <FigureField
    v-for="{ key, label } in OFFSETS"
    :key="key"
    :data-field="`${name}-${key}`"
    :label="label"
    :model-value="place[key]"
    :limits="limitsOf(placeFields[key])"
    @update:model-value="$emit('set', { [key]: $event }, key)"
  />
  <FigureField
    :data-field="`${name}-turn`"
    label="Turned by"
    kind="figure"
    unit="°"
    :step="5"
    :model-value="place.turn"
    :limits="limitsOf(placeFields.turn)"
    @update:model-value="$emit('set', { turn: $event }, 'turn')"
  />
</template>
