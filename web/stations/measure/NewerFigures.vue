<script setup lang="ts">
import { computed } from 'vue'
import { percent } from '@core/length'
import { useSay } from '@web/parts/say'
import { useBench } from '@web/stores/bench'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import type { Derived } from '@core/derive'
import { newerFigures as words } from './words'

const jobs = useOpenJob()
const bench = useBench()
const derived = useDerived()
const say = useSay()

function figures({ box, fit }: Pick<Derived, 'box' | 'fit'>): [string, string][] {
  const { thickness, kerf, sizes } = box
  const { x, y, z } = sizes.inner
  return [
    ['thickness', say.value.fine(thickness.mean)],
    ['kerf', `${say.value.finePlain(kerf.width)} ± ${say.value.fine(kerf.doubt)}`],
    [words.compensationPerSide, say.value.fine(kerf.perSide)],
    ['fit', `${fit.word}, ${fit.wanted} ${percent(fit.odds[fit.wanted])}`],
    ['inside', say.value.size([x, y, z])],
  ]
}

/** What taking the bench's figures would change, before it is done. */
const changes = computed(() => {
  if (derived.newer.length === 0) return []
  const now = figures(derived)
  const then = figures(derived.withMeasure(bench.renewed(jobs.job.measure)))
  return now.flatMap(([name, value], i) => (then[i][1] === value ? [] : [`${name} ${value} → ${then[i][1]}`]))
})

function take(): void {
  jobs.edit((draft) => {
    draft.measure = bench.renewed(jobs.job.measure)
    Object.assign(draft.tune, bench.triedOn(draft.measure.machine?.id))
  })
}
</script>

<template>
  <div
    v-if="derived.newer.length > 0"
    class="flex flex-wrap items-center gap-3 rounded-md border border-gorse bg-gorse-wash p-2.5 text-sm"
    role="status"
  >
    <p class="min-w-48 flex-1">
      {{ words.benchHasNewer(derived.newer.join(' and '), changes.join('; ')) }}
    </p>
    <button type="button" class="btn" @click="take">{{ words.takeBenchsFigures }}</button>
  </div>
</template>
