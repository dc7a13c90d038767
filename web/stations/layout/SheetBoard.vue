<script setup lang="ts">
import { computed, ref } from 'vue'
import { bounds } from '@core/geometry'
import { layoutRules, roomFor } from '@core/job'
import { placedShape, type Placement, type Violation } from '@core/nest'
import { short } from '@core/length'
import { regionData } from '@web/parts/svg-path'
import { useDerived } from '@web/stores/derived'
import { useJob } from '@web/stores/job'
import { dropAt, makeBoard, sheetCorner } from './board'
import { turnedOn } from './turning'

const props = defineProps<{ placements: Placement[]; wrong: Violation[]; chosen: string | null }>()
const emit = defineEmits<{
  choose: [part: string]
  move: [placement: Placement]
  place: [placement: Placement]
}>()
const jobs = useJob()
const derived = useDerived()
const svg = ref<SVGSVGElement>()

const settings = computed(() => layoutRules(jobs.job!))
const room = computed(() => roomFor(jobs.job!))
const shown = computed(() => {
  const used = props.placements.reduce((most, { sheet }) => Math.max(most, sheet + 1), 0)
  return Math.max(1, Math.min(settings.value.sheets, used + 1), used)
})
const board = computed(() => makeBoard(shown.value, settings.value))
const sheets = computed(() =>
  Array.from({ length: shown.value }, (_, i) => ({ i, ...sheetCorner(board.value, i, settings.value) })),
)
const bad = computed(() => new Set(props.wrong.flatMap(({ parts }) => parts)))
const byId = computed(() => new Map(derived.parts.map((part) => [part.id, part])))
const drawn = computed(() =>
  props.placements.map((placement) => {
    const part = byId.value.get(placement.part)!
    const shape = placedShape(part.shape, placement)
    const corner = sheetCorner(board.value, placement.sheet, settings.value)
    const box = bounds(shape.outline)
    return {
      placement,
      part,
      shape: regionData(shape),
      corner,
      centre: { x: (box.minX + box.maxX) / 2, y: (box.minY + box.maxY) / 2 },
      size: { width: box.maxX - box.minX, height: box.maxY - box.minY },
    }
  }),
)
type Drawn = (typeof drawn.value)[number]
const isUpright = ({ size: { width, height } }: Drawn): boolean => height > 1.1 * width
const nameOf = ({ part, placement }: Drawn): string => `${part.label}${placement.pinned ? ' ⚲' : ''}`
/** Letters are about this wide for their size. */
const LETTER = 0.55
/** The size of letters at which a part's name stays inside the part, mm. */
const roomForName = (item: Drawn): number =>
  (0.88 * (isUpright(item) ? item.size.height : item.size.width)) /
  (LETTER * Math.max(4, nameOf(item).length))
const textSize = computed(() => Math.max(board.value.width, board.value.height) / 55)

let held: { drawn: Drawn; x: number; y: number } | null = null
const boardPoint = ({ clientX, clientY }: PointerEvent): DOMPoint =>
  new DOMPoint(clientX, clientY).matrixTransform(svg.value!.getScreenCTM()!.inverse())

function grab(event: PointerEvent, item: Drawn): void {
  const { x, y } = boardPoint(event)
  held = { drawn: item, x, y }
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  emit('choose', item.part.id)
}
function at(event: PointerEvent): Placement | null {
  if (!held) return null
  const { x, y } = boardPoint(event)
  if (Math.hypot(x - held.x, y - held.y) < 0.5) return null
  return dropAt(
    board.value,
    shown.value,
    settings.value,
    held.drawn.placement,
    x - held.x,
    y - held.y,
    held.drawn.size,
  )
}
function drag(event: PointerEvent): void {
  const placement = at(event)
  if (placement) emit('move', placement)
}
function drop(event: PointerEvent): void {
  const placement = at(event)
  held = null
  if (placement) emit('place', placement)
}

