<script setup lang="ts">
import { computed } from 'vue'
import {
  closingOf,
  planSchema,
  readAngles,
  readLengths,
  partitionsText,
  readPartitions,
  shapeAs,
  wallCount,
  type Plan,
  type PlanShape,
} from '@core/angled'
import { limitsOf } from '@core/limits'
import { short } from '@core/length'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import ListEntry from '@web/parts/ListEntry.vue'
import { useSay } from '@web/parts/say'
import { useBoxEdits } from './box-edits'
import SlantedCorners from './SlantedCorners.vue'

/** Walls that stand at any angle: how many or how long, at which angles, and how far they lean. */
const { box, change } = useBoxEdits()
const say = useSay()

type How = 'rectangle' | PlanShape['kind']
const HOWS = [
  { value: 'rectangle' as const, label: 'rectangle' },
  { value: 'regular' as const, label: 'equal walls' },
  { value: 'lengths' as const, label: 'by lengths' },
]
const ENDS = [
  { value: 'flush' as const, label: 'inside both faces' },
  { value: 'middle' as const, label: 'half way' },
  { value: 'full' as const, label: 'proud, to be sanded' },
]
const RISES = [
  { value: 'across' as const, label: 'right across' },
  { value: 'ridge' as const, label: 'to a ridge, and falls again' },
]
const plan = computed(() => box.value.plan)
const regular = computed(() => (plan.value?.shape.kind === 'regular' ? plan.value.shape : null))
const lengths = computed(() => (plan.value?.shape.kind === 'lengths' ? plan.value.shape : null))
const [regularShape] = planSchema.shape.shape.options
const slopeShape = planSchema.shape.slope.unwrap().shape
const walls = computed(() => (plan.value ? wallCount(plan.value.shape) : 0))
/** Less than a degree is level. */
const setSlope = (angle: number): boolean =>
  put({ slope: angle < 1 ? null : { from: 1, ridge: false, ...plan.value!.slope, angle } }, 'plan-slope')

const put = (part: Partial<Plan>, key = ''): boolean => change({ plan: { ...plan.value!, ...part } }, key)
function choose(how: How): void {
  if (how === 'rectangle') {
    change({ plan: null })
    return
  }
  const before = plan.value ?? { lean: [0], slope: null, partitions: [], ends: 'flush' as const, shape: null }
  change({ plan: { ...before, shape: shapeAs(how, before.shape, box.value) } })
}
/** One angle less than there are lengths: what is missing is square, what is too much is left out. */
function setLengths(values: number[]): void {
  const angles = Array.from({ length: values.length - 1 }, (_, i) => lengths.value!.angles[i] ?? 90)
  put({ shape: { kind: 'lengths', lengths: values, angles } }, 'plan-lengths')
}
/** Reads what is typed, or says how it could be typed. */
const reading =
  <T>(read: (typed: string) => T | null, example: string) =>
  (typed: string): { ok: true; value: T } | { ok: false; error: string } => {
    const value = read(typed)
    return value === null
      ? { ok: false, error: `“${typed}” cannot be read. Type it so: ${example}.` }
      : { ok: true, value }
  }
const listed = (values: number[]): string => values.map((value) => short(value, 2)).join(', ')

const closing = computed(() => {
  if (!lengths.value) return ''
  const { length, angles } = closingOf(lengths.value)
  const [before, after] = angles.map((angle) => `${short(angle, 1)}°`)
  return `The last wall closes the plan: ${say.value.length(length, 1)}, at ${before} and ${after}.`
})
</script>

<template>
  <div class="grid content-start gap-2">
    <ChoiceRow
      data-field="plan"
      label="Seen from above"
      :model-value="plan?.shape.kind ?? 'rectangle'"
      :options="HOWS"
      @update:model-value="choose"
    />
    <template v-if="plan">
      <div v-if="regular" class="grid grid-cols-2 gap-2">
        <FigureField
          data-field="plan-walls"
          label="How many walls"
          kind="figure"
          :model-value="regular.walls"
          :limits="limitsOf(regularShape.shape.walls)"
          @update:model-value="
            put({ shape: { ...regular, walls: $event }, lean: [plan.lean[0]] }, 'plan-walls')
          "
        />
        <FigureField
          data-field="plan-side"
          label="Length of each wall"
          :model-value="regular.side"
          :limits="limitsOf(regularShape.shape.side)"
          @update:model-value="put({ shape: { ...regular, side: $event } }, 'plan-side')"
        />
      </div>
      <template v-if="lengths">
        <ListEntry
          data-field="plan-lengths"
          label="Lengths of the walls"
          :model-value="lengths.lengths"
          :text="lengths.lengths.map((each) => say.shortPlain(each)).join(', ')"
          :read="reading((typed) => readLengths(typed, say.lengthUnit), '160, 60, 90')"
          @update:model-value="setLengths"
        />
        <ListEntry
          data-field="plan-angles"
          label="Angles inside"
          :model-value="lengths.angles"
          :text="listed(lengths.angles)"
          :read="reading(readAngles, '90, 90, 270')"
          @update:model-value="put({ shape: { ...lengths, angles: $event } }, 'plan-angles')"
        />
        <p class="note">Counter-clockwise from above; the angles are between each wall and the next.</p>
        <p class="note" data-testid="closing">{{ closing }}</p>
      </template>
      <ListEntry
        data-field="plan-lean"
        label="Walls lean outward by"
        :model-value="plan.lean"
        :text="listed(plan.lean)"
        :read="reading(readAngles, '10, or 10, 0, 10, 0')"
        @update:model-value="put({ lean: $event }, 'plan-lean')"
      />
      <p class="note">In degrees: one for all walls, or one for each, with commas.</p>
      <div class="grid grid-cols-2 gap-2">
        <FigureField
          data-field="plan-slope"
          label="Rim rises by"
          kind="figure"
          unit="°"
          :model-value="plan.slope?.angle ?? 0"
          :limits="{ ...limitsOf(slopeShape.angle), min: 0 }"
          @update:model-value="setSlope($event)"
        />
        <FigureField
          v-if="plan.slope"
          data-field="plan-low"
          label="from wall"
          kind="figure"
          :model-value="plan.slope.from"
          :limits="{ min: 1, max: walls, whole: true }"
          @update:model-value="put({ slope: { ...plan.slope, from: $event } }, 'plan-low')"
        />
      </div>
      <ChoiceRow
        v-if="plan.slope"
        data-field="plan-ridge"
        label="It rises"
        :model-value="plan.slope.ridge ? 'ridge' : 'across'"
        :options="RISES"
        @update:model-value="put({ slope: { ...plan.slope, ridge: $event === 'ridge' } })"
      />
      <ListEntry
        data-field="plan-dividers"
        label="Dividers from wall to wall"
        :model-value="plan.partitions"
        :text="partitionsText(plan.partitions)"
        :read="reading(readPartitions, '1-4, 2-5; or 1@30-4@70 at so many per cent along them')"
        @update:model-value="put({ partitions: $event }, 'plan-dividers')"
      />
      <p class="note">From middle to middle: 1-4. Counted from the wall in front, counter-clockwise.</p>
      <ChoiceRow
        data-field="plan-ends"
        label="Tab ends at slanted corners"
        :model-value="plan.ends"
        :options="ENDS"
        @update:model-value="put({ ends: $event })"
      />
      <SlantedCorners />
    </template>
  </div>
</template>
