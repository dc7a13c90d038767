<script setup lang="ts">
import { FileDown, Trash2 } from '@lucide/vue'
import { computed, ref } from 'vue'
import { makePocketPiece, markSettings } from '@core/derive'
import { fileStem } from '@core/keep'
import { limitsOf } from '@core/limits'
import { ASSUMED_MACHINE } from '@core/machine'
import { pocketTestSchema, type PocketTest } from '@core/stock'
import { depthOf, pocketModel, settingWords, speedForDepth } from '@core/tune'
import { download } from '@web/data/download'
import FigureField from '@web/parts/FigureField.vue'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useStockEdits } from '@web/stores/stock-edits'
import { common } from '@web/words'
import { pocketTests as words } from './words'

/** Test pockets of this stock, how deep a groove comes out, and the speed for the depth that is wanted. */
const jobs = useOpenJob()
const derived = useDerived()
const stocks = useStockEdits()
const say = useSay()
const tests = computed(() => jobs.job.measure.stock?.pockets ?? [])
const machine = computed(() => jobs.job.measure.machine ?? { ...ASSUMED_MACHINE, id: '' })
const setting = computed(() => markSettings(jobs.job).pocket)
const model = computed(() => pocketModel(tests.value, machine.value.id))
const predicted = computed(() => depthOf(setting.value, machine.value.watts, model.value))
const wanted = computed(() => derived.pocketDepth)
const speed = computed(() => speedForDepth(wanted.value, setting.value, machine.value.watts, model.value))
const isNear = computed(() => wanted.value >= predicted.value.low && wanted.value <= predicted.value.high)
const line = computed(() => {
  const { depth, low, high } = predicted.value
  const range = words.nineTenBetween(say.value.plain(low, 1), say.value.length(high, 1))
  const burns = words.burnsDeep(say.value.length(depth, 1), range, model.value.tests === 0)
  return words.wanted(burns, say.value.length(wanted.value, 1))
})
const depth = ref<number | null>(null)

function add(): void {
  if (depth.value === null) return
  const { speed, power, passes } = setting.value
  const test: PocketTest = {
    id: crypto.randomUUID(),
    machineId: machine.value.id,
    watts: machine.value.watts,
    speed,
    power,
    passes,
    depth: depth.value,
    on: new Date().toISOString(),
  }
  stocks.change({ pockets: [...tests.value, test] }, '')
  depth.value = null
}
const remove = (id: string): void =>
  stocks.change({ pockets: tests.value.filter((test) => test.id !== id) }, '')
const take = (found: number): boolean =>
  jobs.edit((draft) => {
    draft.tune.pocket = { ...setting.value, speed: found }
  })
const lineOf = (test: PocketTest): string =>
  words.deepAt(say.value.length(test.depth), settingWords({ ...test, air: false }, say.value))

async function writePiece(): Promise<void> {
  const { stock } = jobs.job.measure
  const { kerf } = derived.box
  const file = {
    title: words.testPocketNo(stock?.name),
    statement: words.burnPatchClean(settingWords(setting.value)),
    ...makePocketPiece(setting.value, kerf.width),
    colours: jobs.job.measure.machine?.colours,
  }
  const name = `${fileStem(words.testPocket(stock?.name ?? ''))}.svg`
  const { writeSvg } = await import('@web/data/written-files') // fetched when it is wanted
  await download([{ name, content: writeSvg(file) }], name)
}
</script>

<template>
  <div class="grid gap-2 text-[13px]">
    <p data-testid="pocket-depth" :class="isNear ? '' : 'text-gorse'">{{ line }}</p>
    <button
      v-if="speed !== null && speed !== setting.speed && !isNear"
      type="button"
      class="btn justify-self-start"
      @click="take(speed)"
    >
      {{ words.takeDepth(say.speed(speed)) }}
    </button>
    <p v-else-if="speed === null" class="text-gorse">
      {{ words.noSpeedPower }}
    </p>
    <form class="flex flex-wrap items-start gap-2" :aria-label="words.newTestPocket" @submit.prevent="add">
      <FigureField
        class="min-w-32 flex-1"
        data-field="pocket-depth"
        :label="words.measuredDepth"
        :step="0.1"
        :limits="limitsOf(pocketTestSchema.shape.depth)"
        :model-value="depth"
        @update:model-value="depth = $event"
      />
      <button type="submit" class="btn mt-4.5" :disabled="depth === null">{{ common.add }}</button>
      <button type="button" class="btn mt-4.5" @click="writePiece">
        <FileDown :size="15" aria-hidden="true" />
        {{ words.testPocketSvg }}
      </button>
    </form>
    <ul v-if="tests.length > 0" class="grid gap-1" :aria-label="words.testPockets">
      <li v-for="test in tests" :key="test.id" class="num flex items-center justify-between gap-2">
        {{ lineOf(test) }}
        <button
          type="button"
          class="btn-icon p-1"
          :aria-label="words.removePocket(lineOf(test))"
          @click="remove(test.id)"
        >
          <Trash2 :size="14" />
        </button>
      </li>
    </ul>
  </div>
</template>
