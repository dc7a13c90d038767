<script setup lang="ts">
import type { BoxSpec } from '@core/box'
import { deriveBox, panelsDrawn, pictureOf, type Picture } from '@core/derive'
import BoxPicture from '@web/parts/BoxPicture.vue'
import { whenQuiet } from '@web/parts/quiet'
import { useOpenJob } from '@web/stores/job'

/** What this very box would become. */
const props = defineProps<{ box: BoxSpec }>()

const jobs = useOpenJob()
const picture = whenQuiet<Picture | null | undefined>(
  [() => props.box, () => jobs.job.measure],
  () => {
    const panels = panelsDrawn(deriveBox({ ...jobs.job, box: props.box }))
    return panels && pictureOf(panels)
  },
  undefined,
)
</script>

<template>
  <BoxPicture v-if="picture" :picture="picture" class="h-10 w-full" />
  <span v-else class="grid h-10 place-content-center text-[11px] text-quiet">
    {{ picture === null ? 'not so' : '' }}
  </span>
</template>
