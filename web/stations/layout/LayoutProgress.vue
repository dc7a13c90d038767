<script setup lang="ts">
import { Lightbulb, RefreshCw, Search, Square } from '@lucide/vue'
import { computed } from 'vue'
import { useSay } from '@web/parts/say'
import WhyLink from '@web/parts/WhyLink.vue'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useMaterialEdits } from '@web/stores/material-edits'
import { usePlanner } from '@web/stores/planner'
import SearchPicture from './SearchPicture.vue'
import { layoutProgress as words } from './words'

const jobs = useOpenJob()
const derived = useDerived()
const planner = usePlanner()
const materials = useMaterialEdits()
const say = useSay()
const stale = computed(() => derived.statuses.layout.state === 'stale')
const pins = computed(() => planner.arrangement?.placements.filter(({ pinned }) => pinned).length ?? 0)

/** Whether anything could be saved at all: a sheet beyond the first, by offcuts or another stock, a part. */
const isSpendable = computed(() => {
  const { settings } = jobs.job.layout
  const sheets = planner.use?.sheets ?? 0
  const hasOffcuts = (derived.seen.stock?.offcuts.length ?? 0) > 0 && settings.first === 'whole sheets'
  const isSpared = hasOffcuts || materials.insteadOf().length > 0
  return sheets > 1 || (planner.arrangement?.unplaced.length ?? 0) > 0 || (sheets === 1 && isSpared)
})
/** How far the search is, and what its best layout comes to. */
const found = computed(() => {
  if (!planner.progress) return ''
  const { tried, of, round, sheets, score } = planner.progress
  const best = words.sheetsAndRest(sheets, score?.rest ? say.value.area(score.rest) : '')
  return `${round > 0 ? words.round(round) : words.triedOf(tried, of)}: ${best}`
})

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
        <span class="block text-[12px] text-quiet">{{ words.sheetsUsed }}</span>
        <span class="num" data-testid="sheets-used">{{ planner.use.sheets }}</span>
      </p>
      <p v-if="planner.use.offcuts > 0">
        <span class="block text-[12px] text-quiet">{{ words.offcutsUsed }}</span>
        <span class="num" data-testid="offcuts-used">{{ planner.use.offcuts }}</span>
      </p>
      <p>
        <span class="block text-[12px] text-quiet">
          {{ planner.use.offcuts > 0 ? words.wholeSheetsLeast : words.sheetsLeast }}
        </span>
        <span class="num" data-testid="bound">{{ planner.use.fewest }}</span>
      </p>
      <p>
        <span class="block text-[12px] text-quiet">{{ words.sheetUse }}</span>
        <span class="num">{{ (planner.use.use * 100).toFixed(1) }} %</span>
      </p>
      <p v-if="planner.use.loads > planner.use.sheets + planner.use.offcuts">
        <span class="block text-[12px] text-quiet">{{ words.loadsBed }}</span>
        <span class="num" data-testid="loads">{{ planner.use.loads }}</span>
      </p>
    </div>
    <p v-if="stale" class="text-sm text-gorse" role="status">
      {{ words.partsSheetsChanged }}
      <WhyLink lesson="layout" />
    </p>
    <div v-if="planner.progress" class="flex basis-full flex-wrap items-center gap-2 text-sm">
      <progress
        v-if="planner.progress.round === 0"
        class="min-w-24 flex-1 accent-heather"
        :value="planner.progress.tried"
        :max="planner.progress.of"
        :aria-label="words.layoutsTried"
      />
      <SearchPicture :best="planner.progress.best" />
      <span class="num">
        {{ found }}
      </span>
      <button type="button" class="btn shrink-0" @click="planner.stopLayout()">
        <Square :size="14" aria-hidden="true" />
        {{ words.stopKeepBest }}
      </button>
    </div>
    <div class="ml-auto flex gap-2">
      <button v-if="pins > 0" type="button" class="btn" @click="letGo">
        {{ words.letGo(pins) }}
      </button>
      <button
        v-if="!planner.progress && !stale && isSpendable"
        type="button"
        class="btn"
        data-field="what-helps"
        @click="planner.askWhatHelps(materials.known(materials.insteadOf()))"
      >
        <Lightbulb :size="15" aria-hidden="true" />
        {{ words.saveSheet }}
      </button>
      <button
        v-if="!planner.progress && !stale"
        type="button"
        class="btn"
        data-field="search-on"
        @click="planner.searchOn()"
      >
        <Search :size="15" aria-hidden="true" />
        {{ words.searchOn }}
      </button>
      <button
        v-if="!planner.progress"
        type="button"
        class="btn"
        :class="stale ? 'btn-main' : ''"
        @click="planner.layOutAgain()"
      >
        <RefreshCw :size="15" aria-hidden="true" />
        {{ words.layOutAgain }}
      </button>
    </div>
  </div>
</template>
