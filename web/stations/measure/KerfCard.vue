<script setup lang="ts">
import { Ruler } from '@lucide/vue'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import {
  CARRIED_DOUBT,
  doubtKerf,
  doubtPerSide,
  eventsSince,
  kerfRecordSchema,
  kerfWorking,
  newestKerf,
} from '@core/kerf'
import type { Doubt } from '@core/length'
import { limitsOf } from '@core/limits'
import { kerfOfOtherSetting } from '@core/say'
import { stockTitle } from '@core/stock'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import { useSay } from '@web/parts/say'
import TextEntry from '@web/parts/TextEntry.vue'
import WorkedFigure from '@web/parts/WorkedFigure.vue'
import { dayOf } from '@web/data/dates'
import { useBench } from '@web/stores/bench'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useKerfEdits } from './kerf-edits'
import { useSure } from './sure'
import { kerfCard as words } from './words'

const jobs = useOpenJob()
const bench = useBench()
const derived = useDerived()
const say = useSay()
const kerfs = useKerfEdits()
const kerf = computed(() => jobs.job.measure.kerf)
const chosen = computed(() => Boolean(jobs.job.measure.machine && jobs.job.measure.stock))
const working = computed(() => kerfWorking(derived.box.kerf, say.value))

/** An old note may hold the full width or the figure per side: it is asked, and both are shown. */
const per = ref<'full' | 'side'>('full')
const PER = [
  { value: 'full' as const, label: words.fullWidth },
  { value: 'side' as const, label: words.perSide },
]
const factor = computed(() => (per.value === 'side' ? 2 : 1))
const limits = computed(() => {
  const { min, max, whole } = limitsOf(kerfRecordSchema.shape.width)
  return { min, max: max / factor.value, whole }
})
const doubtLimits = limitsOf(kerfRecordSchema.shape.doubt.unwrap())
const doubtOf = (value: number): Doubt | null =>
  (per.value === 'full' ? doubtKerf : doubtPerSide)(value, derived.known.kerfs, say.value)
/** Said to be right: it is not asked about again, here or in Cut. */
const sure = useSure()
const isSure = computed(() => kerf.value !== null && sure.isSure('kerf', stockId.value, kerf.value.width))
const stockId = computed(() => jobs.job.measure.stock?.id ?? '')

const since = computed(() => (kerf.value ? eventsSince(kerf.value, bench.events) : []))
const otherSetting = computed(() => kerfOfOtherSetting(jobs.job, derived.choice, say.value))
/** What this machine took from another stock of the same family. */
const guess = computed(() => {
  const { machine, stock } = jobs.job.measure
  const family = bench.stocks.filter((each) => each.family === stock?.family)
  const record = newestKerf(
    bench.kerfs,
    machine?.id,
    family.map(({ id }) => id),
  )
  return record && { record, from: stockTitle(family.find(({ id }) => id === record.stockId)!) }
})
function carry({ record, from }: NonNullable<typeof guess.value>): void {
  const how = words.guessUntilMeasured(from).slice(0, 200)
  kerfs.record({ width: record.width, doubt: CARRIED_DOUBT, method: 'guess', how, setting: record.setting })
}
</script>

<template>
  <section class="card grid gap-2" aria-labelledby="kerf-title">
    <h2 id="kerf-title">{{ words.kerf }}</h2>
    <p v-if="!chosen" class="note">
      {{ words.kerfBelongsMachine(say.length(derived.box.kerf.width)) }}
    </p>
    <template v-else>
      <RouterLink :to="{ params: { view: 'kerf' } }" class="btn btn-main" data-field="measure-kerf">
        <Ruler :size="16" aria-hidden="true" />
        {{ words.measureKerf }}
      </RouterLink>
      <ChoiceRow v-model="per" :label="words.typeFigure" :options="PER" />
      <div class="grid grid-cols-2 gap-2">
        <FigureField
          :key="per"
          data-field="kerf"
          term="kerf"
          kind="fine"
          :label="per === 'full' ? words.kerfFullWidth : words.kerfPerSide"
          :model-value="kerf ? kerf.width / factor : null"
          :limits="limits"
          :step="0.01"
          :digits="4"
          :doubt="isSure ? undefined : doubtOf"
          why="compensation"
          @sure="sure.say('kerf', stockId, $event * factor)"
          @update:model-value="kerfs.type({ width: $event * factor }, 'kerf')"
        />
        <FigureField
          data-field="kerf-doubt"
          kind="fine"
          :label="words.howSure"
          :model-value="kerf?.doubt ?? null"
          optional
          :limits="doubtLimits"
          :step="0.005"
          @update:model-value="kerfs.type({ doubt: $event }, 'doubt')"
          @clear="kerf && kerfs.type({ doubt: null }, 'doubt')"
        />
      </div>
      <div class="flex flex-wrap gap-x-5">
        <WorkedFigure
          :label="words.fullWidthK"
          :text="say.fine(derived.box.kerf.width)"
          :working="working"
          large
        />
        <WorkedFigure
          :label="words.perSideC"
          :text="say.fine(derived.box.kerf.perSide)"
          :working="working"
          large
        />
      </div>
      <p v-if="!derived.box.kerf.round" class="text-[13px] text-gorse">
        {{
          words.beamNotRound(
            say.finePlain(derived.box.kerf.by.x.width),
            say.fine(derived.box.kerf.by.y.width),
          )
        }}
      </p>
      <template v-if="kerf">
        <p class="note" data-record>{{ kerf.how || words.typed }} · {{ dayOf(kerf.on) }}</p>
        <label class="text-[13px] font-medium" data-field="kerf-setting">
          {{ words.holdsSettingFocus }}
          <TextEntry
            class="input"
            :maxlength="120"
            :placeholder="words.mmSPass"
            :model-value="kerf.setting"
            @update:model-value="kerfs.type({ setting: $event }, 'setting')"
          />
        </label>
      </template>
      <template v-else>
        <p class="note">
          {{ words.notMeasuredPair(say.length(derived.box.kerf.width), say.plain(derived.box.kerf.doubt)) }}
        </p>
        <button v-if="guess" type="button" class="btn" @click="carry(guess)">
          {{ words.guessFrom(guess.from, say.finePlain(guess.record.width), say.length(CARRIED_DOUBT)) }}
        </button>
      </template>
      <p v-if="otherSetting" class="text-[13px] text-gorse">{{ otherSetting }}</p>
      <p v-if="since.length > 0" class="text-[13px] text-gorse">
        {{ words.measuredBeforeMeasure(since.map(({ what }) => what).join(', ')) }}
      </p>
    </template>
  </section>
</template>
