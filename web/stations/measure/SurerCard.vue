<script setup lang="ts">
import { computed, ref, shallowRef, watchEffect } from 'vue'
import { useRouter } from 'vue-router'
import { beliefsOf, nextSteps, type CheckRecord, type Next } from '@core/belief'
import { percent } from '@core/length'
import FigureField from '@web/parts/FigureField.vue'
import { useSay } from '@web/parts/say'
import { useBench } from '@web/stores/bench'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useMessages } from '@web/stores/messages'
import { trialBy } from '@core/job'
import { useTrial } from './trial'
import { surerCard as words } from './words'

/** What could be measured to be surer of the fit, with its minutes and what it would bring. */
const jobs = useOpenJob()
const bench = useBench()
const derived = useDerived()
const say = useSay()
const { trial, take } = useTrial()
const router = useRouter()

const WHAT: Record<Next['what'], { title: string; how: string }> = {
  squares: { title: words.twoMoreSquares, how: words.cutMeasureThem },
  play: {
    title: words.playJointAfter,
    how: words.notchMinusTab,
  },
  calipers: {
    title: words.calipersGauge,
    how: words.measureSomethingWhose,
  },
  face: {
    title: words.squaresOtherFace,
    how: words.turnSquaresOver,
  },
  place: {
    title: words.squaresThreePlaces,
    how: words.middleEachFar,
  },
  day: {
    title: words.threeSquaresAnother,
    how: words.warmTubeDamp,
  },
  setting: {
    title: words.squaresSettingJob,
    how: words.moreLessEnergy,
  },
}
const MOST = 4
/** Squares that a step takes. */
const SQUARES: Partial<Record<Next['what'], number>> = { squares: 2, place: 3, setting: 3, day: 3 }
/** Goes to where it is done, with its squares ready to be cut. */
function prepare(what: Next['what']): void {
  const count = SQUARES[what]
  const { id } = jobs.job
  if (count === undefined) {
    void router.push(`/job/${id}/log`)
    return
  }
  const squares = trialBy('squares', jobs.job.measure)
  if (take({ ...squares, squares: { ...squares.squares, count }, readings: [], keptAs: null }))
    void router.push(`/job/${id}/measure/kerf`)
}
const LENGTHS = { min: 0, max: 300, whole: false }
const ready = computed(() => jobs.job.measure.machine !== null && jobs.job.measure.stock !== null)
/** Some twenty thousand cases: weighed when the station stands, and once what bears on it is still. */
const steps = shallowRef<Next[]>([])
const STILL = 200
watchEffect((onCleanup) => {
  if (!ready.value) return
  const evidence = bench.evidenceFor(jobs.job.measure)
  const { wanted } = derived.fit
  const timer = setTimeout(() => {
    steps.value = nextSteps(beliefsOf(evidence), evidence, wanted).slice(0, MOST)
  }, STILL)
  onCleanup(() => clearTimeout(timer))
})

const open = ref<Check | null>(null)
const size = ref<number | null>(null)
const reading = ref<number | null>(null)
type Check = Exclude<Next['what'], 'squares' | 'play'>
const isCheck = (what: Next['what']): what is Check => what !== 'squares' && what !== 'play'
function begin(what: Check): void {
  open.value = open.value === what ? null : what
  size.value = what === 'calipers' ? 10 : trial.value.squares.side
  reading.value = null
}
/** Half of the 95 % interval of what a few readings say, mm. [FM] */
const DOUBTS: Record<Check, number> = {
  calipers: 0.006,
  face: 0.009,
  place: 0.009,
  setting: 0.009,
  day: 0.009,
}
/** By how much the kerf is more than its record says. */
function offOf(about: Check, of: number, read: number): number {
  if (about === 'calipers') return read - of
  const more = of - read - (jobs.job.measure.kerf?.width ?? 0)
  // A joint feels the mean of both faces.
  return about === 'face' ? more / 2 : more
}
const UNLIKELY = 0.3
const error = ref('')
function keep(about: Check): void {
  const { machine, stock, kerf } = jobs.job.measure
  if (size.value === null || reading.value === null || !kerf || !machine || !stock) return
  const off = offOf(about, size.value, reading.value)
  error.value = Math.abs(off) > UNLIKELY ? words.moreKerfBoth : ''
  if (error.value) return
  const record: CheckRecord = {
    id: crypto.randomUUID(),
    about,
    machineId: about === 'calipers' ? null : machine.id,
    stockId: about === 'calipers' ? null : stock.id,
    kerfId: kerf.id,
    off: [Number(off.toFixed(4))],
    at: [null],
    doubt: DOUBTS[about],
    slot: null,
    on: new Date().toISOString(),
    note: '',
  }
  const done = jobs.edit(
    ({ measure }) => {
      measure.belief = bench.beliefFor(measure, { checks: [record] })
    },
    '',
    bench.putting('checks', record),
  )
  if (!done) return
  open.value = null
  useMessages().say('said', words.keptKerfNow(WHAT[about].title, say.value.fine(derived.box.kerf.width)))
}
</script>

<template>
  <section
    v-if="ready && steps.length > 0"
    class="card grid gap-2"
    aria-labelledby="surer-title"
    data-field="surer"
  >
    <h2 id="surer-title">{{ words.makeSurer }}</h2>
    <ul class="grid gap-2">
      <li v-for="step in steps" :key="step.what" class="grid gap-1">
        <p class="flex flex-wrap items-baseline justify-between gap-x-3 text-sm">
          <strong>{{ WHAT[step.what].title }}</strong>
          <span class="num">
            {{ words.surerBy(step.minutes, derived.fit.wanted, percent(step.from), percent(step.to)) }}
          </span>
        </p>
        <p class="note">{{ WHAT[step.what].how }}</p>
        <div class="flex flex-wrap gap-1.5">
          <button
            v-if="SQUARES[step.what] || step.what === 'play'"
            type="button"
            class="btn px-2 py-0.5"
            @click="prepare(step.what)"
          >
            {{ SQUARES[step.what] ? words.prepareSquares(SQUARES[step.what]!) : words.goLog }}
          </button>
          <button
            v-if="isCheck(step.what)"
            type="button"
            class="btn px-2 py-0.5"
            :aria-expanded="open === step.what"
            @click="begin(step.what)"
          >
            {{ words.writeDown }}
          </button>
        </div>
        <template v-if="isCheck(step.what)">
          <form
            v-if="open === step.what"
            class="flex flex-wrap items-end gap-2"
            :aria-label="WHAT[step.what].title"
            @submit.prevent="keep(step.what)"
          >
            <FigureField
              class="w-36"
              :label="step.what === 'calipers' ? words.theGaugeIs : words.squaresDrawn"
              :model-value="size"
              :limits="LENGTHS"
              :step="0.01"
              @update:model-value="size = $event"
            />
            <FigureField
              class="w-36"
              :label="step.what === 'calipers' ? words.theyShow : words.measureMean"
              optional
              :model-value="reading"
              :limits="LENGTHS"
              :step="0.01"
              @update:model-value="reading = $event"
              @clear="reading = null"
            />
            <button type="submit" class="btn" :disabled="reading === null || size === null">
              {{ words.keepIt }}
            </button>
            <p v-if="error" class="w-full text-[13px] text-rowan" role="alert">{{ error }}</p>
          </form>
        </template>
      </li>
    </ul>
  </section>
</template>
