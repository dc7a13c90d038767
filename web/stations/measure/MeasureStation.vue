<script setup lang="ts">
import { useRoute } from 'vue-router'
import CautionNote from '@web/parts/CautionNote.vue'
import { useDerived } from '@web/stores/derived'
import FitCard from './FitCard.vue'
import KerfBench from './KerfBench.vue'
import KerfCard from './KerfCard.vue'
import MachineCard from './MachineCard.vue'
import NewerFigures from './NewerFigures.vue'
import StockCard from './StockCard.vue'

const derived = useDerived()
const route = useRoute()
</script>

<template>
  <KerfBench v-if="route.params.view === 'kerf'" />
  <div v-else class="grid gap-3">
    <NewerFigures />
    <div class="grid items-start gap-3 xl:grid-cols-[18rem_1fr_19rem] lg:grid-cols-[16rem_1fr_18rem]">
      <MachineCard />
      <StockCard />
      <div class="grid gap-3">
        <KerfCard />
        <FitCard />
      </div>
    </div>
    <CautionNote :cautions="derived.box.fit.cautions" />
  </div>
</template>
