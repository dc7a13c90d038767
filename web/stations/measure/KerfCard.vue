<script setup lang="ts">
import { Ruler } from '@lucide/vue'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { kerfOfOtherSetting, settingFor } from '@core/job'
import { CARRIED_DOUBT, doubtKerf, eventsSince, newestKerf } from '@core/kerf'
import { fixed } from '@core/length'
import { stockTitle } from '@core/stock'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import TextEntry from '@web/parts/TextEntry.vue'
import WorkedFigure from '@web/parts/WorkedFigure.vue'
import { useBench } from '@web/stores/bench'
import { useDerived } from '@web/stores/derived'
import { useJob } from '@web/stores/job'
import { useKerfEdits } from './kerf-edits'

const jobs = useJob()
const bench = useBench()
const derived = useDerived()
const kerfs = useKerfEdits()
const kerf = computed(() => jobs.job!.measure.kerf)
const chosen = computed(() => Boolean(jobs.job!.measure.machine && jobs.job!.measure.stock))
/** An old note may hold the full width or the figure per side: it is asked, and both are shown. */
const per = ref<'full' | 'side'>('full')
const factor = computed(() => (per.value === 'side' ? 2 : 1))
const since = computed(() => (kerf.value ? eventsSince(kerf.value, bench.events) : []))
const otherSetting = computed(() =>
  kerfOfOtherSetting(jobs.job!, settingFor(jobs.job!, derived.box.thickness.mean)),
)
/** What this machine took from another stock of the same family. */
const guess = computed(() => {
  const { machine, stock } = jobs.job!.measure
  const family = bench.stocks.filter((each) => each.family === stock?.family)
  const record = newestKerf(
    bench.kerfs,
    machine?.id,
    family.map(({ id }) => id),
  )
  return record && { record, from: stockTitle(family.find(({ id }) => id === record.stockId)!) }
})
const carry = ({ record, from }: NonNullable<typeof guess.value>): void =>
  kerfs.record({
    width: record.width,
    doubt: CARRIED_DOUBT,
    method: 'guess',
    how: `A guess from ${from}, until it is measured`.slice(0, 200),
    setting: record.setting,
  })
/** What this machine takes from other stocks: half or double of it is a slip. */
const elsewhere = computed(() =>
  bench.kerfs
    .filter(
      ({ machineId, stockId }) =>
        machineId === jobs.job!.measure.machine?.id && stockId !== jobs.job!.measure.stock?.id,
    )
    .map(({ width }) => width / factor.value),
)
</script>

<template>
  <section class="card grid gap-2" aria-labelledby="kerf-title">
    <h2 id="kerf-title">Kerf</h2>
    <p v-if="!chosen" class="note">
      Kerf belongs to a machine and a stock: choose both first. Until then
      {{ fixed(derived.box.kerf.width, 2) }} mm is assumed.
    </p>
    <template v-else>
      <RouterLink :to="{ params: { view: 'kerf' } }" class="btn btn-main">
        <Ruler :size="16" aria-hidden="true" />
        Measure the kerf
      </RouterLink>
      <ChoiceRow
        v-model="per"
        label="Or type it; the figure is"
        :options="[
          { value: 'full' as const, label: 'full width' },
          { value: 'side' as const, label: 'per side' },
        ]"
      />
      <div class="grid grid-cols-2 gap-2">
        <FigureField
          :key="per"
          :label="per === 'full' ? 'Kerf, full width' : 'Kerf, per side'"
          :model-value="kerf ? kerf.width / factor : null"
          :min="0"
          :max="5 / factor"
          :step="0.01"
          :digits="4"
          :doubt="(value) => (per === 'full' ? doubtKerf(value, elsewhere) : null)"
          @update:model-value="kerfs.type({ width: $event * factor }, 'kerf')"
        />
        <FigureField
          label="How sure, ±"
          :model-value="kerf?.doubt ?? null"
          optional
          :min="0"
          :max="1"
          :step="0.005"
          @update:model-value="kerfs.type({ doubt: $event }, 'doubt')"
          @clear="kerf && kerfs.type({ doubt: null }, 'doubt')"
        />
      </div>
      <div class="flex gap-5">
        <WorkedFigure
          label="Full width k"
          :text="`${fixed(derived.box.kerf.width, 3)} mm`"
          :working="derived.box.kerf.working"
          large
        />
        <WorkedFigure
          label="Per side, c = k ÷ 2"
          :text="`${fixed(derived.box.kerf.perSide, 3)} mm`"
          :working="derived.box.kerf.working"
          large
        />
      </div>
      <template v-if="kerf">
        <p class="note">{{ kerf.how || 'Typed' }} · {{ kerf.on.slice(0, 10) }}</p>
        <label class="text-[13px] font-medium">
          It holds for this setting and focus
          <TextEntry
            class="input"
            :maxlength="120"
            placeholder="12 mm/s, 65 %, 1 pass, focus on the face"
            :model-value="kerf.setting"
            @update:model-value="kerfs.type({ setting: $event }, 'setting')"
          />
        </label>
      </template>
      <template v-else>
        <p class="note">
          Not measured for this pair: {{ fixed(derived.box.kerf.width, 2) }} mm is assumed, and may be wrong
          by {{ fixed(derived.box.kerf.doubt, 2) }}.
        </p>
        <button v-if="guess" type="button" class="btn" @click="carry(guess)">
          Guess from {{ guess.from }}: {{ fixed(guess.record.width, 3) }} ± {{ fixed(CARRIED_DOUBT, 2) }} mm
        </button>
      </template>
      <p v-if="otherSetting" class="text-[13px] text-gorse">{{ otherSetting }}</p>
      <p v-if="since.length > 0" class="text-[13px] text-gorse">
        Measured before: {{ since.map(({ what }) => what).join(', ') }}. Measure again.
      </p>
    </template>
  </section>
</template>
