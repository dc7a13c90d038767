<script setup lang="ts">
import { FileDown, RotateCcw } from '@lucide/vue'
import { computed } from 'vue'
import { fileStem } from '@core/keep'
import { IN_METRIC } from '@core/length'
import { limitsOf } from '@core/limits'
import {
  fixGauge,
  METHOD_NAMES,
  pieceProblem,
  pieceStatement,
  reshaped,
  startAnew,
  TEST_METHODS,
  trialSchema,
  type TestMethod,
  type Trial,
} from '@core/testpiece'
import { settingWords } from '@core/tune'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import { useSay } from '@web/parts/say'
import { download } from '@web/data/download'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useTestPiece } from './test-piece'
import { useTrial } from './trial'
import { common } from '@web/words'
import { trialForm as words } from './words'

const jobs = useOpenJob()
const derived = useDerived()
const say = useSay()
const { trial, take, change, choose } = useTrial()
const piece = useTestPiece()
const offcuts = computed(() => jobs.job.measure.stock?.offcuts ?? [])
const problem = computed(() => pieceProblem(piece.value, say.value))
const begun = computed(() => trial.value.best !== null || trial.value.readings.some((each) => each !== null))

const NOTES: Record<TestMethod, string> = {
  squares: words.eachReadAcross,
  strip: words.manyCutsShare,
  comb: words.findsOwnSnug,
  slots: words.noCalipersPush,
}
const methods = TEST_METHODS.map((value) => ({ value, label: METHOD_NAMES[value], note: NOTES[value] }))
const WAYS = [
  { value: 'both' as const, label: words.bothWays },
  { value: 'across' as const, label: words.acrossOnly },
  { value: 'along' as const, label: words.alongOnly },
]

const { shape } = trialSchema
const { squares, strip, comb, slots, offcut } = shape
/** The figures of each kind of test piece, with the limits that they are kept by. */
const FIELDS = {
  squares: [
    { key: 'side', label: words.side, limits: limitsOf(squares.shape.side) },
    { key: 'count', label: common.howMany, kind: 'figure', limits: limitsOf(squares.shape.count) },
  ],
  strip: [
    { key: 'length', label: common.length, step: 10, limits: limitsOf(strip.shape.length) },
    { key: 'lines', label: words.linesEndsCounted, kind: 'figure', limits: limitsOf(strip.shape.lines) },
  ],
  comb: [
    { key: 'from', label: words.firstPerSide, kind: 'fine', step: 0.01, limits: limitsOf(comb.shape.from) },
    { key: 'step', label: words.stepPerSide, kind: 'fine', step: 0.005, limits: limitsOf(comb.shape.step) },
    { key: 'count', label: words.pairs, kind: 'figure', limits: limitsOf(comb.shape.count) },
  ],
  slots: [
    {
      key: 'step',
      label: words.stepSlotSlot,
      kind: 'fine',
      step: 0.01,
      limits: limitsOf(slots.shape.step),
    },
    { key: 'count', label: common.slots, kind: 'figure', limits: limitsOf(slots.shape.count) },
    {
      key: 'shift',
      label: words.widestBeyondThickness,
      kind: 'fine',
      step: 0.03,
      limits: limitsOf(slots.shape.shift),
    },
  ],
} as const
const fields = computed(() => FIELDS[trial.value.method])
const figures = computed(() => trial.value[trial.value.method] as unknown as Record<string, number>)
const set = (key: string, value: number): boolean =>
  take(reshaped(trial.value, trial.value.method, { [key]: value } as Partial<Trial[TestMethod]>), key)
const setOffcut = (part: Partial<Trial['offcut']>, key = ''): boolean =>
  change({ offcut: { ...trial.value.offcut, ...part } }, key)

/** A gauge that is written keeps the thickness it was made round. */
async function write(kind: 'svg' | 'dxf'): Promise<void> {
  const { machine, stock } = jobs.job.measure
  const { method } = trial.value
  take(fixGauge(trial.value, derived.box.thickness))
  const made = pieceStatement(trial.value, derived.box.thickness, IN_METRIC)
  const file = {
    title: `${METHOD_NAMES[method]}, ${stock!.name}`,
    statement: words.unitMillimetresCut(made, settingWords(derived.choice.setting), machine!.name),
    width: piece.value.width,
    height: piece.value.height,
    paths: piece.value.paths,
    colours: machine!.colours,
  }
  const name = `${fileStem(`${method} ${stock!.name}`)}.${kind}`
  const { writeDxf, writeSvg } = await import('@web/data/written-files') // fetched when it is wanted
  await download([{ name, content: kind === 'svg' ? writeSvg(file) : writeDxf(file) }], name)
}
</script>

<template>
  <section class="card grid gap-2.5" :aria-label="words.testPiece">
    <ChoiceRow
      data-field="kerf-method"
      :label="words.howMeasure"
      stacked
      :model-value="trial.method"
      :options="methods"
      @update:model-value="choose"
    />
    <ChoiceRow
      v-if="trial.method === 'squares'"
      data-field="square-ways"
      :label="words.eachSquareRead"
      :model-value="trial.squares.ways"
      :options="WAYS"
      @update:model-value="(ways) => take(reshaped(trial, 'squares', { ways }))"
    />
    <div class="grid grid-cols-2 gap-2">
      <FigureField
        v-for="{ key, ...field } in fields"
        :key="`${trial.method} ${key}`"
        data-field="test-piece"
        v-bind="field"
        :model-value="figures[key]"
        @update:model-value="set(key, $event)"
      />
      <FigureField
        data-field="test-offcut"
        :label="words.offcutWidth"
        :model-value="trial.offcut.width"
        :limits="limitsOf(offcut.shape.width)"
        :step="10"
        @update:model-value="setOffcut({ width: $event }, 'offcut width')"
      />
      <FigureField
        data-field="test-offcut"
        :label="words.offcutHeight"
        :model-value="trial.offcut.height"
        :limits="limitsOf(offcut.shape.height)"
        :step="10"
        @update:model-value="setOffcut({ height: $event }, 'offcut height')"
      />
    </div>
    <p v-if="offcuts.length > 0" class="flex flex-wrap items-center gap-1 text-[13px]">
      {{ words.atHand }}
      <button
        v-for="({ width, height }, i) in offcuts"
        :key="i"
        type="button"
        class="btn px-2 py-0.5"
        @click="setOffcut({ width, height })"
      >
        {{ say.shortPlain(width) }} × {{ say.shortPlain(height) }}
      </button>
    </p>
    <p v-if="problem" class="text-[13px] text-rowan" role="alert">{{ problem }}</p>
    <p class="note">
      {{
        words.settingNotTested(
          pieceStatement(trial, derived.box.thickness, say),
          settingWords(derived.choice.setting, say),
          derived.choice.standing === 'tested',
        )
      }}
      <template v-if="trial.method === 'slots' && trial.slots.made">
        {{ words.madeRoundLater(say.length(trial.slots.made.mean)) }}
      </template>
    </p>
    <div class="flex gap-2">
      <button type="button" class="btn flex-1" :disabled="problem !== ''" @click="write('svg')">
        <FileDown :size="15" aria-hidden="true" />
        {{ words.testPieceSvg }}
      </button>
      <button type="button" class="btn" :disabled="problem !== ''" @click="write('dxf')">
        {{ words.dxf }}
      </button>
    </div>
    <button v-if="begun" type="button" class="btn" @click="take(startAnew(trial))">
      <RotateCcw :size="15" aria-hidden="true" />
      {{ words.startNewMeasurement }}
    </button>
  </section>
</template>
