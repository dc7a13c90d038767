<script setup lang="ts">
import { computed, defineAsyncComponent, ref, shallowRef, watchEffect } from 'vue'
import type { Panel } from '@core/assembly'
import { fitCautions } from '@core/fit'
import { proofLine, tabAdvice, warningSentence } from '@core/say'
import CautionNote from '@web/parts/CautionNote.vue'
import FlatPanels from '@web/parts/FlatPanels.vue'
import type { Dimension } from '@web/parts/panel-dimensions'
import { whenQuiet } from '@web/parts/quiet'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import PanelSheet from './PanelSheet.vue'
import ShapeFigures from './ShapeFigures.vue'
import ShapeForm from './ShapeForm.vue'

/** Drawing in space is the largest part of the page: it comes where it is drawn. */
const BoxView = defineAsyncComponent(() => import('@web/parts/BoxView.vue'))

const jobs = useOpenJob()
const derived = useDerived()
const say = useSay()
const lit = ref<Dimension | null>(null)
const form = ref<InstanceType<typeof ShapeForm>>()
/** The last box that could be made stays on the screen while a size is being retyped. */
const panels = shallowRef<Panel[]>([])
watchEffect(() => {
  if (derived.box.panels) panels.value = derived.box.panels
})
const isSound = computed(() => derived.settledBox.proof?.faults.length === 0)
const impossible = computed(() => derived.box.panels === null)
/** Whether it can be put together is the dearest question of all: it is asked when nobody types. */
const warnings = whenQuiet([() => derived.settledBox], () => derived.warnings, [])
const advice = computed(() => {
  const { measure, box } = jobs.job
  const family = measure.stock?.family ?? 'other'
  const cautions = fitCautions(derived.fit, derived.settledBox.thickness, family, box.proud, say.value)
  const sentences = warnings.value.map((warning) => warningSentence(warning, derived.settledBox, say.value))
  return [...sentences, ...tabAdvice(derived.settledBox), ...cautions]
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
const SPACE = 'The box in space. Arrow keys turn it, plus and minus bring it nearer; a click chooses a panel.'
const choose = (id: string): void => {
  chosenId.value = id
}
</script>

<template>
  <div class="grid gap-3 lg:h-full lg:min-h-0 lg:grid-cols-[20rem_1fr]">
    <ShapeForm ref="form" @lit="lit = $event" />
    <div class="flex min-w-0 flex-col gap-2 max-lg:order-first lg:min-h-0">
      <ShapeFigures />
      <CautionNote :cautions="advice" />
      <div
        class="grid gap-2 transition-opacity sm:grid-cols-2 lg:min-h-0 lg:flex-1"
        :class="impossible ? 'opacity-40' : ''"
      >
        <section class="card relative h-72 p-2! lg:h-auto lg:min-h-0" aria-label="The box in space">
          <p
            v-if="derived.settledBox.proof"
            class="pointer-events-none absolute inset-x-3 top-2 z-10 text-[13px]"
            :class="isSound ? 'text-quiet' : 'font-semibold text-rowan'"
            data-testid="proof"
          >
            {{ proofLine(derived.settledBox) }}
          </p>
          <BoxView
            v-if="panels.length > 0"
            :panels="panels"
            :chosen="chosenId"
            :wrong="wrong"
            :second="second"
            :groups="derived.box.made?.assembly.groups"
            :label="SPACE"
            @choose="choose"
          />
        </section>
        <section class="card h-96 p-2! lg:h-auto lg:min-h-0" aria-label="The panels, flat">
          <PanelSheet
            v-if="chosen && derived.box.made"
            :panel="chosen"
            :made="derived.box.made"
            :material="derived.box.material.get(chosen.id)"
            :wrong="wrong.includes(chosen.id)"
            :spots="spots"
            @close="chosenId = null"
          />
          <FlatPanels
            v-else-if="panels.length > 0"
            :panels="panels"
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
