import { onBeforeUnmount, ref, watch, type Ref } from 'vue'

/** Narrower than this a chart is scaled down, px. */
const LEAST = 240

/** How large a drawing is drawn, px. @param before the size until it is drawn */
export function useDrawnSize(drawing: Ref<Element | undefined>, before: { width: number; height: number }) {
  const [width, height] = [ref(before.width), ref(before.height)]
  const watching = new ResizeObserver(([{ contentRect }]) => {
    if (contentRect.width <= 0) return
    width.value = Math.max(LEAST, Math.round(contentRect.width))
    height.value = Math.round(contentRect.height)
  })
  watch(drawing, (now, was) => {
    if (was) watching.unobserve(was)
    if (now) watching.observe(now)
  })
  onBeforeUnmount(() => watching.disconnect())
  return { width, height }
}

/**
 * How wide a chart is drawn, px: its figures are laid out for that, so that its letters are as large on a
 * phone as on a desk.
 * @param before the width until it is drawn
 */
export const useChartWidth = (chart: Ref<Element | undefined>, before: number): Ref<number> =>
  useDrawnSize(chart, { width: before, height: 0 }).width
