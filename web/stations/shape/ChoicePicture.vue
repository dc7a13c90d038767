<script setup lang="ts">
import { ref } from 'vue'
import type { BoxSpec } from '@core/box'
import { deriveBox, panelsDrawn, pictureOf, type Picture } from '@core/derive'
import BoxPicture from '@web/parts/BoxPicture.vue'
import { whenQuiet } from '@web/parts/quiet'
import { useSeen } from '@web/parts/seen'
import { useOpenJob } from '@web/stores/job'
import { choicePicture as words } from './words'

/** What this very box would become. */
const props = defineProps<{ box: BoxSpec }>()

const jobs = useOpenJob()
const root = ref<HTMLElement>()
const isSeen = useSeen(root)
let last: Picture | null | undefined
const picture = whenQuiet<Picture | null | undefined>(
  [() => isSeen.value && props.box, () => isSeen.value && jobs.job.measure],
  () => {
    if (!isSeen.value) return last
    const panels = panelsDrawn(deriveBox({ ...jobs.job, box: props.box }))
    return (last = panels && pictureOf(panels))
  },
  undefined,
)
</script>

<template>
  <span ref="root" class="grid h-10 w-full">
    <BoxPicture v-if="picture" :picture="picture" class="h-10 w-full" />
    <span v-else class="place-self-center text-[11px] text-quiet">
      {{ picture === null ? words.notBox : '' }}
    </span>
  </span>
</template>
