<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import type { Revision } from '@core/job'
import { fixed } from '@core/length'
import { dateText } from '@web/data/dates'
import { cutRow as words } from './words'

/** A cut in the list: what came of it in one line, and the way to its page. */
const props = defineProps<{ revision: Revision; photos: number }>()
const came = computed(() => {
  const { minutes, verdict, through, measured, unbooked } = props.revision
  return [
    ...(minutes === null ? [] : [`${fixed(minutes, 1)} min`]),
    ...(verdict ? [verdict] : []),
    ...(through ? [through === 'all' ? words.allFellFree : words.someStuck] : []),
    ...(measured.length > 0 ? [words.measured(measured.length)] : []),
    ...(props.photos > 0 ? [words.photos(props.photos)] : []),
    ...(unbooked ? [words.sheetsStillBench] : []),
  ]
})
</script>

<template>
  <article :aria-label="words.revision(revision.number)">
    <RouterLink
      :to="{ params: { view: 'cut' }, query: { cut: revision.number } }"
      class="card grid gap-0.5 hover:border-edge"
    >
      <span class="flex flex-wrap items-baseline justify-between gap-x-3">
        <strong>{{ words.revision(revision.number) }}</strong>
        <span class="num text-[13px] text-quiet">
          {{ words.cutOn(dateText(revision.date, true), revision.mark) }}
        </span>
      </span>
      <span v-if="revision.reason" class="truncate text-sm" data-record>{{ revision.reason }}</span>
      <span class="num text-[13px]" :class="came.length > 0 ? '' : 'text-quiet'">
        {{ came.length > 0 ? came.join(' · ') : words.nothingSaidYet }}
      </span>
    </RouterLink>
  </article>
</template>
