<script setup lang="ts">
import { computed } from 'vue'
import { isUpright, roomOf } from '@core/angled'
import type { Size } from '@core/assembly'
import { shareWorking, sizeInUse } from '@core/box'
import { beliefOf } from '@core/belief'
import { largestContents } from '@core/derive'
import { fitWorking } from '@core/fit'
import { sizeWorking } from '@core/say'
import { useSay } from '@web/parts/say'
import WorkedFigure from '@web/parts/WorkedFigure.vue'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { common } from '@web/words'
import { shapeFigures as words } from './words'

/** How large it is, and how its edges come out; sizes alone beside a thing's own figures. */
const props = defineProps<{ brief?: boolean }>()
const jobs = useOpenJob()
const derived = useDerived()
const say = useSay()
const sizeText = (size: Size): string => say.value.size(sizeInUse(jobs.job.box.lies, size))
const working = computed(() => sizeWorking(derived.box, jobs.job.box, say.value))
/** Walls that lean leave less room, or more, at the floor than on the whole. */
const atFloor = computed(() => {
  const { angled } = derived.box.made ?? {}
  if (!angled || isUpright(angled.faces)) return ''
  const { foot } = roomOf(angled.faces)
  const across = [0, 1].map(
    (i) => Math.max(...foot.map((at) => at[i])) - Math.min(...foot.map((at) => at[i])),
  )
  return say.value.size(across)
})
const isOuter = computed(() => jobs.job.box.sizesAre === 'outer')

/** The largest thing that goes in, where that is less than what is inside. */
const free = computed(() => {
  const { made, sizes } = derived.box
  const block = made && largestContents(made)
  const isLess = block && (['x', 'y', 'z'] as const).some((axis) => block[axis] < sizes.inner[axis] - NOTED)
  return isLess ? sizeText(block) : ''
})
/** Less than that is not worth a line, mm. */
const NOTED = 0.05

/** One edge of each length that a box has. */
const SHOWN = [
  ['front-floor', 'width'],
  ['left-floor', 'depth'],
  ['front-left', 'height'],
]
/** At any angle: one of each group. */
const SLANTED = [
  ['uprights', 'corners'],
  ['floor', 'floor'],
  ['top', 'top'],
]
const edges = computed(() =>
  (props.brief ? [] : derived.box.made?.angled ? SLANTED : SHOWN).flatMap(([id, name]) => {
    const edge = derived.box.made?.edges.find((each) => each.id === id || each.group === id)
    if (!edge || (edge.kind !== 'fingers' && edge.kind !== 'tenon')) return []
    const rule = jobs.job.box.tabs[edge.group]
    return [{ name, working: shareWorking(words.theEdges(name), edge, rule, edge.full, say.value) }]
  }),
)
const fit = computed(() => {
  const { measure, interference } = jobs.job
  return {
    text: words.gap(derived.fit.word, say.value.fine(derived.fit.gap)),
    working: fitWorking(derived.fit, derived.box.kerf, interference, beliefOf(measure), say.value),
  }
})
</script>

<template>
  <div class="card flex flex-wrap gap-x-6 gap-y-1 py-2!">
    <WorkedFigure
      :label="common.outside"
      :text="sizeText(derived.box.sizes.outer)"
      :working="isOuter ? undefined : working"
    />
    <WorkedFigure
      :label="common.inside"
      :text="sizeText(derived.box.sizes.inner)"
      :working="isOuter ? working : undefined"
    />
    <WorkedFigure v-if="atFloor" :label="words.insideFloor" :text="atFloor" />
    <WorkedFigure v-if="free" :label="words.goesComesOut" :text="free" />
    <WorkedFigure
      v-if="!brief"
      class="max-sm:hidden"
      :label="common.fit"
      :text="fit.text"
      :working="fit.working"
    />
    <WorkedFigure
      v-for="edge in edges"
      :key="edge.name"
      class="max-sm:hidden"
      :label="words.tabsAlong(edge.name)"
      :text="edge.working.result"
      :working="edge.working"
    />
  </div>
</template>
