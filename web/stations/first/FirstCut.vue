<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import CheckLines from '../cut/CheckLines.vue'
import WriteCut from '../cut/WriteCut.vue'
import InSentence from '@web/parts/InSentence.vue'
import { firstCut as words } from './words'

/** What will be cut and how it will fit, what is still to be looked at, and the file. */
const jobs = useOpenJob()
const derived = useDerived()
const SHOWN = ['fit', 'sheets', 'time']
const figures = computed(() => derived.strip.filter(({ id }) => SHOWN.includes(id)))
const open = computed(() => derived.checks.filter(({ state }) => state !== 'ok'))
</script>

<template>
  <dl class="flex flex-wrap gap-x-5 gap-y-1">
    <div v-for="{ id, label, text } in figures" :key="id">
      <dt class="text-[12px] text-quiet">{{ label }}</dt>
      <dd class="num text-sm">{{ text }}</dd>
    </div>
  </dl>
  <WriteCut paper="A4" />
  <CheckLines v-if="open.length > 0" :label="words.lookFirst" :checks="open" />
  <p class="note">
    <InSentence :text="words.seeCut(jobs.job.cut.written?.mark ?? '')">
      <template #link>
        <RouterLink :to="{ params: { station: 'cut', view: '' } }" class="underline">
          {{ words.cutOrderLines }}
        </RouterLink>
      </template>
    </InSentence>
  </p>
</template>
