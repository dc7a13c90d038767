<script setup lang="ts">
import { Check, X } from '@lucide/vue'
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { emptyJob } from '@core/job'
import { unsaidOf, type Station } from '@core/say'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { useGuide } from '@web/stores/guide'
import { useOpenJob } from '@web/stores/job'

/** A first job, step by step: the next thing to do, and where. It ticks itself off. */
defineProps<{ here: Station }>()
const jobs = useOpenJob()
const derived = useDerived()
const guide = useGuide()
const say = useSay()

interface Step {
  station: Station
  view?: 'kerf'
  text: string
  done: boolean
  /** What may be right as it stands: its name, and what the button says. */
  confirm?: { step: string; label: string }
}
/** The size that every new job begins with: given is what is another one, or was said to be right. */
const BEGUN = emptyJob('', '-', '').box
const isSized = computed(() => {
  const { box, also } = jobs.job
  const isOther = (['width', 'depth', 'height'] as const).some((side) => box[side] !== BEGUN[side])
  return isOther || also.length > 0 || guide.confirmed.includes('size')
})
const steps = computed((): Step[] => {
  const { measure, cut, build, log } = jobs.job
  const { thickness, kerf, panels, sizes } = derived.box
  const open = new Set(unsaidOf(jobs.job).map(({ what }) => what))
  const outside = say.value.size([sizes.outer.x, sizes.outer.y, sizes.outer.z])
  return [
    {
      station: 'measure',
      text: 'Choose the laser you cut on, or add it and type its bed, watts and speeds.',
      done: measure.machine !== null && !open.has('machine figures'),
    },
    {
      station: 'measure',
      text: 'Choose the sheet you cut, or add it and type what its label says and how large it is.',
      done: measure.stock !== null && !open.has('stock figures'),
    },
    {
      station: 'measure',
      text: 'Measure the sheet with calipers in three places: its label is only a name.',
      done: thickness.readings >= 3,
    },
    {
      station: 'tune',
      text: 'Cut a short line to find a setting that goes through, and write down what came out.',
      done: derived.choice.standing === 'tested',
    },
    {
      station: 'measure',
      view: 'kerf',
      text: 'Cut a test piece at that setting and measure the kerf: it decides how joints fit.',
      done: kerf.measured,
    },
    {
      station: 'shape',
      text: `Type the size of your box and which fit you want. Now it is ${outside} outside.`,
      done: panels !== null && isSized.value,
      confirm: { step: 'size', label: 'That is the size' },
    },
    {
      station: 'cut',
      text: 'Read what will be cut, look at the checks, then write the cut file.',
      done: cut.written !== null,
    },
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
      <button
        v-if="steps[next].confirm && steps[next].station === here"
        type="button"
        class="btn px-2 py-1"
        @click="guide.confirm(steps[next].confirm!.step)"
      >
        {{ steps[next].confirm!.label }}
      </button>
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