const STEPS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}
function press(event: KeyboardEvent, { part, placement }: Drawn): void {
  const step = STEPS[event.key]
  const far = event.shiftKey ? 10 : 1
  const key = event.key.toLowerCase()
  if (step)
    emit('place', {
      ...placement,
      x: placement.x + step[0] * far,
      y: placement.y + step[1] * far,
      pinned: true,
    })
  else if (key === 'r') {
    const turned = turnedOn(part.shape, placement, settings.value)
    if (turned) emit('place', turned)
  } else if (key === 'p') emit('place', { ...placement, pinned: !placement.pinned })
  else return
  event.preventDefault()
}
const describe = ({ part, placement }: Drawn): string =>
  `${part.label} on sheet ${placement.sheet + 1}, ${short(placement.x, 1)} from left, ${short(placement.y, 1)} from below${placement.pinned ? ', pinned' : ''}${bad.value.has(part.id) ? ', in the way' : ''}`
</script>

<template>
  <svg
    ref="svg"
    class="h-full w-full touch-none"
    :viewBox="`${-textSize} ${-textSize * 2} ${board.width + textSize * 2} ${board.height + textSize * 3}`"
    role="group"
    aria-label="Sheets with their parts"
  >
    <defs>
      <pattern id="wrong" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="6" height="6" fill="var(--rowan-wash)" />
        <path d="M0 0V6" stroke="var(--rowan)" stroke-width="2" />
      </pattern>
    </defs>
    <g v-for="sheet in sheets" :key="sheet.i" :transform="`translate(${sheet.x} ${sheet.y})`">
      <rect
        :y="-settings.sheetHeight"
        :width="settings.sheetWidth"
        :height="settings.sheetHeight"
        fill="var(--sunk)"
        stroke="var(--edge)"
        stroke-width="1"
        vector-effect="non-scaling-stroke"
      />
      <rect :y="-room.height" :width="room.width" :height="room.height" fill="var(--paper)" />
      <rect
        :x="settings.margin"
        :y="-room.height + settings.margin"
        :width="Math.max(0, room.width - 2 * settings.margin)"
        :height="Math.max(0, room.height - 2 * settings.margin)"
        fill="none"
        stroke="var(--edge)"
        stroke-dasharray="4 3"
        stroke-width="1"
        vector-effect="non-scaling-stroke"
      />
      <text :y="-settings.sheetHeight - textSize * 0.4" :font-size="textSize" fill="var(--quiet)">
        sheet {{ sheet.i + 1
        }}{{
          { none: '', width: ' · grain ↔', height: ' · grain ↕' }[jobs.job!.measure.stock?.grain ?? 'none']
        }}
      </text>
    </g>
    <g
      v-for="item in drawn"
      :key="item.part.id"
      :transform="`translate(${item.corner.x} ${item.corner.y})`"
      class="cursor-grab"
      tabindex="0"
      role="button"
      :aria-label="describe(item)"
      :aria-pressed="chosen === item.part.id"
      :data-part="item.part.id"
      @pointerdown="grab($event, item)"
      @pointermove="drag"
      @pointerup="drop"
      @pointercancel="held = null"
      @focus="emit('choose', item.part.id)"
      @keydown="press($event, item)"
    >
      <path
        :d="item.shape"
        :fill="bad.has(item.part.id) ? 'url(#wrong)' : 'var(--ply)'"
        :stroke="
          bad.has(item.part.id)
            ? 'var(--rowan)'
            : chosen === item.part.id
              ? 'var(--heather)'
              : 'var(--ply-edge)'
        "
        :stroke-width="chosen === item.part.id ? 3 : 1"
        vector-effect="non-scaling-stroke"
        fill-rule="evenodd"
      />
      <text
        :transform="`translate(${item.centre.x} ${-item.centre.y}) rotate(${isUpright(item) ? -90 : 0})`"
        dy="0.35em"
        text-anchor="middle"
        :font-size="Math.min(textSize, roomForName(item))"
        fill="var(--ink)"
        class="pointer-events-none"
      >
        {{ nameOf(item) }}
      </text>
    </g>
  </svg>
</template>
