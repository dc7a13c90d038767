import { select, zoom, zoomIdentity, type ZoomBehavior } from 'd3'
import { computed, onBeforeUnmount, onMounted, ref, watch, type Ref } from 'vue'

/** What of the drawing is seen when nothing is enlarged. */
export interface Frame {
  x: number
  y: number
  width: number
  height: number
}

/** How far one may go in: from all sheets to a single finger. */
const MOST = 24
const STEP = 1.5

/** Enlarging and moving what an SVG draws: by wheel, by two fingers, by dragging its ground, by steps. */
export function useBoardZoom(svg: Ref<SVGSVGElement | undefined>, frame: Ref<Frame>) {
  const now = ref(zoomIdentity)
  let behaviour: ZoomBehavior<SVGSVGElement, unknown> | null = null
  const scene = () => select(svg.value!)

  /** Parts are taken hold of, not the ground below them; while all is seen, one finger scrolls the page. */
  const isOnGround = (event: Event): boolean => {
    const fingers = 'touches' in event ? (event as TouchEvent).touches.length : 0
    if (fingers === 1 && now.value.k === 1) return false
    return fingers > 1 || event.type === 'wheel' || !(event.target as Element).closest('[data-part]')
  }
  function fit(): void {
    const { x, y, width, height } = frame.value
    const corners: [[number, number], [number, number]] = [
      [x, y],
      [x + width, y + height],
    ]
    behaviour?.extent(corners).translateExtent(corners)
  }
  onMounted(() => {
    behaviour = zoom<SVGSVGElement, unknown>()
      .scaleExtent([1, MOST])
      .filter((event: Event) => isOnGround(event) && !(event as MouseEvent).button)
      .on('zoom', ({ transform }: { transform: typeof zoomIdentity }) => {
        now.value = transform
      })
    fit()
    scene().call(behaviour).on('dblclick.zoom', null)
  })
  onBeforeUnmount(() => scene().on('.zoom', null))
  watch(frame, () => {
    fit()
    // Sheets were added or taken away: what was looked at is elsewhere now.
    whole()
  })

  const by = (factor: number): void => {
    if (behaviour) scene().call(behaviour.scaleBy, factor)
  }
  function whole(): void {
    if (behaviour) scene().call(behaviour.transform, zoomIdentity)
  }
  /** Brings a place of the drawing into the middle, as far as it is enlarged. */
  function show(x: number, y: number): void {
    if (behaviour && now.value.k > 1) scene().call(behaviour.translateTo, x, y)
  }
  return {
    transform: computed(() => now.value.toString()),
    /** How many times as large as when all is seen. */
    scale: computed(() => now.value.k),
    isWhole: computed(() => now.value.k === 1),
    closer: () => by(STEP),
    farther: () => by(1 / STEP),
    whole,
    show,
  }
}
