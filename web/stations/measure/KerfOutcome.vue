<script setup lang="ts">
import { Check } from '@lucide/vue'
import { computed } from 'vue'
import { believeFit } from '@core/belief'
import { predictFit, type FitPrediction } from '@core/fit'
import {
  adviseNext,
  kerfNotes,
  kerfOf,
  kerfUnusable,
  resultWorking,
  type KerfRecord,
  type KerfResult,
} from '@core/kerf'
import CautionNote from '@web/parts/CautionNote.vue'
import { useSay } from '@web/parts/say'
import WorkedFigure from '@web/parts/WorkedFigure.vue'
import { useBench } from '@web/stores/bench'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useKeptKerf } from './kept-kerf'
import { useTrial } from './trial'
import { kerfOutcome as words } from './words'

const props = defineProps<{ kerf: KerfResult }>()
const jobs = useOpenJob()
const bench = useBench()
const derived = useDerived()
const say = useSay()
const keep = useKeptKerf()
const { trial, result } = useTrial()

/** A record as it would be kept. */
const recordIf = (width: number, doubt: number | null): KerfRecord => ({
  id: words.notKeptYet,
  machineId: jobs.job.measure.machine?.id ?? '',
  stockId: jobs.job.measure.stock?.id ?? '',
  width,
  doubt,
  kx: null,
  ky: null,
  method: trial.value.method,
  setting: '',
  on: '',
  how: '',
})
/** The fit if a kerf were used with a given doubt. */
function fitWith(width: number, doubt: number | null): FitPrediction {
  const { interference, measure, box, cut } = jobs.job
  return predictFit({
    kerf: kerfOf({ width, doubt, how: '' }),
    thickness: derived.box.thickness,
    compensate: cut.compensation,
    interference,
    proud: box.proud,
    belief: believeFit({ ...bench.evidenceFor(measure), kerf: recordIf(width, doubt) }),
    boundaries: [],
    tabbed: true,
    slots: [],
  })
}
const advice = computed(() => {
  if (props.kerf.oneSided || props.kerf.width <= 0) return []
  const { width, doubt } = props.kerf
  const now = fitWith(width, doubt)
  const odds = {
    word: now.wanted,
    now: now.odds[now.wanted],
    with: (then: number) => fitWith(width, then).odds[now.wanted],
  }
  return adviseNext(doubt, trial.value.method, result.value.squares, odds, say.value)
})
const unusable = computed(() => (props.kerf.oneSided ? '' : kerfUnusable(props.kerf, say.value)))
const text = computed(() => {
  const { width, doubt, oneSided } = props.kerf
  const figure = say.value.finePlain(width)
  if (oneSided) return `${oneSided} ${figure} ${say.value.lengthUnit}`
  return `${figure}${doubt === null ? '' : ` ± ${say.value.finePlain(doubt)}`} ${say.value.lengthUnit}`
})
</script>

<template>
  <WorkedFigure large :label="words.kerfFullWidth" :text="text" :working="resultWorking(kerf, say)" />
  <WorkedFigure :label="words.perSide" :text="say.fine(kerf.width / 2)" />
  <div v-if="kerf.kx !== null && kerf.ky !== null" class="flex gap-5">
    <WorkedFigure :label="words.acrossKx" :text="say.fine(kerf.kx)" />
    <WorkedFigure :label="words.alongKy" :text="say.fine(kerf.ky)" />
  </div>
  <CautionNote :cautions="kerfNotes(kerf, say)" why="kerf" />
  <p v-if="unusable" class="text-[13px] text-rowan" role="alert">{{ unusable }}</p>
  <button
    type="button"
    class="btn btn-main"
    :disabled="Boolean(unusable || kerf.oneSided)"
    @click="keep(kerf)"
  >
    <Check :size="16" aria-hidden="true" />
    {{ words.useKerf }}
  </button>
  <div v-if="advice.length > 0" class="border-t border-line pt-2" data-testid="advice">
    <h3>{{ words.whatNext }}</h3>
    <p v-for="each in advice" :key="each.kind" class="mt-1 text-sm">{{ each.says }}</p>
  </div>
</template>
