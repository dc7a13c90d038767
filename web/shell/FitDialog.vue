<script setup lang="ts">
import { area, line, scaleLinear } from 'd3'
import { computed } from 'vue'
import { WORD_LIMITS, type JointOdds } from '@core/fit'
import { capitalised, percent } from '@core/length'
import BaseDialog from '@web/parts/BaseDialog.vue'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import InSentence from '@web/parts/InSentence.vue'
import { fitDialog as words } from './words'

defineProps<{ open: boolean }>()
defineEmits<{ close: [] }>()
const derived = useDerived()
const jobs = useOpenJob()
const say = useSay()
const [WIDTH, HEIGHT] = [600, 150]
const ENDS: [number, number] = [-0.14, 0.26]
const TICKS = [-0.1, -0.06, -0.02, 0.02, 0.08, 0.14, 0.2]
const x = scaleLinear()
  .domain(ENDS)
  .range([6, WIDTH - 6])
const bands = WORD_LIMITS.map(({ word, upTo }, i) => ({
  word,
  from: x(i === 0 ? ENDS[0] : WORD_LIMITS[i - 1].upTo),
  to: x(Math.min(upTo, ENDS[1])),
}))

/** The bell of a joint's gap, scaled to the height of the picture. */
function curve({ gap, sd }: JointOdds): { fill: string; edge: string } {
  const width = Math.max(sd, 0.0008)
  const points = Array.from({ length: 161 }, (_, i): [number, number] => {
    const at = ENDS[0] + ((ENDS[1] - ENDS[0]) * i) / 160
    return [at, Math.exp(-(((at - gap) / width) ** 2) / 2)]
  })
  const y = scaleLinear()
    .domain([0, 1.06])
    .range([HEIGHT - 24, 16])
  const filled = area<[number, number]>()
    .x(([at]) => x(at))
    .y0(y(0))
    .y1(([, d]) => y(d))
  const drawn = line<[number, number]>()
    .x(([at]) => x(at))
    .y(([, d]) => y(d))
  return { fill: filled(points) ?? '', edge: drawn(points) ?? '' }
}
function titleOf({ label, group, where, drawn }: JointOdds): string {
  const name = capitalised(label)
  if (group === 'slots' && drawn !== undefined) return words.drawnWide(name, say.value.length(drawn))
  return where.length > 0 ? `${name}: ${where.slice(0, 4).join(', ')}${where.length > 4 ? '…' : ''}` : name
}
const joints = computed(() =>
  derived.fit.joints.map((joint) => ({
    ...joint,
    title: titleOf(joint),
    curve: curve(joint),
    said: Object.entries(joint.odds)
      .filter(([, odds]) => odds >= 0.005)
      .map(([word, odds]) => `${word} ${percent(odds)}`)
      .join(', '),
  })),
)
const fit = computed(() => derived.fit)
/** Compensation stays half of the kerf; null when the interference is as good as it can be. */
const better = computed(() => {
  const { interference } = fit.value.best
  return Math.abs(interference - jobs.job.interference) < 0.001 ? null : Number(interference.toFixed(3))
})
const use = (interference: number): boolean =>
  jobs.edit((draft) => {
    draft.interference = interference
  })
</script>

<template>
  <BaseDialog :open="open" :title="words.fitOdds" @close="$emit('close')">
    <section v-for="joint in joints" :key="joint.title" class="mt-3" :aria-label="joint.label">
      <h3>{{ joint.title }}</h3>
      <svg
        :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
        class="w-full"
        role="img"
        :aria-label="`${joint.label}: ${joint.said}`"
      >
        <g v-for="band in bands" :key="band.word">
          <rect
            :x="band.from"
            :width="band.to - band.from"
            y="4"
            :height="HEIGHT - 26"
            :fill="band.word === joint.likeliest ? 'var(--moss-wash)' : 'var(--sunk)'"
            stroke="var(--sheet)"
            stroke-width="2"
          />
          <text
            :x="(band.from + band.to) / 2"
            :y="HEIGHT - 6"
            text-anchor="middle"
            font-size="13"
            fill="var(--ink)"
            :font-weight="band.word === joint.likeliest ? 700 : 400"
          >
            {{ band.word }}
          </text>
        </g>
        <text
          v-for="tick in TICKS"
          :key="tick"
          :x="x(tick)"
          y="15"
          text-anchor="middle"
          font-size="10"
          class="num"
          fill="var(--quiet)"
        >
          {{ say.plain(tick) }}
        </text>
        <path :d="joint.curve.fill" fill="var(--heather)" fill-opacity="0.3" />
        <path :d="joint.curve.edge" fill="none" stroke="var(--heather)" stroke-width="2" />
      </svg>
      <p class="num text-sm">
        {{ words.gap(joint.said, say.finePlain(joint.gap), say.fine(joint.doubt)) }}
      </p>
      <p v-if="joint.dominant" class="text-sm">
        {{ words.mostDoubt(percent(joint.dominant.share), joint.dominant.name) }}
      </p>
    </section>
    <p class="mt-4 text-sm">
      <InSentence :text="words.likeliest(percent(fit.best.odds), say.fine(fit.best.compensation))">
        <template #fit><strong>{{ fit.wanted }}</strong></template>
      </InSentence>
      {{ ' ' }}
      <template v-if="better === null">{{ words.howComesOut }}</template>
      <template v-else>
        {{ words.halfKerfStays(say.fine(derived.box.kerf.perSide), say.fine(better)) }}
      </template>
    </p>
    <button v-if="better !== null" type="button" class="btn mt-2" @click="use(better)">
      {{ words.setInterference(say.fine(better)) }}
    </button>
  </BaseDialog>
</template>
