<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { boxSpecSchema, problemSentence, type BoxSpec } from '@core/box'
import { beliefOf } from '@core/belief'
import { FITTINGS, lidOf } from '@core/fittings'
import { interferenceSchema, tasteOf, WANTED_FITS } from '@core/fit'
import { FIRST_THING, jobSchema } from '@core/job'
import { limitsOf } from '@core/limits'
import { decidesSize } from '@core/whole'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import type { Dimension } from '@web/parts/panel-dimensions'
import { useSay } from '@web/parts/say'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import FormSection from '@web/parts/FormSection.vue'
import ThingTabs from '../ThingTabs.vue'
import { useBoxEdits } from './box-edits'
import BendForm from './BendForm.vue'
import CornerForm from './CornerForm.vue'
import DividerForm from './DividerForm.vue'
import FiguresForm from './FiguresForm.vue'
import FloorForm from './FloorForm.vue'
import KindForm from './KindForm.vue'
import FollowField from './FollowField.vue'
import LidForm from './LidForm.vue'
import OpeningsForm from './OpeningsForm.vue'
import MockUpForm from './MockUpForm.vue'
import EngravingsForm from './EngravingsForm.vue'
import FittingsForm from './FittingsForm.vue'
import StockForm from './StockForm.vue'
import WholeForm from './WholeForm.vue'

const emit = defineEmits<{ lit: [dimension: Dimension | null] }>()
const jobs = useOpenJob()
const derived = useDerived()
const say = useSay()
const root = ref<HTMLElement>()
const { box, change, changeIn } = useBoxEdits()
const { shape } = boxSpecSchema
/** The field under the pointer lights its dimension, else the one being typed in. */
const hovered = ref<Dimension | null>(null)
const focused = ref<Dimension | null>(null)
watch([hovered, focused], () => emit('lit', hovered.value ?? focused.value))

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
/** What stands at a field of its own, by its name; the rest is said above. */
const AT_FIELD = [
  'set-in',
  'raised',
  'columns',
  'rows',
  'into',
  'divider-depth',
  'holes',
  'openings',
  'engravings',
  'bends',
  'radius',
  'link',
  'bridge',
  'latch',
  ...FITTINGS.flatMap(({ type, fields }) => [type, ...fields.map(({ at }) => at)]),
]
const problems = computed(() =>
  derived.box.problems.map((problem) => ({
    field: problem.field,
    sentence: problemSentence(problem, say.value),
  })),
)
const general = computed(() =>
  problems.value.filter(({ field }) => !AT_FIELD.includes(field) && !/^(columns|rows)-/.test(field)),
)
const atField = computed(() =>
  Object.fromEntries(problems.value.map(({ field, sentence }) => [field, sentence])),
)

/** The words are meant from one's own snug on. */
const own = computed(() => tasteOf(beliefOf(jobs.job.measure)).offset)
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
/** Whether how the boxes stand in each other says how large this one is. */
const isSized = computed(() => {
  const { whole, thing } = jobs.job
  return whole !== null && decidesSize(whole, thing.id === FIRST_THING.id)
})
const isCase = computed(() => jobs.job.whole?.kind === 'cabinet' && jobs.job.thing.id === FIRST_THING.id)
const setCopies = (copies: number): boolean =>
  jobs.edit((draft) => {
    draft.copies = copies
  }, 'copies')

const play = boxSpecSchema.shape.play.shape
const setLetters = (letters: boolean): boolean =>
  jobs.edit((draft) => {
    draft.cut.letters = letters
  })

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
    <WholeForm v-if="jobs.job.whole" />
    <ThingTabs editing />
    <p v-if="isSized" class="note" data-testid="sized">
      Its size and its copies follow from all together. Everything else is yours.
    </p>
    <ChoiceRow
      v-if="!isSized"
      data-field="sizes-are"
      label="Sizes are"
      :model-value="box.sizesAre"
      :options="SIDES"
      @update:model-value="measureOn"
    />
    <div v-if="!isSized" class="grid grid-cols-3 gap-2">
      <div
        v-for="{ key, label } in SIZES"
        :key="key"
        class="has-data-followed:col-span-full"
        :data-dimension="key"
        :data-field="key"
        @mouseenter="hovered = key"
        @mouseleave="hovered = null"
      >
        <FollowField
          :field="key"
          :label="label"
          :model-value="box[key]"
          :limits="limitsOf(shape[key])"
          @update:model-value="change({ [key]: $event }, key)"
          @focus="focused = key"
          @blur="focused = null"
        />
      </div>
    </div>
    <p v-for="{ sentence } in general" :key="sentence" class="text-[13px] text-rowan" role="alert">
      {{ sentence }}
    </p>
    <div v-if="!jobs.job.whole" class="grid grid-cols-3 gap-2">
      <FigureField
        data-field="copies"
        label="Copies"
        kind="figure"
        :model-value="jobs.job.copies"
        :limits="limitsOf(jobSchema.shape.copies)"
        @update:model-value="setCopies"
      />
    </div>
    <LidForm v-if="!jobs.job.whole || lidOf(box)" :problems="atField" />
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
    <CornerForm :problem="atField['set-in'] ?? ''" />
    <FloorForm :problem="atField.raised ?? ''" />
    <DividerForm :problems="atField" :decided="isCase" />
    <OpeningsForm :problem="atField.openings ?? ''" />
    <EngravingsForm :problem="atField.engravings ?? ''" />
    <BendForm :problems="atField" />
    <FittingsForm :problems="atField" />
    <StockForm />
    <FiguresForm />
    <KindForm />
    <MockUpForm />
    <FormSection title="Play, letters, large panels">
      <div class="grid grid-cols-3 gap-2">
        <FigureField
          data-field="slot-play"
          label="Slots"
          kind="fine"
          :model-value="box.play.slots"
          :limits="limitsOf(play.slots)"
          :step="0.05"
          @update:model-value="changeIn('play', { slots: $event }, 'play slots')"
        />
        <FigureField
          data-field="lap-play"
          label="Laps, length"
          kind="fine"
          :model-value="box.play.laps"
          :limits="limitsOf(play.laps)"
          :step="0.1"
          @update:model-value="changeIn('play', { laps: $event }, 'play laps')"
        />
        <FigureField
          data-field="loose-play"
          label="Loose parts"
          kind="fine"
          :model-value="box.play.loose"
          :limits="limitsOf(play.loose)"
          :step="0.1"
          @update:model-value="changeIn('play', { loose: $event }, 'play loose')"
        />
      </div>
      <p class="note">Added to the thickest reading for slots and grooves, both sides together.</p>
      <ToggleSwitch
        data-field="letters"
        label="The same letter on both panels of every joint"
        :model-value="jobs.job.cut.letters"
        @update:model-value="setLetters"
      />
      <ToggleSwitch
        data-field="seams"
        label="Divide panels larger than the bed"
        :model-value="box.seams"
        @update:model-value="change({ seams: $event }, '')"
      />
    </FormSection>
  </form>
</template>
