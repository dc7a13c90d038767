<script setup lang="ts">
import { onMounted, shallowRef } from 'vue'
import { panelsShown, pictureOf, settleJob, type Picture } from '@core/derive'
import type { Job } from '@core/job'
import { asKind, defaultsOf, KINDS, type Kind, type KindValues } from '@core/kinds'
import KindGallery from '@web/parts/KindGallery.vue'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useShapeThing } from '@web/stores/shape-thing'
import { kindForm as words } from './form-words'

/** Kinds to begin with, each drawn as it would be of this job's own sheet. */
const jobs = useOpenJob()
const derived = useDerived()
const place = useShapeThing()
const say = useSay()

const valuesOf = (kind: Kind): KindValues => defaultsOf(kind, derived.box.thickness.mean)
/** The job as it would be of that kind. */
function madeOf(kind: Kind): Job {
  const job = asKind({ ...jobs.job, follows: [] }, kind, valuesOf(kind))
  const settled = settleJob(job, say.value)
  return settled.ok ? settled.job : job
}
/** What is begun is looked at as a whole: the figures of all boxes together, or the box itself. */
function choose(kind: Kind): void {
  jobs.edit((draft) => {
    Object.assign(draft, asKind({ ...jobs.job, follows: [] }, kind, valuesOf(kind)))
  })
  place.chosen = jobs.job.whole ? 'whole' : null
}
const pictures = shallowRef<Record<string, Picture | null>>({})
onMounted(() => {
  pictures.value = Object.fromEntries(
    KINDS.map((kind) => {
      const panels = panelsShown(madeOf(kind))
      return [kind.kind, panels && pictureOf(panels)]
    }),
  )
})
</script>

<template>
  <div class="grid content-start gap-2">
    <KindGallery :pictures="pictures" @choose="choose" />
    <p class="note">
      {{ words.takesPlaceBox }}
    </p>
  </div>
</template>
