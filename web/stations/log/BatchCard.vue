<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { batchShares } from '@core/derive'
import type { Revision } from '@core/job'
import { counted, fixed, percent } from '@core/length'
import { stripFigures } from '@core/say'
import { useSay } from '@web/parts/say'
import { hasRevision, storedJobs, writeIntoJobs } from '@web/stores/batch'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useMessages } from '@web/stores/messages'

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
  if (!known.value.some((each) => each.id === id)) return 'deleted since'
  const minutes = props.revision?.minutes
  const own = [
    ...(cost.value === null ? [] : [`material ${fixed(cost.value * share, 2)}`]),
    ...(minutes ? [`${fixed(minutes * share, 1)} min`] : []),
  ]
  return own.join(', ')
}
async function write(): Promise<void> {
  const { revision } = props
  if (!revision) return
  const { count, takeBack } = await writeIntoJobs(revision, jobs.job, shares.value)
  await look()
  messages.say('said', `Revision ${revision.number} is in the log of ${counted(count, 'job')}.`, {
    label: 'Take back',
    run: () => void takeBack().then(look),
  })
}
</script>

<template>
  <section class="card grid gap-2" aria-label="Jobs that are cut together">
    <h2>Cut together</h2>
    <ul class="grid gap-1 text-sm">
      <li v-for="each in shares" :key="each.job" class="flex flex-wrap justify-between gap-x-4">
        <span class="font-medium">{{ each.name }}</span>
        <span class="num text-quiet">
          {{ counted(each.parts, 'part') }}, {{ percent(each.share) }} by area
          <template v-if="partOf(each.job, each.share)">· {{ partOf(each.job, each.share) }}</template>
        </span>
      </li>
    </ul>
    <template v-if="revision">
      <button v-if="waiting > 0" type="button" class="btn justify-self-start" @click="write">
        Write revision {{ revision.number }} into {{ counted(waiting, 'job') }}
      </button>
      <p v-else-if="known.length > 0" class="note">
        Revision {{ revision.number }} is in the log of every job, with its share of the minutes.
      </p>
    </template>
    <p v-else class="note">After the cut, each job gets its share of the minutes in its own log.</p>
  </section>
</template>
