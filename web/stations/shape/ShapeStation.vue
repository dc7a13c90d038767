<script setup lang="ts">
import { computed, ref, shallowRef, watch, watchEffect } from 'vue'
import type { Panel } from '@core/assembly'
import { saidOn, slitsOf, wordsOf } from '@core/derive'
import { fitCautions } from '@core/fit'
import { isSameRecord } from '@core/limits'
import { strikeSentence, tabAdvice, thingOfPart, warningSentence } from '@core/say'
import CautionNote from '@web/parts/CautionNote.vue'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FlatPanels from '@web/parts/FlatPanels.vue'
import type { Dimension } from '@web/parts/panel-dimensions'
import { whenQuiet } from '@web/parts/quiet'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useShapeThing } from '@web/stores/shape-thing'
import PanelSheet from './PanelSheet.vue'
import ShapeDetail from './ShapeDetail.vue'
import ShapeFigures from './ShapeFigures.vue'
import ShapeForm from './ShapeForm.vue'
import SpaceCard from './SpaceCard.vue'
import { shapeStation as words } from './words'

const jobs = useOpenJob()
const derived = useDerived()
const say = useSay()
const lit = ref<Dimension | null>(null)
const form = ref<InstanceType<typeof ShapeForm>>()
const place = useShapeThing()
watch(
  () => jobs.job.id,
  () => {
    place.chosen = null
  },
)
/** On a narrow screen one of the two drawings is shown. */
const VIEWS = [
  { value: 'space' as const, label: words.inSpace },
  { value: 'flat' as const, label: words.itsPanels },
]
const view = ref<'space' | 'flat'>('space')
/** The last box that could be made stays on the screen while a size is being retyped. */
const panels = shallowRef<Panel[]>([])
/** What a text in braces stands for: told from the whole job, and the same for most of its changes. */
const written = computed((before?: ReturnType<typeof wordsOf>) => {
  const { job, jobs: own, revision } = wordsOf(jobs.job)
  const now = { job: own?.[jobs.job.thing.id] ?? job, revision }
  return before && isSameRecord(before, now) ? before : now
})
const said = computed(() => saidOn(derived.box, written.value))
watchEffect(() => {
  if (said.value.panels) panels.value = said.value.panels
})
const impossible = computed(() => derived.box.panels === null)
/** Whether it can be put together is the dearest question of all: it is asked when nobody types. */
const warnings = whenQuiet([() => derived.settledBox], () => derived.warnings, [])
const stands = whenQuiet([() => derived.stands], () => derived.stands, [])
const striking = computed(() => stands.value.flatMap(({ strikes }) => strikes?.panels ?? []))
const advice = computed(() => {
  const { measure, box } = jobs.job
  const family = measure.stock?.family ?? 'other'
  const cautions = fitCautions(derived.fit, derived.settledBox.thickness, family, box.proud, say.value)
  const sentences = warnings.value.map((warning) => warningSentence(warning, derived.settledBox, say.value))
  const struck = stands.value.flatMap((stand) => strikeSentence(stand, say.value) ?? [])
  return [...struck, ...sentences, ...tabAdvice(derived.settledBox), ...cautions]
})
/** Panels to look at: what a warning speaks of. A narrow tab is no fault. */
const wrong = computed(() =>
  warnings.value.filter(({ kind }) => kind !== 'narrow tab').flatMap((warning) => warning.panels),
)
/** Where on them; all places of all warnings. */
const spots = computed(() => warnings.value.flatMap((warning) => warning.spots))
const second = computed(() => {
  const [own] = derived.box.materials
  return [...derived.box.material].filter(([, material]) => material !== own).map(([id]) => id)
})
const chosenId = ref<string | null>(null)
const chosen = computed(() => panels.value.find(({ id }) => id === chosenId.value) ?? null)
/** A bent sheet is chosen by its first panel. */
const choose = (id: string): void => {
  chosenId.value = id.split('+')[0]
  view.value = 'flat'
  // Beside the panel stand the figures of what it is part of; a wall is part of all.
  const thing = derived.box.made && thingOfPart(derived.box.made, chosenId.value)
  if (thing) place.chosen = thing
}
/** As they are cut: the panels of a bent sheet are one. */
const flat = computed(() => {
  const { joined, made, pieces } = derived.box
  const strips = made?.assembly.strips ?? []
  if (strips.length > 0) {
    const isHalf = (id: string): boolean => strips.some(({ parts }) => parts.includes(id))
    return [...panels.value.filter(({ id }) => !isHalf(id)), ...pieces.filter(({ bends }) => bends)]
  }
  if (!joined) return panels.value
  const others = panels.value.filter(({ id }) => !joined.panels.some((name) => name === id))
  return [...others, said.value.piece ?? joined.piece]
})
const slits = computed(() => {
  const { joined } = derived.box
  if (joined) return { panel: joined.piece.id, lines: joined.slits }
  const strip = flat.value.find(({ bends }) => bends)
  const kerf = strip && derived.box.material.get(strip.id)?.kerf.width
  return kerf === undefined ? undefined : { panel: strip!.id, lines: slitsOf(strip!, kerf) }
})
</script>

<template>
  <div
    class="grid gap-3 lg:h-full lg:min-h-0"
    :class="
      place.chosen ? 'lg:grid-cols-[20rem_1fr] xl:grid-cols-[18rem_19rem_1fr]' : 'lg:grid-cols-[20rem_1fr]'
    "
  >
    <ShapeForm ref="form" :class="place.chosen ? 'max-xl:hidden' : ''" @lit="lit = $event" />
    <ShapeDetail
      v-if="place.chosen && form?.title"
      :thing="place.chosen"
      :title="form.title"
      @close="form.close()"
    />
    <div class="flex min-w-0 flex-col gap-2 max-lg:order-first lg:min-h-0">
      <ShapeFigures :brief="place.chosen !== null" :class="place.chosen ? 'max-sm:hidden' : ''" />
      <CautionNote :cautions="advice" why="tabs" />
      <ChoiceRow v-model="view" class="sm:hidden" :label="words.whatIsDrawn" hide-label :options="VIEWS" />
      <div
        class="grid gap-2 transition-opacity sm:grid-cols-2 lg:min-h-0 lg:flex-1"
        :class="[
          impossible ? 'opacity-40' : '',
          place.chosen ? 'xl:max-2xl:grid-cols-1 xl:max-2xl:grid-rows-[4fr_3fr]' : '',
        ]"
      >
        <SpaceCard
          :class="view === 'space' ? '' : 'max-sm:hidden'"
          :panels="panels"
          :chosen="chosenId"
          :wrong="wrong"
          :second="second"
          :striking="striking"
          @choose="choose"
        />
        <section
          class="card h-60 p-2! sm:h-96 lg:h-auto lg:min-h-0 print:h-80"
          :class="view === 'flat' ? '' : 'max-sm:hidden'"
          :aria-label="words.panelsFlat"
        >
          <PanelSheet
            v-if="chosen && derived.box.made"
            :panel="chosen"
            :made="derived.box.made"
            :material="derived.box.material.get(chosen.id)"
            :divided="derived.box.divided"
            :wrong="wrong.includes(chosen.id)"
            :spots="spots"
            @close="chosenId = null"
          />
          <FlatPanels
            v-else-if="panels.length > 0"
            :panels="flat"
            :slits="slits"
            :divided="derived.box.divided"
            :lit="lit"
            :wrong="wrong"
            :second="second"
            :spots="spots"
            @pick="form?.focusOn($event)"
            @choose="choose"
          />
        </section>
      </div>
    </div>
  </div>
</template>
