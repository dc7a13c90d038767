<script setup lang="ts">
import { computed } from 'vue'
import { cellsText, readCells, type Cells } from '@core/box'
import ListEntry from '@web/parts/ListEntry.vue'
import { useSay } from '@web/parts/say'

/** Widths of cells, typed as they are said; where `others` hold, an empty field says so. */
const props = defineProps<{ label: string; cells: Cells; problem: string; others?: Cells }>()
defineEmits<{ change: [cells: Cells] }>()
const say = useSay()
const text = computed(() =>
  props.others && props.cells.length === 0 ? '' : cellsText(props.cells, say.value),
)
function read(typed: string): { ok: true; value: Cells } | { ok: false; error: string } {
  const parsed = readCells(typed, say.value.lengthUnit)
  if (!parsed.ok) return parsed
  const isOne = props.others !== undefined && typed.trim() !== '' && parsed.cells.length === 0
  return { ok: true, value: isOne ? [null] : parsed.cells }
}
</script>

<template>
  <ListEntry
    :label="label"
    :model-value="cells"
    :text="text"
    :read="read"
    :problem="problem"
    :placeholder="others && cellsText(others, say)"
    @update:model-value="$emit('change', $event)"
  />
</template>
