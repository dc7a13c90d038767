<script setup lang="ts">
import { computed } from 'vue'
import { boxSpecSchema, CORNER_KINDS, WALL_PAIRS, withCorners, type CornerKind } from '@core/box'
import { limitsOf } from '@core/limits'
import { CORNER_NAMES } from '@core/say'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import BoltFields from './BoltFields.vue'
import { useBoxEdits, useProblems } from './box-edits'
import FollowField from './FollowField.vue'
import PictureChoice from './PictureChoice.vue'
import TabRules from './TabRules.vue'
import { cornerForm as words } from './form-words'

/** How the walls meet. */
const problems = useProblems()
const { box, thickness, change, changeIn } = useBoxEdits()
const options = computed(() =>
  CORNER_KINDS.map((value) => ({
    value,
    label: CORNER_NAMES[value],
    box: withCorners(box.value, value, thickness.value),
  })),
)
const LEADS = WALL_PAIRS.map((value) => ({ value, label: value }))
const { setIn } = boxSpecSchema.shape.corners.shape
const choose = (kind: CornerKind): boolean => change(withCorners(box.value, kind, thickness.value))
const canBolt = computed(() => box.value.corners.kind !== 'lap' && !box.value.plan)
</script>

<template>
  <div class="grid content-start gap-2">
    <PictureChoice
      v-if="!box.plan"
      data-field="corner-joint"
      :label="words.howWallsMeet"
      :model-value="box.corners.kind"
      :options="options"
      @update:model-value="choose"
    />
    <ChoiceRow
      v-if="!box.plan"
      data-field="wall-order"
      :label="box.corners.kind === 'lap' ? words.slotsOpenUpward : words.wallsRunPast"
      :model-value="box.corners.leads"
      :options="LEADS"
      @update:model-value="changeIn('corners', { leads: $event })"
    />
    <FollowField
      field="set-in"
      v-if="box.corners.kind !== 'fingers'"
      data-field="set-in"
      :label="box.corners.kind === 'lap' ? words.setEnds : words.othersSet"
      :model-value="box.corners.setIn"
      :limits="limitsOf(setIn)"
      :problem="problems['set-in'] ?? ''"
      @update:model-value="changeIn('corners', { setIn: $event }, 'set-in')"
    />
    <TabRules v-if="box.corners.kind === 'fingers' || box.corners.kind === 'tenon'" group="uprights">
      <label
        v-if="box.corners.kind === 'fingers' && !box.plan"
        class="text-[13px] font-medium"
        data-field="uprights-over"
      >
        {{ words.sharedOutOver }}
        <select
          class="input font-sans!"
          :value="box.tabs.over"
          @change="
            changeIn('tabs', { over: ($event.target as HTMLSelectElement).value as 'between' | 'full' })
          "
        >
          <option value="between">{{ words.floorRim }}</option>
          <option value="full">{{ words.fullHeight }}</option>
        </select>
      </label>
    </TabRules>
    <BoltFields
      v-if="canBolt"
      group="uprights"
      name="corners"
      :bolts="box.bolts.uprights"
      @change="(bolts, key) => changeIn('bolts', { uprights: bolts }, key)"
    />
    <div class="flex flex-wrap gap-x-4 gap-y-1">
      <ToggleSwitch
        data-field="keyed"
        :label="words.unequalNoPanel"
        :model-value="box.tabs.keyed"
        @update:model-value="changeIn('tabs', { keyed: $event })"
      />
      <ToggleSwitch
        v-if="!box.plan"
        data-field="mirrored"
        :label="words.oppositeEdgesMirrored"
        :model-value="box.tabs.mirrored"
        @update:model-value="changeIn('tabs', { mirrored: $event })"
      />
    </div>
  </div>
</template>
