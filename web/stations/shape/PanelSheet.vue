<script setup lang="ts">
import { X } from '@lucide/vue'
import { computed, ref, watch } from 'vue'
import type { Ring } from '@core/geometry'
import { claimedRing, partsById, sidesOf, type Joint, type Panel, type SideKind } from '@core/assembly'
import type { Box, Edge } from '@core/box'
import type { Divided, Material, Spot } from '@core/derive'
import { bounds } from '@core/geometry'
import DimensionLine from '@web/parts/DimensionLine.vue'
import FaceLines from '@web/parts/FaceLines.vue'
import PocketLines from '@web/parts/PocketLines.vue'
import SeamLines from '@web/parts/SeamLines.vue'
import SpotMarks from '@web/parts/SpotMarks.vue'
import { useSay } from '@web/parts/say'
import { regionData } from '@web/parts/svg-path'
import EdgeForm from './EdgeForm.vue'
import FaceHandles from './FaceHandles.vue'
import { panelSheet as words } from './words'

/** One panel large and flat, with its figures; its joints can be chosen on the drawing. */
const props = defineProps<{
  panel: Panel
  made: Box
  material: Material | undefined
  /** Panels that are cut in pieces. */
  divided: Divided[]
  wrong: boolean
  spots: Spot[]
}>()
defineEmits<{ close: [] }>()
const say = useSay()
const chosen = ref<string | null>(null)
watch(
  () => props.panel.id,
  () => {
    chosen.value = null
  },
)
const box = computed(() => bounds(props.panel.region.outline))
const text = computed(() => Math.max(props.panel.size.width, props.panel.size.height) / 22)
const viewBox = computed(() => {
  const { minX, maxY } = box.value
  const { width, height } = props.panel.size
  const left = minX - text.value * 4
  return `${left} ${-maxY - text.value} ${width + text.value * 5} ${height + text.value * 5.4}`
})

interface Strip {
  joint: Joint
  mate: string
  at: Ring
}
/** Where each joint lies on the panel. */
const strips = computed((): Strip[] => {
  const { assembly } = props.made
  const parts = partsById(assembly.parts)
  return assembly.joints
    .filter(({ parts: pair }) => pair.includes(props.panel.id))
    .map((joint) => {
      const mate = parts.get(joint.parts.find((id) => id !== props.panel.id)!)!.label
      return { joint, mate, at: claimedRing(props.panel, joint, parts) }
    })
})
/** What each piece of the border is, drawn in its own way: not by colour alone. */
const LINES: { kind: SideKind; label: string; colour: string; dash: string }[] = [
  { kind: 'glue', label: 'glued', colour: 'var(--moss)', dash: '' },
  { kind: 'slide', label: 'slides', colour: 'var(--heather)', dash: '6 3' },
  { kind: 'slot', label: words.wallSlot, colour: 'var(--gorse)', dash: '2 2' },
]
const borders = computed(() => {
  const { proud } = props.made.spec
  const sides = sidesOf(props.made.assembly, props.panel.id, { proud, interference: 0 })
  return LINES.flatMap((line) => {
    const own = sides.filter(({ kind }) => kind === line.kind)
    const d = own.map(({ from, to }) => `M${from.x} ${-from.y}L${to.x} ${-to.y}`).join('')
    return own.length > 0 ? [{ ...line, d }] : []
  })
})
const edge = computed((): Edge | null => {
  const found = props.made.edges.find(({ id }) => id === chosen.value)
  return found && !found.line ? found : null
})
const jointWords = ({ joint }: Strip): string => {
  const count = joint.claims.filter(
    ({ owner }) => joint.parts[owner ?? 0] === props.panel.id && owner !== null,
  )
  const widths = count.map(({ from, to }) => to - from)
  const least = Math.min(...widths)
  return widths.length > 0
    ? words.slotSizes(joint.kind, widths.length, say.value.short(least, 2))
    : joint.kind
}
/** The corners of the panel along its lower and its left side, from its own corner. */
const cuts = computed(() => {
  const { minX, minY } = box.value
  const of = (values: number[], from: number): number[] =>
    [...new Set(values.map((value) => Math.round((value - from) * 100) / 100))].sort((a, b) => a - b)
  const ring = props.panel.region.outline
  const isStraight = (i: number): boolean => {
    const [a, b] = [ring[i], ring[(i + 1) % ring.length]]
    return a.x === b.x || a.y === b.y
  }
  // Points of a curve are no corners that anybody measures.
  const points = ring.filter((_, i) => isStraight(i) || isStraight((i + ring.length - 1) % ring.length))
  return {
    across: of(
      points.map(({ x }) => x),
      minX,
    ),
    up: of(
      points.map(({ y }) => y),
      minY,
    ),
  }
})
/** At most so many figures are told. */
const MOST = 24
const chain = (values: number[]): string =>
  values.length > MOST
    ? words.ofThem(values.length)
    : values.map((value) => say.value.shortPlain(value, 2)).join(', ')
