<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue'
import { cellsText, readCells, type Cells } from '@core/box'
import { same } from '@core/limits'
import { useSay } from '@web/parts/say'
import { tryTo } from '@web/refusals'

/** Widths of cells, typed as they are said; where `others` hold, an empty field says so. */
const props = defineProps<{ label: string; cells: Cells; problem: string; others?: Cells }>()
const emit = defineEmits<{ change: [cells: Cells] }>()
const say = useSay()
const id = useId()
const shown = computed(() =>
  props.others && props.cells.length === 0 ? '' : cellsText(props.cells, say.value),
)
const text = ref(shown.value)
const error = ref('')
let own = props.cells
watch([() => props.cells, say], () => {
  if (same(props.cells, own) && !error.value && document.activeElement?.id === id) return
  own = props.cells
  text.value = shown.value
  error.value = ''
})
function read(typed: string): void {
  text.value = typed
  const parsed = readCells(typed, say.value.lengthUnit)
  if (!parsed.ok) {
    error.value = parsed.error
    return
  }
  const isOne = props.others !== undefined && typed.trim() !== '' && parsed.cells.length === 0
  const cells = isOne ? [null] : parsed.cells
  own = cells
  error.value = tryTo(() => emit('change', cells)) ?? ''
}
</script>

<template>
  <div>
    <label :for="id" class="text-[13px] font-medium">{{ label }}</label>
    <input
      :id="id"
      class="input"
      :class="error || problem ? 'border-2 border-rowan' : ''"
      :value="text"
      :placeholder="others && cellsText(others, say)"
      :aria-invalid="error || problem ? 'true' : undefined"
      autocomplete="off"
      @input="read(($event.target as HTMLInputElement).value)"
    />
    <p v-if="error || problem" class="text-[13px] text-rowan" role="alert">{{ error || problem }}</p>
  </div>
</template>
