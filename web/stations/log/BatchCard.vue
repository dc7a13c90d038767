<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { batchShares } from '@core/derive'
import type { Revision } from '@core/job'
import { fixed, percent } from '@core/length'
import { stripFigures } from '@core/say'
import { useSay } from '@web/parts/say'
import { hasRevision, storedJobs, writeIntoJobs } from '@web/stores/batch'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useMessages } from '@web/stores/messages'
import { batchCard as words } from './words'

/** Whose parts were cut together: each job's share by area, and the last cut written into their own logs. */
const props = defineProps<{ revision: Revision | null }>()
const jobs = useOpenJob()
const derived = useDerived()
const messages = useMessages()
const say = useSay()
const shares = computed(() => batchShares(jobs.job, derived.things))
const cost = computed(() => {
  const figure = stripFigures(derived.all, null, say.value).find(({ id }) => id === 'cost')
  return figure?.values[0] ?? null
})
/** Jobs that have the last cut in their log, and jobs that are still there. */
const known = ref<{ id: string; has: boolean }[]>([])
async function look(): Promise<void> {
  const { revision } = props
  const stored = await storedJobs(shares.value)
  known.value = stored.map(({ job }) => ({
    id: job.id,
    has: revision !== null && hasRevision(job, revision),
  }))
}
watch([() => props.revision?.id, shares], () => void look(), { immediate: true })
const waiting = computed(() => known.value.filter(({ has }) => !has).length)
function partOf(id: string, share: number): string {
  if (!known.value.some((each) => each.id === id)) return words.deletedSince
  const minutes = props.revision?.minutes
  const own = [
    ...(cost.value === null ? [] : [words.material(fixed(cost.value * share, 2))]),
    ...(minutes ? [`${fixed(minutes * share, 1)} min`] : []),
  ]
  return own.join(', ')
}
async function write(): Promise<void> {
  const { revision } = props
  if (!revision) return
  const { count, takeBack } = await writeIntoJobs(revision, jobs.job, shares.value)
  await look()
  messages.say('said', words.revisionLogJob(revision.number, count), {
    label: words.takeBack,
    run: () => void takeBack().then(look),
  })
}
</script>

<template>
  <section class="card grid gap-2" :aria-label="words.jobsCutTogether">
    <h2>{{ words.cutTogether }}</h2>
    <ul class="grid gap-1 text-sm">
      <li v-for="each in shares" :key="each.job" class="flex flex-wrap justify-between gap-x-4">
        <span class="font-medium">{{ each.name }}</span>
        <span class="num text-quiet">
          {{ words.partArea(each.parts, percent(each.share)) }}
          <template v-if="partOf(each.job, each.share)">· {{ partOf(each.job, each.share) }}</template>
        </span>
      </li>
    </ul>
    <template v-if="revision">
      <button v-if="waiting > 0" type="button" class="btn justify-self-start" @click="write">
        {{ words.writeRevisionInto(revision.number, waiting) }}
      </button>
      <p v-else-if="known.length > 0" class="note">
        {{ words.revisionLogEvery(revision.number) }}
      </p>
    </template>
    <p v-else class="note">{{ words.afterCutEach }}</p>
  </section>
</template>
