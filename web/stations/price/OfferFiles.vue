<script setup lang="ts">
import { FileDown } from '@lucide/vue'
import { ref } from 'vue'
import { PAPER_NAMES, type Paper } from '@core/files'
import type { Bill } from '@core/price'
import { download } from '@web/data/download'
import { useSay } from '@web/parts/say'
import { useMessages } from '@web/stores/messages'
import { useOpenJob } from '@web/stores/job'
import { common } from '@web/words'
import { offerFiles as words } from './words'

/** What a customer gets on paper. */
const props = defineProps<{ bill: Bill }>()
const jobs = useOpenJob()
const say = useSay()
const paper = ref<Paper>('A4')
const KINDS = ['quote', 'delivery note'] as const

async function write(kind: (typeof KINDS)[number]): Promise<void> {
  const { fileStem, offerOf, writeOffer } = await import('@web/data/offers')
  const offer = offerOf(kind, jobs.job, props.bill, new Date(), say.value)
  const name = `${fileStem(`${jobs.job.name} ${kind}`)}.pdf`
  await download([{ name, content: await writeOffer(offer, paper.value) }], name)
  useMessages().say('said', common.fileWritten(name))
}
</script>

<template>
  <section class="card flex flex-wrap items-end gap-2" aria-labelledby="offer-title">
    <h2 id="offer-title" class="w-full text-base!">{{ words.onPaper }}</h2>
    <button v-for="kind in KINDS" :key="kind" type="button" class="btn" @click="write(kind)">
      <FileDown :size="16" aria-hidden="true" />
      {{ words.asPdf(kind === 'quote') }}
    </button>
    <label class="text-[13px] font-medium">
      {{ words.paper }}
      <select v-model="paper" class="input">
        <option v-for="name in PAPER_NAMES" :key="name">{{ name }}</option>
      </select>
    </label>
    <p class="note w-full">{{ words.quoteSaysAll }}</p>
  </section>
</template>
