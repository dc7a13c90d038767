<script setup lang="ts">
import { computed } from 'vue'
import { boxSpecSchema, FLOOR_KINDS, LIES, withFloor, type FloorKind } from '@core/box'
import { limitsOf } from '@core/limits'
import { FLOOR_NAMES } from '@core/say'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import BoltFields from './BoltFields.vue'
import { useOpenJob } from '@web/stores/job'
import { useBoxEdits, useProblems } from './box-edits'
import FollowField from './FollowField.vue'
import PictureChoice from './PictureChoice.vue'
import TabRules from './TabRules.vue'
import { floorForm as words } from './form-words'

/** How the floor is held. */
const problems = useProblems()
const { box, thickness, change, changeIn } = useBoxEdits()
const jobs = useOpenJob()
const ways = LIES.map((value) => ({ value, label: value }))
const options = computed(() =>
  FLOOR_KINDS.filter((kind) => !box.value.plan || PLAN_FLOORS.includes(kind)).map((value) => ({
    value,
    label: FLOOR_NAMES[value],
    box: withFloor(box.value, value, thickness.value),
  })),
)
const { shape } = boxSpecSchema.shape.floor
/** How the floor is held where walls stand at an angle. */
const PLAN_FLOORS: FloorKind[] = ['fingers', 'tenon', 'none']
const RAISED: FloorKind[] = ['butt', 'tenon', 'groove', 'ledge']
const isRaised = computed(() => RAISED.includes(box.value.floor.kind))
const choose = (kind: FloorKind): boolean => change(withFloor(box.value, kind, thickness.value))
const isTabbed = computed(() => ['fingers', 'tenon'].includes(box.value.floor.kind))
const canBolt = computed(() => !box.value.plan && ['fingers', 'butt', 'tenon'].includes(box.value.floor.kind))
</script>

<template>
  <div class="grid content-start gap-2">
    <PictureChoice
      data-field="floor-joint"
      :label="words.howFloorHeld"
      :model-value="box.floor.kind"
      :options="options"
      @update:model-value="choose"
    />
    <div v-if="isRaised" class="grid grid-cols-2 gap-2">
      <FollowField
        field="raised"
        data-field="raised"
        :label="words.floorRaised"
        :model-value="box.floor.raised"
        :limits="limitsOf(shape.raised)"
        :problem="problems.raised ?? ''"
        @update:model-value="changeIn('floor', { raised: $event }, 'raised')"
      />
      <FollowField
        field="arch"
        data-field="arch"
        :label="words.archBetweenFeet"
        :model-value="box.floor.arch"
        :limits="limitsOf(shape.arch)"
        @update:model-value="changeIn('floor', { arch: $event }, 'arch')"
      />
      <FigureField
        v-if="box.floor.kind === 'groove'"
        data-field="floor-depth"
        :label="words.grooveDepth"
        :model-value="box.floor.depth"
        :limits="limitsOf(shape.depth)"
        :step="0.1"
        @update:model-value="changeIn('floor', { depth: $event }, 'floor-depth')"
      />
      <FigureField
        v-if="box.floor.kind === 'ledge'"
        data-field="ledge"
        :label="words.ledgeWidth"
        :model-value="box.floor.ledge"
        :limits="limitsOf(shape.ledge)"
        @update:model-value="changeIn('floor', { ledge: $event }, 'ledge')"
      />
    </div>
    <TabRules v-if="isTabbed" group="floor" />
    <BoltFields
      v-if="canBolt"
      group="floor"
      name="floor"
      :bolts="box.bolts.floor"
      @change="(bolts, key) => changeIn('bolts', { floor: bolts }, key)"
    />
    <ChoiceRow
      v-if="!jobs.job.whole && !box.plan"
      data-field="lies"
      :label="words.useStands"
      :model-value="box.lies"
      :options="ways"
      @update:model-value="change({ lies: $event })"
    />
  </div>
</template>
