<script setup lang="ts">
import { computed, shallowRef, watchEffect } from 'vue'
import {
  believeCut,
  cuttingOf,
  energyFor,
  needOf,
  nextTest,
  oddsOf,
  type Choice,
  type CutBelief,
} from '@core/belief'
import { ASSUMED_MACHINE } from '@core/machine'
import { jobSchema } from '@core/job'
import { chance, short } from '@core/length'
import { limitsOf } from '@core/limits'
import { speedFor, type Setting } from '@core/tune'
import FigureField from '@web/parts/FigureField.vue'
import { useSay } from '@web/parts/say'
import { useOpenJob } from '@web/stores/job'
import { usePlanner } from '@web/stores/planner'
import InSentence from '@web/parts/InSentence.vue'
import { oddsCard as words } from './words'

/** What the tests say of any setting: odds, the quickest one that is sure enough, the test to make next. */
const props = defineProps<{ choice: Choice }>()
const emit = defineEmits<{ use: [speed: number]; test: [setting: Setting] }>()
const jobs = useOpenJob()
const planner = usePlanner()
const say = useSay()
const machine = computed(() => jobs.job.measure.machine)
const stock = computed(() => jobs.job.measure.stock)
const setting = computed(() => props.choice.setting)
/** Learning weighs thousands of cases: only when tests, machine or stock are others. */
const belief = shallowRef<CutBelief | null>(null)
watchEffect(() => {
  const { tests, since, scale } = jobs.job.tune
  const [on, of] = [machine.value, stock.value]
  belief.value = on && of ? believeCut({ tests, since, scale }, on, of, props.choice.thickness) : null
})
const next = computed(() => belief.value && nextTest(belief.value.need, setting.value.passes))
const need = computed(() => belief.value && needOf(belief.value.need))
const sure = computed(() => jobs.job.tune.sure)
const watts = computed(() => (machine.value ?? ASSUMED_MACHINE).watts)
const oddsAt = (at: Setting): ReturnType<typeof oddsOf> | null =>
  belief.value && oddsOf(belief.value.need, cuttingOf(at, watts.value, props.choice.thickness))
const odds = computed(() => oddsAt(setting.value))
const speedAt = (energy: number): number =>
  speedFor(energy, setting.value, machine.value ?? { ...ASSUMED_MACHINE }, props.choice.thickness)
const surest = computed(() => {
  if (!belief.value) return null
  const speed = speedAt(energyFor(belief.value.need, sure.value / 100, setting.value.passes))
  return { speed, charred: oddsAt({ ...setting.value, speed })!.charred }
})
/** What did not go through, at this setting. */
const failed = computed(() => {
  const { failed, from } = props.choice
  if (failed === 0 || from === 'failures') return ''
  return words.didNotGo(failed)
})
/** What the other speed would take off the cutting, in minutes. */
const saved = computed(() => {
  const cutting = planner.plan?.total.cutting
  if (!cutting || !surest.value) return ''
  const minutes = (cutting * (1 - setting.value.speed / surest.value.speed)) / 60
  if (Math.abs(minutes) < 0.1) return words.takesLong
  const about = `${short(Math.abs(Math.round(minutes * 10) / 10))} min`
  return minutes > 0 ? words.savesAboutJob(about) : words.takesAboutLonger(about)
})
/** From there on it is said that a record widened it. */
const NOTED = 1.1
const basis = computed(() => {
  const { own = 0, others = 0, before = 0 } = belief.value ?? {}
  const { scale } = jobs.job.tune
  const from = words.fromTests(own === 0 ? words.noTest : words.tests(own), others, before)
  return [
    own + others === 0 ? words.noTestYet : from,
    ...(scale > NOTED ? [words.cutsCameThrough] : []),
  ].join(' ')
})
const setSure = (value: number): boolean =>
  jobs.edit((draft) => {
    draft.tune.sure = value
  }, 'sure')
</script>

<template>
  <section v-if="need && odds && surest && next" class="card grid gap-2" aria-labelledby="odds-title">
    <h2 id="odds-title">{{ words.howSure }}</h2>
    <p class="text-sm" data-testid="cut-odds">
      <InSentence :text="words.goesThrough">
        <template #through><strong>{{ chance(odds.through) }}</strong></template>
        <template #charred><strong>{{ chance(odds.charred) }}</strong></template>
      </InSentence>
      {{ failed }} {{ basis }}
    </p>
    <p class="note num">
      {{
        words.halfAllCuts(
          short(Math.round(need.energy * 100) / 100),
          short(Math.round(need.low * 100) / 100),
          short(Math.round(need.high * 100) / 100),
        )
      }}
    </p>
    <FigureField
      data-field="sure"
      :label="words.howSureMust"
      kind="figure"
      unit="%"
      :model-value="sure"
      :limits="limitsOf(jobSchema.shape.tune.shape.sure)"
      @update:model-value="setSure"
    />
    <p class="text-sm" data-testid="surest">
      <InSentence :text="words.quickest(sure, short(setting.power), chance(surest.charred))">
        <template #speed><strong>{{ say.speed(surest.speed) }}</strong></template>
      </InSentence>
      {{ saved }}
    </p>
    <button type="button" class="btn" @click="emit('use', surest.speed)">{{ words.useIt }}</button>
    <p class="text-sm" data-testid="next-test">
      <InSentence :text="words.tellsMost(short(setting.power), chance(next.left))">
        <template #speed><strong>{{ say.speed(speedAt(next.energy)) }}</strong></template>
      </InSentence>
    </p>
    <button type="button" class="btn" @click="emit('test', { ...setting, speed: speedAt(next.energy) })">
      {{ words.testNext }}
    </button>
  </section>
</template>
