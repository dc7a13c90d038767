<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Panel } from '@core/assembly'
import { pointsOf } from '@core/art'
import { baseOf, engravingsOn, ringsOfOpening, type Engraving, type Opening } from '@core/box'
import { bounds, type Bounds, type Point } from '@core/geometry'
import { useUnits } from '@web/stores/units'
import { useBoxEdits } from './box-edits'
import { faceHandles as words } from './words'

/**
 * What is on a panel can be taken hold of and moved; the figures of its place follow, in whole steps, and
 * hold on to the anchor's own lines.
 */
const props = defineProps<{ panel: Panel }>()
const { box, change } = useBoxEdits()
const units = useUnits()

interface Handle {
  list: 'openings' | 'engravings'
  index: number
  label: string
  at: Bounds
  /** Which way its own right is on the drawing: what is on the inside is placed as seen from there. */
  way: 1 | -1
}
const own = <T extends { panel: string }>(list: T[]): { each: T; index: number }[] =>
  list.map((each, index) => ({ each, index })).filter(({ each }) => each.panel === props.panel.id)
const handles = computed((): Handle[] => {
  const { blank } = props.panel
  const openings = own(box.value.openings).map(({ each, index }): Handle => ({
    list: 'openings',
    index,
    label: words.opening(index + 1, each.shape.kind),
    at: bounds(
      ringsOfOpening(each, baseOf(box.value.openings.slice(0, index), each.panel, each.from, blank)).flat(),
    ),
    way: 1,
  }))
  const engravings = own(box.value.engravings).flatMap(({ each, index }): Handle[] => {
    const found = engravingsOn({ ...box.value, engravings: [each] }, props.panel.id, blank)
    const points = found.flatMap(pointsOf)
    const label = words.engraving(index + 1, each.motif.kind)
    const way = each.side === 'inside' ? -1 : 1
    return points.length > 0 ? [{ list: 'engravings', index, label, at: bounds(points), way }] : []
  })
  return [...openings, ...engravings]
})

/** Moves go in whole steps, mm; nearer than this to the anchor they hold on to it. */
const STEPS = { mm: 0.5, in: 25.4 / 32 }
const HOLD = 1.5
const step = computed(() => STEPS[units.units.length])
const stepped = (value: number): number =>
  Math.abs(value) < HOLD ? 0 : Math.round(Math.round(value / step.value) * step.value * 1e4) / 1e4

function put({ list, index }: Handle, { x, y }: Point): void {
  const moved = <T extends Opening | Engraving>(all: T[]): T[] =>
    all.map((each, i) => (i === index ? { ...each, right: x, up: y } : each))
  const key = `${list} ${index} moved`
  if (list === 'openings') change({ openings: moved(box.value.openings) }, key)
  else change({ engravings: moved(box.value.engravings) }, key)
}
const placeOf = ({ list, index }: Handle): Point => {
  const { right, up } = box.value[list][index]
  return { x: right, y: up }
}

const held = ref<{ handle: Handle; from: Point; start: Point } | null>(null)
function onDrawing(event: PointerEvent): Point {
  const svg = (event.currentTarget as SVGGraphicsElement).ownerSVGElement!
  const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM()!.inverse())
  return { x: at.x, y: -at.y }
}
function take(handle: Handle, event: PointerEvent): void {
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  held.value = { handle, from: onDrawing(event), start: placeOf(handle) }
}
function move(event: PointerEvent): void {
  if (!held.value) return
  const { handle, from, start } = held.value
  const at = onDrawing(event)
  const [x, y] = [stepped(start.x + handle.way * (at.x - from.x)), stepped(start.y + at.y - from.y)]
  const now = placeOf(handle)
  if (now.x !== x || now.y !== y) put(handle, { x, y })
}
const KEYS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}
function nudge(handle: Handle, event: KeyboardEvent): void {
  const way = KEYS[event.key] as [number, number] | undefined
  if (!way) return
  event.preventDefault()
  const { x, y } = placeOf(handle)
  const by = step.value * (event.shiftKey ? 10 : 1)
  put(handle, { x: x + handle.way * way[0] * by, y: y + way[1] * by })
}
</script>

<template>
  <rect
    v-for="handle in handles"
    :key="`${handle.list} ${handle.index}`"
    class="cursor-move focus-visible:outline-2"
    :x="handle.at.minX"
    :y="-handle.at.maxY"
    :width="handle.at.maxX - handle.at.minX"
    :height="handle.at.maxY - handle.at.minY"
    fill="transparent"
    stroke="var(--heather)"
    stroke-width="1"
    stroke-dasharray="3 3"
    vector-effect="non-scaling-stroke"
    role="button"
    tabindex="0"
    style="touch-action: none"
    :aria-label="words.dragMoveArrow(handle.label)"
    @pointerdown.prevent="take(handle, $event)"
    @pointermove="move"
    @pointerup="held = null"
    @pointercancel="held = null"
    @keydown="nudge(handle, $event)"
  />
</template>
