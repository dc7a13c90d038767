<script setup lang="ts">
import { computed, defineAsyncComponent, ref, shallowRef, watchEffect } from 'vue'
import type { Panel } from '@core/box'
import { fitCautions } from '@core/fit'
import { tabAdvice } from '@core/say'
import CautionNote from '@web/parts/CautionNote.vue'
import FlatPanels, { type Dimension } from '@web/parts/FlatPanels.vue'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
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
const impossible = computed(() => derived.box.panels === null)
const advice = computed(() => {
  const { measure, box } = jobs.job
  const family = measure.stock?.family ?? 'other'
  const cautions = fitCautions(derived.fit, derived.box.thickness, family, box.proud, say.value)
  return [...tabAdvice(derived.box, say.value), ...cautions]
})
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
        <section class="card h-72 p-2! lg:h-auto lg:min-h-0" aria-label="The box in space">
          <BoxView v-if="panels.length > 0" :panels="panels" label="The box in space. Arrow keys turn it." />
        </section>
        <section class="card h-72 p-2! lg:h-auto lg:min-h-0" aria-label="The panels, flat">
          <FlatPanels v-if="panels.length > 0" :panels="panels" :lit="lit" @pick="form?.focusOn($event)" />
        </section>
      </div>
    </div>
  </div>
</template>
