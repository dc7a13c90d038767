<script setup lang="ts">
import { computed } from 'vue'
import { largestContents, shortOf, sizedFor } from '@core/derive'
import type { FittingOf } from '@core/fittings'
import { isSameRecord } from '@core/limits'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useBoxEdits } from './box-edits'

/** Whether the thing goes in, with how much to spare, and the box made the size for it. */
const props = defineProps<{ own: FittingOf<'contents'> }>()
const jobs = useOpenJob()
const derived = useDerived()
const say = useSay()
const { change } = useBoxEdits()
/** Nearer than that is the size, mm. */
const NEAR = 0.01
const short = computed(() => {
  const { made } = derived.box
  return made && shortOf(props.own, largestContents(made))
})
const isRight = computed(() => {
  const by = short.value
  return by !== null && Math.max(Math.abs(by.x), Math.abs(by.y), Math.abs(by.z)) < NEAR
})
const words = computed(() => {
  const by = short.value
  if (!by) return ''
  const sides = [
    ['width', by.x],
    ['depth', by.y],
    ['height', by.z],
  ] as const
  const missing = sides.filter(([, more]) => more > NEAR)
  if (missing.length > 0)
    return `Missing: ${missing.map(([side, more]) => `${say.value.short(more, 2)} of ${side}`).join(', ')}.`
  const spare = sides.map(([side, more]) => `${say.value.short(Math.max(0, -more), 2)} of ${side}`)
  return isRight.value ? 'It goes in just so.' : `It goes in, with ${spare.join(', ')} to spare.`
})
function fit(): void {
  const sized = sizedFor(jobs.job)
  if (!sized || isSameRecord(sized, jobs.job.box)) return
  const { width, depth, height } = sized
  change({ width, depth, height })
}
</script>

<template>
  <p class="text-sm" :class="words.startsWith('Missing') ? 'text-gorse' : ''" role="status">{{ words }}</p>
  <button type="button" class="btn justify-self-start" :disabled="isRight" @click="fit">
    Make the box the size for it
  </button>
</template>
