<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import { limitsOf, isSameRecord } from '@core/limits'
import { settingSchema, TEST_RESULTS, type Setting, type TestRecord, type TestResult } from '@core/tune'
import FigureField from '@web/parts/FigureField.vue'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { tryTo } from '@web/refusals'
import { useBench } from '@web/stores/bench'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import TestFiles from './TestFiles.vue'
import TestRows from './TestRows.vue'
import { testTable as words } from './words'

/** @prop proposed what the odds ask to be tested next: the form takes it over */
const props = defineProps<{ proposed: Setting | null }>()
const jobs = useOpenJob()
const bench = useBench()
const derived = useDerived()
const { shape } = settingSchema
const ready = computed(() => jobs.job.measure.machine && jobs.job.measure.stock)
const tests = computed(() => {
  const { machine, stock } = jobs.job.measure
  return jobs.job.tune.tests
    .filter(({ machineId, stockId }) => machineId === machine?.id && stockId === stock?.id)
    .sort((a, b) => a.setting.passes - b.setting.passes || a.setting.speed - b.setting.speed)
})

/** It begins at the setting in hand, until another one is typed; what came out is for the maker to say. */
const entry = reactive<{ setting: Setting; result: TestResult | '' }>({
  setting: { ...derived.choice.setting },
  result: '',
})
watch(
  () => derived.choice.setting,
  (now, before) => {
    if (isSameRecord(entry.setting, before)) entry.setting = { ...now }
  },
)
watch(
  () => props.proposed,
  (setting) => {
    if (!setting) return
    entry.setting = { ...setting }
    entry.result = ''
    document.getElementById('new-test')?.scrollIntoView({ block: 'nearest' })
  },
)
const error = ref('')

function add(): void {
  const { machine, stock } = jobs.job.measure
  if (!machine || !stock || entry.result === '') return
  const test: TestRecord = {
    id: crypto.randomUUID(),
    machineId: machine.id,
    stockId: stock.id,
    family: stock.family,
    thickness: derived.box.thickness.mean,
    setting: { ...entry.setting },
    result: entry.result,
    on: new Date().toISOString(),
  }
  const push = (draft: typeof jobs.job): void => void draft.tune.tests.push(test)
  error.value = tryTo(() => jobs.edit(push, '', bench.putting('tests', test))) ?? ''
  if (error.value === '') entry.result = ''
}
function remove({ id }: TestRecord): void {
  const drop = (draft: typeof jobs.job): void => {
    draft.tune.tests = draft.tune.tests.filter((test) => test.id !== id)
  }
  jobs.edit(drop, '', bench.removing('tests', id))
}
const use = ({ setting }: TestRecord): boolean =>
  jobs.edit((draft) => {
    draft.tune.picked = { ...setting }
  })
</script>

<template>
  <section class="card" aria-labelledby="tests-title">
    <h2 id="tests-title">{{ words.testsStockMachine }}</h2>
    <p v-if="!ready" class="note mt-1">{{ words.chooseMachineStock }}</p>
    <template v-else>
      <p v-if="tests.length === 0" class="mt-1 text-sm">
        {{ words.noneYetCut }}
      </p>
      <TestRows v-else :tests="tests" @use="use" @remove="remove" />
      <form
        class="mt-3 flex flex-wrap items-start gap-2 border-t border-line pt-2"
        id="new-test"
        :aria-label="words.newTest"
        data-field="new-test"
        @submit.prevent="add"
      >
        <FigureField
          v-model="entry.setting.speed"
          class="w-34"
          data-field="test-speed"
          :label="words.testSpeed"
          kind="speed"
          :limits="limitsOf(shape.speed)"
        />
        <FigureField
          v-model="entry.setting.power"
          class="w-20"
          data-field="test-power"
          :label="words.testPower"
          kind="figure"
          unit="%"
          :limits="limitsOf(shape.power)"
        />
        <FigureField
          v-model="entry.setting.passes"
          class="w-22"
          data-field="test-passes"
          :label="words.testPasses"
          kind="figure"
          :limits="limitsOf(shape.passes)"
        />
        <ToggleSwitch v-model="entry.setting.air" class="mt-6" :label="words.air" />
        <div data-field="test-result">
          <label class="block text-[13px] font-medium" for="result">{{ words.cameOut }}</label>
          <select id="result" v-model="entry.result" class="input font-sans!">
            <option value="" disabled>{{ words.sayHow }}</option>
            <option v-for="result in TEST_RESULTS" :key="result" :value="result">{{ result }}</option>
          </select>
        </div>
        <button type="submit" class="btn mt-4.5 ml-auto" :disabled="entry.result === ''">
          {{ words.addTest }}
        </button>
      </form>
      <TestFiles :tests="tests" />
      <p v-if="error" class="mt-1 text-[13px] text-rowan" role="alert">{{ error }}</p>
    </template>
  </section>
</template>
