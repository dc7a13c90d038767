<script setup lang="ts">
import { computed, ref } from 'vue'
import { COMB_LESSON, gapOf, holdsLifted } from '@core/course'
import { useChartWidth } from '@web/parts/chart-width'
import { useSay } from '@web/parts/say'
import { follow } from '../follow'
import LessonFrame from '../LessonFrame.vue'
import { useLesson } from '../use-lesson'
import { combLesson as words } from './words'

/** Pairs of combs that are pushed together, lifted, and one of them kept. */
const lesson = useLesson(COMB_LESSON)
const { state, act } = lesson
const say = useSay()
const svg = ref<SVGSVGElement>()
const width = useChartWidth(svg, 800)
const TEETH = 4
const PITCH = computed(() => Math.min(40, (width.value - 40) / (2 * TEETH + 1)))
const DEEP = 56
const BACK = 40
const chosen = ref(Math.floor(state.value.steps.length / 2))
const depth = computed(() => (state.value.pair === chosen.value ? state.value.depth : 0))
const isLifted = computed(() => state.value.lifted && state.value.pair === chosen.value)
const falls = computed(() => {
  const word = state.value.felt[chosen.value]
  return isLifted.value && word !== null && !holdsLifted(word)
})
/** What gapes between teeth, or overlaps, a hundred times as large as it is. */
const gape = computed(() => Math.max(-9, Math.min(9, gapOf(state.value, chosen.value) * 100)))
const left = computed(() => (width.value - (2 * TEETH + 1) * PITCH.value) / 2)

/** A comb: teeth from its back, narrower or wider by what gapes. */
function comb(y: number, way: 1 | -1, first: number, trim: number): string {
  const long = (2 * TEETH + 1) * PITCH.value
  let d = `M${left.value} ${y - way * BACK}V${y}`
  for (let i = 0; i < 2 * TEETH + 1; i++) {
    if (i % 2 !== first) continue
    const x = left.value + i * PITCH.value
    d += `H${x + trim}V${y + way * DEEP}H${x + PITCH.value - trim}V${y}`
  }
  return `${d}H${left.value + long}V${y - way * BACK}Z`
}
const UPPER = 50
const lowerAt = computed(() => UPPER + DEEP + (1 - depth.value) * DEEP)
const high = UPPER + 2 * DEEP + BACK + 40

function push(event: PointerEvent): void {
  const from = depth.value
  follow(event, {
    move: ({ y }) => act({ do: 'push', pair: chosen.value, depth: from - y / DEEP }),
  })
}
</script>

<template>
  <LessonFrame :lesson="lesson">
    <div class="flex flex-wrap gap-1" role="group" :aria-label="words.pairsCompensationPer">
      <button
        v-for="(step, i) in state.steps"
        :key="step"
        type="button"
        class="choice num min-h-9"
        :data-on="i === chosen"
        :aria-pressed="i === chosen"
        @click="chosen = i"
      >
        {{ say.reading(step) }}
        <span class="block text-[12px] font-normal">{{ state.felt[i] ?? '?' }}</span>
      </button>
    </div>
    <svg
      ref="svg"
      :viewBox="`0 0 ${width} ${high}`"
      class="w-full select-none"
      role="group"
      :aria-label="words.pairCombsStep(say.reading(state.steps[chosen]))"
    >
      <g :class="isLifted ? '-translate-y-5' : ''" class="transition-transform motion-reduce:transition-none">
        <path :d="comb(UPPER, 1, 1, gape / 2)" class="fill-ply stroke-ply-edge" />
        <g v-if="!falls">
          <g
            class="cursor-grab touch-none"
            role="button"
            tabindex="0"
            :aria-label="words.pushLowerComb"
            @pointerdown="push"
            @keydown.enter.prevent="act({ do: 'press', pair: chosen })"
            @keydown.space.prevent="act({ do: 'press', pair: chosen })"
            @keydown.up.prevent="act({ do: 'push', pair: chosen, depth: depth + 0.1 })"
            @keydown.down.prevent="act({ do: 'push', pair: chosen, depth: depth - 0.1 })"
          >
            <path
              :d="comb(lowerAt, -1, 0, gape / 2)"
              class="fill-ply stroke-heather"
              stroke-width="1.5"
              fill-opacity="0.85"
            />
          </g>
        </g>
      </g>
      <path
        v-if="falls"
        :d="comb(UPPER + 2 * DEEP + 26, -1, 0, gape / 2)"
        class="fill-ply stroke-rowan"
        stroke-width="1.5"
      />
    </svg>
    <div class="flex flex-wrap items-center gap-2">
      <button type="button" class="btn" @click="act({ do: 'press', pair: chosen })">
        {{ words.pressTogether }}
      </button>
      <button type="button" class="btn" @click="act({ do: 'lift' })">{{ words.liftUpper }}</button>
      <button type="button" class="btn" :disabled="!state.felt[chosen]" @click="act({ do: 'keep' })">
        {{ words.keepPair }}
      </button>
      <p class="note flex-1 basis-60">
        {{ words.choosePairDrag }}
      </p>
    </div>
  </LessonFrame>
</template>
