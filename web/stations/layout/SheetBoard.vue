<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { bounds } from '@core/geometry'
import { fixed } from '@core/length'
import { placedShape, sheetsAllowed, type Placement, type Surface, type Violation } from '@core/nest'
import { useDrawnSize } from '@web/parts/chart-width'
import { regionData } from '@web/parts/svg-path'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { dropAt, FREE, freeDown, letterSize, makeBoard, sheetCorner } from './board'
import { useBoardZoom } from './board-zoom'
import SheetGround from './SheetGround.vue'
import { leastLetters } from './part-name'
import { REACH, snapped } from './snapping'
import { turnedByKey, turnedOn } from './turning'
import { usePartNames } from './use-part-names'
import ZoomButtons from './ZoomButtons.vue'
import { sheetBoard as words } from './words'

const props = defineProps<{
  placements: Placement[]
  wrong: Violation[]
  chosen: string | null
  /** What there is to say of each sheet. */
  facts: Map<number, string>
}>()
const emit = defineEmits<{
  choose: [part: string]
  move: [placement: Placement]
  place: [placement: Placement]
}>()
const derived = useDerived()
const say = useSay()
const svg = ref<SVGSVGElement>()
const drawnSize = useDrawnSize(svg, { width: 700, height: 700 })
const shown = computed(() => {
  const used = props.placements.reduce((most, { sheet }) => Math.max(most, sheet + 1), 0)
  const offcuts = Array.from({ length: used }, (_, i) => derived.surfaceAt(i)).filter(({ offcut }) => offcut)
  return Math.max(1, Math.min(sheetsAllowed(derived.rules) + offcuts.length, used + 1), used)
})
const surfaces = computed(() => Array.from({ length: shown.value }, (_, i) => derived.surfaceAt(i)))
/** Room for the largest of them. */
const cell = computed(() => ({
  width: Math.max(...surfaces.value.map(({ width }) => width)),
  height: Math.max(...surfaces.value.map(({ height }) => height)),
}))
const drawnAs = computed(() => ({ width: drawnSize.width.value, height: drawnSize.height.value }))
const board = computed(() => makeBoard(shown.value, cell.value, drawnAs.value))
const sheets = computed(() =>
  surfaces.value.map((surface, i) => ({
    i,
    surface,
    title: titleOf(surface, i),
    ...sheetCorner(board.value, i, cell.value),
  })),
)
function titleOf({ offcut }: Surface, i: number): string {
  if (!offcut) return words.sheet(i + 1, grain.value)
  const name = derived.seen.stock?.offcuts.find(({ id }) => id === offcut)?.name
  return words.sheetOffcut(i + 1, name ? ` ${name}` : '', grain.value)
}
const GRAINS = { none: '', width: ' · grain ↔', height: ' · grain ↕' }
const grain = computed(() => GRAINS[derived.seen.stock?.grain ?? 'none'])
const bad = computed(() => new Set(props.wrong.flatMap(({ parts }) => parts)))
const byId = computed(() => new Map(derived.board.parts.map((part) => [part.id, part])))

type Part = (typeof derived.parts)[number]
function drawPart(part: Part, placement: Placement) {
  const shape = placedShape(part, placement)
  const box = bounds(shape.outline)
  return {
    placement,
    part,
    region: shape,
    box,
    path: regionData(shape),
    corner: sheetCorner(board.value, placement.sheet, cell.value),
    centre: { x: (box.minX + box.maxX) / 2, y: (box.minY + box.maxY) / 2 },
    size: { width: box.maxX - box.minX, height: box.maxY - box.minY },
  }
}
type Drawn = ReturnType<typeof drawPart>

