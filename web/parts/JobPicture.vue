<script setup lang="ts">
import { computed } from 'vue'
import { panelsShown, pictureOf } from '@core/derive'
import type { Job } from '@core/job'
import BoxPicture from './BoxPicture.vue'
import { jobPicture as words } from './words'

/** A job's box drawn small, or that it cannot be made. */
const props = defineProps<{ job: Job }>()
const picture = computed(() => {
  const panels = panelsShown(props.job)
  return panels && pictureOf(panels)
})
</script>

<template>
  <BoxPicture v-if="picture" :picture="picture" />
  <span v-else class="text-center text-[12px] text-rowan">{{ words.cannotMade }}</span>
</template>
