<script setup lang="ts">
import { FileDown } from '@lucide/vue'
import { computed } from 'vue'
import { fileStem, writeDxf, writeSvg } from '@core/files'
import { settingFor } from '@core/job'
import { short } from '@core/length'
import { makeTestPiece, METHOD_NAMES, TEST_METHODS, type TestMethod, type Trial } from '@core/testpiece'
import { settingWords } from '@core/tune'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import { download } from '@web/data/download'
import { useJob } from '@web/stores/job'
import { useTrial } from './trial'

const jobs = useJob()
const { trial, thickness, change, choose } = useTrial()
const piece = computed(() => makeTestPiece(trial.value, thickness.value.mean))
const setting = computed(() => settingFor(jobs.job!, thickness.value.mean))
const offcuts = computed(() => jobs.job!.measure.stock?.offcuts ?? [])

const NOTES: Record<TestMethod, string> = {
  squares: 'each read across and along',
  strip: 'many cuts share one reading: the surest',
  comb: 'finds your own snug, by feel',
  slots: 'no calipers: push the sheet in',
}
const methods = TEST_METHODS.map((value) => ({ value, label: METHOD_NAMES[value], note: NOTES[value] }))

const set = <K extends TestMethod>(method: K, part: Partial<Trial[K]>, key: string): void =>
  change({ [method]: { ...trial.value[method], ...part } } as Partial<Trial>, key)

function write(kind: 'svg' | 'dxf'): void {
  const { machine, stock } = jobs.job!.measure
  const statement = `${piece.value.statement} Cut with ${settingWords(setting.value.setting)} on ${machine!.name}.`
  const file = {
    title: `${METHOD_NAMES[trial.value.method]}, ${stock!.name}`,
    statement,
    width: piece.value.width,
    height: piece.value.height,
    paths: piece.value.paths,
    colours: machine!.colours,
  }
  const name = `${fileStem(`${trial.value.method} ${stock!.name}`)}.${kind}`
  download([{ name, content: kind === 'svg' ? writeSvg(file) : writeDxf(file) }], name)
}
</script>

<template>
  <section class="card grid gap-2.5" aria-label="Test piece">
    <ChoiceRow
      label="How to measure"
      stacked
      :model-value="trial.method"
      :options="methods"
      @update:model-value="choose"
    />
    <div class="grid grid-cols-2 gap-2">
      <template v-if="trial.method === 'squares'">
        <FigureField
          label="Side"
          :model-value="trial.squares.side"
          :min="8"
          :max="200"
          @update:model-value="set('squares', { side: $event }, 'side')"
        />
        <FigureField
          label="How many"
          kind="figure"
          whole
          :model-value="trial.squares.count"
          :min="1"
          :max="30"
          @update:model-value="set('squares', { count: $event }, 'count')"
        />
      </template>
      <template v-else-if="trial.method === 'strip'">
        <FigureField
          label="Length"
          :model-value="trial.strip.length"
          :min="30"
          :max="500"
          :step="10"
          @update:model-value="set('strip', { length: $event }, 'length')"
        />
        <FigureField
          label="Lines, ends counted"
          kind="figure"
          whole
          :model-value="trial.strip.lines"
          :min="3"
          :max="40"
          @update:model-value="set('strip', { lines: $event }, 'lines')"
        />
      </template>
      <template v-else-if="trial.method === 'comb'">
        <FigureField
          label="First, per side"
          :model-value="trial.comb.from"
          :min="0"
          :max="0.5"
          :step="0.01"
          @update:model-value="set('comb', { from: $event }, 'from')"
        />
        <FigureField
          label="Step, per side"
          :model-value="trial.comb.step"
          :min="0.005"
          :max="0.1"
          :step="0.005"
          @update:model-value="set('comb', { step: $event }, 'step')"
        />
        <FigureField
          label="Pairs"
          kind="figure"
          whole
          :model-value="trial.comb.count"
          :min="2"
          :max="15"
          @update:model-value="set('comb', { count: $event }, 'count')"
        />
      </template>
      <template v-else>
        <FigureField
          label="Step from slot to slot"
          :model-value="trial.slots.step"
          :min="0.01"
          :max="0.2"
          :step="0.01"
          @update:model-value="set('slots', { step: $event }, 'step')"
        />
        <FigureField
          label="Slots"
          kind="figure"
          whole
          :model-value="trial.slots.count"
          :min="3"
          :max="30"
          @update:model-value="set('slots', { count: $event }, 'count')"
        />
      </template>
      <FigureField
        label="Offcut width"
        :model-value="trial.offcut.width"
        :min="20"
        :max="5000"
        :step="10"
        @update:model-value="change({ offcut: { ...trial.offcut, width: $event } }, 'offcut width')"
      />
      <FigureField
        label="Offcut height"
        :model-value="trial.offcut.height"
        :min="20"
        :max="5000"
        :step="10"
        @update:model-value="change({ offcut: { ...trial.offcut, height: $event } }, 'offcut height')"
      />
    </div>
    <p v-if="offcuts.length > 0" class="flex flex-wrap items-center gap-1 text-[13px]">
      At hand:
      <button
        v-for="(offcut, i) in offcuts"
        :key="i"
        type="button"
        class="btn px-2 py-0.5"
        @click="change({ offcut: { width: offcut.width, height: offcut.height } })"
      >
        {{ short(offcut.width) }} × {{ short(offcut.height) }}
      </button>
    </p>
    <p v-if="piece.problem" class="text-[13px] text-rowan" role="alert">{{ piece.problem }}</p>
    <p class="note">
      {{ piece.statement }} Setting: {{ settingWords(setting.setting)
      }}{{ setting.standing === 'tested' ? '' : ' (not tested yet)' }}.
    </p>
    <div class="flex gap-2">
      <button type="button" class="btn flex-1" :disabled="piece.problem !== ''" @click="write('svg')">
        <FileDown :size="15" aria-hidden="true" />
        Test piece, SVG
      </button>
      <button type="button" class="btn" :disabled="piece.problem !== ''" @click="write('dxf')">DXF</button>
    </div>
  </section>
</template>
