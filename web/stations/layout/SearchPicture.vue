<script setup lang="ts">
import { computed } from 'vue'
import { placedShape, type Placement } from '@core/nest'
import { rectangle } from '@core/geometry'
import { regionData, ringData } from '@web/parts/svg-path'
import { useDerived } from '@web/stores/derived'
import { searchPicture as words } from './words'

/** The best layout that a search has so far, drawn small as it comes; the board keeps what the job has. */
const props = defineProps<{ best: Placement[]; label?: string }>()
const derived = useDerived()
/** Sheets that are drawn, at most. */
const MOST = 4
const parts = computed(() => new Map(derived.board.parts.map((part) => [part.id, part])))
const sheets = computed(() => {
  const own = props.best.filter(({ part }) => parts.value.has(part))
  const count = own.reduce((most, { sheet }) => Math.max(most, sheet + 1), 0)
  return Array.from({ length: Math.min(MOST, count) }, (_, sheet) => ({
    sheet,
    size: derived.surfaceAt(sheet),
    d: own
      .filter((each) => each.sheet === sheet)
      .map((each) => regionData(placedShape(parts.value.get(each.part)!, each)))
      .join(''),
  }))
})
</script>

<template>
  <div
    class="flex gap-1"
    role="img"
    :aria-label="words.bestLayoutFar(label, best.length)"
    data-testid="best-so-far"
  >
    <svg
      v-for="{ sheet, size, d } in sheets"
      :key="sheet"
      :viewBox="`0 ${-size.height} ${size.width} ${size.height}`"
      class="h-12 w-auto"
    >
      <path
        :d="ringData(size.outline ?? rectangle(0, 0, size.width, size.height))"
        fill="var(--paper)"
        stroke="var(--edge)"
        vector-effect="non-scaling-stroke"
      />
      <path
        :d="d"
        fill="var(--ply)"
        stroke="var(--ply-edge)"
        stroke-width="0.6"
        vector-effect="non-scaling-stroke"
        fill-rule="evenodd"
      />
    </svg>
  </div>
</template>
