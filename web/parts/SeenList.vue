<script setup lang="ts" generic="T extends { id: string }">
import { useVirtualizer, useWindowVirtualizer } from '@tanstack/vue-virtual'
import { computed, onMounted, ref, type ComponentPublicInstance } from 'vue'

/**
 * A list of which only what is seen is drawn, and a little more: as quick with hundreds of records as with
 * ten. It scrolls with the part of the page that it stands in.
 */
const props = defineProps<{
  items: T[]
  label: string
  /** About how high one is, px: until it is drawn. */
  height: number
  /** What scrolls: the window, or the main part of a job's page. */
  scrolls: 'window' | 'main'
}>()

/** Records drawn beyond what is seen, on either side. */
const BEYOND = 10
const GAP = 8

const root = ref<HTMLElement>()
/** Where the list begins in what scrolls, px. */
const scrollMargin = ref(0)
onMounted(() => {
  scrollMargin.value = root.value?.offsetTop ?? 0
})
const options = computed(() => ({
  count: props.items.length,
  estimateSize: () => props.height,
  getItemKey: (index: number) => props.items[index].id,
  overscan: BEYOND,
  gap: GAP,
  scrollMargin: scrollMargin.value,
}))
const list =
  props.scrolls === 'window'
    ? useWindowVirtualizer(options)
    : useVirtualizer(
        computed(() => ({
          ...options.value,
          getScrollElement: () => root.value?.closest('main') ?? null,
        })),
      )
const rows = computed(() => list.value.getVirtualItems())
const above = computed(() => (rows.value[0]?.start ?? scrollMargin.value) - scrollMargin.value)
const below = computed(() => {
  const end = rows.value[rows.value.length - 1]?.end ?? scrollMargin.value
  return Math.max(0, list.value.getTotalSize() + scrollMargin.value - end)
})
const measure = (element: Element | ComponentPublicInstance | null): void =>
  list.value.measureElement(element as HTMLElement | null)
</script>

<template>
  <ul ref="root" :aria-label="label" :style="{ paddingTop: `${above}px`, paddingBottom: `${below}px` }">
    <li
      v-for="row in rows"
      :key="items[row.index].id"
      :ref="measure"
      :data-index="row.index"
      :aria-setsize="items.length"
      :aria-posinset="row.index + 1"
      :class="row.index > rows[0].index ? 'mt-2' : ''"
    >
      <slot :item="items[row.index]" />
    </li>
  </ul>
</template>
