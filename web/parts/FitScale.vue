<script setup lang="ts">
import { scaleLinear } from 'd3'
import { computed } from 'vue'
import { WORD_LIMITS, type FitPrediction } from '@core/fit'
import { percent } from '@core/length'
import { useSay } from './say'
import { fitScale as words } from './words'

const props = defineProps<{ fit: FitPrediction }>()
const say = useSay()
const ENDS: [number, number] = [-0.12, 0.16]
const scale = scaleLinear().domain(ENDS).range([4, 296]).clamp(true)
const bands = WORD_LIMITS.map(({ word, upTo }, i) => ({
  word,
  from: scale(i === 0 ? ENDS[0] : WORD_LIMITS[i - 1].upTo),
  to: scale(Math.min(upTo, ENDS[1])),
}))
const said = computed(() =>
  Object.entries(props.fit.odds)
    .filter(([, odds]) => odds >= 0.005)
    .map(([word, odds]) => `${word} ${percent(odds)}`)
    .join(', '),
)
</script>

<template>
  <div>
    <svg
      viewBox="0 0 300 46"
      class="w-full"
      role="img"
      :aria-label="words.predictedFitGap(fit.word, say.fine(fit.gap))"
    >
      <g v-for="band in bands" :key="band.word">
        <rect
          :x="band.from"
          :width="band.to - band.from"
          y="16"
          height="16"
          :fill="band.word === fit.word ? 'var(--moss-wash)' : 'var(--sunk)'"
          stroke="var(--edge)"
          stroke-width="0.7"
        />
        <text
          :x="(band.from + band.to) / 2"
          y="27.5"
          text-anchor="middle"
          font-size="11"
          fill="var(--ink)"
          :font-weight="band.word === fit.word ? 700 : 400"
        >
          {{ band.word }}
        </text>
      </g>
      <line
        :x1="scale(fit.felt - fit.doubt)"
        :x2="scale(fit.felt + fit.doubt)"
        y1="38"
        y2="38"
        stroke="var(--heather)"
        stroke-width="4"
      />
      <path :d="`M${scale(fit.felt)} 16 l-5 -9 h10 z`" fill="var(--heather)" />
      <text x="4" y="9" font-size="11" fill="var(--quiet)">{{ words.tighter }}</text>
      <text x="296" y="9" font-size="11" text-anchor="end" fill="var(--quiet)">{{ words.looser }}</text>
    </svg>
    <p class="num text-[13px]" data-testid="odds">{{ said }}</p>
  </div>
</template>
