<script setup lang="ts">
import { FileDown } from '@lucide/vue'
import { computed } from 'vue'
import type { Paper } from '@core/files'
import { fileStem, recordOf } from '@core/keep'
import { cutSummary } from '@core/say'
import { useSay } from '@web/parts/say'
import { download } from '@web/data/download'
import { useCutRecords } from '@web/stores/cut-records'
import { useDerived } from '@web/stores/derived'
import { useMessages } from '@web/stores/messages'
import { useOpenJob } from '@web/stores/job'
import { usePlanner } from '@web/stores/planner'
import { writeCut as words } from './words'

/** What is about to be cut, in plain words, and the button that writes it. */
const props = defineProps<{ paper: Paper }>()
const jobs = useOpenJob()
const derived = useDerived()
const planner = usePlanner()
const records = useCutRecords()
const say = useSay()
const summary = computed(() => cutSummary(jobs.job, derived.things, planner.plan?.loads ?? [], say.value))

async function write(): Promise<void> {
  const { job } = jobs
  const { plan } = planner
  if (!plan || !derived.ready) return
  const { formats } = job.cut
  const { writeFiles, writePapers } = await import('@web/data/written-files') // fetched when it is wanted
  const papers = formats.includes('pdf') ? await writePapers(job, derived.all, plan, props.paper) : []
  const files = [...writeFiles(job, derived.all, plan, formats), ...papers]
  const record = recordOf(derived.laid, plan, derived.parts, new Date().toISOString())
  const { mark, date, signature } = record
  await download(files, `${fileStem(job.name)}-${mark}-cut.zip`)
  jobs.edit((draft) => {
    draft.cut.written = { signature, date, mark }
  })
  await records.keep(record)
  const what = files.length === 1 ? files[0].name : words.filesZip(files.length)
  useMessages().say('said', words.writtenMark(what, mark))
}
</script>

<template>
  <ul class="text-[13px]" :aria-label="words.whatIsCut" data-testid="summary">
    <li v-for="line in summary" :key="line">{{ line }}</li>
  </ul>
  <button
    type="button"
    class="btn btn-main py-2"
    :disabled="!derived.ready || jobs.job.cut.formats.length === 0"
    @click="write"
  >
    <FileDown :size="17" aria-hidden="true" />
    {{ words.writeCutFiles }}
  </button>
  <p v-if="!derived.ready" class="text-[13px] text-rowan" role="status">
    {{ planner.busy ? words.planBeingWorked : words.nothingWrittenWhile }}
  </p>
</template>
