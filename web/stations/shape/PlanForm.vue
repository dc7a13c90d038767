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
import { planForm as words } from './form-words'

/** Walls that stand at any angle: how many or how long, at which angles, and how far they lean. */
const { box, change } = useBoxEdits()
const say = useSay()

type How = 'rectangle' | PlanShape['kind']
const HOWS = [
  { value: 'rectangle' as const, label: 'rectangle' },
  { value: 'regular' as const, label: words.equalWalls },
  { value: 'lengths' as const, label: words.byLengths },
]
const ENDS = [
  { value: 'flush' as const, label: words.insideBothFaces },
  { value: 'middle' as const, label: words.halfWay },
  { value: 'full' as const, label: words.proudSanded },
]
const RISES = [
  { value: 'across' as const, label: words.rightAcross },
  { value: 'ridge' as const, label: words.ridgeFallsAgain },
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
    return value === null ? { ok: false, error: words.cannotReadType(typed, example) } : { ok: true, value }
  }
const listed = (values: number[]): string => values.map((value) => short(value, 2)).join(', ')

const closing = computed(() => {
  if (!lengths.value) return ''
  const { length, angles } = closingOf(lengths.value)
  const [before, after] = angles.map((angle) => `${short(angle, 1)}°`)
  return words.lastWallCloses(say.value.length(length, 1), before, after)
})
</script>

<template>
  <div class="grid content-start gap-2">
    <ChoiceRow
      data-field="plan"
      :label="words.seenAbove"
      :model-value="plan?.shape.kind ?? 'rectangle'"
      :options="HOWS"
      @update:model-value="choose"
    />
    <template v-if="plan">
      <div v-if="regular" class="grid grid-cols-2 gap-2">
        <FigureField
          data-field="plan-walls"
          :label="words.howManyWalls"
          kind="figure"
          :model-value="regular.walls"
          :limits="limitsOf(regularShape.shape.walls)"
          @update:model-value="
            put({ shape: { ...regular, walls: $event }, lean: [plan.lean[0]] }, 'plan-walls')
          "
        />
        <FigureField
          data-field="plan-side"
          :label="words.lengthEachWall"
          :model-value="regular.side"
          :limits="limitsOf(regularShape.shape.side)"
          @update:model-value="put({ shape: { ...regular, side: $event } }, 'plan-side')"
        />
      </div>
      <template v-if="lengths">
        <ListEntry
          data-field="plan-lengths"
          :label="words.lengthsWalls"
          :model-value="lengths.lengths"
          :text="lengths.lengths.map((each) => say.shortPlain(each)).join(', ')"
          :read="reading((typed) => readLengths(typed, say.lengthUnit), '160, 60, 90')"
          @update:model-value="setLengths"
        />
        <ListEntry
          data-field="plan-angles"
          :label="words.anglesInside"
          :model-value="lengths.angles"
          :text="listed(lengths.angles)"
          :read="reading(readAngles, '90, 90, 270')"
          @update:model-value="put({ shape: { ...lengths, angles: $event } }, 'plan-angles')"
        />
        <p class="note">{{ words.counterClockwiseAbove }}</p>
        <p class="note" data-testid="closing">{{ closing }}</p>
      </template>
      <ListEntry
        data-field="plan-lean"
        :label="words.wallsLeanOutward"
        :model-value="plan.lean"
        :text="listed(plan.lean)"
        :read="reading(readAngles, words.leanExample)"
        @update:model-value="put({ lean: $event }, 'plan-lean')"
      />
      <p class="note">{{ words.degreesAllWalls }}</p>
      <div class="grid grid-cols-2 gap-2">
        <FigureField
          data-field="plan-slope"
          :label="words.rimRises"
          kind="figure"
          unit="°"
          :model-value="plan.slope?.angle ?? 0"
          :limits="{ ...limitsOf(slopeShape.angle), min: 0 }"
          @update:model-value="setSlope($event)"
        />
        <FigureField
          v-if="plan.slope"
          data-field="plan-low"
          :label="words.fromWall"
          kind="figure"
          :model-value="plan.slope.from"
          :limits="{ min: 1, max: walls, whole: true }"
          @update:model-value="put({ slope: { ...plan.slope, from: $event } }, 'plan-low')"
        />
      </div>
      <ChoiceRow
        v-if="plan.slope"
        data-field="plan-ridge"
        :label="words.itRises"
        :model-value="plan.slope.ridge ? 'ridge' : 'across'"
        :options="RISES"
        @update:model-value="put({ slope: { ...plan.slope, ridge: $event === 'ridge' } })"
      />
      <ListEntry
        data-field="plan-dividers"
        :label="words.dividersWallWall"
        :model-value="plan.partitions"
        :text="partitionsText(plan.partitions)"
        :read="reading(readPartitions, words.manyPerCent)"
        @update:model-value="put({ partitions: $event }, 'plan-dividers')"
      />
      <p class="note">{{ words.middleMiddleCounted }}</p>
      <ChoiceRow
        data-field="plan-ends"
        :label="words.tabEndsSlanted"
        :model-value="plan.ends"
        :options="ENDS"
        @update:model-value="put({ ends: $event })"
      />
      <SlantedCorners />
    </template>
  </div>
</template>
