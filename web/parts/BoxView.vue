<script setup lang="ts">
import { ChevronDown, ChevronLeft, ChevronRight, ChevronUp } from '@lucide/vue'
import { onBeforeUnmount, onMounted, ref, watch } from 'vue'
import type { Panel } from '@core/box'
import { useTheme } from './theme'
import { BoxScene } from './box-scene'

const props = defineProps<{ panels: Panel[]; label: string }>()
const canvas = ref<HTMLCanvasElement>()
const explode = ref(0)
const noWebGL = ref(false)
const { theme } = useTheme()
let scene: BoxScene | null = null
let observer: ResizeObserver | null = null
let asked = 0

/** Draws once per frame, however often it is asked. */
function draw(): void {
  cancelAnimationFrame(asked)
  asked = requestAnimationFrame(() => {
    const out =
      explode.value * Math.max(...props.panels.map(({ size }) => Math.min(size.width, size.height))) * 0.9
    scene?.draw(
      props.panels.map(({ name }) => ({ name, colour: 'ply', out })),
      out,
    )
  })
}

function turn(angle: number, tilt: number): void {
  if (!scene) return
  scene.angle += angle
  scene.tilt = Math.max(-1.5, Math.min(1.5, scene.tilt + tilt))
  draw()
}

let held: { x: number; y: number } | null = null
function drag({ clientX: x, clientY: y }: PointerEvent): void {
  if (held) turn((held.x - x) / 120, (y - held.y) / 120)
  if (held) held = { x, y }
}

onMounted(() => {
  try {
    scene = new BoxScene(canvas.value)
  } catch {
    noWebGL.value = true
    return
  }
  scene.setPanels(props.panels)
  observer = new ResizeObserver(([entry]) => {
    scene?.setSize(Math.max(1, entry.contentRect.width), Math.max(1, entry.contentRect.height))
    draw()
  })
  observer.observe(canvas.value!.parentElement!)
})
onBeforeUnmount(() => {
  cancelAnimationFrame(asked)
  observer?.disconnect()
  scene?.dispose()
})
watch(
  () => props.panels,
  (panels) => {
    scene?.setPanels(panels)
    draw()
  },
)
watch([explode, theme], draw)
</script>

<template>
  <div class="flex h-full min-h-0 flex-col">
    <div class="relative min-h-0 flex-1 overflow-hidden">
      <p v-if="noWebGL" class="note p-4">
        This browser shows no 3D here (WebGL is off). The flat panels below are made from the same shapes.
      </p>
      <canvas
        ref="canvas"
        class="absolute inset-0 h-full w-full cursor-grab touch-none"
        tabindex="0"
        role="img"
        :aria-label="label"
        @pointerdown="
          ((held = { x: $event.clientX, y: $event.clientY }),
          ($event.target as Element).setPointerCapture($event.pointerId))
        "
        @pointermove="drag"
        @pointerup="held = null"
        @keydown.left.prevent="turn(-0.15, 0)"
        @keydown.right.prevent="turn(0.15, 0)"
        @keydown.up.prevent="turn(0, 0.1)"
        @keydown.down.prevent="turn(0, -0.1)"
      />
    </div>
    <div class="no-print flex items-center gap-1">
      <button type="button" class="btn-icon" aria-label="Turn left" @click="turn(-0.3, 0)">
        <ChevronLeft :size="18" />
      </button>
      <button type="button" class="btn-icon" aria-label="Turn right" @click="turn(0.3, 0)">
        <ChevronRight :size="18" />
      </button>
      <button type="button" class="btn-icon" aria-label="Tilt up" @click="turn(0, 0.2)">
        <ChevronUp :size="18" />
      </button>
      <button type="button" class="btn-icon" aria-label="Tilt down" @click="turn(0, -0.2)">
        <ChevronDown :size="18" />
      </button>
      <label class="ml-3 flex flex-1 items-center gap-2 text-sm whitespace-nowrap">
        Pull apart
        <input
          v-model.number="explode"
          type="range"
          min="0"
          max="1"
          step="0.02"
          class="w-full accent-heather"
        />
      </label>
    </div>
  </div>
</template>
