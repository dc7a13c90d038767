<script setup lang="ts">
import { computed } from 'vue'
import { boxSpecSchema, TOP_KINDS, withLid, type TopKind } from '@core/box'
import { limitsOf } from '@core/limits'
import FormSection from '@web/parts/FormSection.vue'
import BoltFields from './BoltFields.vue'
import { useBoxEdits } from './box-edits'
import FollowField from './FollowField.vue'
import PictureChoice from './PictureChoice.vue'
import TabRules from './TabRules.vue'

/** How the top is held; only shown for a box that has one. */
defineProps<{ problem: string }>()
const { box, thickness, change, changeIn } = useBoxEdits()
const NAMES: Record<TopKind, string> = {
  fingers: 'fingers',
  butt: 'between walls',
  outside: 'on the walls',
  tenon: 'lowered in slots',
}
const options = computed(() =>
  TOP_KINDS.map((value) => ({ value, label: NAMES[value], box: withLid(box.value, value, thickness.value) })),
)
const { lowered } = boxSpecSchema.shape.lid.shape
const choose = (kind: TopKind): boolean => change(withLid(box.value, kind, thickness.value))
const isLowered = computed(() => ['butt', 'tenon'].includes(box.value.lid.kind))
</script>

<template>
  <FormSection title="Top" :said="NAMES[box.lid.kind]" open>
    <PictureChoice
      data-field="top-joint"
      label="How the top is held"
      :model-value="box.lid.kind"
      :options="options"
      @update:model-value="choose"
    />
    <FollowField
      field="lowered"
      v-if="isLowered"
      data-field="lowered"
      label="Top lowered by"
      :model-value="box.lid.lowered"
      :limits="limitsOf(lowered)"
      :problem="problem"
      @update:model-value="changeIn('lid', { lowered: $event }, 'lowered')"
    />
    <TabRules v-if="box.lid.kind === 'fingers' || box.lid.kind === 'tenon'" group="top" />
    <BoltFields
      v-if="box.lid.kind !== 'outside'"
      group="top"
      name="top"
      :bolts="box.bolts.top"
      @change="(bolts, key) => changeIn('bolts', { top: bolts }, key)"
    />
  </FormSection>
</template>
