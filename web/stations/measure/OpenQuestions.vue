<script setup lang="ts">
import { computed } from 'vue'
import { openQuestions, type OpenQuestion } from '@core/say'
import DoubtNote from '@web/parts/DoubtNote.vue'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { useMaterialEdits } from '@web/stores/material-edits'
import { useOpenJob } from '@web/stores/job'
import { useStockEdits } from '@web/stores/stock-edits'
import { useSure } from './sure'
import { openQuestions as words } from './words'

/** Figures that are in the job and probably slips: asked about until they are mended or said to be right. */
const jobs = useOpenJob()
const derived = useDerived()
const say = useSay()
const stocks = useStockEdits()
const materials = useMaterialEdits()
const sure = useSure()
const own = computed(() => jobs.job.measure.stock?.id ?? '')
/** The kerf in hand is asked about where it is typed. */
const open = computed(() =>
  openQuestions(jobs.job, derived.known, say.value).filter(
    ({ what, stock }) => what === 'thickness' || stock !== own.value,
  ),
)
function mend({ stock, value }: OpenQuestion, meant: number): void {
  const readings = jobs.job.measure.stock?.readings ?? []
  if (stock === own.value)
    stocks.change(
      { readings: readings.map((each) => (each.value === value ? { ...each, value: meant } : each)) },
      '',
    )
}
</script>

<template>
  <div v-if="open.length > 0" class="grid gap-1" data-testid="questions">
    <template v-for="each in open" :key="each.key">
      <DoubtNote
        v-if="each.stock === own"
        :doubt="each"
        :why="each.what"
        @use="mend(each, $event)"
        @keep="sure.say(each.what, each.stock, each.value)"
      />
      <p v-else class="rounded bg-gorse-wash p-1.5 text-[13px]">
        {{ each.says }}
        <button type="button" class="btn px-2 py-0.5" @click="materials.chooseStock(each.stock)">
          {{ words.lookStock }}
        </button>
      </p>
    </template>
  </div>
</template>
