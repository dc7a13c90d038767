<script setup lang="ts">
import { Trash2 } from '@lucide/vue'
import { computed, reactive } from 'vue'
import { cutEnergy, TEST_RESULTS, type Setting, type TestRecord, type TestResult } from '@core/tune'
import { fixed, otherSpeeds, short } from '@core/length'
import FigureField from '@web/parts/FigureField.vue'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { useBench } from '@web/stores/bench'
import { useDerived } from '@web/stores/derived'
import { useJob } from '@web/stores/job'
import ResultMark from './ResultMark.vue'

const jobs = useJob()
const bench = useBench()
const derived = useDerived()
const ready = computed(() => jobs.job!.measure.machine && jobs.job!.measure.stock)
const tests = computed(() =>
  jobs
    .job!.tune.tests.filter(
      ({ machineId, stockId }) =>
        machineId === jobs.job!.measure.machine?.id && stockId === jobs.job!.measure.stock?.id,
    )
    .sort((a, b) => a.setting.passes - b.setting.passes || a.setting.speed - b.setting.speed),
)

const entry = reactive<{ setting: Setting; result: TestResult }>({
  setting: { speed: 12, power: 65, passes: 1, air: true },
  result: 'clean',
})

function add(): void {
  const { machine, stock } = jobs.job!.measure
  if (!machine || !stock) return
  const test: TestRecord = {
    id: crypto.randomUUID(),
    machineId: machine.id,
    stockId: stock.id,
    family: stock.family,
    thickness: derived.box.thickness.mean,
    setting: { ...entry.setting },
    result: entry.result,
  }
  jobs.edit(
    (draft) => {
      draft.tune.tests.push(test)
    },
    '',
    bench.put('tests', test),
  )
}
function remove({ id }: TestRecord): void {
  jobs.edit(
    (draft) => {
      draft.tune.tests = draft.tune.tests.filter((test) => test.id !== id)
    },
    '',
    bench.remove('tests', id),
  )
}
const use = ({ setting }: TestRecord): void =>
  jobs.edit((draft) => {
    draft.tune.picked = { ...setting }
  })
const energyOf = ({ setting, thickness }: TestRecord): string =>
  fixed(cutEnergy(setting, jobs.job!.measure.machine!.watts, thickness), 2)
</script>

<template>
  <section class="card" aria-labelledby="tests-title">
    <h2 id="tests-title">Tests of this stock on this machine</h2>
    <p v-if="!ready" class="note mt-1">Choose a machine and a stock in Measure: a test belongs to both.</p>
    <template v-else>
      <p v-if="tests.length === 0" class="mt-1 text-sm">
        None yet. Cut a short line or a small square, lift it, and write down here what came out.
      </p>
      <table v-else class="mt-1 w-full text-sm">
        <thead>
          <tr class="text-left text-[12px] text-quiet">
            <th class="font-normal">Came out</th>
            <th class="text-right font-normal">Speed, mm/s</th>
            <th class="pl-3 font-normal">Other units</th>
            <th class="text-right font-normal">Power, %</th>
            <th class="text-right font-normal">Passes</th>
            <th class="pl-3 font-normal">Air</th>
            <th class="text-right font-normal">J/mm²</th>
            <th />
          </tr>
        </thead>
        <tbody>
          <tr v-for="test in tests" :key="test.id" class="border-t border-line">
            <td class="py-1"><ResultMark :result="test.result" /></td>
            <td class="num text-right">{{ short(test.setting.speed) }}</td>
            <td class="num pl-3 text-[12px] text-quiet">{{ otherSpeeds(test.setting.speed) }}</td>
            <td class="num text-right">{{ short(test.setting.power) }}</td>
            <td class="num text-right">{{ test.setting.passes }}</td>
            <td class="pl-3">{{ test.setting.air ? 'on' : 'off' }}</td>
            <td class="num text-right">{{ energyOf(test) }}</td>
            <td class="text-right whitespace-nowrap">
              <button
                type="button"
                class="btn px-2 py-0.5"
                :aria-label="`Use ${short(test.setting.speed)} mm/s at ${short(test.setting.power)} %`"
                @click="use(test)"
              >
                Use
              </button>
              <button
                type="button"
                class="btn-icon"
                :aria-label="`Remove the test at ${short(test.setting.speed)} mm/s`"
                @click="remove(test)"
              >
                <Trash2 :size="15" />
              </button>
            </td>
          </tr>
        </tbody>
      </table>
      <form
        class="mt-3 flex flex-wrap items-start gap-2 border-t border-line pt-2"
        aria-label="New test"
        @submit.prevent="add"
      >
        <FigureField
          v-model="entry.setting.speed"
          class="w-34"
          label="Test speed"
          kind="speed"
          :min="0.1"
          :max="5000"
        />
        <FigureField
          v-model="entry.setting.power"
          class="w-20"
          label="Test power"
          kind="figure"
          unit="%"
          :min="1"
          :max="100"
        />
        <FigureField
          v-model="entry.setting.passes"
          class="w-22"
          label="Test passes"
          kind="figure"
          whole
          :min="1"
          :max="20"
        />
        <ToggleSwitch v-model="entry.setting.air" class="mt-6" label="Air" />
        <div>
          <label class="block text-[13px] font-medium" for="result">Came out</label>
          <select id="result" v-model="entry.result" class="input font-sans!">
            <option v-for="result in TEST_RESULTS" :key="result" :value="result">{{ result }}</option>
          </select>
        </div>
        <button type="submit" class="btn mt-4.5 ml-auto">Add test</button>
      </form>
    </template>
  </section>
</template>
