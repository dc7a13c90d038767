<script setup lang="ts">
import { computed, ref, shallowRef, watchEffect } from 'vue'
import { type Panel } from '@core/box'
import { tabAdvice } from '@core/job'
import BoxView from '@web/parts/BoxView.vue'
import CautionNote from '@web/parts/CautionNote.vue'
import FlatPanels, { type Dimension } from '@web/parts/FlatPanels.vue'
import { useDerived } from '@web/stores/derived'
import ShapeFigures from './ShapeFigures.vue'
import ShapeForm from './ShapeForm.vue'

const derived = useDerived()
const lit = ref<Dimension | null>(null)
const form = ref<InstanceType<typeof ShapeForm>>()
/** The last box that could be made stays on the screen while a size is being retyped. */
const panels = shallowRef<Panel[]>([])
watchEffect(() => {
  if (derived.box.panels) panels.value = derived.box.panels
})
const impossible = computed(() => derived.box.panels === null)
const advice = computed(() => [...tabAdvice(derived.box), ...derived.box.fit.cautions])
</script>

<template>
  <div class="grid h-full min-h-0 grid-cols-[20rem_1fr] gap-3">
    <ShapeForm ref="form" @lit="lit = $event" />
    <div class="flex min-h-0 flex-col gap-2">
      <ShapeFigures />
      <CautionNote :cautions="advice" />
      <div
        class="grid min-h-0 flex-1 grid-cols-2 gap-2 transition-opacity"
        :class="impossible ? 'opacity-40' : ''"
      >
        <section class="card min-h-0 p-2!" aria-label="The box in space">
          <BoxView v-if="panels.length > 0" :panels="panels" label="The box in space. Arrow keys turn it." />
        </section>
        <section class="card min-h-0 p-2!" aria-label="The panels, flat">
          <FlatPanels v-if="panels.length > 0" :panels="panels" :lit="lit" @pick="form?.focusOn($event)" />
        </section>
      </div>
    </div>
  </div>
</template>
