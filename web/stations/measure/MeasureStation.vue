<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue'
import { RouterLink, useRoute } from 'vue-router'
import { fitCautions } from '@core/fit'
import CautionNote from '@web/parts/CautionNote.vue'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import FitCard from './FitCard.vue'
import BedCard from './BedCard.vue'
import SurerCard from './SurerCard.vue'
import KerfCard from './KerfCard.vue'
import MachineCard from './MachineCard.vue'
import NewerFigures from './NewerFigures.vue'
import StockCard from './StockCard.vue'
import { measureStation as words } from './words'

/** They come when somebody measures a kerf, or begins a first box. */
const KerfBench = defineAsyncComponent(() => import('./KerfBench.vue'))
const FirstBox = defineAsyncComponent(() => import('../first/FirstBox.vue'))
const jobs = useOpenJob()
const derived = useDerived()
const say = useSay()
const route = useRoute()
/** Nothing was cut, and something that a cut needs is missing. */
const isBeginning = computed(() => {
  const { machine, stock, kerf } = jobs.job.measure
  return jobs.job.log.length === 0 && (!machine || !stock || !kerf)
})
const cautions = computed(() => {
  const { measure, box } = jobs.job
  return fitCautions(
    derived.fit,
    derived.box.thickness,
    measure.stock?.family ?? 'other',
    box.proud,
    say.value,
  )
})
</script>

<template>
  <KerfBench v-if="route.params.view === 'kerf'" />
  <FirstBox v-else-if="route.params.view === 'first'" />
  <div v-else class="grid gap-3">
    <NewerFigures />
    <p v-if="isBeginning" class="text-sm">
      {{ words.newToThis }}
      <RouterLink :to="{ params: { view: 'first' } }" class="underline">
        {{ words.pageAsksEverything }}
      </RouterLink>
    </p>
    <div class="grid items-start gap-3 lg:grid-cols-[16rem_1fr_18rem] xl:grid-cols-[18rem_1fr_19rem]">
      <MachineCard />
      <StockCard class="max-lg:order-first" />
      <div class="grid gap-3">
        <KerfCard />
        <FitCard />
        <SurerCard />
        <BedCard />
      </div>
    </div>
    <CautionNote :cautions="cautions" why="comb" />
  </div>
</template>
