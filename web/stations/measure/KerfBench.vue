<script setup lang="ts">
import { ArrowLeft } from '@lucide/vue'
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { useOpenJob } from '@web/stores/job'
import InSentence from '@web/parts/InSentence.vue'
import KerfHistory from './KerfHistory.vue'
import ReadingPad from './ReadingPad.vue'
import TestPieceDrawing from './TestPieceDrawing.vue'
import TrialForm from './TrialForm.vue'
import TrialOutcome from './TrialOutcome.vue'
import { kerfBench as words } from './words'

const jobs = useOpenJob()
const measure = computed(() => jobs.job.measure)
</script>

<template>
  <div class="grid gap-3">
    <div class="flex flex-wrap items-center gap-3">
      <RouterLink :to="{ params: { view: '' } }" class="btn">
        <ArrowLeft :size="16" aria-hidden="true" />
        {{ words.backMeasure }}
      </RouterLink>
      <p class="text-sm">
        <InSentence :text="words.cutTestPiece">
          <template #machine><strong>{{ measure.machine?.name ?? words.noMachine }}</strong></template>
          <template #stock><strong>{{ measure.stock?.name ?? words.noStock }}</strong></template>
        </InSentence>
      </p>
    </div>
    <p v-if="!measure.machine || !measure.stock" class="card text-sm">
      {{ words.kerfBelongsMachine }}
    </p>
    <!-- At the bench, on a narrow screen: the reading and what it says come first, the rest below. -->
    <div v-else class="grid items-start gap-3 lg:grid-cols-[18rem_1fr] xl:grid-cols-[18rem_1fr_20rem]">
      <TrialForm class="max-lg:order-4" />
      <div class="grid gap-3 max-lg:contents">
        <ReadingPad class="max-lg:order-1" />
        <TestPieceDrawing class="max-lg:order-3" />
      </div>
      <div class="grid gap-3 max-lg:contents lg:col-span-2 xl:col-span-1">
        <TrialOutcome class="max-lg:order-2" />
        <KerfHistory class="max-lg:order-5" />
      </div>
    </div>
  </div>
</template>
