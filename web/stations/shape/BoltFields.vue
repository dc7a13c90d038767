<script setup lang="ts">
import type { EdgeGroup } from '@core/box'
import { BOLT_SIZES, BOLTS, boltsSchema, type Bolts, type BoltSize } from '@core/joints'
import { limitsOf } from '@core/limits'
import FigureField from '@web/parts/FigureField.vue'
import { useSay } from '@web/parts/say'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { boltFields as words } from './field-words'

/** Bolts and captive nuts along edges: whether, how many, and which. */
const props = defineProps<{ group: EdgeGroup; name: string; bolts: Bolts | null }>()
const emit = defineEmits<{ change: [bolts: Bolts | null, key: string] }>()
const say = useSay()
const { shape } = boltsSchema
const FIRST: Bolts = { size: 'M3', count: 1, length: 16 }

const set = (part: Partial<Bolts>, key: string): void =>
  emit('change', { ...(props.bolts ?? FIRST), ...part }, `bolts ${props.group} ${key}`)
const choose = (event: Event): void =>
  set({ size: (event.target as HTMLSelectElement).value as BoltSize }, 'size')
</script>

<template>
  <div class="grid gap-1.5" :data-field="`bolts-${group}`">
    <ToggleSwitch
      :label="words.boltsCaptiveNuts(name)"
      :model-value="bolts !== null"
      @update:model-value="$emit('change', $event ? FIRST : null, '')"
    />
    <div v-if="bolts" class="grid grid-cols-3 gap-2">
      <label class="text-[13px] font-medium">
        {{ words.size }}
        <select class="input font-sans!" :value="bolts.size" @change="choose">
          <option v-for="size in BOLT_SIZES" :key="size" :value="size">{{ size }}</option>
        </select>
      </label>
      <FigureField
        :label="words.perEdge"
        kind="figure"
        :model-value="bolts.count"
        :limits="limitsOf(shape.count)"
        @update:model-value="set({ count: $event }, 'count')"
      />
      <FigureField
        :label="words.boltLength"
        :model-value="bolts.length"
        :limits="limitsOf(shape.length)"
        @update:model-value="set({ length: $event }, 'length')"
      />
    </div>
    <p v-if="bolts" class="note">
      {{
        words.holeNutAcross(
          say.short(BOLTS[bolts.size].hole),
          say.shortPlain(BOLTS[bolts.size].flats),
          say.short(BOLTS[bolts.size].nut),
        )
      }}
    </p>
  </div>
</template>
