<script setup lang="ts">
import { Pin, PinOff, RotateCw } from '@lucide/vue'
import { computed } from 'vue'
import { limitsOf } from '@core/limits'
import { isFree, layoutSettingsSchema, placementSchema, sheetsAllowed, type Placement } from '@core/nest'
import FigureField from '@web/parts/FigureField.vue'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { usePlanner } from '@web/stores/planner'
import { turnedOn, turnedTo } from './turning'
import { common } from '@web/words'
import { partPanel as words } from './words'

const props = defineProps<{ part: string; placements: Placement[] }>()
const emit = defineEmits<{ place: [placement: Placement] }>()
const jobs = useOpenJob()
const planner = usePlanner()
const derived = useDerived()
const { shape } = placementSchema
const ANGLES = { min: -360, max: 360, whole: false }
const sheetLimits = computed(() => ({
  ...limitsOf(layoutSettingsSchema.shape.sheets.unwrap()),
  max: sheetsAllowed(jobs.job.layout.settings) + (planner.arrangement?.offcuts.length ?? 0),
}))
const placement = computed(() => props.placements.find(({ part }) => part === props.part))
const own = computed(() => derived.parts.find(({ id }) => id === props.part))
const turned = computed(() =>
  placement.value && own.value ? turnedOn(own.value, placement.value, derived.rules) : null,
)
function put(change: Partial<Placement>): void {
  if (placement.value) emit('place', { ...placement.value, pinned: true, ...change })
}
</script>

<template>
  <section
    v-if="placement"
    class="grid gap-2 border-t border-line pt-2"
    :aria-label="words.partCalled(own?.label ?? '')"
  >
    <h2>{{ own?.label }}</h2>
    <div class="grid grid-cols-2 gap-2">
      <FigureField
        data-field="part-place"
        :label="words.fromLeft"
        :model-value="placement.x"
        :limits="limitsOf(shape.x)"
        :digits="2"
        @update:model-value="put({ x: $event })"
      />
      <FigureField
        data-field="part-place"
        :label="words.fromBelow"
        :model-value="placement.y"
        :limits="limitsOf(shape.y)"
        :digits="2"
        @update:model-value="put({ y: $event })"
      />
      <FigureField
        data-field="part-place"
        :label="common.sheet"
        kind="figure"
        :model-value="placement.sheet + 1"
        :limits="sheetLimits"
        @update:model-value="put({ sheet: $event - 1 })"
      />
      <FigureField
        v-if="own && isFree(own, derived.rules)"
        data-field="part-angle"
        :label="words.angle"
        kind="figure"
        unit="°"
        :model-value="placement.turn"
        :limits="ANGLES"
        :step="5"
        :digits="2"
        @update:model-value="emit('place', turnedTo(own, placement, $event))"
      />
    </div>
    <div class="flex flex-wrap gap-2">
      <button type="button" class="btn" :disabled="turned === null" @click="turned && emit('place', turned)">
        <RotateCw :size="15" aria-hidden="true" />
        {{ words.turn }}
      </button>
      <button type="button" class="btn" @click="put({ pinned: !placement.pinned })">
        <component :is="placement.pinned ? PinOff : Pin" :size="15" aria-hidden="true" />
        {{ placement.pinned ? words.letGo : words.pin }}
      </button>
    </div>
    <p v-if="turned === null" class="note">{{ words.grainMayTurned }}</p>
  </section>
</template>
