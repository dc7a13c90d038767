<script setup lang="ts">
import { computed } from 'vue'
import { fittingsSchema, RIM_SHAPES, type Fittings } from '@core/box'
import { limitsOf } from '@core/limits'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { useBoxEdits } from './box-edits'

/** A front that is lower than the back, and how the sides rise behind it. */
defineProps<{ problems: Record<string, string> }>()
const { box, changeIn } = useBoxEdits()
const rim = computed(() => box.value.fittings.rim)
const { drop, run } = fittingsSchema.shape.rim.unwrap().shape
type Rim = NonNullable<Fittings['rim']>
const SHAPES = RIM_SHAPES.map((value) => ({ value, label: value }))
const set = (next: Rim | null, key = ''): boolean => changeIn('fittings', { rim: next }, key)
/** A third of the height is a good beginning. */
const begin = (isOn: boolean): boolean =>
  set(isOn ? { drop: Math.max(1, Math.round(box.value.height / 3)), shape: 'slope', run: 0 } : null)
</script>

<template>
  <ToggleSwitch
    data-field="rim"
    label="A front that is lower"
    :model-value="rim !== null"
    @update:model-value="begin"
  />
  <p v-if="problems.rim" class="text-[13px] text-rowan" role="alert">{{ problems.rim }}</p>
  <template v-if="rim">
    <ChoiceRow
      data-field="rim-shape"
      label="The sides rise by a"
      :model-value="rim.shape"
      :options="SHAPES"
      @update:model-value="set({ ...rim, shape: $event })"
    />
    <div class="grid grid-cols-2 gap-2">
      <FigureField
        data-field="rim-drop"
        label="Lower by"
        :model-value="rim.drop"
        :limits="limitsOf(drop)"
        :problem="problems['rim-drop'] ?? ''"
        @update:model-value="set({ ...rim, drop: $event }, 'rim drop')"
      />
      <FigureField
        data-field="rim-run"
        label="Over a depth of"
        :model-value="rim.run"
        :limits="limitsOf(run)"
        @update:model-value="set({ ...rim, run: $event }, 'rim run')"
      />
    </div>
    <p class="note">
      0 is {{ rim.shape === 'step' ? 'half of the depth' : 'all of the depth' }}. Dividers reach no higher
      than the front.
    </p>
  </template>
</template>
