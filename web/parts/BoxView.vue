<script setup lang="ts">
import { ChevronDown, ChevronLeft, ChevronRight, ChevronUp, RotateCcw, ZoomIn, ZoomOut } from '@lucide/vue'
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { AXES, type Group, type Panel } from '@core/assembly'
import { oncePainted } from '@web/once-painted'
import { useTheme } from './theme'
import { BoxScene, type Look } from './box-scene'
import { boxView as words } from './words'

const props = defineProps<{
  panels: Panel[]
  label: string
  chosen?: string | null
  wrong?: string[]
  second?: string[]
  groups?: Group[]
}>()
const emit = defineEmits<{ choose: [panel: string] }>()
const canvas = ref<HTMLCanvasElement>()
const explode = ref(0)
const section = ref(0)
/** How far what moves is drawn out, as a share of its way. */
const opened = defineModel<number>('opened', { default: 0 })
const noWebGL = ref(false)
const { theme } = useTheme()
let scene: BoxScene | null = null
let observer: ResizeObserver | null = null
let asked = 0

function lookOf(id: string): Look {
  if (props.wrong?.includes(id)) return 'rowan'
  if (props.chosen === id) return 'heather'
  return props.second?.includes(id) ? 'second' : 'ply'
}
const SHELL = ['front', 'back', 'left', 'right', 'floor', 'top', 'plate', 'knob']
const ownName = (id: string): string => id.slice(id.lastIndexOf('/') + 1)
/** What stands inside is lifted out upward. */
const wayOf = (id: string): [number, number, number] | undefined =>
  /^wall-\d+$/.test(ownName(id)) || SHELL.includes(ownName(id)) ? undefined : [0, 0, 1]

/** Which of the things that move is moved: its place in the list, or all of them. */
const ALL = 'all'
const which = ref<string>('0')
const moved = computed((): Group[] => {
  const groups = props.groups ?? []
  const at = Math.min(Number(which.value), groups.length - 1)
  return which.value === ALL ? groups : groups.slice(Math.max(0, at), at + 1)
})

/** How far a part is moved along the axes of the box, mm. */
function movedBy(id: string): [number, number, number] | undefined {
  const group = moved.value.find(({ parts }) => parts.includes(id))
  if (group?.motion !== 'slide') return undefined
  const far = group.range * opened.value * group.way.sign
  return AXES.map((axis) => (axis === group.way.axis ? far : 0)) as [number, number, number]
}

/** How much of what is drawn out to the front is seen beside the box. */
const SEEN = 0.6

/** Draws once per frame, however often it is asked. */
function draw(): void {
  cancelAnimationFrame(asked)
  asked = requestAnimationFrame(() => {
    const out =
      explode.value * Math.max(...props.panels.map(({ size }) => Math.min(size.width, size.height))) * 0.9
    scene?.section(section.value)
    scene?.draw(
      props.panels.map(({ id }) => ({ name: id, colour: lookOf(id), out, way: wayOf(id), by: movedBy(id) })),
      Math.max(
        out,
        SEEN *
          opened.value *
          Math.max(0, ...moved.value.map((group) => (group.motion === 'slide' ? group.range : 0))),
      ),
    )
  })
}

function turn(angle: number, tilt: number): void {
  scene?.turn(angle, tilt)
  draw()
}
function zoom(by: number): void {
  scene?.zoom(by)
  draw()
}
function reset(): void {
  explode.value = 0
  section.value = 0
  opened.value = 0
  scene?.reset()
  draw()
}

const BUTTONS = [
  { label: words.turnLeft, icon: ChevronLeft, act: () => turn(-0.3, 0) },
  { label: words.turnRight, icon: ChevronRight, act: () => turn(0.3, 0) },
  { label: words.tiltUp, icon: ChevronUp, act: () => turn(0, 0.2) },
  { label: words.tiltDown, icon: ChevronDown, act: () => turn(0, -0.2) },
  { label: words.nearer, icon: ZoomIn, act: () => zoom(1.25) },
  { label: words.farther, icon: ZoomOut, act: () => zoom(0.8) },
  { label: words.asItWas, icon: RotateCcw, act: reset },
]

