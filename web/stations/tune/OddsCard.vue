<script setup lang="ts">
import { computed, shallowRef, watchEffect } from 'vue'
import { ASSUMED_MACHINE } from '@core/machine'
import { jobSchema } from '@core/job'
import { short } from '@core/length'
import { limitsOf } from '@core/limits'
import { lastDone } from '@core/kerf'
import { energyFor, learn, nextTest, speedFor, type CutModel, type Setting } from '@core/tune'
import FigureField from '@web/parts/FigureField.vue'
import { useSay } from '@web/parts/say'
import { useBench } from '@web/stores/bench'
import { useOpenJob } from '@web/stores/job'
import { usePlanner } from '@web/stores/planner'

/** What the tests say of any setting: odds, the quickest one that is sure enough, the test to make next. */
const props = defineProps<{ setting: Setting; energy: number; thickness: number }>()
const emit = defineEmits<{ use: [speed: number] }>()
const jobs = useOpenJob()
const planner = usePlanner()
const say = useSay()
const bench = useBench()
const machine = computed(() => jobs.job.measure.machine)
const stock = computed(() => jobs.job.measure.stock)
/** Learning weighs thousands of beliefs: only when tests, machine or stock are others. */
const model = shallowRef<CutModel | null>(null)
const next = shallowRef<{ energy: number; left: number } | null>(null)
watchEffect(() => {
  const { tests } = jobs.job.tune
  const since = lastDone(machine.value?.id, bench.events)
  model.value = machine.value && stock.value ? learn(tests, machine.value, stock.value, since) : null
  next.value = model.value && nextTest(model.value)
})
const sure = computed(() => jobs.job.tune.sure)
const odds = computed(() => model.value?.oddsAt(props.energy) ?? null)
const per = (share: number): string => `${Math.round(Math.max(0.01, Math.min(0.99, share)) * 100)} %`
const speedAt = (energy: number): number =>
  speedFor(energy, props.setting, machine.value ?? { ...ASSUMED_MACHINE }, props.thickness)
const surest = computed(() => {
  if (!model.value) return null
  const energy = energyFor(model.value, sure.value / 100)
  return { speed: speedAt(energy), charred: model.value.oddsAt(energy).charred }
})
/** What the other speed would take off the cutting, in minutes. */
const saved = computed(() => {
  const cutting = planner.plan?.total.cutting
  if (!cutting || !surest.value) return ''
  const minutes = (cutting * (1 - props.setting.speed / surest.value.speed)) / 60
  if (Math.abs(minutes) < 0.1) return 'It takes as long.'
  const about = `${short(Math.abs(Math.round(minutes * 10) / 10))} min`
  return minutes > 0
    ? `That saves about ${about} on this job.`
    : `That takes about ${about} longer on this job.`
})
const basis = computed(() => {
  const { own = 0, like = 0, before = 0 } = model.value ?? {}
  const others = like > 0 ? `, ${like} on like stocks with more doubt` : ''
  if (own + like === 0) return 'No test yet: this is the energy rule alone, a quarter off either way.'
  const older =
    before > 0 ? ` ${before} of them are from before what was last done to the machine, and count less.` : ''
  return `From ${own === 1 ? '1 test' : `${own} tests`} on this stock${others}.${older}`
})
const setSure = (value: number): boolean =>
  jobs.edit((draft) => {
    draft.tune.sure = value
  }, 'sure')
</script>

<template>
  <section v-if="model && odds && surest && next" class="card grid gap-2" aria-labelledby="odds-title">
    <h2 id="odds-title">How sure it is</h2>
    <p class="text-sm" data-testid="cut-odds">
      This setting goes through with odds of
      <strong>{{ per(odds.through) }}</strong>
      , and chars with
      <strong>{{ per(odds.charred) }}</strong>
      . {{ basis }}
    </p>
    <p class="note num">
      Half of all cuts go through at {{ short(Math.round(model.need.energy * 100) / 100) }} J/mm², likely
      {{ short(Math.round(model.need.low * 100) / 100) }} to
      {{ short(Math.round(model.need.high * 100) / 100) }}.
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
      <strong>{{ say.speed(surest.speed) }}</strong>
      , charred {{ per(surest.charred) }}. {{ saved }}
    </p>
    <button type="button" class="btn" @click="emit('use', surest.speed)">Use it</button>
    <p class="text-sm" data-testid="next-test">
      The test that tells most:
      <strong>{{ say.speed(speedAt(next.energy)) }}</strong>
      at {{ short(setting.power) }} %. It would leave about {{ per(next.left) }} of the doubt.
    </p>
  </section>
</template>
