<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import {
  boxSpecSchema,
  edgeGroups,
  problemSentence,
  type BoxSpec,
  type EdgeGroup,
  type EdgeRule,
} from '@core/box'
import { interferenceSchema, WANTED_FITS } from '@core/fit'
import { jobSchema } from '@core/job'
import { limitsOf } from '@core/limits'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import type { Dimension } from '@web/parts/FlatPanels.vue'
import { useSay } from '@web/parts/say'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import TabRule from './TabRule.vue'

const emit = defineEmits<{ lit: [dimension: Dimension | null] }>()
const jobs = useOpenJob()
const derived = useDerived()
const say = useSay()
const root = ref<HTMLElement>()
const box = computed(() => jobs.job.box)
const { shape } = boxSpecSchema
/** The field under the pointer lights its dimension, else the one being typed in. */
const hovered = ref<Dimension | null>(null)
const focused = ref<Dimension | null>(null)
watch([hovered, focused], () => emit('lit', hovered.value ?? focused.value))

const change = (part: Partial<BoxSpec>, key: string): boolean =>
  jobs.edit((draft) => {
    Object.assign(draft.box, part)
  }, key)
const changeTabs = (part: Partial<BoxSpec['tabs']>, key: string): boolean =>
  jobs.edit((draft) => {
    Object.assign(draft.box.tabs, part)
  }, key)

/** Outer to inner and back keeps the box as it is: only the side of the walls that is typed changes. */
function measureOn(sizesAre: BoxSpec['sizesAre']): void {
  if (sizesAre === box.value.sizesAre) return
  const size = derived.box.sizes[sizesAre]
  const round = (value: number): number => Math.max(1, Number(value.toFixed(4)))
  change({ sizesAre, width: round(size.x), depth: round(size.y), height: round(size.z) }, '')
}

const SIDES = [
  { value: 'outer' as const, label: 'outer' },
  { value: 'inner' as const, label: 'inner' },
]
const SIZES: { key: Dimension; label: string }[] = [
  { key: 'width', label: 'Width' },
  { key: 'depth', label: 'Depth' },
  { key: 'height', label: 'Height' },
]
const problems = computed(() =>
  derived.box.problems.map((problem) => ({
    sentence: problemSentence(problem, say.value),
    group: problem.kind === 'narrow' ? problem.group : null,
  })),
)

const NAMES: Record<EdgeGroup, string> = {
  uprights: 'Tabs of the uprights',
  floor: 'Tabs of the floor',
  top: 'Tabs of the top',
}
const groups = computed(() =>
  edgeGroups(box.value).map((group) => ({
    group,
    name: NAMES[group],
    rule: box.value.tabs[group],
    made: (derived.box.shell?.edges ?? [])
      .filter((edge) => edge.group === group)
      .map(({ shares }) => shares.widths),
    problem: problems.value.find((each) => each.group === group)?.sentence ?? '',
  })),
)
const setRule = (group: EdgeGroup, rule: EdgeRule, key: string): void =>
  void changeTabs({ [group]: rule }, key)
const setOver = (event: Event): void => {
  const over = (event.target as HTMLSelectElement).value as BoxSpec['tabs']['over']
  changeTabs({ over }, '')
}

/** The words are meant from one's own snug on. */
const own = computed(() => jobs.job.measure.taste?.offset ?? 0)
const interferenceFor = (word: string): number =>
  Number(((WANTED_FITS.find((each) => each.word === word)?.interference ?? 0) + own.value).toFixed(4))
const wanted = computed(
  () =>
    WANTED_FITS.find(({ word }) => Math.abs(interferenceFor(word) - jobs.job.interference) < 5e-5)?.word ??
    'own',
)
const fits = computed(() => [
  ...WANTED_FITS.map(({ word }) => ({
    value: word as string,
    label: `${word} (${say.value.signed(interferenceFor(word), 3)})`,
  })),
  ...(wanted.value === 'own' ? [{ value: 'own', label: 'own' }] : []),
])
const setInterference = (interference: number, key = ''): boolean =>
  jobs.edit((draft) => {
    draft.interference = interference
  }, key)
function want(word: string): void {
  if (word !== 'own') setInterference(interferenceFor(word))
}
const setCopies = (copies: number): boolean =>
  jobs.edit((draft) => {
    draft.copies = copies
  }, 'copies')

/** A dimension was clicked on the drawing: its field is where it is changed. */
function focusOn(dimension: Dimension): void {
  const field = root.value?.querySelector<HTMLInputElement>(`[data-dimension=${dimension}] input`)
  field?.focus()
  field?.select()
}
defineExpose({ focusOn })
</script>

<template>
  <form
    ref="root"
    class="card grid content-start gap-2.5 lg:min-h-0 lg:overflow-y-auto"
    aria-label="Shape of the box"
    @submit.prevent
  >
    <ChoiceRow
      data-field="sizes-are"
      label="Sizes are"
      :model-value="box.sizesAre"
      :options="SIDES"
      @update:model-value="measureOn"
    />
    <div class="grid grid-cols-3 gap-2">
      <div
        v-for="{ key, label } in SIZES"
        :key="key"
        :data-dimension="key"
        :data-field="key"
        @mouseenter="hovered = key"
        @mouseleave="hovered = null"
      >
        <FigureField
          :label="label"
          :model-value="box[key]"
          :limits="limitsOf(shape[key])"
          @update:model-value="change({ [key]: $event }, key)"
          @focus="focused = key"
          @blur="focused = null"
        />
      </div>
    </div>
    <p v-for="{ sentence } in problems" :key="sentence" class="text-[13px] text-rowan" role="alert">
      {{ sentence }}
    </p>
    <div class="flex items-end justify-between gap-3">
      <ToggleSwitch
        data-field="top"
        label="Closed with a top"
        :model-value="box.top"
        @update:model-value="change({ top: $event }, '')"
      />
      <FigureField
        class="w-28"
        data-field="copies"
        label="Copies"
        kind="figure"
        :model-value="jobs.job.copies"
        :limits="limitsOf(jobSchema.shape.copies)"
        @update:model-value="setCopies"
      />
    </div>
    <ChoiceRow
      data-field="wanted-fit"
      :label="`Wanted fit (interference per glue line, ${say.lengthUnit})`"
      :model-value="wanted"
      :options="fits"
      @update:model-value="want"
    />
    <div class="grid grid-cols-2 gap-2">
      <FigureField
        data-field="interference"
        term="interference"
        kind="fine"
        label="Interference"
        :model-value="jobs.job.interference"
        :limits="limitsOf(interferenceSchema)"
        :step="0.01"
        @update:model-value="setInterference($event, 'interference')"
      />
      <FigureField
        data-field="proud"
        term="proud"
        label="Proud length"
        :model-value="box.proud"
        :limits="limitsOf(shape.proud)"
        :step="0.1"
        @update:model-value="change({ proud: $event }, 'proud')"
      />
    </div>
    <p class="note">
      Proud tab ends ({{ say.shortPlain(0.3) }} to {{ say.short(1) }}) are sanded flush; 0 keeps the dark
      ends.
    </p>
    <TabRule
      v-for="{ group, ...rest } in groups"
      :key="group"
      :group="group"
      v-bind="rest"
      @change="(rule, key) => setRule(group, rule, key)"
    >
      <label v-if="group === 'uprights'" class="text-[13px] font-medium" data-field="uprights-over">
        Shared out over
        <select class="input font-sans!" :value="box.tabs.over" @change="setOver">
          <option value="between">floor to rim</option>
          <option value="full">the full height</option>
        </select>
      </label>
    </TabRule>
  </form>
</template>
