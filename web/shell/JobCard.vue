<script setup lang="ts">
import { CopyPlus, Trash2 } from '@lucide/vue'
import { computed, defineAsyncComponent } from 'vue'
import { RouterLink } from 'vue-router'
import { boxSizes, sizeInUse } from '@core/box'
import { materialsOf, thicknessesOf } from '@core/derive'
import type { Job } from '@core/job'
import { lidOf } from '@core/fittings'
import { counted } from '@core/length'
import { useSay } from '@web/parts/say'
import { readable } from '@web/data/dates'

/** The picture comes after the list: it needs the arithmetic of panels. */
const JobPicture = defineAsyncComponent(() => import('@web/parts/JobPicture.vue'))

/** A job in the list: its box drawn small, its size, its stock. */
const props = defineProps<{ job: Job }>()
defineEmits<{ duplicate: []; remove: [] }>()
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
  <div class="card flex items-center gap-3 py-2!">
    <div class="h-14 w-20 shrink-0">
      <JobPicture :job="job" class="block h-full w-full" />
    </div>
    <RouterLink
      :to="{ name: 'job', params: { id: job.id, station: 'measure' } }"
      class="min-w-0 flex-1 rounded px-1 hover:underline"
    >
      <span class="block text-lg font-semibold">{{ job.name }}</span>
      <span class="note block">
        <span class="num">{{ about }}</span>
        · {{ job.measure.stock?.name ?? 'no stock chosen' }} · changed
        {{ readable(job.changed) }}
      </span>
    </RouterLink>
    <button type="button" class="btn-icon" :aria-label="`Duplicate ${job.name}`" @click="$emit('duplicate')">
      <CopyPlus :size="18" />
    </button>
    <button type="button" class="btn-icon" :aria-label="`Delete ${job.name}`" @click="$emit('remove')">
      <Trash2 :size="18" />
    </button>
  </div>
</template>
