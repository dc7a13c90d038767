<script setup lang="ts">
import { RefreshCw, Square } from '@lucide/vue'
import { computed } from 'vue'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { usePlanner } from '@web/stores/planner'

const jobs = useOpenJob()
const derived = useDerived()
const planner = usePlanner()
const stale = computed(() => derived.statuses.layout.state === 'stale')
const pins = computed(
  () => jobs.job.layout.arrangement?.placements.filter(({ pinned }) => pinned).length ?? 0,
)

function letGo(): void {
  jobs.edit((draft) => {
    const { arrangement } = draft.layout
    if (arrangement)
      arrangement.placements = arrangement.placements.map((placement) => ({ ...placement, pinned: false }))
  })
  planner.layOutAgain()
}
</script>

<template>
  <div class="card flex flex-wrap items-center gap-x-5 gap-y-1 py-2!">
    <div v-if="planner.use" class="flex flex-wrap gap-x-5">
      <p>
        <span class="block text-[12px] text-quiet">Sheets used</span>
        <span class="num" data-testid="sheets-used">{{ planner.use.sheets }}</span>
      </p>
      <p v-if="planner.use.offcuts > 0">
        <span class="block text-[12px] text-quiet">Offcuts used</span>
        <span class="num" data-testid="offcuts-used">{{ planner.use.offcuts }}</span>
      </p>
      <p>
        <span class="block text-[12px] text-quiet">No layout needs fewer than</span>
        <span class="num" data-testid="bound">{{ planner.use.fewest }}</span>
      </p>
      <p>
        <span class="block text-[12px] text-quiet">Sheet use</span>
        <span class="num">{{ (planner.use.use * 100).toFixed(1) }} %</span>
      </p>
      <p v-if="planner.use.loads > planner.use.sheets + planner.use.offcuts">
        <span class="block text-[12px] text-quiet">Loads of the bed</span>
        <span class="num" data-testid="loads">{{ planner.use.loads }}</span>
      </p>
    </div>
    <p v-if="stale" class="text-sm text-gorse" role="status">
      Parts or sheets changed since this layout was moved by hand.
    </p>
    <div v-if="planner.progress" class="flex min-w-48 flex-1 items-center gap-2 text-sm">
      <progress
        class="flex-1 accent-heather"
        :value="planner.progress.tried"
        :max="planner.progress.of"
        aria-label="Layouts tried"
      />
      <span class="num">
        {{ planner.progress.tried }} of {{ planner.progress.of }}: {{ planner.progress.sheets }} sheets
      </span>
      <button type="button" class="btn" @click="planner.stopLayout()">
        <Square :size="14" aria-hidden="true" />
        Stop, keep the best
      </button>
    </div>
    <div class="ml-auto flex gap-2">
      <button v-if="pins > 0" type="button" class="btn" @click="letGo">
        Let go of {{ pins }} {{ pins === 1 ? 'pin' : 'pins' }}
      </button>
      <button type="button" class="btn" :class="stale ? 'btn-main' : ''" @click="planner.layOutAgain()">
        <RefreshCw :size="15" aria-hidden="true" />
        Lay out again
      </button>
    </div>
  </div>
</template>
