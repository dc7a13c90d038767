<script setup lang="ts">
import { Plus, Trash2 } from '@lucide/vue'
import { holeRunSchema, type FittingOf, type HoleRun } from '@core/fittings'
import { limitsOf } from '@core/limits'
import FigureField from '@web/parts/FigureField.vue'
import { useBoxEdits } from './box-edits'
import { common } from '@web/words'
import { holeRows as words } from './words'

/** Rows of holes, each of runs of equal ones, with what stands in them. */
const props = defineProps<{ own: FittingOf<'holes'> }>()
const { setFitting } = useBoxEdits()
const MOST_ROWS = 20
const MOST_RUNS = 10
const setRows = (rows: HoleRun[][], key = ''): boolean => setFitting({ ...props.own, rows }, key)
/** Puts other runs in the place of a row's; a row without any is taken away. */
const setRow = (index: number, runs: HoleRun[], key = ''): boolean =>
  setRows(
    props.own.rows.map((row, i) => (i === index ? runs : row)).filter(({ length }) => length > 0),
    key,
  )
const setRun = (row: number, index: number, part: Partial<HoleRun>, key: string): boolean =>
  setRow(
    row,
    props.own.rows[row].map((run, i) => (i === index ? { ...run, ...part } : run)),
    `holes ${row} ${index} ${key}`,
  )
const isOnly = (): boolean => props.own.rows.length === 1 && props.own.rows[0].length === 1
const last = <T>(list: T[]): T => list[list.length - 1]
const FIELDS = [
  { key: 'count' as const, label: common.howMany, kind: 'figure' as const },
  { key: 'lip' as const, label: words.diameterHeld, kind: 'length' as const },
  { key: 'widest' as const, label: words.atItsWidest, kind: 'length' as const },
]
/** A row of one run is called by its row; further runs of it by both numbers. */
const nameOf = (row: number, run: number): string => (run === 0 ? `${row + 1}` : `${row + 1}-${run + 1}`)
</script>

<template>
  <fieldset v-for="(row, i) in own.rows" :key="i" class="grid gap-1 rounded border border-line p-2">
    <legend class="text-[13px] font-medium">{{ words.row(i + 1) }}</legend>
    <div
      v-for="(run, j) in row"
      :key="j"
      class="grid grid-cols-[1fr_1fr_1fr_auto] items-end gap-1"
      role="group"
      :aria-label="j === 0 ? words.rowHoles(i + 1) : words.holesOfRow(i + 1, j + 1)"
    >
      <FigureField
        v-for="{ key, label, kind } in FIELDS"
        :key="key"
        :data-field="`hole-${key}-${nameOf(i, j)}`"
        :label="label"
        :kind="kind"
        :model-value="run[key]"
        :limits="limitsOf(holeRunSchema.shape[key])"
        @update:model-value="setRun(i, j, { [key]: $event }, key)"
      />
      <button
        v-if="!isOnly()"
        type="button"
        class="btn-icon"
        :aria-label="row.length > 1 ? words.removeHoles(i + 1, j + 1) : words.removeRow(i + 1)"
        @click="
          setRow(
            i,
            row.filter((_, each) => each !== j),
          )
        "
      >
        <Trash2 :size="16" />
      </button>
    </div>
    <button
      v-if="row.length < MOST_RUNS"
      type="button"
      class="btn justify-self-start px-2 py-0.5 text-[13px]"
      @click="setRow(i, [...row, { ...last(row), count: 1 }])"
    >
      <Plus :size="13" aria-hidden="true" />
      {{ words.anotherSizeBeside }}
    </button>
  </fieldset>
  <button
    v-if="own.rows.length < MOST_ROWS"
    type="button"
    class="btn justify-self-start px-2 py-1"
    @click="setRows([...own.rows, last(own.rows)])"
  >
    <Plus :size="14" aria-hidden="true" />
    {{ words.moreRow }}
  </button>
</template>
