<script setup lang="ts">
import { computed } from 'vue'
import { boxSizes, sizeInUse } from '@core/box'
import { materialsOf, thicknessesOf } from '@core/derive'
import { lidOf } from '@core/fittings'
import type { Job } from '@core/job'
import { useSay } from '@web/parts/say'
import { jobAbout as words } from './words'

/** A job's size in one line: what the box measures outside, and how many of it and what else there are. */
const props = defineProps<{ job: Job }>()
const say = useSay()
const about = computed(() => {
  const { job } = props
  const { mean } = thicknessesOf(job.box.stocks, materialsOf(job.measure, job.cut.compensation))
  const { outer } = boxSizes(job.box, mean)
  const size = words.outside(say.value.size(sizeInUse(job.box.lies, outer), 1))
  return words.about(size, lidOf(job.box) !== null, job.copies, job.also.length)
})
</script>

<template>
  <span class="num">{{ about }} ·</span>
</template>
