<script setup lang="ts">
import { computed } from 'vue'
import { beliefOf } from '@core/belief'
import { fitWorking, tasteOf } from '@core/fit'
import FitScale from '@web/parts/FitScale.vue'
import { useSay } from '@web/parts/say'
import WorkedFigure from '@web/parts/WorkedFigure.vue'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { fitCard as words } from './words'

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
  return words.tabEnds(say.value.signed(recessed), say.value.signed(proud), say.value.lengthUnit)
})
const gap = computed(
  () => `${say.value.finePlain(derived.fit.gap)} ± ${say.value.fine(derived.fit.cutDoubt)}`,
)
</script>

<template>
  <section class="card grid gap-2" aria-labelledby="fit-title">
    <h2 id="fit-title">{{ words.whatThatDoes }}</h2>
    <FitScale :fit="derived.fit" />
    <div class="grid grid-cols-2 gap-2">
      <WorkedFigure :label="words.gapEachGlue" :text="gap" :working="working" />
      <WorkedFigure :label="words.playTab" :text="say.fine(derived.fit.play)" />
      <WorkedFigure :label="words.tabEndsFace" :text="flush" />
      <WorkedFigure :label="words.slotThickestSpot" :text="say.length(derived.fit.slotWidth)" />
    </div>
    <p v-if="belief.count > 0" class="note">{{ words.ownSnug(say.fine(taste.offset), belief.count) }}</p>
    <p class="note">{{ words.kerfDecidesHow }}</p>
  </section>
</template>