</script>

<template>
  <div class="flex h-full min-h-0 flex-col gap-2 overflow-y-auto">
    <div class="flex flex-wrap items-center gap-x-2">
      <h2 class="text-base! whitespace-nowrap">{{ panel.label }}</h2>
      <span class="num text-[13px]">
        {{ words.thick(say.size([panel.size.width, panel.size.height]), say.fine(panel.thickness)) }}
      </span>
      <span class="truncate text-[13px] text-quiet">{{ material?.name }}</span>
      <button
        type="button"
        class="btn-icon ml-auto"
        :aria-label="words.showAllPanels"
        @click="$emit('close')"
      >
        <X :size="18" />
      </button>
    </div>
    <svg :viewBox="viewBox" class="min-h-40 w-full flex-1" role="group" :aria-label="words.flat(panel.label)">
      <path
        :d="regionData(panel.region)"
        :fill="wrong ? 'var(--rowan-wash)' : 'var(--ply)'"
        stroke="var(--ply-edge)"
        stroke-width="1"
        vector-effect="non-scaling-stroke"
        fill-rule="evenodd"
      />
      <SeamLines :panel="panel" :divided="divided" />
      <PocketLines :features="panel.features" />
      <FaceLines :faces="panel.faces" />
      <path
        v-for="{ kind, d, colour, dash } in borders"
        :key="kind"
        :d="d"
        :data-border="kind"
        fill="none"
        :stroke="colour"
        stroke-width="2.5"
        :stroke-dasharray="dash"
        vector-effect="non-scaling-stroke"
      />
      <g
        v-for="strip in strips"
        :key="strip.joint.id"
        class="cursor-pointer"
        role="button"
        tabindex="0"
        :aria-label="words.jointWith(strip.mate)"
        :aria-pressed="chosen === strip.joint.id"
        @click="chosen = strip.joint.id"
        @keydown.enter.prevent="chosen = strip.joint.id"
        @keydown.space.prevent="chosen = strip.joint.id"
      >
        <path
          :d="regionData({ outline: strip.at, holes: [] })"
          :fill="chosen === strip.joint.id ? 'var(--heather)' : 'transparent'"
          fill-opacity="0.45"
          :stroke="chosen === strip.joint.id ? 'var(--heather)' : 'var(--quiet)'"
          stroke-dasharray="2 3"
          vector-effect="non-scaling-stroke"
        />
      </g>
      <FaceHandles :panel="panel" />
      <SpotMarks :spots="spots.filter((spot) => spot.panel === panel.id)" :size="text" />
      <DimensionLine
        :at="{ x: box.minX, y: -box.minY + text, length: panel.size.width }"
        :figure="say.length(panel.size.width)"
        :text="text * 1.2"
      />
      <DimensionLine
        upright
        :at="{ x: box.minX - text, y: -box.minY, length: panel.size.height }"
        :figure="say.length(panel.size.height)"
        :text="text * 1.2"
      />
    </svg>
    <ul
      v-if="borders.length > 0"
      class="flex flex-wrap gap-x-4 text-[12px] text-quiet"
      :aria-label="words.itsBorder"
    >
      <li v-for="{ kind, label, colour, dash } in borders" :key="kind" class="flex items-center gap-1.5">
        <svg viewBox="0 0 24 4" class="h-1 w-6" aria-hidden="true">
          <path d="M0 2H24" :stroke="colour" stroke-width="3" :stroke-dasharray="dash" />
        </svg>
        {{ label }}
      </li>
    </ul>
    <ul class="flex flex-wrap gap-1" :aria-label="words.jointsPanel">
      <li v-for="strip in strips" :key="strip.joint.id">
        <button
          type="button"
          class="choice py-0.5! text-[12px]!"
          :data-on="chosen === strip.joint.id"
          @click="chosen = strip.joint.id"
        >
          {{ strip.mate }}
          <span class="num font-normal text-quiet">{{ jointWords(strip) }}</span>
        </button>
      </li>
    </ul>
    <p class="num text-[12px] text-quiet">
      {{ words.cornersAcrossUp(say.lengthUnit, chain(cuts.across), chain(cuts.up)) }}
    </p>
    <EdgeForm v-if="edge" :edge="edge" />
  </div>
</template>
