<script setup lang="ts">
import { computed } from 'vue'
import { boxSizes, sizeInUse } from '@core/box'
import { materialsOf, thicknessesOf } from '@core/derive'
import { lidOf } from '@core/fittings'
import type { Job } from '@core/job'
import { counted } from '@core/length'
import { useSay } from '@web/parts/say'

/** A job's size in one line: what the box measures outside, and how many of it and what else there are. */
const props = defineProps<{ job: Job }>()
const say = useSay()
const about = computed(() => {
  const { job } = props
  const { mean } = thicknessesOf(job.box.stocks, materialsOf(job.measure, job.cut.compensation))
  const { outer } = boxSizes(job.box, mean)
  const size = `${say.value.size(sizeInUse(job.box.lies, outer), 1)} outside`
  const copies = job.copies > 1 ? `, ${counted(job.copies, 'copy', 'copies')}` : ''
  const more = job.also.length > 0 ? `, and ${counted(job.also.length, 'more thing')}` : ''
  return `${size}, ${lidOf(job.box) ? 'closed' : 'open'}${copies}${more}`
})
</script>

<template>
  <span class="num">{{ about }} ·</span>
</template>
