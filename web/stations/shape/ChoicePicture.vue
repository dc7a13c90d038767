<script setup lang="ts">
import { ref } from 'vue'
import type { BoxSpec } from '@core/box'
import { deriveBox, panelChanges, panelsDrawn, pictureOf, type PanelChange, type Picture } from '@core/derive'
import BoxPicture from '@web/parts/BoxPicture.vue'
import { whenQuiet } from '@web/parts/quiet'
import { useSeen } from '@web/parts/seen'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { choicePicture as words } from './words'

/** What this very box would become. @param marks shows what comes with that, and what changes */
const props = defineProps<{ box: BoxSpec; marks?: boolean }>()

interface Shown {
  picture: Picture
  marked?: Map<string, PanelChange>
}

const jobs = useOpenJob()
const derived = useDerived()
const root = ref<HTMLElement>()
const isSeen = useSeen(root)
let last: Shown | null | undefined
const shown = whenQuiet<Shown | null | undefined>(
  [() => isSeen.value && props.box, () => isSeen.value && jobs.job.measure],
  () => {
    if (!isSeen.value) return last
    const panels = panelsDrawn(deriveBox({ ...jobs.job, box: props.box }))
    const before = props.marks && panelsDrawn(derived.box)
    const marked = panels && before ? panelChanges(before, panels) : undefined
    return (last = panels && { picture: pictureOf(panels), marked })
  },
  undefined,
)
</script>

<template>
  <span ref="root" class="grid w-full" :class="marks ? 'h-16' : 'h-10'">
    <BoxPicture v-if="shown" v-bind="shown" class="size-full" />
    <span v-else class="place-self-center text-[11px] text-quiet">
      {{ shown === null ? words.notBox : '' }}
    </span>
  </span>
</template>