/** What was drawn of each placement; begun anew when parts or sheets change. */
const known = computed(() => ({
  parts: byId.value,
  board: board.value,
  drawn: new WeakMap<Placement, Drawn>(),
}))
const drawn = computed(() =>
  props.placements.map((placement) => {
    const before = known.value.drawn.get(placement)
    if (before) return before
    const item = drawPart(known.value.parts.get(placement.part)!, placement)
    known.value.drawn.set(placement, item)
    return item
  }),
)
const nameOf = ({ part, placement }: Drawn): string => `${part.label}${placement.pinned ? ' ⚲' : ''}`
const textSize = computed(() => letterSize(board.value, drawnAs.value))
/** By its place in the list of parts. */
const numbers = computed(() => new Map(derived.board.parts.map(({ id }, i) => [id, String(i + 1)])))
/** What a part may be called: by its name, or where that has no room by its number. */
const namesOf = (item: Drawn): string[] => [nameOf(item), numbers.value.get(item.part.id)!]

const world = ref<SVGGElement>()
const frame = computed(() => ({
  x: (-FREE.beside / 2) * textSize.value,
  y: -FREE.above * textSize.value,
  width: board.value.width + FREE.beside * textSize.value,
  height: board.value.height + freeDown(board.value) * textSize.value,
}))
const zoomed = useBoardZoom(svg, frame)
watch(
  () => props.chosen,
  (part) => {
    if (held) return // what is in the hand stays under it
    const item = drawn.value.find((each) => each.part.id === part)
    if (item) zoomed.show(item.corner.x + item.centre.x, item.corner.y - item.centre.y)
  },
)
const smallest = computed(() => {
  const { width: across, height: up } = drawnAs.value
  const pixels = Math.min(across / frame.value.width, up / frame.value.height)
  return leastLetters(across, pixels, zoomed.scale.value)
})
const names = usePartNames(drawn, namesOf, textSize, smallest)
/** Keys of the board itself; those of a part are its own. */
const ZOOM_KEYS: Record<string, () => void> = {
  '+': zoomed.closer,
  '=': zoomed.closer,
  '-': zoomed.farther,
  '0': zoomed.whole,
}
function pressBoard(event: KeyboardEvent): void {
  const act = ZOOM_KEYS[event.key]
  if (!act || event.ctrlKey || event.metaKey) return
  act()
  event.preventDefault()
}

let held: { drawn: Drawn; x: number; y: number } | null = null
const boardPoint = ({ clientX, clientY }: PointerEvent): DOMPoint =>
  new DOMPoint(clientX, clientY).matrixTransform(world.value!.getScreenCTM()!.inverse())

/** A finger that swipes over the board scrolls the page: it moves only the part that a tap chose before. */
const isHeldBy = ({ pointerType }: PointerEvent, { part }: Drawn): boolean =>
  pointerType !== 'touch' || props.chosen === part.id

