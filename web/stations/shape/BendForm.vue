<script setup lang="ts">
import { FileDown } from '@lucide/vue'
import { computed } from 'vue'
import type { SlitsLie } from '@core/bend'
import { BEND_KINDS, bendsSchema, loosePanels, withBends, type BendKind, type Bends } from '@core/box'
import { bendReport } from '@core/derive'
import { fileStem } from '@core/keep'
import { IN_METRIC } from '@core/length'
import { limitsOf } from '@core/limits'
import { BEND_NAMES, bendLine, bendWorking, forceWord } from '@core/say'
import { makeBendPiece } from '@core/testpiece'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import { useSay } from '@web/parts/say'
import WhyLink from '@web/parts/WhyLink.vue'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import WorkedFigure from '@web/parts/WorkedFigure.vue'
import { download } from '@web/data/download'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useBoxEdits, useProblems } from './box-edits'
import PictureChoice from './PictureChoice.vue'
import { bendForm as words } from './form-words'

/** Panels that are one sheet, slit so that it bends round the edges between them. */
const problems = useProblems()
const { box, thickness, change, changeIn } = useBoxEdits()
const jobs = useOpenJob()
const derived = useDerived()
const say = useSay()
const options = computed(() =>
  BEND_KINDS.map((value) => ({
    value,
    label: BEND_NAMES[value],
    box: withBends(box.value, value, thickness.value),
  })),
)
const choose = (kind: BendKind): boolean => change(withBends(box.value, kind, thickness.value))
const set = (part: Partial<Bends>, key: string): boolean => changeIn('bends', part, `bend ${key}`)
const { shape } = bendsSchema
const FIELDS = [
  { key: 'radius' as const, label: words.insideRadius, step: 1 },
  { key: 'link' as const, label: words.widthLink, step: 0.1 },
  { key: 'slit' as const, label: words.lengthSlit, step: 1 },
  { key: 'bridge' as const, label: words.bridgeBetweenSlits, step: 0.5 },
]
const LIES: { value: SlitsLie; label: string }[] = [
  { value: 'along', label: words.alongIt },
  { value: 'across', label: words.acrossIt },
  { value: 'any', label: words.eitherWay },
]
const grainNote = computed(() => {
  const { grain } = box.value.bends
  if ((jobs.job.measure.stock?.grain ?? 'none') === 'none') return words.noFaceGrain
  return grain === 'any' ? words.layOutMay : words.layOutTurns(grain)
})
const report = computed(() => bendReport(box.value, derived.box))
const working = computed(
  () => report.value && bendWorking(report.value, thickness.value, box.value.bends.radius, say.value),
)

/** Strips of several widths of links, to be bent until they break. */
async function writePiece(): Promise<void> {
  const { stock, machine } = jobs.job.measure
  const { kerf, compensation } = derived.box
  const piece = makeBendPiece(box.value.bends, thickness.value, kerf.width, compensation.x)
  const widths = piece.strips.map(({ name }) => name).join(', ')
  const file = {
    title: words.bendTestNo(stock?.name),
    statement: words.fiveStripsLinks(
      widths,
      IN_METRIC.length(box.value.bends.slit),
      IN_METRIC.length(kerf.width),
      IN_METRIC.length(compensation.x),
    ),
    ...piece,
    ...(machine ? { colours: machine.colours } : {}),
  }
  const name = `${fileStem(words.bendTest(stock?.name ?? ''))}.svg`
  const { writeSvg } = await import('@web/data/written-files') // fetched when it is wanted
  await download([{ name, content: writeSvg(file) }], name)
}
</script>

<template>
  <div class="grid content-start gap-2">
    <PictureChoice
      data-field="bends"
      :label="words.panelsSheet"
      :model-value="box.bends.kind"
      :options="options"
      @update:model-value="choose"
    />
    <template v-if="box.bends.kind !== 'none'">
      <p v-if="problems.bends" class="text-[13px] text-rowan" role="alert">
        {{ problems.bends }}
        <WhyLink lesson="bend" />
      </p>
      <div class="grid grid-cols-2 gap-2">
        <FigureField
          v-for="{ key, label, step } in FIELDS"
          :key="key"
          :data-field="`bend-${key}`"
          :label="label"
          :step="step"
          :model-value="box.bends[key]"
          :limits="limitsOf(shape[key])"
          :problem="problems[key] ?? ''"
          @update:model-value="set({ [key]: $event }, key)"
        />
      </div>
      <template v-if="report">
        <div class="flex flex-wrap gap-x-4 gap-y-1" data-testid="bend-report">
          <WorkedFigure :label="words.flatLengthBend" :text="say.length(report.zone.flat)" />
          <WorkedFigure
            :label="words.links"
            :text="words.rowsTurn(report.zone.rows, report.twist.toFixed(1))"
          />
          <WorkedFigure
            :label="words.shear"
            :text="report.shear.toFixed(4)"
            :working="working ?? undefined"
          />
        </div>
        <p class="text-[13px]" data-testid="bend-odds">{{ bendLine(report) }}</p>
        <p class="note">{{ words.toCloseIt(forceWord(report.force)) }}</p>
      </template>
      <ChoiceRow
        data-field="bend-grain"
        :label="words.howSlitsLie"
        :model-value="box.bends.grain"
        :options="LIES"
        @update:model-value="set({ grain: $event }, 'grain')"
      />
      <p class="note">{{ grainNote }}</p>
      <ToggleSwitch
        v-if="loosePanels(box).length === 1"
        data-field="bend-latch"
        :label="words.wedgeThroughTongue"
        :model-value="box.bends.latch"
        @update:model-value="set({ latch: $event }, 'latch')"
      />
      <p v-if="problems.latch" class="text-[13px] text-rowan" role="alert">{{ problems.latch }}</p>
      <button type="button" class="btn px-2 py-1" @click="writePiece">
        <FileDown :size="14" aria-hidden="true" />
        {{ words.bendTestPiece }}
      </button>
      <p class="note">
        {{ words.bendEachStrip }}
      </p>
    </template>
  </div>
</template>