/** A press that does not move chooses a panel; one that does turns the view. */
let pressed: { x: number; y: number } | null = null
function press({ clientX: x, clientY: y }: PointerEvent): void {
  pressed = { x, y }
}
function release({ clientX, clientY, currentTarget }: PointerEvent): void {
  if (!pressed || Math.hypot(clientX - pressed.x, clientY - pressed.y) > 4) return
  const box = (currentTarget as Element).getBoundingClientRect()
  const [x, y] = [(clientX - box.left) / box.width, (clientY - box.top) / box.height]
  const id = scene?.pick(2 * x - 1, 1 - 2 * y)
  if (id) emit('choose', id)
}

function begin(): void {
  try {
    scene = new BoxScene(canvas.value, draw)
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
}
let callOff = (): void => undefined
onMounted(() => {
  callOff = oncePainted(begin) // to begin to draw in space is slow: the figures beside it come first
})
onBeforeUnmount(() => {
  callOff()
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
watch(
  [explode, section, opened, moved, theme, () => props.chosen, () => props.wrong, () => props.second],
  draw,
)
</script>

<template>
  <div class="flex h-full min-h-0 flex-col">
    <div class="relative min-h-0 flex-1 overflow-hidden">
      <p v-if="noWebGL" class="note p-4">
        {{ words.browserShowsNo }}
      </p>
      <canvas
        ref="canvas"
        class="absolute inset-0 h-full w-full cursor-grab"
        tabindex="0"
        role="img"
        :aria-label="label"
        @pointerdown="press"
        @pointerup="release"
        @keydown.left.prevent="turn(-0.15, 0)"
        @keydown.right.prevent="turn(0.15, 0)"
        @keydown.up.prevent="turn(0, 0.1)"
        @keydown.down.prevent="turn(0, -0.1)"
        @keydown.+.prevent="zoom(1.2)"
        @keydown.-.prevent="zoom(1 / 1.2)"
      />
    </div>
    <div class="no-print flex flex-wrap items-center gap-x-1">
      <button
        v-for="{ label: name, icon, act } in BUTTONS"
        :key="name"
        type="button"
        class="btn-icon"
        :aria-label="name"
        @click="act"
      >
        <component :is="icon" :size="18" />
      </button>
      <div class="flex min-w-56 flex-1 flex-wrap gap-x-3">
        <label class="flex min-w-28 flex-1 items-center gap-2 text-[13px] whitespace-nowrap">
          {{ words.pullApart }}
          <input
            v-model.number="explode"
            type="range"
            min="0"
            max="1"
            step="0.02"
            class="w-full accent-heather"
          />
        </label>
        <label class="flex min-w-28 flex-1 items-center gap-2 text-[13px] whitespace-nowrap">
          {{ words.section }}
          <input
            v-model.number="section"
            type="range"
            min="0"
            max="0.98"
            step="0.02"
            class="w-full accent-heather"
          />
        </label>
        <label
          v-if="groups?.length"
          class="flex min-w-52 flex-1 items-center gap-2 text-[13px] whitespace-nowrap"
        >
          <template v-if="groups.length === 1">{{ words.openThe(groups[0].id) }}</template>
          <template v-else>
            {{ words.open }}
            <select v-model="which" class="input w-auto! py-0.5!" :aria-label="words.whatIsOpened">
              <option v-for="(group, i) in groups" :key="group.id" :value="String(i)">{{ group.id }}</option>
              <option :value="ALL">{{ words.all }}</option>
            </select>
          </template>
          <input
            v-model.number="opened"
            :aria-label="groups.length === 1 ? words.openThe(groups[0].id) : words.howFarOpen"
            type="range"
            min="0"
            max="1"
            step="0.02"
            class="w-full accent-heather"
          />
        </label>
      </div>
    </div>
  </div>
</template>
