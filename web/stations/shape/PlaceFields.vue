<script setup lang="ts" generic="T extends Place & { from: string }">
import { ANCHORS, placeFields, POINTS, type Place } from '@core/art'
import { limitsOf } from '@core/limits'
import FigureField from '@web/parts/FigureField.vue'
import { placeFields as words } from './field-words'

/** Where something is on its panel: from an anchor of that or of an opening, so far right and up, turned. */
defineProps<{ place: T; name: string; features: { id: string; name: string }[] }>()
const emit = defineEmits<{ set: [part: Partial<Place & { from: string }>, key: string] }>()
const OFFSETS = [
  { key: 'right' as const, label: words.toTheRight },
  { key: 'up' as const, label: words.up },
]
const valueOf = ({ target }: Event): string => (target as HTMLSelectElement).value
</script>

<template>
  <label class="text-[13px] font-medium">
    {{ words.fromThe }}
    <select
      class="input"
      :data-field="`${name}-anchor`"
      :value="place.anchor"
      @change="emit('set', { anchor: valueOf($event) as Place['anchor'] }, '')"
    >
      <option v-for="anchor in ANCHORS" :key="anchor">{{ anchor }}</option>
    </select>
  </label>
  <label class="text-[13px] font-medium">
    {{ words.ownPoint }}
    <select
      class="input"
      :data-field="`${name}-point`"
      :value="place.point"
      @change="emit('set', { point: valueOf($event) as Place['point'] }, '')"
    >
      <option v-for="point in POINTS" :key="point" :value="point">
        {{ point === 'same' ? words.samePoint(place.anchor) : point }}
      </option>
    </select>
  </label>
  <label v-if="features.length > 0" class="text-[13px] font-medium">
    {{ words.ofThe }}
    <select
      class="input"
      :data-field="`${name}-from`"
      :value="features.some(({ id }) => id === place.from) ? place.from : ''"
      @change="emit('set', { from: valueOf($event), point: 'centre', right: 0, up: 0 }, '')"
    >
      <option value="">{{ words.panel }}</option>
      <option v-for="feature in features" :key="feature.id" :value="feature.id">{{ feature.name }}</option>
    </select>
  </label>
  <FigureField
    v-for="{ key, label } in OFFSETS"
    :key="key"
    :data-field="`${name}-${key}`"
    :label="label"
    :model-value="place[key]"
    :limits="limitsOf(placeFields[key])"
    @update:model-value="emit('set', { [key]: $event }, key)"
  />
  <FigureField
    :data-field="`${name}-turn`"
    :label="words.turnedBy"
    kind="figure"
    unit="°"
    :step="5"
    :model-value="place.turn"
    :limits="limitsOf(placeFields.turn)"
    @update:model-value="emit('set', { turn: $event }, 'turn')"
  />
</template>
