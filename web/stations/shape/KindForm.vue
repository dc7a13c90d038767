<script setup lang="ts">
import { shallowRef } from 'vue'
import { panelsShown, pictureOf, settleJob, type Picture } from '@core/derive'
import type { Job } from '@core/job'
import { asKind, defaultsOf, KINDS, type Kind, type KindValues } from '@core/kinds'
import FormSection from '@web/parts/FormSection.vue'
import KindGallery from '@web/parts/KindGallery.vue'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'

/** Kinds to begin with, each drawn as it would be of this job's own sheet. */
const jobs = useOpenJob()
const derived = useDerived()
const say = useSay()

const valuesOf = (kind: Kind): KindValues => defaultsOf(kind, derived.box.thickness.mean)
/** The job as it would be of that kind. */
function madeOf(kind: Kind): Job {
  const job = asKind({ ...jobs.job, follows: [] }, kind, valuesOf(kind))
  const settled = settleJob(job, say.value)
  return settled.ok ? settled.job : job
}
const choose = (kind: Kind): boolean =>
  jobs.edit((draft) => {
    Object.assign(draft, asKind({ ...jobs.job, follows: [] }, kind, valuesOf(kind)))
  })
/** Drawn when somebody looks: most never do. */
const pictures = shallowRef<Record<string, Picture | null>>({})
function draw(event: Event): void {
  if (!(event.target as HTMLDetailsElement).open) return
  pictures.value = Object.fromEntries(
    KINDS.map((kind) => {
      const panels = panelsShown(madeOf(kind))
      return [kind.kind, panels && pictureOf(panels)]
    }),
  )
}
</script>

<template>
  <FormSection title="Begin with a kind" @toggle="draw">
    <KindGallery :pictures="pictures" @choose="choose" />
    <p class="note">
      It takes the place of this box, a whole of several that of all things; Undo brings them back.
    </p>
  </FormSection>
</template>
