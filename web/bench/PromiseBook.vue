<script setup lang="ts">
import { computed } from 'vue'
import { fitPromises, fitScale, gapPromises, keptByFirmness, throughPromises } from '@core/belief'
import { counted, percent } from '@core/length'
import { clockOf, clockPromises } from '@core/plan'
import { useBench } from '@web/stores/bench'
import PromiseChart from './PromiseChart.vue'

/** How good what was promised has been: what was said of earlier cuts, and what came. */
const bench = useBench()
interface Kind {
  id: string
  title: string
  promises: { said: number; came: boolean }[]
  none: string
}
const machines = computed(() =>
  bench.machines
    .map(({ id, name }) => ({ name, runs: bench.runs.filter(({ machineId }) => machineId === id) }))
    .filter(({ runs }) => runs.length > 0),
)
const kinds = computed((): Kind[] => [
  {
    id: 'fit',
    title: 'The fit that was asked for',
    promises: fitPromises(bench.promises),
    none: 'Say in Log how a copy fitted: the odds it was cut with are held against it.',
  },
  {
    id: 'gap',
    title: 'Gaps inside their 95 % interval',
    promises: gapPromises(bench.promises),
    none: 'Measure one play in Log: it lies inside its interval, or not.',
  },
  {
    id: 'through',
    title: 'Cuts that go through',
    promises: throughPromises(bench.promises),
    none: 'Say in Log whether all parts fell free.',
  },
  {
    id: 'minutes',
    title: 'Minutes inside their 90 % range',
    promises: machines.value.flatMap(({ runs }) => clockPromises(runs)),
    none: 'Write down in Log how long a cut took.',
  },
])
const kept = ({ promises }: Kind): string => {
  const came = promises.filter((each) => each.came).length
  const said = promises.reduce((sum, each) => sum + each.said, 0) / promises.length
  return `${came} of ${counted(promises.length, 'promise')} came; ${percent(said)} was said on average.`
}
/** What follows from it: how much wider or narrower things are stated now. */
const widths = computed(() => [
  { of: 'Fit and gaps', scale: fitScale(bench.promises) },
  ...machines.value.map(({ name, runs }) => ({ of: `Minutes on ${name}`, scale: clockOf(runs).scale })),
])
const widthWords = (scale: number): string => {
  if (Math.abs(scale - 1) < 0.02) return 'stated as reckoned'
  return `stated ${percent(Math.abs(scale - 1))} ${scale > 1 ? 'wider' : 'narrower'} than reckoned`
}
</script>

<template>
  <section class="grid gap-3 md:col-span-2" aria-labelledby="promises-title">
    <div class="card grid gap-1 text-sm">
      <h2 id="promises-title">How good promises have been</h2>
      <p>
        Every cut in a log is held against what was said of it before. Where too little came, doubts are
        stated wider from then on; where more came than was said, narrower.
      </p>
      <ul class="num">
        <li v-for="each in widths" :key="each.of">{{ each.of }}: {{ widthWords(each.scale) }}.</li>
      </ul>
    </div>
    <div class="grid gap-3 md:grid-cols-2">
      <article
        v-for="kind in kinds"
        :key="kind.id"
        class="card grid content-start gap-1.5"
        :aria-label="kind.title"
      >
        <h3>{{ kind.title }}</h3>
        <p v-if="kind.promises.length === 0" class="note">{{ kind.none }}</p>
        <template v-else>
          <p class="num text-sm">{{ kept(kind) }}</p>
          <PromiseChart :title="kind.title" :groups="keptByFirmness(kind.promises)" />
        </template>
      </article>
    </div>
  </section>
</template>
