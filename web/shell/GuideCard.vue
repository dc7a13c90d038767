<script setup lang="ts">
import { Check, X } from '@lucide/vue'
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import type { Station } from '@core/say'
import { useDerived } from '@web/stores/derived'
import { useGuide } from '@web/stores/guide'
import { useOpenJob } from '@web/stores/job'

/** A first job, step by step: the next thing to do, and where. It ticks itself off. */
defineProps<{ here: Station }>()
const jobs = useOpenJob()
const derived = useDerived()
const guide = useGuide()

interface Step {
  station: Station
  view?: 'kerf'
  text: string
  done: boolean
}
const steps = computed((): Step[] => {
  const { measure, cut, build, log } = jobs.job
  const { thickness, kerf, panels } = derived.box
  return [
    { station: 'measure', text: 'Choose or add the laser you cut on.', done: measure.machine !== null },
    { station: 'measure', text: 'Choose or add the sheet you cut.', done: measure.stock !== null },
    {
      station: 'measure',
      text: 'Measure the sheet with calipers in three places: its label is only a name.',
      done: thickness.readings >= 3,
    },
    {
      station: 'measure',
      view: 'kerf',
      text: 'Cut a test piece and measure the kerf: what the beam takes away decides how joints fit.',
      done: kerf.measured,
    },
    {
      station: 'shape',
      text: 'Type the size of your box, outside or inside, and which fit you want.',
      done: panels !== null && jobs.canUndo && kerf.measured,
    },
    {
      station: 'tune',
      text: 'Write down a test cut of this sheet: speed, power, and what came out.',
      done: derived.choice.standing === 'tested',
    },
    { station: 'cut', text: 'Look at the checks, then write the cut file.', done: cut.written !== null },
    { station: 'build', text: 'Dry-fit, then glue in this order.', done: build.done.length > 0 },
    {
      station: 'log',
      text: 'Write down how it fitted: the next prediction gets better.',
      done: log.length > 0,
    },
  ]
})
const next = computed(() => steps.value.findIndex(({ done }) => !done))
</script>

<template>
  <section
    v-if="guide.job === jobs.job.id"
    class="no-print mb-3 flex flex-wrap items-center gap-x-3 gap-y-1 rounded-md border border-heather bg-heather-wash p-2.5 text-sm"
    aria-label="Your first job"
  >
    <strong class="num">
      {{ next < 0 ? `${steps.length} of ${steps.length}` : `${next + 1} of ${steps.length}` }}
    </strong>
    <p v-if="next < 0" class="min-w-48 flex-1">
      <Check :size="16" class="inline" aria-hidden="true" />
      That was the whole way. The next job goes the same one.
    </p>
    <template v-else>
      <p class="min-w-48 flex-1">{{ steps[next].text }}</p>
      <RouterLink
        :to="{ params: { station: steps[next].station, view: steps[next].view ?? '' } }"
        class="btn px-2 py-1"
      >
        {{ steps[next].station === here && !steps[next].view ? 'It is on this page' : 'Go there' }}
      </RouterLink>
    </template>
    <button type="button" class="btn-icon" aria-label="Leave the guide" @click="guide.end()">
      <X :size="16" />
    </button>
  </section>
</template>
