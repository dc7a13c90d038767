<script setup lang="ts">
import { computed } from 'vue'
import type { CutPlan } from '@core/derive'
import { fixed, formatDuration } from '@core/length'
import type { Working } from '@core/working'
import { clockWorking, timeWords } from '@core/say'
import { useSay } from '@web/parts/say'
import WorkedFigure from '@web/parts/WorkedFigure.vue'
import { useDerived } from '@web/stores/derived'

const props = defineProps<{ plan: CutPlan }>()
const say = useSay()
const derived = useDerived()
const working = computed((): Working => {
  const { seconds, cutting, corners, travel, cutLength } = props.plan.total
  return {
    title: 'Time to cut',
    result: formatDuration(seconds),
    formula: 'cut length ÷ speed × passes + corners + travel',
    substituted: `${fixed(cutting, 0)} + ${fixed(corners, 0)} + ${fixed(travel, 0)} = ${fixed(seconds, 0)} s`,
    terms: [
      {
        symbol: 'cutting',
        meaning: `${say.value.way(cutLength)} at the speeds of Tune`,
        value: `${fixed(cutting, 1)} s`,
        source: 'derived',
      },
      {
        symbol: 'corners',
        meaning: 'stopping and starting at each corner',
        value: `${fixed(corners, 1)} s`,
        source: 'derived',
      },
      { symbol: 'travel', meaning: 'from path to path', value: `${fixed(travel, 1)} s`, source: 'derived' },
    ],
    note:
      'Speeds and acceleration are the machine’s from Measure. Write the minutes it really ' +
      'took into the Log.',
  }
})
</script>

<template>
  <div class="flex flex-wrap items-end gap-x-6 gap-y-1 border-t border-line pt-2">
    <WorkedFigure
      v-if="derived.clock"
      large
      label="By this machine’s clock"
      :text="timeWords(plan.total, derived.clock)"
      :working="clockWorking(plan.total, derived.clock, derived.runs)"
      data-testid="clocked"
    />
    <WorkedFigure
      :large="!derived.clock"
      label="All sheets, as planned"
      :text="formatDuration(plan.total.seconds)"
      :working="working"
    />
    <WorkedFigure label="Cutting" :text="formatDuration(plan.total.cutting)" />
    <WorkedFigure label="Corners" :text="formatDuration(plan.total.corners)" />
    <WorkedFigure label="Travel" :text="formatDuration(plan.total.travel)" />
    <WorkedFigure label="Way of the beam, cutting" :text="say.way(plan.total.cutLength)" />
  </div>
</template>
