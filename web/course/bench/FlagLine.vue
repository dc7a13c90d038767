<script setup lang="ts">
import { computed, ref } from 'vue'
import { useChartWidth } from '@web/parts/chart-width'
import { useSay } from '@web/parts/say'
import DragHandle from './DragHandle.vue'
import { flagLine as words } from './words'

interface Flag {
  id: 'tabs' | 'slots'
  label: string
  at: number | null
}

/** A line of lengths with what was read on it, and flags that are pulled to a place. Lengths in mm. */
const props = defineProps<{ values: number[]; from: number; to: number; step: number; flags: Flag[] }>()
const emit = defineEmits<{ set: [id: Flag['id'], at: number] }>()
const say = useSay()
const svg = ref<SVGSVGElement>()
const width = useChartWidth(svg, 600)
const SIDE = 28
const perMm = computed(() => (width.value - 2 * SIDE) / (props.to - props.from))
const x = (mm: number): number => SIDE + (mm - props.from) * perMm.value
const TICKS = 5
const ticks = computed(() =>
  Array.from({ length: TICKS + 1 }, (_, i) => props.from + ((props.to - props.from) * i) / TICKS),
)
/** Dots of the same reading stand on each other. */
const dots = computed(() =>
  props.values.map((value, i) => {
    const below = props.values.slice(0, i).filter((other) => Math.abs(other - value) < props.step / 2).length
    return { x: x(value), y: 72 - below * 9 }
  }),
)
</script>

<template>
  <svg
    ref="svg"
    :viewBox="`0 0 ${width} 150`"
    class="w-full select-none"
    role="group"
    :aria-label="words.yourReadings"
  >
    <line :x1="SIDE" :x2="width - SIDE" y1="80" y2="80" class="stroke-edge" />
    <g v-for="tick in ticks" :key="tick" class="stroke-edge">
      <line :x1="x(tick)" :x2="x(tick)" y1="80" y2="85" />
      <text :x="x(tick)" y="98" text-anchor="middle" class="fill-quiet stroke-none font-mono text-[12px]">
        {{ say.reading(tick) }}
      </text>
    </g>
    <circle v-for="(dot, i) in dots" :key="i" :cx="dot.x" :cy="dot.y" r="4" class="fill-ink" />
    <DragHandle
      v-for="(flag, i) in flags"
      :key="flag.id"
      :label="flag.label"
      :value="flag.at ?? from"
      :min="from"
      :max="to"
      :step="step"
      :scale="perMm"
      :says="flag.at === null ? words.notSet : say.length(flag.at)"
      @move="emit('set', flag.id, $event)"
    >
      <path
        :d="`M${x(flag.at ?? from)} ${i === 0 ? 20 : 80}V${i === 0 ? 80 : 140}`"
        class="stroke-heather"
        stroke-width="2"
      />
      <rect
        :x="Math.min(x(flag.at ?? from), width - 132)"
        :y="i === 0 ? 4 : 112"
        width="130"
        height="28"
        rx="4"
        class="fill-heather-wash stroke-heather"
      />
      <text
        :x="Math.min(x(flag.at ?? from), width - 132) + 8"
        :y="i === 0 ? 23 : 131"
        class="fill-ink font-mono text-[13px]"
      >
        {{ flag.label }} {{ flag.at === null ? '–' : say.reading(flag.at) }}
      </text>
    </DragHandle>
  </svg>
</template>
