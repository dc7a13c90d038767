<script setup lang="ts">
import { computed } from 'vue'
import { markOf } from '@core/derive'
import { thicknessLine } from '@core/stock'
import { settingWords } from '@core/tune'
import { useSay } from '@web/parts/say'
import { dateText } from '@web/data/dates'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { usePlanner } from '@web/stores/planner'
import { common } from '@web/words'
import { printHead as words } from './words'

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
  return [[words.mark, isOther ? words.writtenBeforeLast(mark, written.mark) : mark]]
})
const facts = computed((): [string, string][] => {
  const { job } = jobs
  const { materials, sizes } = derived.box
  const made = materials.flatMap(({ name, thickness, kerf }): [string, string][] => [
    [common.stock, name],
    [words.thickness, `${thicknessLine(thickness, say.value)} (${say.value.lengthUnit})`],
    [words.kerf, words.perSide(say.value.fine(kerf.width), say.value.fine(kerf.perSide))],
  ])
  const { outer, inner } = sizes
  return [
    [common.outside, say.value.size([outer.x, outer.y, outer.z])],
    [common.inside, say.value.size([inner.x, inner.y, inner.z])],
    [words.copies, String(job.copies)],
    ...made,
    [common.machine, job.measure.machine?.name ?? words.noneChosen],
    [words.setting, settingWords(derived.choice.setting, say.value)],
    [common.fit, words.interference(derived.fit.word, say.value.fine(job.interference))],
    [words.cutFar, words.times(job.log.length)],
    ...marked.value,
    [words.printed, dateText(new Date().toISOString(), true)],
  ]
})
</script>

<template>
  <section class="hidden print:block" :aria-label="words.whatWasBuilt">
    <h2 class="text-xl!">{{ jobs.job.name }}: {{ page }}</h2>
    <dl class="mt-1 grid grid-cols-[auto_1fr_auto_1fr] gap-x-4 gap-y-0.5 text-[10pt]">
      <template v-for="([name, text], i) in facts" :key="i">
        <dt class="text-quiet">{{ name }}</dt>
        <dd class="num">{{ text }}</dd>
      </template>
    </dl>
  </section>
</template>
