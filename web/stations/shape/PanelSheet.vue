<script setup lang="ts">
import { X } from '@lucide/vue'
import { computed, ref, watch } from 'vue'
import { onPart, partsById, prismOf, type Joint, type Panel } from '@core/assembly'
import type { Box, Edge } from '@core/box'
import type { Material } from '@core/derive'
import { bounds } from '@core/geometry'
import DimensionLine from '@web/parts/DimensionLine.vue'
import PocketLines from '@web/parts/PocketLines.vue'
import { useSay } from '@web/parts/say'
import { regionData } from '@web/parts/svg-path'
import EdgeForm from './EdgeForm.vue'

/** One panel large and flat, with its figures; its joints can be chosen on the drawing. */
const props = defineProps<{ panel: Panel; made: Box; material: Material | undefined; wrong: boolean }>()
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
  at: { minX: number; minY: number; maxX: number; maxY: number }
}
/** Where each joint lies on the panel. */
const strips = computed((): Strip[] => {
  const { assembly } = props.made
  const parts = partsById(assembly.parts)
  return assembly.joints
    .filter(({ parts: pair }) => pair.includes(props.panel.id))
    .map((joint) => {
      const { claims } = joint
      const block = prismOf(joint, parts, claims[0].from, claims[claims.length - 1].to)
      const mate = parts.get(joint.parts.find((id) => id !== props.panel.id)!)!.label
      return { joint, mate, at: onPart(props.panel.frame, block) }
    })
})
const edge = computed((): Edge | null => props.made.edges.find(({ id }) => id === chosen.value) ?? null)
const jointWords = ({ joint }: Strip): string => {
  const count = joint.claims.filter(
    ({ owner }) => joint.parts[owner ?? 0] === props.panel.id && owner !== null,
  )
  const widths = count.map(({ from, to }) => to - from)
  const least = Math.min(...widths)
  return widths.length > 0
    ? `${joint.kind}, ${widths.length} × from ${say.value.short(least, 2)}`
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
    ? `${values.length} of them`
    : values.map((value) => say.value.shortPlain(value, 2)).join(', ')
</script>

<template>
  <div class="flex h-full min-h-0 flex-col gap-2 overflow-y-auto">
    <div class="flex flex-wrap items-center gap-x-2">
      <h2 class="text-base! whitespace-nowrap">{{ panel.label }}</h2>
      <span class="num text-[13px]">
        {{ say.size([panel.size.width, panel.size.height]) }}, {{ say.fine(panel.thickness) }} thick
      </span>
      <span class="truncate text-[13px] text-quiet">{{ material?.name }}</span>
      <button type="button" class="btn-icon ml-auto" aria-label="Show all panels" @click="$emit('close')">
        <X :size="18" />
      </button>
    </div>
    <svg :viewBox="viewBox" class="min-h-40 w-full flex-1" role="group" :aria-label="`${panel.label}, flat`">
      <path
        :d="regionData(panel.region)"
        :fill="wrong ? 'var(--rowan-wash)' : 'var(--ply)'"
        stroke="var(--ply-edge)"
        stroke-width="1"
        vector-effect="non-scaling-stroke"
        fill-rule="evenodd"
      />
      <PocketLines :features="panel.features" />
      <g
        v-for="strip in strips"
        :key="strip.joint.id"
        class="cursor-pointer"
        role="button"
        tabindex="0"
        :aria-label="`Joint with ${strip.mate}`"
        :aria-pressed="chosen === strip.joint.id"
        @click="chosen = strip.joint.id"
        @keydown.enter.prevent="chosen = strip.joint.id"
        @keydown.space.prevent="chosen = strip.joint.id"
      >
        <rect
          :x="strip.at.minX"
          :y="-strip.at.maxY"
          :width="strip.at.maxX - strip.at.minX"
          :height="strip.at.maxY - strip.at.minY"
          :fill="chosen === strip.joint.id ? 'var(--heather)' : 'transparent'"
          fill-opacity="0.45"
          :stroke="chosen === strip.joint.id ? 'var(--heather)' : 'var(--quiet)'"
          stroke-dasharray="2 3"
          vector-effect="non-scaling-stroke"
        />
      </g>
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
    <ul class="flex flex-wrap gap-1" aria-label="Joints of this panel">
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
      Corners, {{ say.lengthUnit }}, across: {{ chain(cuts.across) }} · up: {{ chain(cuts.up) }}
    </p>
    <EdgeForm v-if="edge" :edge="edge" />
  </div>
</template>
