<script setup lang="ts">
import { computed } from 'vue'
import { deriveBox, type DerivedBox } from '@core/job'
import { fixed } from '@core/length'
import { useBench } from '@web/stores/bench'
import { useDerived } from '@web/stores/derived'
import { useJob } from '@web/stores/job'

const jobs = useJob()
const bench = useBench()
const derived = useDerived()

const figures = ({ thickness, kerf, fit, sizes }: DerivedBox): [string, string][] => [
  ['thickness', `${fixed(thickness.mean, 3)} mm`],
  ['kerf', `${fixed(kerf.width, 3)} ± ${fixed(kerf.doubt, 3)} mm`],
  ['compensation per side', `${fixed(kerf.perSide, 3)} mm`],
  ['fit', `${fit.word}, ${fit.wanted} ${Math.round(fit.odds[fit.wanted] * 100)} %`],
  ['inside', `${fixed(sizes.inner.x, 2)} × ${fixed(sizes.inner.y, 2)} × ${fixed(sizes.inner.z, 2)} mm`],
]

/** What taking the bench's figures would change, before it is done. */
const changes = computed(() => {
  if (derived.newer.length === 0) return []
  const now = figures(derived.box)
  const then = figures(deriveBox({ ...jobs.job!, measure: bench.renewed(jobs.job!.measure) }))
  return now.flatMap(([name, value], i) => (then[i][1] === value ? [] : [`${name} ${value} → ${then[i][1]}`]))
})

function take(): void {
  jobs.edit((draft) => {
    draft.measure = bench.renewed(jobs.job!.measure)
    draft.tune.tests = bench.tests.filter(({ machineId }) => machineId === draft.measure.machine?.id)
  })
}
</script>

<template>
  <div
    v-if="derived.newer.length > 0"
    class="flex flex-wrap items-center gap-3 rounded-md border border-gorse bg-gorse-wash p-2.5 text-sm"
    role="status"
  >
    <p class="min-w-64 flex-1">
      The bench has newer figures for {{ derived.newer.join(' and ') }} than this job was made with. The job
      keeps its own until you say otherwise.
      <span class="num">{{ changes.join('; ') }}</span>
    </p>
    <button type="button" class="btn" @click="take">Take the bench’s figures</button>
  </div>
</template>
