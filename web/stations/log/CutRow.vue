<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import type { Revision } from '@core/job'
import { counted, fixed } from '@core/length'
import { dateText } from '@web/data/dates'

/** A cut in the list: what came of it in one line, and the way to its page. */
const props = defineProps<{ revision: Revision; photos: number }>()
const came = computed(() => {
  const { minutes, verdict, through, measured, unbooked } = props.revision
  return [
    ...(minutes === null ? [] : [`${fixed(minutes, 1)} min`]),
    ...(verdict ? [verdict] : []),
    ...(through ? [through === 'all' ? 'all fell free' : 'some stuck'] : []),
    ...(measured.length > 0 ? [`${measured.length} measured`] : []),
    ...(props.photos > 0 ? [counted(props.photos, 'photo')] : []),
    ...(unbooked ? ['its sheets are still on the bench'] : []),
  ]
})
</script>

<template>
  <article :aria-label="`Revision ${revision.number}`">
    <RouterLink
      :to="{ params: { view: 'cut' }, query: { cut: revision.number } }"
      class="card grid gap-0.5 hover:border-edge"
    >
      <span class="flex flex-wrap items-baseline justify-between gap-x-3">
        <strong>Revision {{ revision.number }}</strong>
        <span class="num text-[13px] text-quiet">
          {{ dateText(revision.date, true) }}{{ revision.mark ? `, files ${revision.mark}` : '' }}
        </span>
      </span>
      <span v-if="revision.reason" class="truncate text-sm" data-record>{{ revision.reason }}</span>
      <span class="num text-[13px]" :class="came.length > 0 ? '' : 'text-quiet'">
        {{ came.length > 0 ? came.join(' · ') : 'Nothing is said of it yet.' }}
      </span>
    </RouterLink>
  </article>
</template>
