<script setup lang="ts">
import { Pin, PinOff, RotateCw } from '@lucide/vue'
import { computed } from 'vue'
import { layoutRules } from '@core/job'
import type { Placement } from '@core/nest'
import FigureField from '@web/parts/FigureField.vue'
import { useDerived } from '@web/stores/derived'
import { useJob } from '@web/stores/job'
import { turnedOn } from './turning'

const props = defineProps<{ part: string; placements: Placement[] }>()
const emit = defineEmits<{ place: [placement: Placement] }>()
const jobs = useJob()
const derived = useDerived()
const placement = computed(() => props.placements.find(({ part }) => part === props.part))
const shape = computed(() => derived.parts.find(({ id }) => id === props.part)?.shape)
const turned = computed(() =>
  placement.value && shape.value ? turnedOn(shape.value, placement.value, layoutRules(jobs.job!)) : null,
)
const put = (change: Partial<Placement>): void => {
  if (placement.value) emit('place', { ...placement.value, pinned: true, ...change })
}
</script>

<template>
  <section v-if="placement" class="grid gap-2 border-t border-line pt-2" :aria-label="`Part ${part}`">
    <h2>{{ part }}</h2>
    <div class="grid grid-cols-2 gap-2">
      <FigureField
        label="From left"
        :model-value="placement.x"
        :min="-500"
        :max="6000"
        :digits="2"
        @update:model-value="put({ x: $event })"
      />
      <FigureField
        label="From below"
        :model-value="placement.y"
        :min="-500"
        :max="6000"
        :digits="2"
        @update:model-value="put({ y: $event })"
      />
      <FigureField
        label="Sheet"
        kind="figure"
        whole
        :model-value="placement.sheet + 1"
        :min="1"
        :max="jobs.job!.layout.settings.sheets"
        @update:model-value="put({ sheet: $event - 1 })"
      />
    </div>
    <div class="flex flex-wrap gap-2">
      <button type="button" class="btn" :disabled="turned === null" @click="turned && emit('place', turned)">
        <RotateCw :size="15" aria-hidden="true" />
        Turn
      </button>
      <button type="button" class="btn" @click="put({ pinned: !placement.pinned })">
        <component :is="placement.pinned ? PinOff : Pin" :size="15" aria-hidden="true" />
        {{ placement.pinned ? 'Let go' : 'Pin' }}
      </button>
    </div>
    <p v-if="turned === null" class="note">Grain or “may be turned” leaves this part only one way to lie.</p>
  </section>
</template>
