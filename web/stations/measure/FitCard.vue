<script setup lang="ts">
import { computed } from 'vue'
import { beliefOf } from '@core/belief'
import { fitWorking, tasteOf } from '@core/fit'
import { counted } from '@core/length'
import FitScale from '@web/parts/FitScale.vue'
import { useSay } from '@web/parts/say'
import WorkedFigure from '@web/parts/WorkedFigure.vue'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'

const jobs = useOpenJob()
const derived = useDerived()
const say = useSay()
const belief = computed(() => beliefOf(jobs.job.measure))
const taste = computed(() => tasteOf(belief.value))
const working = computed(() =>
  fitWorking(derived.fit, derived.box.kerf, jobs.job.interference, belief.value, say.value),
)
const flush = computed(() => {
  const { recessed, proud } = derived.fit.flush
  return `${say.value.signed(recessed)} to ${say.value.signed(proud)} ${say.value.lengthUnit}`
})
const gap = computed(
  () => `${say.value.finePlain(derived.fit.gap)} ± ${say.value.fine(derived.fit.cutDoubt)}`,
)
</script>

<template>
  <section class="card grid gap-2" aria-labelledby="fit-title">
    <h2 id="fit-title">What that does to the joints</h2>
    <FitScale :fit="derived.fit" />
    <div class="grid grid-cols-2 gap-2">
      <WorkedFigure label="Gap at each glue line" :text="gap" :working="working" />
      <WorkedFigure label="Play of a tab" :text="say.fine(derived.fit.play)" />
      <WorkedFigure label="Tab ends, from the face" :text="flush" />
      <WorkedFigure label="Slot for the thickest spot" :text="say.length(derived.fit.slotWidth)" />
    </div>
    <p v-if="belief.count > 0" class="note">
      Your own snug in this material:
      <span class="num">{{ say.fine(taste.offset) }}</span>
      per glue line, from {{ counted(belief.count, 'record') }}.
    </p>
    <p class="note">Kerf decides how tabs fit notches. Thickness decides flushness and slots.</p>
  </section>
</template>
