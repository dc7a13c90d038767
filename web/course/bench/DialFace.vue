<script setup lang="ts">
import { computed } from 'vue'
import DragHandle from './DragHandle.vue'
import { dialFace as words } from './words'

/** A dial of a hundred marks: a pointer, and a ring that is turned to set it to nothing. */
const props = defineProps<{
  /** Turns of the pointer, and of the ring against it. */
  pointer: number
  ring: number
  radius: number
  cx: number
  cy: number
}>()
const emit = defineEmits<{ turn: [turns: number] }>()
const MARKS = 100
/** At a share of a turn, clockwise from above. */
const at = (turn: number, radius: number): { x: number; y: number } => ({
  x: props.cx + radius * Math.sin(2 * Math.PI * turn),
  y: props.cy - radius * Math.cos(2 * Math.PI * turn),
})
const marks = computed(() =>
  Array.from({ length: MARKS }, (_, n) => {
    const turn = n / MARKS - props.ring
    const inner = n % 10 === 0 ? 0.82 : n % 5 === 0 ? 0.87 : 0.91
    return {
      n,
      from: at(turn, props.radius * inner),
      to: at(turn, props.radius * 0.96),
      figure: n % 10 === 0 ? at(turn, props.radius * 0.7) : null,
    }
  }),
)
const tip = computed(() => at(props.pointer, props.radius * 0.9))
const tail = computed(() => at(props.pointer + 0.5, props.radius * 0.2))
const shown = computed(() => {
  const marks = Math.round((props.pointer + props.ring) * MARKS)
  return ((marks % MARKS) + MARKS) % MARKS
})
</script>

<template>
  <g>
    <DragHandle
      :label="words.ringDial"
      :value="ring * MARKS"
      :min="-MARKS"
      :max="MARKS"
      :step="1"
      :scale="2"
      :says="words.thePointerIs(shown)"
      @move="emit('turn', $event / MARKS)"
    >
      <circle :cx="cx" :cy="cy" :r="radius" class="fill-sheet stroke-edge" stroke-width="6" />
      <g class="stroke-ink">
        <g v-for="mark in marks" :key="mark.n">
          <line :x1="mark.from.x" :y1="mark.from.y" :x2="mark.to.x" :y2="mark.to.y" />
          <text
            v-if="mark.figure"
            :x="mark.figure.x"
            :y="mark.figure.y + 4"
            text-anchor="middle"
            class="fill-ink stroke-none font-mono text-[12px]"
          >
            {{ mark.n }}
          </text>
        </g>
      </g>
    </DragHandle>
    <line
      :x1="tail.x"
      :y1="tail.y"
      :x2="tip.x"
      :y2="tip.y"
      class="pointer-events-none stroke-rowan"
      stroke-width="2.5"
    />
    <circle :cx="cx" :cy="cy" r="5" class="pointer-events-none fill-rowan" />
  </g>
</template>
