<script setup lang="ts">
import { computed } from 'vue'
import { panelNames, seamsSchema, type StockUse } from '@core/box'
import { limitsOf } from '@core/limits'
import { stockTitle } from '@core/stock'
import { useSay } from '@web/parts/say'
import FigureField from '@web/parts/FigureField.vue'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { useBench } from '@web/stores/bench'
import { useDerived } from '@web/stores/derived'
import { useMaterialEdits } from '@web/stores/material-edits'
import { useOpenJob } from '@web/stores/job'
import { useBoxEdits } from './box-edits'
import SeamPlaces from './SeamPlaces.vue'
import { stockForm as words } from './form-words'

/** What each part of the box is cut from. */
const jobs = useOpenJob()
const bench = useBench()
const derived = useDerived()
const say = useSay()
const edits = useMaterialEdits()
const { box, change } = useBoxEdits()
const setLetters = (letters: boolean): boolean =>
  jobs.edit((draft) => {
    draft.cut.letters = letters
  })
const own = computed(() => jobs.job.measure.stock)

const LABELS: Record<StockUse, string> = {
  walls: words.walls,
  front: words.front,
  back: words.back,
  left: words.left,
  right: words.right,
  floor: words.floor,
  top: words.top,
  dividers: words.dividers,
}
const PANELS: StockUse[] = ['front', 'back', 'left', 'right']
const uses = computed(() => {
  const names = panelNames(box.value)
  const hasDividers = box.value.dividers.columns.cells.length + box.value.dividers.rows.cells.length > 0
  const all: StockUse[] = ['walls', 'front', 'back', 'left', 'right', 'floor', 'top', 'dividers']
  return all.filter((use) => {
    if (use === 'dividers') return hasDividers
    if (box.value.plan && PANELS.includes(use)) return false
    return use === 'floor' || use === 'top' ? names.includes(use) : true
  })
})
/** What a use is without a stock of its own. */
const otherwise = (use: StockUse): string =>
  PANELS.includes(use)
    ? words.asTheWalls
    : own.value
      ? words.jobsStock(stockTitle(own.value))
      : words.noStockChosen
function choose(use: StockUse, event: Event): void {
  const { value } = event.target as HTMLSelectElement
  const record =
    bench.stocks.find(({ id }) => id === value) ??
    jobs.job.measure.more.find(({ stock }) => stock.id === value)?.stock ??
    null
  edits.assign(use, record)
}
const choices = computed(() => {
  const known = new Map(bench.stocks.map((stock) => [stock.id, stock]))
  for (const { stock } of jobs.job.measure.more) known.set(stock.id, stock)
  return [...known.values()].map((stock) => ({ id: stock.id, title: stockTitle(stock) }))
})
</script>

<template>
  <div class="grid content-start gap-2">
    <label v-for="use in uses" :key="use" class="grid grid-cols-[4.5rem_1fr] items-center gap-2 text-[13px]">
      {{ LABELS[use] }}
      <select
        class="input font-sans!"
        :data-field="`stock-${use}`"
        :value="box.stocks[use] ?? ''"
        @change="choose(use, $event)"
      >
        <option value="">{{ otherwise(use) }}</option>
        <option v-for="{ id, title } in choices" :key="id" :value="id">{{ title }}</option>
      </select>
    </label>
    <ul
      v-if="derived.box.materials.length > 1"
      class="grid gap-0.5 text-[13px]"
      :aria-label="words.stocksJob"
    >
      <li v-for="(material, i) in derived.box.materials" :key="material.id" class="flex items-center gap-2">
        <span class="min-w-0 flex-1 truncate">{{ material.name }}</span>
        <span class="num">{{ say.fine(material.thickness.mean) }}</span>
        <button v-if="i > 0" type="button" class="btn px-2 py-0.5" @click="edits.chooseStock(material.id)">
          {{ words.measureWithThis }}
        </button>
        <span v-else class="note">{{ words.measuredMeasure }}</span>
      </li>
    </ul>
    <p v-else class="note">{{ words.wallsFloorTop }}</p>
    <ToggleSwitch
      data-field="letters"
      :label="words.sameLetterBoth"
      :model-value="jobs.job.cut.letters"
      @update:model-value="setLetters"
    />
    <ToggleSwitch
      data-field="seams"
      :label="words.dividePanelsLarger"
      :model-value="box.seams.divides"
      @update:model-value="change({ seams: { ...box.seams, divides: $event } }, '')"
    />
    <template v-if="box.seams.divides">
      <FigureField
        data-field="seams-angle"
        :label="words.sidesSlant"
        kind="figure"
        unit="°"
        :model-value="box.seams.angle"
        :limits="limitsOf(seamsSchema.shape.angle)"
        @update:model-value="change({ seams: { ...box.seams, angle: $event } }, 'seams-angle')"
      />
      <p class="note">{{ words.slidesTogetherPlane }}</p>
      <ToggleSwitch
        data-field="seams-staggered"
        :label="words.seamsPanelsNot"
        :model-value="box.seams.staggered"
        @update:model-value="change({ seams: { ...box.seams, staggered: $event } }, '')"
      />
      <SeamPlaces />
    </template>
  </div>
</template>
