<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { BoxSpec, TabRule } from '@core/box'
import { WANTED_FITS } from '@core/fit'
import { short } from '@core/length'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import type { Dimension } from '@web/parts/FlatPanels.vue'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { useDerived } from '@web/stores/derived'
import { useJob } from '@web/stores/job'

const emit = defineEmits<{ lit: [dimension: Dimension | null] }>()
const jobs = useJob()
const derived = useDerived()
const root = ref<HTMLElement>()
const box = computed(() => jobs.job!.box)
/** The field under the pointer lights its dimension, else the one being typed in. */
const hovered = ref<Dimension | null>(null)
const focused = ref<Dimension | null>(null)
watch([hovered, focused], () => emit('lit', hovered.value ?? focused.value))

const change = (part: Partial<BoxSpec>, key: string): void =>
  jobs.edit((draft) => {
    Object.assign(draft.box, part)
  }, key)
const changeTabs = (part: Partial<BoxSpec['tabs']>, key: string): void =>
  jobs.edit((draft) => {
    Object.assign(draft.box.tabs, part)
  }, key)

/** Outer to inner and back keeps the box as it is: only the side of the walls that is typed changes. */
function measureOn(sizesAre: BoxSpec['sizesAre']): void {
  if (sizesAre === box.value.sizesAre) return
  const size = derived.box.sizes[sizesAre]
  const round = (value: number): number => Math.max(1, Number(value.toFixed(3)))
  change({ sizesAre, width: round(size.x), depth: round(size.y), height: round(size.z) }, '')
}

const SIZES: { key: Dimension; label: string }[] = [
  { key: 'width', label: 'Width' },
  { key: 'depth', label: 'Depth' },
  { key: 'height', label: 'Height' },
]
const GROUPS = [
  { key: 'uprights', label: 'Uprights' },
  { key: 'floor', label: 'Floor' },
  { key: 'top', label: 'Top' },
] as const
const problem = (field: string): string =>
  derived.box.problems.find((each) => each.field === field)?.message ?? ''
/** The words are meant from one's own snug on. */
const own = computed(() => jobs.job!.measure.taste?.offset ?? 0)
const interferenceFor = (word: string): number =>
  Number(((WANTED_FITS.find((each) => each.word === word)?.interference ?? 0) + own.value).toFixed(4))
const wanted = computed(
  () => WANTED_FITS.find(({ word }) => interferenceFor(word) === jobs.job!.interference)?.word ?? 'own',
)
const fits = computed(() => [
  ...WANTED_FITS.map(({ word }) => ({
    value: word as string,
    label: `${word} (${interferenceFor(word) > 0 ? '+' : ''}${short(interferenceFor(word), 3)})`,
  })),
  ...(wanted.value === 'own' ? [{ value: 'own', label: 'own' }] : []),
])
function want(word: string): void {
  if (word !== 'own')
    jobs.edit((draft) => {
      draft.interference = interferenceFor(word)
    })
}

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
    class="card grid min-h-0 content-start gap-2.5 overflow-y-auto"
    aria-label="Shape of the box"
    @submit.prevent
  >
    <ChoiceRow
      label="Sizes are"
      :model-value="box.sizesAre"
      :options="[
        { value: 'outer', label: 'outer' },
        { value: 'inner', label: 'inner' },
      ]"
      @update:model-value="measureOn"
    />
    <div class="grid grid-cols-3 gap-2">
      <div
        v-for="{ key, label } in SIZES"
        :key="key"
        :data-dimension="key"
        @mouseenter="hovered = key"
        @mouseleave="hovered = null"
      >
        <FigureField
          :label="label"
          :model-value="box[key]"
          :min="1"
          :max="5000"
          :step="1"
          @update:model-value="change({ [key]: $event }, key)"
          @focus="focused = key"
          @blur="focused = null"
        />
      </div>
    </div>
    <p v-for="each in derived.box.problems" :key="each.message" class="text-[13px] text-rowan" role="alert">
      {{ each.message }}
    </p>
    <div class="flex items-end justify-between gap-3">
      <ToggleSwitch
        label="Closed with a top"
        :model-value="box.top"
        @update:model-value="change({ top: $event }, '')"
      />
      <FigureField
        class="w-28"
        label="Copies"
        kind="figure"
        whole
        :model-value="jobs.job!.copies"
        :min="1"
        :max="100"
        @update:model-value="
          (copies) =>
            jobs.edit((draft) => {
              draft.copies = copies
            }, 'copies')
        "
      />
    </div>
    <ChoiceRow
      label="Share out each edge"
      stacked
      :model-value="box.tabs.rule"
      :options="[
        { value: 'even' as TabRule, label: 'Evenly', note: 'an odd count nearest to the wanted width' },
        { value: 'fixed' as TabRule, label: 'Fixed width', note: 'equal remainders at both ends' },
        { value: 'count' as TabRule, label: 'By count', note: 'one for uprights, floor and top' },
      ]"
      @update:model-value="changeTabs({ rule: $event }, '')"
    />
    <FigureField
      v-if="box.tabs.rule !== 'count'"
      label="Wanted tab width"
      :model-value="box.tabs.width"
      :min="0.5"
      :max="1000"
      :step="0.5"
      :problem="problem('tabs')"
      @update:model-value="changeTabs({ width: $event }, 'tab width')"
    />
    <div v-else class="grid grid-cols-3 gap-2">
      <FigureField
        v-for="{ key, label } in GROUPS"
        :key="key"
        :label="label"
        kind="figure"
        whole
        :model-value="box.tabs.counts[key]"
        :min="2"
        :max="199"
        :step="2"
        @update:model-value="changeTabs({ counts: { ...box.tabs.counts, [key]: $event } }, `count ${key}`)"
      />
    </div>
    <ChoiceRow
      label="Wanted fit (interference per glue line, mm)"
      :model-value="wanted"
      :options="fits"
      @update:model-value="want"
    />
    <div class="grid grid-cols-2 gap-2">
      <FigureField
        label="Interference"
        :model-value="jobs.job!.interference"
        :min="-0.5"
        :max="0.5"
        :step="0.01"
        @update:model-value="
          (i) =>
            jobs.edit((draft) => {
              draft.interference = i
            }, 'interference')
        "
      />
      <FigureField
        label="Proud length"
        :model-value="box.proud"
        :min="0"
        :max="20"
        :step="0.1"
        @update:model-value="change({ proud: $event }, 'proud')"
      />
    </div>
    <p class="note">Proud tab ends (0.3 to 1.0) are sanded flush; 0 keeps the dark ends.</p>
  </form>
</template>
