<script setup lang="ts">
import { computed } from 'vue'
import { markOf } from '@core/derive'
import { counted } from '@core/length'
import { thicknessLine } from '@core/stock'
import { settingWords } from '@core/tune'
import { useSay } from '@web/parts/say'
import { dateText } from '@web/data/dates'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { usePlanner } from '@web/stores/planner'

/** What a printed page says of the job it belongs to. */
defineProps<{ page: string }>()
const jobs = useOpenJob()
const derived = useDerived()
const planner = usePlanner()
const say = useSay()
/** The mark of the files as they are now, and of those that were written where these are others. */
const marked = computed((): [string, string][] => {
  const { plan } = planner
  if (!plan) return []
  const mark = markOf(derived.laid, plan)
  const { written } = jobs.job.cut
  const isOther = written !== null && written.mark !== '' && written.mark !== mark
  return [['Mark', isOther ? `${mark}; ${written.mark} was written before the last change` : mark]]
})
const facts = computed((): [string, string][] => {
  const { job } = jobs
  const { materials, sizes } = derived.box
  const made = materials.flatMap(({ name, thickness, kerf }): [string, string][] => [
    ['Stock', name],
    ['Thickness', `${thicknessLine(thickness, say.value)} (${say.value.lengthUnit})`],
    ['Kerf', `${say.value.fine(kerf.width)}, ${say.value.fine(kerf.perSide)} per side`],
  ])
  const { outer, inner } = sizes
  return [
    ['Outside', say.value.size([outer.x, outer.y, outer.z])],
    ['Inside', say.value.size([inner.x, inner.y, inner.z])],
    ['Copies', String(job.copies)],
    ...made,
    ['Machine', job.measure.machine?.name ?? 'none chosen'],
    ['Setting', settingWords(derived.choice.setting, say.value)],
    ['Fit', `${derived.fit.word}, interference ${say.value.fine(job.interference)}`],
    ['Cut so far', counted(job.log.length, 'time')],
    ...marked.value,
    ['Printed', dateText(new Date().toISOString(), true)],
  ]
})
</script>

<template>
  <section class="hidden print:block" aria-label="What was built from what">
    <h2 class="text-xl!">{{ jobs.job.name }}: {{ page }}</h2>
    <dl class="mt-1 grid grid-cols-[auto_1fr_auto_1fr] gap-x-4 gap-y-0.5 text-[10pt]">
      <template v-for="([name, text], i) in facts" :key="i">
        <dt class="text-quiet">{{ name }}</dt>
        <dd class="num">{{ text }}</dd>
      </template>
    </dl>
  </section>
</template>
