<script setup lang="ts">
import { computed } from 'vue'
import type { Panel } from '@core/assembly'
import { roomFor, type Divided, type Spot } from '@core/derive'
import { bounds, type Bounds, type Point } from '@core/geometry'
import DimensionLine from './DimensionLine.vue'
import FaceLines from './FaceLines.vue'
import PocketLines from './PocketLines.vue'
import SeamLines from './SeamLines.vue'
import SpotMarks from './SpotMarks.vue'
import { dimensionsOf, inRows, placeRows, type Dimension } from './panel-dimensions'
import { useSay } from './say'
import { lineData, regionData } from './svg-path'
import { flatPanels as words } from './words'

const props = defineProps<{
  panels: Panel[]
  lit: Dimension | null
  wrong?: string[]
  second?: string[]
  spots?: Spot[]
  /** Panels that are cut in pieces. */
  divided: Divided[]
  /** Lines that are cut through for a bend, by the panel that they are on. */
  slits?: { panel: string; lines: [Point, Point][] }
}>()
const say = useSay()
const emit = defineEmits<{ pick: [dimension: Dimension]; choose: [panel: string] }>()

const view = computed(() => {
  const largest = Math.max(...props.panels.map(({ size }) => Math.max(size.width, size.height)))
  const text = largest / 14
  const space = text * 2.6
  const rows = inRows(props.panels).map((row) =>
    row.map((panel) => ({ panel, box: bounds(panel.region.outline), along: dimensionsOf(panel) })),
  )
  const { placed, width, height } = placeRows(rows, { across: space, down: space })
  const viewBox = `${-space * 0.8} ${-text} ${width + space * 0.3} ${height + text}`
  return { laid: placed, text, viewBox }
})
/** Hatched where it is wrong, dotted where it is of another stock: not by colour alone. */
function fill(id: string): string {
  if (props.wrong?.includes(id)) return 'url(#flat-wrong)'
  return props.second?.includes(id) ? 'url(#flat-second)' : 'var(--ply)'
}
const isUpright = ({ size }: Panel): boolean => size.height > 2 * size.width
function labelSize(panel: Panel, box: Bounds): number {
  const { minX, maxX, minY, maxY } = labelBox(panel, box)
  const long = isUpright(panel) ? maxY - minY : maxX - minX
  return Math.min(view.value.text, (1.6 * long) / panel.label.length)
}
/** A label stands in the middle; on a bent sheet on its first panel, clear of the slits. */
function labelBox(panel: Panel, box: Bounds): Bounds {
  const beside = panel.bends
    ? { ...box, maxY: panel.bends.zone.minY }
    : props.slits?.panel === panel.id
      ? { ...box, maxX: box.minX + (box.maxX - box.minX) * 0.4 }
      : box
  // Below what is engraved, so that both can be read.
  return panel.faces ? { ...beside, maxY: box.minY + (box.maxY - box.minY) * 0.3 } : beside
}
/** As wide as a letter is high. */
const LETTER = 0.6
/** Where a label stands: clear of what is cut out, where there is room; and how large its letters are. */
const labels = computed(
  () =>
    new Map(
      view.value.laid.map(({ panel, box }) => {
        const upright = isUpright(panel)
        const size = labelSize(panel, box)
        const isPlain = !panel.bends && !panel.faces && props.slits?.panel !== panel.id
        const wide = LETTER * panel.label.length
        const room = isPlain ? roomFor(panel.region, wide, size, [], upright) : null
        const at = room
          ? { minX: room.at.x, maxX: room.at.x, minY: room.at.y, maxY: room.at.y }
          : labelBox(panel, box)
        return [panel.id, { place: middleOf(at, upright), size: room?.height ?? size }] as const
      }),
    ),
)
const middleOf = ({ minX, maxX, minY, maxY }: Bounds, upright: boolean): string =>
  `translate(${(minX + maxX) / 2} ${-(minY + maxY) / 2}) rotate(${upright ? -90 : 0})`
const spotsOf = ({ id }: Panel): Spot[] => (props.spots ?? []).filter(({ panel }) => panel === id)
const choose = (id: string): void => emit('choose', id)
</script>

<template>
  <svg :viewBox="view.viewBox" class="h-full w-full" role="group" :aria-label="words.panelsFlatOutside">
    <defs>
      <pattern
        id="flat-wrong"
        :width="view.text"
        :height="view.text"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect :width="view.text" :height="view.text" fill="var(--rowan-wash)" />
        <path :d="`M0 0V${view.text}`" stroke="var(--rowan)" :stroke-width="view.text / 4" />
      </pattern>
      <pattern id="flat-second" :width="view.text" :height="view.text" patternUnits="userSpaceOnUse">
        <rect :width="view.text" :height="view.text" fill="var(--ply-second)" />
        <circle :cx="view.text / 2" :cy="view.text / 2" :r="view.text / 9" fill="var(--ply-edge)" />
      </pattern>
    </defs>
    <g v-for="{ panel, box, x, y, along } in view.laid" :key="panel.id" :transform="`translate(${x} ${y})`">
      <g
        class="cursor-pointer"
        role="button"
        tabindex="0"
        :aria-label="words.choose(panel.label)"
        @click="choose(panel.id)"
        @keydown.enter.prevent="choose(panel.id)"
        @keydown.space.prevent="choose(panel.id)"
      >
        <path
          :d="regionData(panel.region)"
          :fill="fill(panel.id)"
          :stroke="wrong?.includes(panel.id) ? 'var(--rowan)' : 'var(--ply-edge)'"
          stroke-width="1"
          vector-effect="non-scaling-stroke"
          fill-rule="evenodd"
          :data-panel="panel.id"
        />
        <SeamLines :panel="panel" :divided="divided" />
        <PocketLines :features="panel.features" />
        <FaceLines :faces="panel.faces" />
        <path
          v-if="slits?.panel === panel.id"
          :d="slits.lines.map((line) => lineData(line, false)).join('')"
          fill="none"
          stroke="var(--ply-edge)"
          stroke-width="0.7"
          vector-effect="non-scaling-stroke"
          data-testid="slits"
        />
        <text
          :transform="labels.get(panel.id)!.place"
          :dy="labels.get(panel.id)!.size / 3"
          text-anchor="middle"
          :font-size="labels.get(panel.id)!.size"
          fill="var(--ink)"
        >
          {{ panel.label }}
        </text>
        <SpotMarks :spots="spotsOf(panel)" :size="view.text * 0.8" />
      </g>
      <DimensionLine
        class="cursor-pointer"
        :at="{ x: box.minX, y: -box.minY + view.text * 0.55, length: panel.size.width }"
        :figure="say.shortPlain(panel.size.width, 1)"
        :text="view.text"
        :lit="along[0] !== null && lit === along[0]"
        @click="along[0] && $emit('pick', along[0])"
      />
      <DimensionLine
        class="cursor-pointer"
        upright
        :at="{ x: box.minX - view.text * 0.55, y: -box.minY, length: panel.size.height }"
        :figure="say.shortPlain(panel.size.height, 1)"
        :text="view.text"
        :lit="along[1] !== null && lit === along[1]"
        @click="along[1] && $emit('pick', along[1])"
      />
    </g>
  </svg>
</template>
