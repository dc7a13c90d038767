import { onBeforeUnmount, ref, watch, type Ref } from 'vue'

/** Narrower than this a chart is scaled down, px. */
const LEAST = 240

/**
 * How wide a chart is drawn, px: its figures are laid out for that, so that its letters are as large on a
 * phone as on a desk.
 * @param before the width until it is drawn
 */
export function useChartWidth(chart: Ref<Element | undefined>, before: number): Ref<number> {
  const width = ref(before)
  const watching = new ResizeObserver(([{ contentRect }]) => {
    if (contentRect.width > 0) width.value = Math.max(LEAST, Math.round(contentRect.width))
  })
  watch(chart, (now, was) => {
    if (was) watching.unobserve(was)
    if (now) watching.observe(now)
  })
  onBeforeUnmount(() => watching.disconnect())
  return width
}
