<script setup lang="ts">
import { computed } from 'vue'
import { revisionSchema, type Revision } from '@core/job'
import { limitsOf } from '@core/limits'
import FigureField from '@web/parts/FigureField.vue'
import { useDerived } from '@web/stores/derived'
import { stuckFields as words } from './words'

/** Which parts stayed in the sheet, and how often every line was passed over in the end. */
const props = defineProps<{ revision: Revision }>()
const emit = defineEmits<{ found: [part: Partial<Revision>] }>()
const derived = useDerived()
const passLimits = limitsOf(revisionSchema.shape.passed.unwrap())
/** Parts of the job as it is, and those that were named before. */
const labels = computed(() => [
  ...new Set([...derived.parts.map(({ label }) => label.slice(0, 60)), ...props.revision.stuck]),
])
function toggle(label: string): void {
  const { stuck } = props.revision
  const next = stuck.includes(label) ? stuck.filter((each) => each !== label) : [...stuck, label]
  emit('found', { stuck: next })
}
</script>

<template>
  <div class="flex flex-wrap items-end gap-3">
    <details v-if="revision.through === 'not all'" class="text-[13px]">
      <summary class="min-h-6 cursor-pointer font-medium">
        {{ words.partsStuck(revision.stuck.length > 0 ? `: ${revision.stuck.join(', ')}` : '') }}
      </summary>
      <div class="mt-1 grid grid-cols-2 gap-x-4 sm:grid-cols-3">
        <label v-for="label in labels" :key="label" class="flex min-h-6 items-center gap-1.5">
          <input type="checkbox" :checked="revision.stuck.includes(label)" @change="toggle(label)" />
          {{ label }}
        </label>
      </div>
    </details>
    <FigureField
      class="w-44"
      data-field="passed"
      kind="figure"
      :label="words.passesEnd"
      optional
      :model-value="revision.passed ?? revision.cut?.setting?.passes ?? null"
      :limits="passLimits"
      @update:model-value="emit('found', { passed: $event })"
      @clear="emit('found', { passed: null })"
    />
  </div>
</template>
