<script setup lang="ts">
import { computed, shallowRef } from 'vue'
import { fixed } from '@core/length'
import { jobSchema } from '@core/job'
import { limitsOf } from '@core/limits'
import { ASSUMED_MACHINE } from '@core/machine'
import { FAMILIES } from '@core/stock'
import { choiceReason } from '@core/belief'
import { energyWorking, settingSchema, type Setting } from '@core/tune'
import CautionNote from '@web/parts/CautionNote.vue'
import FigureField from '@web/parts/FigureField.vue'
import { useSay } from '@web/parts/say'
import WhyLink from '@web/parts/WhyLink.vue'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import WorkedFigure from '@web/parts/WorkedFigure.vue'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import OwnOperations from './OwnOperations.vue'
import MarkSetting from './MarkSetting.vue'
import OddsCard from './OddsCard.vue'
import PocketTests from './PocketTests.vue'
import TestChart from './TestChart.vue'
import TestSheetCard from './TestSheetCard.vue'
import TestTable from './TestTable.vue'
import { common } from '@web/words'
import { tuneStation as words } from './words'

const jobs = useOpenJob()
const setInterval = (interval: number): boolean =>
  jobs.edit((draft) => {
    draft.tune.interval = interval
  }, 'interval')
const derived = useDerived()
const say = useSay()
const { shape } = settingSchema
const watts = computed(() => (jobs.job.measure.machine ?? ASSUMED_MACHINE).watts)
const choice = computed(() => derived.choice)
const working = computed(() =>
  energyWorking(choice.value.setting, watts.value, choice.value.thickness, say.value),
)
const family = computed(() => jobs.job.measure.stock?.family ?? 'other')
const STANDING = {
  tested: words.testedStock,
  'tested on a like stock': words.testedLikeStock,
  untested: words.notTested,
}
const standing = computed(() =>
  choice.value.test?.result === 'not through' ? words.didNotGo : STANDING[choice.value.standing],
)
const isGood = computed(() => choice.value.standing === 'tested' && choice.value.failed === 0)
/** The test that the odds ask for, on its way into the form. */
const proposed = shallowRef<Setting | null>(null)
const NEVER = words.neverCutPvc

/** Own figures start from what is chosen now. */
const pick = (part: Partial<Setting>, key: string): boolean =>
  jobs.edit((draft) => {
    draft.tune.picked = { ...choice.value.setting, ...part }
  }, key)
const unpick = (): boolean =>
  jobs.edit((draft) => {
    draft.tune.picked = null
  })
/** How rows lie to the width of the spot. */
const burntOften = computed(() => {
  const { interval } = jobs.job.tune
  const { width } = derived.box.kerf
  if (interval > width) return words.rowsFarApart
  return words.eachPlaceBurnt(Math.max(1, Math.round(width / interval)))
})
</script>

<template>
  <div class="grid gap-3 lg:h-full lg:min-h-0 lg:grid-cols-[22rem_1fr]">
    <div class="grid content-start gap-3 lg:min-h-0 lg:overflow-y-auto">
      <section class="card grid gap-2.5" aria-labelledby="setting-title">
        <div class="flex flex-wrap items-baseline justify-between gap-x-2">
          <h2 id="setting-title">{{ words.settingCutting }}</h2>
          <span class="flex gap-2 text-[13px]">
            <span class="font-semibold" :class="isGood ? 'text-moss' : 'text-gorse'">{{ standing }}</span>
            <WhyLink v-if="!isGood" lesson="setting" />
          </span>
        </div>
        <p class="text-sm" data-testid="reason">{{ choiceReason(choice, say) }}</p>
        <div class="grid grid-cols-2 gap-2">
          <FigureField
            data-field="speed"
            :label="common.speed"
            kind="speed"
            :model-value="choice.setting.speed"
            :limits="limitsOf(shape.speed)"
            @update:model-value="pick({ speed: $event }, 'speed')"
          />
          <FigureField
            data-field="power"
            :label="words.power"
            kind="figure"
            unit="%"
            :model-value="choice.setting.power"
            :limits="limitsOf(shape.power)"
            @update:model-value="pick({ power: $event }, 'power')"
          />
          <FigureField
            data-field="passes"
            term="pass"
            :label="words.passes"
            kind="figure"
            :model-value="choice.setting.passes"
            :limits="limitsOf(shape.passes)"
            @update:model-value="pick({ passes: $event }, 'passes')"
          />
          <ToggleSwitch
            data-field="air"
            class="mt-4"
            :label="words.airOn"
            :model-value="choice.setting.air"
            @update:model-value="pick({ air: $event }, '')"
          />
        </div>
        <WorkedFigure
          large
          :label="words.energyPerCut"
          :text="words.jMm(fixed(choice.energy, 2))"
          :working="working"
        />
        <button v-if="jobs.job.tune.picked" type="button" class="btn" @click="unpick">
          {{ words.chooseTestsInstead }}
        </button>
      </section>
      <OddsCard :choice="choice" @use="pick({ speed: $event }, '')" @test="proposed = $event" />
      <MarkSetting mark="score" :title="words.settingScoringLabels" :note="words.onlyDeepRead" />
      <MarkSetting
        v-if="derived.hasPockets"
        mark="pocket"
        :title="words.settingGrooves"
        :note="words.burnTestPocket"
      >
        <template #below><PocketTests /></template>
      </MarkSetting>
      <MarkSetting
        v-if="derived.hasEngraving"
        mark="engrave"
        :title="words.settingEngraving"
        :note="words.rowsNearerSpot"
      >
        <FigureField
          data-field="interval"
          :label="words.rowsApart"
          :model-value="jobs.job.tune.interval"
          :limits="limitsOf(jobSchema.shape.tune.shape.interval)"
          :step="0.01"
          @update:model-value="setInterval"
        />
        <p class="note col-span-2">
          {{ words.beamTakesAbout(say.fine(derived.box.kerf.width), burntOften) }}
        </p>
      </MarkSetting>
      <OwnOperations />
      <CautionNote :title="words.cutting(family)" :cautions="[...FAMILIES[family].cautions, NEVER]" />
    </div>
    <div class="flex min-w-0 flex-col gap-3 lg:min-h-0 lg:overflow-y-auto">
      <TestTable :proposed="proposed" />
      <TestSheetCard />
      <TestChart :chosen="choice.setting" :watts="watts" :thickness="choice.thickness" />
      <p class="note" data-other-unit>
        {{ words.stopFirstEnergy(say.speed(choice.setting.speed), say.otherSpeeds(choice.setting.speed)) }}
      </p>
    </div>
  </div>
</template>
