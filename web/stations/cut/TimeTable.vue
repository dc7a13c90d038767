<script setup lang="ts">
import { computed } from 'vue'
import type { CutPlan } from '@core/derive'
import { fixed, formatDuration } from '@core/length'
import type { Working } from '@core/working'
import { clockWorking, timeWords } from '@core/say'
import { useSay } from '@web/parts/say'
import WorkedFigure from '@web/parts/WorkedFigure.vue'
import { useDerived } from '@web/stores/derived'
import { timeTable as words } from './words'

const props = defineProps<{ plan: CutPlan }>()
const say = useSay()
const derived = useDerived()
const working = computed((): Working => {
  const { seconds, cutting, corners, travel, cutLength } = props.plan.total
  return {
    title: words.timeCut,
    result: formatDuration(seconds),
    formula: words.cutLengthSpeed,
    substituted: `${fixed(cutting, 0)} + ${fixed(corners, 0)} + ${fixed(travel, 0)} = ${fixed(seconds, 0)} s`,
    terms: [
      {
        symbol: 'cutting',
        meaning: words.speedsTune(say.value.way(cutLength)),
        value: `${fixed(cutting, 1)} s`,
        source: 'derived',
      },
      {
        symbol: 'corners',
        meaning: words.stoppingStartingEach,
        value: `${fixed(corners, 1)} s`,
        source: 'derived',
      },
      { symbol: 'travel', meaning: words.pathPath, value: `${fixed(travel, 1)} s`, source: 'derived' },
    ],
    note: words.speedsAccelerationMachines,
  }
})
</script>

<template>
  <div class="flex flex-wrap items-end gap-x-6 gap-y-1 border-t border-line pt-2">
    <WorkedFigure
      v-if="derived.clock"
      large
      :label="words.machinesClock"
      :text="timeWords(plan.total, derived.clock)"
      :working="clockWorking(plan.total, derived.clock, derived.runs)"
      data-testid="clocked"
    />
    <WorkedFigure
      :large="!derived.clock"
      :label="words.allSheetsPlanned"
      :text="formatDuration(plan.total.seconds)"
      :working="working"
    />
    <WorkedFigure :label="words.cutting" :text="formatDuration(plan.total.cutting)" />
    <WorkedFigure :label="words.corners" :text="formatDuration(plan.total.corners)" />
    <WorkedFigure :label="words.travel" :text="formatDuration(plan.total.travel)" />
    <WorkedFigure :label="words.wayBeamCutting" :text="say.way(plan.total.cutLength)" />
  </div>
</template>