function grab(event: PointerEvent, item: Drawn): void {
  if (!isHeldBy(event, item)) return
  const { x, y } = boardPoint(event)
  held = { drawn: item, x, y }
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  emit('choose', item.part.id)
}
function at(event: PointerEvent): Placement | null {
  if (!held) return null
  const { x, y } = boardPoint(event)
  const [dx, dy] = [x - held.x, y - held.y]
  if (Math.hypot(dx, dy) < 0.5) return null
  const { placement, size } = held.drawn
  const under = dropAt(board.value, shown.value, cell.value, placement, dx, dy, size)
  if (event.altKey) return under
  const on = {
    parts: byId.value,
    placements: props.placements,
    surface: derived.surfaceAt(under.sheet),
    rules: derived.rules,
  }
  return snapped(under, on, REACH / world.value!.getScreenCTM()!.a)
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
/** Where a key takes a part; null when it is no key of ours. */
function keyed({ key, shiftKey }: KeyboardEvent, { part, placement }: Drawn): Placement | null {
  const step = STEPS[key]
  const far = shiftKey ? 10 : 1
  if (step) {
    const [x, y] = [placement.x + step[0] * far, placement.y + step[1] * far]
    return { ...placement, x, y, pinned: true }
  }
  if (key.toLowerCase() === 'r') return turnedOn(part, placement, derived.rules) ?? placement
  const turned = turnedByKey(key, part, placement, derived.rules)
  if (turned) return turned
  return key.toLowerCase() === 'p' ? { ...placement, pinned: !placement.pinned } : null
}
function press(event: KeyboardEvent, item: Drawn): void {
  const placement = keyed(event, item)
  if (!placement) return
  if (placement !== item.placement) emit('place', placement)
  event.preventDefault()
}
function describe({ part, placement }: Drawn): string {
  const { x, y, sheet, turn, pinned } = placement
  const where = words.leftBelow(say.value.shortPlain(x, 1), say.value.shortPlain(y, 1))
  const by = turn % 90 === 0 ? '' : fixed(turn, 1)
  return words.onSheet(part.label, sheet + 1, where, by, pinned, bad.value.has(part.id))
}
function edgeColour({ part }: Drawn): string {
  if (bad.value.has(part.id)) return 'var(--rowan)'
  return props.chosen === part.id ? 'var(--heather)' : 'var(--ply-edge)'
}
</script>

<template>
  <div class="relative h-full">
    <svg
      data-field="part"
      ref="svg"
      class="h-full w-full"
      :class="zoomed.isWhole.value ? 'touch-pan-y' : 'touch-none'"
      :viewBox="`${frame.x} ${frame.y} ${frame.width} ${frame.height}`"
      role="group"
      :aria-label="words.sheetsParts"
      @keydown="pressBoard"
    >
      <defs>
        <pattern id="wrong" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="6" height="6" fill="var(--rowan-wash)" />
          <path d="M0 0V6" stroke="var(--rowan)" stroke-width="2" />
        </pattern>
      </defs>
      <g ref="world" :transform="zoomed.transform.value">
        <SheetGround
          v-for="sheet in sheets"
          :key="sheet.i"
          :transform="`translate(${sheet.x} ${sheet.y})`"
          :surface="sheet.surface"
          :margin="derived.rules.margin"
          :title="sheet.title"
          :facts="facts.get(sheet.i) ?? ''"
          :room="cell.width"
          :text-size="textSize"
        />
        <g
          v-for="item in drawn"
          :key="item.part.id"
          v-memo="[
            item,
            bad.has(item.part.id),
            chosen === item.part.id,
            say,
            names.get(item.part.id)?.words,
            textSize,
          ]"
          :transform="`translate(${item.corner.x} ${item.corner.y})`"
          class="cursor-grab"
          :class="chosen === item.part.id ? 'touch-none' : ''"
          tabindex="0"
          role="button"
          :aria-label="describe(item)"
          :aria-pressed="chosen === item.part.id"
          :data-part="item.part.id"
          @pointerdown="grab($event, item)"
          @pointermove="drag"
          @pointerup="drop"
          @pointercancel="held = null"
          @click="emit('choose', item.part.id)"
          @focus="emit('choose', item.part.id)"
          @keydown="press($event, item)"
        >
          <path
            :d="item.path"
            :fill="bad.has(item.part.id) ? 'url(#wrong)' : 'var(--ply)'"
            :stroke="edgeColour(item)"
            :stroke-width="chosen === item.part.id ? 3 : 1"
            vector-effect="non-scaling-stroke"
            fill-rule="evenodd"
          />
          <text
            v-if="names.get(item.part.id)"
            :transform="names.get(item.part.id)!.at"
            dy="0.35em"
            text-anchor="middle"
            :font-size="names.get(item.part.id)!.size"
            fill="var(--ink)"
            stroke="var(--ply)"
            stroke-width="0.3em"
            stroke-linejoin="round"
            paint-order="stroke"
            class="pointer-events-none"
          >
            {{ names.get(item.part.id)!.words }}
          </text>
        </g>
      </g>
    </svg>
    <ZoomButtons class="absolute right-1 bottom-1" :zoomed="zoomed" />
  </div>
</template>
