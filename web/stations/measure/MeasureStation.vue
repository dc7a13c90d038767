<script setup lang="ts">
import { useBench } from '@web/stores/bench'
import { useDerived } from '@web/stores/derived'
import { useJob } from '@web/stores/job'
import CautionNote from '@web/parts/CautionNote.vue'
import FitCard from './FitCard.vue'
import KerfCard from './KerfCard.vue'
import MachineCard from './MachineCard.vue'
import StockCard from './StockCard.vue'

const jobs = useJob()
const bench = useBench()
const derived = useDerived()

/** Takes the bench's figures in place of the job's older copies. */
function takeNewer(): void {
  jobs.edit((draft) => {
    const { measure, tune } = draft
    measure.machine = bench.machines.find(({ id }) => id === measure.machine?.id) ?? measure.machine
    measure.stock = bench.stocks.find(({ id }) => id === measure.stock?.id) ?? measure.stock
    measure.kerf = bench.kerfFor(measure.machine?.id, measure.stock?.id) ?? measure.kerf
    tune.tests = bench.tests.filter(({ machineId }) => machineId === measure.machine?.id)
  })
}
</script>

<template>
  <div class="grid gap-3">
    <div v-if="derived.newer.length > 0" class="flex items-center gap-3 rounded-md border border-gorse bg-gorse-wash p-2.5 text-sm" role="status">
      <p class="flex-1">The bench has newer figures for {{ derived.newer.join(' and ') }} than this job was made with. The job keeps its own until you say otherwise.</p>
      <button type="button" class="btn" @click="takeNewer">Take the bench’s figures</button>
    </div>
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
