<script setup lang="ts">
import { Check, Scissors } from '@lucide/vue'
import { computed } from 'vue'
import { beliefOf } from '@core/belief'
import { tasteOf, type TasteRecord } from '@core/fit'
import { combEndNote, combWorking, type CombResult } from '@core/kerf'
import { withCurrentTrial } from '@core/job'
import CautionNote from '@web/parts/CautionNote.vue'
import { useSay } from '@web/parts/say'
import WorkedFigure from '@web/parts/WorkedFigure.vue'
import { useBench } from '@web/stores/bench'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useMessages } from '@web/stores/messages'
import { useTrial } from './trial'
import { combOutcome as words } from './words'

const props = defineProps<{ comb: CombResult }>()
const jobs = useOpenJob()
const bench = useBench()
const derived = useDerived()
const say = useSay()
const { trial } = useTrial()
const family = computed(() => jobs.job.measure.stock?.family ?? 'other')
const offset = computed(() => tasteOf(beliefOf(jobs.job.measure)).offset)
const end = computed(() => combEndNote(props.comb, say.value))
const taste = computed(() => {
  const doubt = say.value.finePlain(props.comb.tasteDoubt)
  return `${say.value.finePlain(props.comb.taste)} ± ${doubt} ${say.value.lengthUnit}`
})
const half = (value: number): number => Number(Math.max(0.001, value).toFixed(5))

/** What the comb read, as a record: one per measurement, however often it is kept. */
function recordOf(id: string): TasteRecord {
  const { best, own, taste: interference, tasteDoubt, kerf } = props.comb
  return {
    id,
    family: family.value,
    interference: Number(interference.toFixed(5)),
    doubt: half(tasteDoubt),
    own: half(own),
    kerfId: derived.box.kerf.id,
    best,
    slot: null,
    from: 'comb',
    word: null,
    on: new Date().toISOString(),
    note: words.mmPerSide(best.toFixed(3), kerf.toFixed(3)),
  }
}

function keepTaste(): void {
  const id = trial.value.keptAs ?? crypto.randomUUID()
  const record = recordOf(id)
  const done = jobs.edit(
    ({ measure }) => {
      measure.belief = bench.beliefFor(measure, { tastes: [record] })
      measure.trials = withCurrentTrial({ ...trial.value, keptAs: id }, jobs.job.measure)
    },
    '',
    bench.putting('tastes', record),
  )
  if (!done) return
  const snug = say.value.fine(offset.value)
  useMessages().say('said', words.ownSnugBench(family.value, snug))
}

/** Cuts this job just as the best pair was cut; half of the kerf is compensation, the rest interference. */
function cutSo(): void {
  const interference = Number((2 * props.comb.best - derived.box.kerf.width).toFixed(5))
  const done = jobs.edit((draft) => {
    draft.interference = interference
  })
  if (!done) return
  const perSide = say.value.fine(props.comb.best)
  useMessages().say('said', words.jobCutPer(perSide))
}
</script>

<template>
  <WorkedFigure large :label="words.ownSnugInterference" :text="taste" :working="combWorking(comb, say)" />
  <CautionNote :cautions="end ? [end] : []" why="comb" />
  <p class="note">
    {{ words.snugAlreadyPair(say.fine(offset), say.finePlain(comb.kerfIfTaste), say.fine(comb.kerfDoubt)) }}
  </p>
  <p v-if="!derived.box.kerf.measured" class="text-[13px] text-gorse">
    {{ words.kerfOnlyAssumed }}
  </p>
  <button type="button" class="btn btn-main" @click="cutSo">
    <Scissors :size="16" aria-hidden="true" />
    {{ words.cutPerSide(say.fine(comb.best)) }}
  </button>
  <button type="button" class="btn" :disabled="Boolean(comb.oneSided)" @click="keepTaste">
    <Check :size="16" aria-hidden="true" />
    {{ words.keepMyOwn(family) }}
  </button>
</template>
