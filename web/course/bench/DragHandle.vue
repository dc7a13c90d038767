<script setup lang="ts">
import { arrowOf, follow } from '../follow'

/** Something in a drawing that is pulled one way: by a pointer, or by arrow keys. */
const props = defineProps<{
  label: string
  value: number
  min: number
  max: number
  /** What an arrow key moves it by. */
  step: number
  /** How far it moves in the drawing for one of its units. */
  scale: number
  /** How its place is said. */
  says: string
  upright?: boolean
}>()
const emit = defineEmits<{ move: [value: number] }>()

const put = (value: number): void => {
  emit('move', Math.min(props.max, Math.max(props.min, Number(value.toFixed(6)))))
}
function grip(event: PointerEvent): void {
  const from = props.value
  follow(event, {
    move: ({ x, y }) => put(from + (props.upright ? -y : x) / props.scale),
  })
}
/** On steps, so that arrow keys meet whole ones. */
function nudge(steps: number): void {
  put((Math.round(props.value / props.step) + steps) * props.step)
}
function onKey(event: KeyboardEvent): void {
  const arrow = arrowOf(event)
  if (arrow) nudge(arrow.x + arrow.y)
  else if (event.key === 'PageUp') nudge(10)
  else if (event.key === 'PageDown') nudge(-10)
  else if (event.key === 'Home') put(props.min)
  else if (event.key === 'End') put(props.max)
  else return
  event.preventDefault()
}
</script>

<template>
  <g
    class="cursor-grab touch-none active:cursor-grabbing"
    role="slider"
    tabindex="0"
    :aria-label="label"
    :aria-valuenow="value"
    :aria-valuemin="min"
    :aria-valuemax="max"
    :aria-valuetext="says"
    :aria-orientation="upright ? 'vertical' : 'horizontal'"
    @pointerdown="grip"
    @keydown="onKey"
  >
    <slot />
  </g>
</template>
