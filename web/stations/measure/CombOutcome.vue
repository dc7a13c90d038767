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
    note: `${best.toFixed(3)} mm per side, kerf ${kerf.toFixed(3)}`,
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
  useMessages().say('said', `Your own snug in ${family.value} is on the bench: ${snug} per glue line.`)
}

/** Cuts this job just as the best pair was cut; half of the kerf is compensation, the rest interference. */
function cutSo(): void {
  const interference = Number((2 * props.comb.best - derived.box.kerf.width).toFixed(5))
  const done = jobs.edit((draft) => {
    draft.interference = interference
  })
  if (!done) return
  const perSide = say.value.fine(props.comb.best)
  useMessages().say('said', `This job is cut with ${perSide} per side, as the pair that felt best was.`)
}
</script>

<template>
  <WorkedFigure
    large
    label="Your own snug, interference per glue line"
    :text="taste"
    :working="combWorking(comb, say)"
  />
  <CautionNote :cautions="end ? [end] : []" why="comb" />
  <p class="note">
    If your snug is {{ say.fine(offset) }} already, this pair says a kerf of
    {{ say.finePlain(comb.kerfIfTaste) }} ± {{ say.fine(comb.kerfDoubt) }} instead: a comb alone cannot tell
    the two apart.
  </p>
  <p v-if="!derived.box.kerf.measured" class="text-[13px] text-gorse">
    The kerf is only assumed: measure it by squares or a strip first, or its error goes into your taste.
  </p>
  <button type="button" class="btn btn-main" @click="cutSo">
    <Scissors :size="16" aria-hidden="true" />
    Cut with {{ say.fine(comb.best) }} per side now
  </button>
  <button type="button" class="btn" :disabled="Boolean(comb.oneSided)" @click="keepTaste">
    <Check :size="16" aria-hidden="true" />
    Keep as my own snug in {{ family }}
  </button>
</template>
