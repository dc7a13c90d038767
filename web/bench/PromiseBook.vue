<script setup lang="ts">
import { computed } from 'vue'
import { fitPromises, fitScale, gapPromises, keptByFirmness, throughPromises } from '@core/belief'
import { percent } from '@core/length'
import { clockOf, clockPromises } from '@core/plan'
import { useBench } from '@web/stores/bench'
import PromiseChart from './PromiseChart.vue'
import { promiseBook as words } from './words'

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
    title: words.fitAsked,
    promises: fitPromises(bench.promises),
    none: words.sayLogHow,
  },
  {
    id: 'gap',
    title: words.gapsInsideInterval,
    promises: gapPromises(bench.promises),
    none: words.measurePlayLog,
  },
  {
    id: 'through',
    title: words.cutsGoThrough,
    promises: throughPromises(bench.promises),
    none: words.sayLogWhether,
  },
  {
    id: 'minutes',
    title: words.minutesInsideRange,
    promises: machines.value.flatMap(({ runs }) => clockPromises(runs)),
    none: words.writeDownLog,
  },
])
const kept = ({ promises }: Kind): string => {
  const came = promises.filter((each) => each.came).length
  const said = promises.reduce((sum, each) => sum + each.said, 0) / promises.length
  return words.promiseCameSaid(came, promises.length, percent(said))
}
/** What follows from it: how much wider or narrower things are stated now. */
const widths = computed(() => [
  { of: words.fitGaps, scale: fitScale(bench.promises) },
  ...machines.value.map(({ name, runs }) => ({ of: words.minutesOn(name), scale: clockOf(runs).scale })),
])
const widthWords = (scale: number): string => {
  if (Math.abs(scale - 1) < 0.02) return words.statedReckoned
  return words.stated(percent(Math.abs(scale - 1)), scale > 1)
}
</script>

<template>
  <section class="grid gap-3 md:col-span-2" aria-labelledby="promises-title">
    <div class="card grid gap-1 text-sm">
      <h2 id="promises-title">{{ words.howGoodPromises }}</h2>
      <p>
        {{ words.everyCutLog }}
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
