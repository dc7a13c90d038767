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
import { chance, counted, short } from '@core/length'
import { limitsOf } from '@core/limits'
import { speedFor, type Setting } from '@core/tune'
import FigureField from '@web/parts/FigureField.vue'
import { useSay } from '@web/parts/say'
import { useOpenJob } from '@web/stores/job'
import { usePlanner } from '@web/stores/planner'

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
  return ` It did not go through in ${counted(failed, 'test')}.`
})
/** What the other speed would take off the cutting, in minutes. */
const saved = computed(() => {
  const cutting = planner.plan?.total.cutting
  if (!cutting || !surest.value) return ''
  const minutes = (cutting * (1 - setting.value.speed / surest.value.speed)) / 60
  if (Math.abs(minutes) < 0.1) return 'It takes as long.'
  const about = `${short(Math.abs(Math.round(minutes * 10) / 10))} min`
  return minutes > 0
    ? `That saves about ${about} on this job.`
    : `That takes about ${about} longer on this job.`
})
/** From there on it is said that a record widened it. */
const NOTED = 1.1
const basis = computed(() => {
  const { own = 0, others = 0, before = 0 } = belief.value ?? {}
  const more = others > 0 ? `, and ${others} on other stocks of this machine` : ''
  const { scale } = jobs.job.tune
  const wider =
    scale > NOTED ? ' Cuts came through less often than was said: what is not tried counts as less sure.' : ''
  if (own + others === 0)
    return `No test yet: this is the energy rule alone, and stocks differ up to tenfold.${wider}`
  const older =
    before > 0 ? ` ${before} of them are older than the last work on the machine, and count less.` : ''
  return `From ${own === 0 ? 'no test' : counted(own, 'test')} on this stock${more}.${older}${wider}`
})
const setSure = (value: number): boolean =>
  jobs.edit((draft) => {
    draft.tune.sure = value
  }, 'sure')
</script>

<template>
  <section v-if="need && odds && surest && next" class="card grid gap-2" aria-labelledby="odds-title">
    <h2 id="odds-title">How sure it is</h2>
    <p class="text-sm" data-testid="cut-odds">
      This setting goes through with odds of
      <strong>{{ chance(odds.through) }}</strong>
      {{ ' and' }} chars with
      <strong>{{ `${chance(odds.charred)}.` }}</strong>
      {{ failed }} {{ basis }}
    </p>
    <p class="note num">
      Half of all cuts go through at {{ short(Math.round(need.energy * 100) / 100) }} J/mm², likely
      {{ short(Math.round(need.low * 100) / 100) }} to {{ short(Math.round(need.high * 100) / 100) }}.
    </p>
    <FigureField
      data-field="sure"
      label="How sure it must be"
      kind="figure"
      unit="%"
      :model-value="sure"
      :limits="limitsOf(jobSchema.shape.tune.shape.sure)"
      @update:model-value="setSure"
    />
    <p class="text-sm" data-testid="surest">
      The quickest that is {{ sure }} % sure at {{ short(setting.power) }} %:
      <strong>{{ `${say.speed(surest.speed)},` }}</strong>
      charred {{ chance(surest.charred) }}. {{ saved }}
    </p>
    <button type="button" class="btn" @click="emit('use', surest.speed)">Use it</button>
    <p class="text-sm" data-testid="next-test">
      The test that tells most:
      <strong>{{ say.speed(speedAt(next.energy)) }}</strong>
      at {{ short(setting.power) }} %. It would leave about {{ chance(next.left) }} of the doubt.
    </p>
    <button type="button" class="btn" @click="emit('test', { ...setting, speed: speedAt(next.energy) })">
      Test that next
    </button>
  </section>
</template>
