<script setup lang="ts">
import { computed } from 'vue'
import { largestContents, shortOf, sizedFor } from '@core/derive'
import type { FittingOf } from '@core/fittings'
import { isSameRecord } from '@core/limits'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useBoxEdits } from './box-edits'
import { contentsFields as words } from './field-words'

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
const sides = computed(() => {
  const by = short.value
  return by
    ? ([
        ['width', by.x],
        ['depth', by.y],
        ['height', by.z],
      ] as const)
    : []
})
const missing = computed(() => sides.value.filter(([, more]) => more > NEAR))
const verdict = computed(() => {
  if (sides.value.length === 0) return ''
  if (missing.value.length > 0)
    return words.missing(
      missing.value.map(([side, more]) => words.ofSide(say.value.short(more, 2), side)).join(', '),
    )
  const spare = sides.value.map(([side, more]) => words.ofSide(say.value.short(Math.max(0, -more), 2), side))
  return isRight.value ? words.goesJust : words.goesSpare(spare.join(', '))
})
function fit(): void {
  const sized = sizedFor(jobs.job)
  if (!sized || isSameRecord(sized, jobs.job.box)) return
  const { width, depth, height } = sized
  change({ width, depth, height })
}
</script>

<template>
  <p class="text-sm" :class="missing.length > 0 ? 'text-gorse' : ''" role="status">
    {{ verdict }}
  </p>
  <button type="button" class="btn justify-self-start" :disabled="isRight" @click="fit">
    {{ words.makeBoxSize }}
  </button>
</template>
