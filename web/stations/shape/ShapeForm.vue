<script setup lang="ts">
import { Plus } from '@lucide/vue'
import { computed, nextTick, ref, watch } from 'vue'
import { planOn } from '@core/angled'
import { beliefOf } from '@core/belief'
import { boxSpecSchema, type BoxSpec } from '@core/box'
import { tasteOf } from '@core/fit'
import { FIRST_THING, jobSchema } from '@core/job'
import { limitsOf } from '@core/limits'
import { madeOf, type BoxThing } from '@core/say'
import { decidesSize } from '@core/whole'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import type { Dimension } from '@web/parts/panel-dimensions'
import { useSay } from '@web/parts/say'
import { thingOfField } from '@web/parts/thing-of-field'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useShapeThing } from '@web/stores/shape-thing'
import ThingTabs from '../ThingTabs.vue'
import { useBoxEdits, useProblemList } from './box-edits'
import FollowField from './FollowField.vue'
import { common } from '@web/words'
import { shapeForm as words } from './form-words'

/** How large the box is, and what it is made of: a line each. */
const emit = defineEmits<{ lit: [dimension: Dimension | null] }>()
const jobs = useOpenJob()
const derived = useDerived()
const place = useShapeThing()
const say = useSay()
const root = ref<HTMLElement>()
const { box, change } = useBoxEdits()
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
  const { angled } = derived.box.made ?? {}
  if (box.value.plan) {
    const plan = angled ? planOn(box.value.plan, angled.faces, sizesAre) : box.value.plan
    const height = angled && round(sizesAre === 'outer' ? angled.faces.height : angled.faces.inside)
    change({ sizesAre, plan, height: height ?? box.value.height }, '')
    return
  }
  change({ sizesAre, width: round(size.x), depth: round(size.y), height: round(size.z) }, '')
}

const SIDES = [
  { value: 'outer' as const, label: 'outer' },
  { value: 'inner' as const, label: 'inner' },
]
const SIZES: { key: Dimension; label: string }[] = [
  { key: 'width', label: common.width },
  { key: 'depth', label: words.depth },
  { key: 'height', label: common.height },
]
/** A plan says itself how wide and deep it is. */
const sizes = computed(() => (box.value.plan ? SIZES.slice(2) : SIZES))
/** Whether how the boxes stand in each other says how large this one is. */
const isSized = computed(() => {
  const { whole, thing } = jobs.job
  return whole !== null && decidesSize(whole, thing.id === FIRST_THING.id)
})
const setCopies = (copies: number): boolean =>
  jobs.edit((draft) => {
    draft.copies = copies
  }, 'copies')

const ADD = { thing: 'add' as const, title: common.add, said: '' }
const all = computed(() => madeOf(jobs.job, tasteOf(beliefOf(jobs.job.measure)).offset, say.value))
/** What the box has; what is about to be added is chosen, and stands among them. */
const lines = computed(() => all.value.filter(({ thing, isThere }) => isThere || thing === place.chosen))
const title = computed(() => [...all.value, ADD].find(({ thing }) => thing === place.chosen)?.title ?? null)
/** Something that is there no more is chosen no more. */
watch(title, (now) => {
  if (now === null) place.chosen = null
})

const problems = useProblemList()
/** What is wrong with a thing is said at its line, where its own figures are not shown. */
const wrongOf = (thing: BoxThing): string =>
  problems.value.find(({ field }) => thingOfField(field) === thing)?.sentence ?? ''
const general = computed(() =>
  problems.value
    .filter(({ field }) => {
      const thing = thingOfField(field)
      return thing === null || !lines.value.some((line) => line.thing === thing)
    })
    .map(({ sentence }) => sentence),
)

/** A dimension was clicked on the drawing: its field is where it is changed. */
function focusOn(dimension: Dimension): void {
  const field = root.value?.querySelector<HTMLInputElement>(`[data-dimension=${dimension}] input`)
  field?.focus()
  field?.select()
}
/** Back to the line of what was chosen, or to what can be added where that is gone. */
function close(): void {
  const was = place.chosen
  place.chosen = null
  void nextTick(() => {
    const line = root.value?.querySelector<HTMLElement>(`[data-thing="${was}"]`)
    ;(line ?? root.value?.querySelector<HTMLElement>('[data-thing=add]'))?.focus()
  })
}
defineExpose({ focusOn, close, title })
</script>

<template>
  <form
    ref="root"
    class="card grid content-start gap-2.5 lg:min-h-0 lg:overflow-y-auto"
    :aria-label="words.shapeBox"
    @submit.prevent
  >
    <ThingTabs editing />
    <p v-if="isSized" class="note" data-testid="sized">
      {{ words.sizeCopiesFollow }}
    </p>
    <ChoiceRow
      v-if="!isSized"
      data-field="sizes-are"
      :label="words.sizesAre"
      :model-value="box.sizesAre"
      :options="SIDES"
      @update:model-value="measureOn"
    />
    <div v-if="!isSized" class="grid grid-cols-3 gap-2">
      <div
        v-for="{ key, label } in sizes"
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
      <FigureField
        v-if="!jobs.job.whole"
        data-field="copies"
        :label="words.copies"
        kind="figure"
        :model-value="jobs.job.copies"
        :limits="limitsOf(jobSchema.shape.copies)"
        @update:model-value="setCopies"
      />
    </div>
    <p v-if="box.plan?.slope" class="note">{{ words.heightRimLowest }}</p>
    <p v-for="sentence in general" :key="sentence" class="text-[13px] text-rowan" role="alert">
      {{ sentence }}
    </p>
    <ul class="-mx-1 grid" :aria-label="words.whatItIs">
      <li v-for="{ thing, title: name, said } in lines" :key="thing" class="border-t border-line">
        <button
          type="button"
          class="line"
          :data-thing="thing"
          :data-on="thing === place.chosen"
          :aria-current="thing === place.chosen ? 'true' : undefined"
          @click="place.chosen = thing"
        >
          <span class="font-semibold">{{ name }}</span>
          <span class="line-clamp-2 text-quiet">{{ said }}</span>
          <span v-if="wrongOf(thing) && thing !== place.chosen" class="col-span-2 text-rowan" role="alert">
            {{ wrongOf(thing) }}
          </span>
        </button>
      </li>
      <li class="border-t border-line">
        <button
          type="button"
          class="line"
          data-thing="add"
          :data-on="place.chosen === 'add'"
          :aria-current="place.chosen === 'add' ? 'true' : undefined"
          @click="place.chosen = 'add'"
        >
          <span class="flex items-center gap-1 font-semibold">
            <Plus :size="15" aria-hidden="true" />
            {{ common.add }}
          </span>
          <span class="text-quiet">
            {{ box.plan ? words.openingsWordsMock : words.dividersOpeningsWords }}
          </span>
        </button>
      </li>
    </ul>
  </form>
</template>
