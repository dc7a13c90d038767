<script setup lang="ts">
import { computed } from 'vue'
import { boxSpecSchema, TOP_KINDS, withLid, type TopKind } from '@core/box'
import { limitsOf } from '@core/limits'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import FormSection from '@web/parts/FormSection.vue'
import { useSay } from '@web/parts/say'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { useDerived } from '@web/stores/derived'
import BoltFields from './BoltFields.vue'
import { useBoxEdits } from './box-edits'
import FollowField from './FollowField.vue'
import PictureChoice from './PictureChoice.vue'
import TabRules from './TabRules.vue'

/** How the top is held; only shown for a box that has one. */
defineProps<{ problems: Record<string, string> }>()
const { box, thickness, change, changeIn } = useBoxEdits()
const derived = useDerived()
const say = useSay()
const NAMES: Record<TopKind, string> = {
  fingers: 'fingers',
  butt: 'between walls',
  outside: 'on the walls',
  tenon: 'lowered in slots',
  slide: 'lid that slides',
  lift: 'lifts off, with a lip',
  hinge: 'turns on pins',
}
const options = computed(() =>
  TOP_KINDS.map((value) => ({ value, label: NAMES[value], box: withLid(box.value, value, thickness.value) })),
)
const HOLDS = [
  { value: false, label: 'in engraved grooves' },
  { value: true, label: 'between glued strips' },
]
const GRIPS = [
  { value: 'hole' as const, label: 'a finger hole' },
  { value: 'notch' as const, label: 'a notch for the thumb' },
]
const { shape } = boxSpecSchema.shape.lid
const choose = (kind: TopKind): boolean => change(withLid(box.value, kind, thickness.value))
const isLowered = computed(() => ['butt', 'tenon', 'slide'].includes(box.value.lid.kind))
const isSliding = computed(() => box.value.lid.kind === 'slide')
const isHinged = computed(() => box.value.lid.kind === 'hinge')
const isLid = computed(() => ['slide', 'lift', 'hinge'].includes(box.value.lid.kind))
const stop = computed(() => {
  const group = derived.box.made?.assembly.groups.find(({ motion }) => motion === 'hinge')
  return group?.motion === 'hinge' ? group.range : null
})
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
      :limits="limitsOf(shape.lowered)"
      :problem="problems.lowered ?? ''"
      @update:model-value="changeIn('lid', { lowered: $event }, 'lowered')"
    />
    <ChoiceRow
      v-if="isSliding"
      data-field="rails"
      label="It slides"
      :model-value="box.lid.rails"
      :options="HOLDS"
      @update:model-value="changeIn('lid', { rails: $event })"
    />
    <ChoiceRow
      v-if="isSliding"
      data-field="grip"
      label="Drawn out by"
      :model-value="box.lid.grip"
      :options="GRIPS"
      @update:model-value="changeIn('lid', { grip: $event })"
    />
    <ToggleSwitch
      v-if="isSliding"
      data-field="captive"
      label="A strip keeps it from coming out"
      :model-value="box.lid.captive"
      @update:model-value="changeIn('lid', { captive: $event })"
    />
    <div v-if="isLid" class="grid grid-cols-2 gap-2">
      <FigureField
        v-if="isSliding && !box.lid.rails"
        data-field="lid-depth"
        label="Groove depth"
        :model-value="box.lid.depth"
        :limits="limitsOf(shape.depth)"
        :problem="problems['lid-depth'] ?? ''"
        :step="0.1"
        @update:model-value="changeIn('lid', { depth: $event }, 'lid-depth')"
      />
      <FigureField
        data-field="lid-play"
        label="Play of the lid"
        :model-value="box.lid.play"
        :limits="limitsOf(shape.play)"
        :step="0.05"
        @update:model-value="changeIn('lid', { play: $event }, 'lid-play')"
      />
      <FigureField
        v-if="isSliding"
        data-field="pull"
        :label="box.lid.grip === 'notch' ? 'Notch, width' : 'Finger hole, diameter'"
        :model-value="box.lid.pull"
        :limits="limitsOf(shape.pull)"
        :problem="problems.pull ?? ''"
        @update:model-value="changeIn('lid', { pull: $event }, 'pull')"
      />
      <FigureField
        v-if="isHinged"
        data-field="pin"
        label="Pins, diameter"
        :model-value="box.lid.pin"
        :limits="limitsOf(shape.pin)"
        :problem="problems.pin ?? ''"
        :step="0.5"
        @update:model-value="changeIn('lid', { pin: $event }, 'pin')"
      />
      <p v-if="isHinged" class="note col-span-2" data-testid="hinge-stop">
        <template v-if="stop">It opens to {{ stop.toFixed(0) }}°, then lies against the back wall.</template>
        Two pins go through the side walls into cheeks under the lid: tight in the walls, loose in the cheeks.
      </p>
      <p v-else-if="!isSliding" class="note col-span-2">
        The play stays between the lip and each wall: {{ say.plain(0.2) }} to {{ say.length(0.4) }} slides
        (from memory). The lip is of the top’s own stock.
      </p>
      <p v-else-if="box.lid.rails" class="note col-span-2">
        Strips are glued to the side walls, below and above the lid; the play is left above it and at its
        sides.
      </p>
      <p v-else class="note col-span-2">
        Grooves are engraved that much deeper than the lid reaches, and wider than its thickest reading. How
        deep the engraving goes, a test pocket on this sheet tells. No hole: 0.
      </p>
    </div>
    <TabRules v-if="box.lid.kind === 'fingers' || box.lid.kind === 'tenon'" group="top" />
    <BoltFields
      v-if="!isLid && box.lid.kind !== 'outside'"
      group="top"
      name="top"
      :bolts="box.bolts.top"
      @change="(bolts, key) => changeIn('bolts', { top: bolts }, key)"
    />
  </FormSection>
</template>
