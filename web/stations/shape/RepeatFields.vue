<script setup lang="ts">
import { computed } from 'vue'
import { repeatSchema, type Repeat } from '@core/box'
import { limitsOf } from '@core/limits'
import FigureField from '@web/parts/FigureField.vue'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { common } from '@web/words'
import { repeatFields as words } from './field-words'

/** How an opening is repeated: in a grid, or round a circle. */
const props = defineProps<{ repeat: Repeat }>()
const emit = defineEmits<{ set: [repeat: Repeat, key: string] }>()
const [gridSchema, circleSchema] = repeatSchema.options
const FIRST: Record<Repeat['kind'], Repeat> = {
  grid: { kind: 'grid', columns: 1, rows: 1, apart: 30 },
  circle: { kind: 'circle', count: 6, radius: 20, turned: true },
}
const grid = computed(() => (props.repeat.kind === 'grid' ? props.repeat : null))
const circle = computed(() => (props.repeat.kind === 'circle' ? props.repeat : null))
const COUNTS = [
  { key: 'columns' as const, label: words.besideEachOther },
  { key: 'rows' as const, label: words.aboveEachOther },
]
const put = (part: object, key = ''): void => emit('set', { ...props.repeat, ...part } as Repeat, key)
</script>

<template>
  <label class="text-[13px] font-medium">
    {{ words.repeated }}
    <select
      class="input"
      data-field="opening-repeat"
      :value="repeat.kind"
      @change="emit('set', FIRST[($event.target as HTMLSelectElement).value as Repeat['kind']], '')"
    >
      <option value="grid">{{ words.inRows }}</option>
      <option value="circle">{{ words.roundCircle }}</option>
    </select>
  </label>
  <template v-if="grid">
    <FigureField
      v-for="{ key, label } in COUNTS"
      :key="key"
      :data-field="`opening-${key}`"
      :label="label"
      kind="figure"
      :model-value="grid[key]"
      :limits="limitsOf(gridSchema.shape[key])"
      @update:model-value="put({ [key]: $event }, key)"
    />
    <FigureField
      v-if="grid.columns * grid.rows > 1"
      data-field="opening-apart"
      :label="words.apartMiddleMiddle"
      :model-value="grid.apart"
      :limits="limitsOf(gridSchema.shape.apart)"
      @update:model-value="put({ apart: $event }, 'apart')"
    />
  </template>
  <template v-if="circle">
    <FigureField
      data-field="opening-count"
      :label="common.howMany"
      kind="figure"
      :model-value="circle.count"
      :limits="limitsOf(circleSchema.shape.count)"
      @update:model-value="put({ count: $event }, 'count')"
    />
    <FigureField
      data-field="opening-circle"
      :label="words.radiusCircle"
      :model-value="circle.radius"
      :limits="limitsOf(circleSchema.shape.radius)"
      @update:model-value="put({ radius: $event }, 'radius')"
    />
    <ToggleSwitch
      class="col-span-2"
      data-field="opening-turned"
      :label="words.eachTurnedPlace"
      :model-value="circle.turned"
      @update:model-value="put({ turned: $event })"
    />
  </template>
</template>
