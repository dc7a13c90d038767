<script setup lang="ts">
import { Plus, Trash2 } from '@lucide/vue'
import { holeRowSchema, type FittingOf, type HoleRow } from '@core/fittings'
import { limitsOf } from '@core/limits'
import FigureField from '@web/parts/FigureField.vue'
import { useBoxEdits } from './box-edits'

/** Rows of holes, each with what stands in it. */
const props = defineProps<{ own: FittingOf<'holes'> }>()
const { setFitting } = useBoxEdits()
const MOST_ROWS = 20
const setRows = (rows: HoleRow[], key = ''): boolean => setFitting({ ...props.own, rows }, key)
const setRow = (index: number, part: Partial<HoleRow>, key: string): boolean =>
  setRows(
    props.own.rows.map((row, i) => (i === index ? { ...row, ...part } : row)),
    `holes ${index} ${key}`,
  )
const FIELDS = [
  { key: 'count' as const, label: 'How many', kind: 'figure' as const },
  { key: 'lip' as const, label: 'Diameter held', kind: 'length' as const },
  { key: 'widest' as const, label: 'At its widest', kind: 'length' as const },
]
</script>

<template>
  <div
    v-for="(row, i) in own.rows"
    :key="i"
    class="grid grid-cols-[1fr_1fr_1fr_auto] items-end gap-1"
    role="group"
    :aria-label="`Row ${i + 1} of holes`"
  >
    <FigureField
      v-for="{ key, label, kind } in FIELDS"
      :key="key"
      :data-field="`hole-${key}-${i + 1}`"
      :label="label"
      :kind="kind"
      :model-value="row[key]"
      :limits="limitsOf(holeRowSchema.shape[key])"
      @update:model-value="setRow(i, { [key]: $event }, key)"
    />
    <button
      v-if="own.rows.length > 1"
      type="button"
      class="btn-icon"
      :aria-label="`Remove row ${i + 1}`"
      @click="setRows(own.rows.filter((_, each) => each !== i))"
    >
      <Trash2 :size="16" />
    </button>
  </div>
  <button
    v-if="own.rows.length < MOST_ROWS"
    type="button"
    class="btn justify-self-start px-2 py-1"
    @click="setRows([...own.rows, own.rows[own.rows.length - 1]])"
  >
    <Plus :size="14" aria-hidden="true" />
    One more row
  </button>
</template>
