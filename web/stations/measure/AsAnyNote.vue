<script setup lang="ts">
import { computed } from 'vue'
import { unsaidOf, type Unsaid } from '@core/say'
import { useOpenJob } from '@web/stores/job'
import { useSure } from './sure'
import { asAnyNote as words } from './words'

/** That figures are still those of any machine or stock: they are given, or said to be right. */
const props = defineProps<{ what: Unsaid['what'] }>()
const jobs = useOpenJob()
const sure = useSure()
const open = computed(() => unsaidOf(jobs.job).find(({ what }) => what === props.what))
</script>

<template>
  <p v-if="open" class="rounded bg-gorse-wash p-1.5 text-[13px]" role="status" :data-testid="`any ${what}`">
    {{ words.stillOpenType(open.says) }}
    <button type="button" class="btn px-2 py-0.5" @click="sure.sayKey(open.key)">
      {{ words.theyAreRight }}
    </button>
  </p>
</template>
