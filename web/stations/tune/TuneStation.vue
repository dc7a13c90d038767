<script setup lang="ts">
import { computed } from 'vue'
import { ASSUMED_MACHINE } from '@core/machine'
import { settingFor } from '@core/job'
import { otherSpeeds, short } from '@core/length'
import { FAMILIES } from '@core/stock'
import { cutEnergy, energyWorking, type Setting } from '@core/tune'
import CautionNote from '@web/parts/CautionNote.vue'
import FigureField from '@web/parts/FigureField.vue'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import WorkedFigure from '@web/parts/WorkedFigure.vue'
import { useDerived } from '@web/stores/derived'
import { useJob } from '@web/stores/job'
import TestChart from './TestChart.vue'
import TestTable from './TestTable.vue'

const jobs = useJob()
const derived = useDerived()
const machine = computed(() => jobs.job!.measure.machine ?? ASSUMED_MACHINE)
const thickness = computed(() => derived.box.thickness.mean)
const choice = computed(() => settingFor(jobs.job!, thickness.value))
const energy = computed(() => cutEnergy(choice.value.setting, machine.value.watts, thickness.value))
const working = computed(() => energyWorking(choice.value.setting, machine.value.watts, thickness.value))
const family = computed(() => jobs.job!.measure.stock?.family ?? 'other')
const STANDING = {
  tested: 'Tested on this stock',
  'tested on a like stock': 'Tested on a like stock only',
  untested: 'Not tested',
}

/** Own figures start from what is chosen now. */
const pick = (part: Partial<Setting>, key: string): void =>
  jobs.edit((draft) => {
    draft.tune.picked = { ...choice.value.setting, ...part }
  }, key)
const score = (part: Partial<Setting>, key: string): void =>
  jobs.edit((draft) => {
    Object.assign(draft.tune.score, part)
  }, key)
</script>

<template>
  <div class="grid h-full min-h-0 grid-cols-[22rem_1fr] gap-3">
    <div class="grid min-h-0 content-start gap-3 overflow-y-auto">
      <section class="card grid gap-2.5" aria-labelledby="setting-title">
        <div class="flex items-baseline justify-between">
          <h2 id="setting-title">Setting for cutting</h2>
          <span
            class="text-[13px] font-semibold"
            :class="choice.standing === 'tested' ? 'text-moss' : 'text-gorse'"
          >
            {{ STANDING[choice.standing] }}
          </span>
        </div>
        <p class="text-sm" data-testid="reason">{{ choice.reason }}</p>
        <div class="grid grid-cols-2 gap-2">
          <FigureField
            label="Speed"
            kind="speed"
            :model-value="choice.setting.speed"
            :min="0.1"
            :max="5000"
            :step="1"
            @update:model-value="pick({ speed: $event }, 'speed')"
          />
          <FigureField
            label="Power"
            kind="figure"
            unit="%"
            :model-value="choice.setting.power"
            :min="1"
            :max="100"
            :step="1"
            @update:model-value="pick({ power: $event }, 'power')"
          />
          <FigureField
            label="Passes"
            kind="figure"
            whole
            :model-value="choice.setting.passes"
            :min="1"
            :max="20"
            @update:model-value="pick({ passes: $event }, 'passes')"
          />
          <ToggleSwitch
            class="mt-4"
            label="Air on"
            :model-value="choice.setting.air"
            @update:model-value="pick({ air: $event }, '')"
          />
        </div>
        <WorkedFigure
          large
          label="Energy per cut face"
          :text="`${energy.toFixed(2)} J/mm²`"
          :working="working"
        />
        <button
          v-if="jobs.job!.tune.picked"
          type="button"
          class="btn"
          @click="
            jobs.edit((draft) => {
              draft.tune.picked = null
            })
          "
        >
          Choose from the tests instead
        </button>
      </section>
      <section class="card grid gap-2" aria-labelledby="score-title">
        <h2 id="score-title">Setting for scoring labels</h2>
        <div class="grid grid-cols-2 gap-2">
          <FigureField
            label="Score speed"
            kind="speed"
            :model-value="jobs.job!.tune.score.speed"
            :min="0.1"
            :max="5000"
            :step="10"
            @update:model-value="score({ speed: $event }, 'score speed')"
          />
          <FigureField
            label="Score power"
            kind="figure"
            unit="%"
            :model-value="jobs.job!.tune.score.power"
            :min="1"
            :max="100"
            @update:model-value="score({ power: $event }, 'score power')"
          />
        </div>
        <p class="note">Only as deep as can be read: try it on waste first.</p>
      </section>
      <CautionNote
        :title="`Cutting ${family === 'other' ? 'this material' : family}`"
        :cautions="[
          ...FAMILIES[family].cautions,
          'Never cut PVC or vinyl: chlorine gas. The machine’s manual and the material’s data sheet come before any figure here.',
        ]"
      />
    </div>
    <div class="flex min-h-0 flex-col gap-3 overflow-y-auto">
      <TestTable />
      <TestChart :chosen="choice.setting" :watts="machine.watts" :thickness="thickness" />
      <p class="note">
        {{ short(choice.setting.speed) }} mm/s is {{ otherSpeeds(choice.setting.speed) }}. Stop at the first
        energy that comes out clean: more only chars.
      </p>
    </div>
  </div>
</template>
