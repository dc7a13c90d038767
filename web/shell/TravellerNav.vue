<script setup lang="ts">
import { RouterLink } from 'vue-router'
import { STATION_NAMES, STATIONS, type Station } from '@core/job'
import { useDerived } from '@web/stores/derived'
import CairnMark from './CairnMark.vue'

defineProps<{ here: Station }>()
const derived = useDerived()
</script>

<template>
  <nav class="no-print flex w-56 shrink-0 flex-col overflow-y-auto border-r border-line bg-paper py-2" aria-label="Traveller">
    <ol class="relative">
      <li v-for="(station, i) in STATIONS" :key="station" class="relative">
        <span v-if="i > 0" class="absolute -top-3 left-[31px] h-6 border-l-2 border-dotted border-edge" aria-hidden="true" />
        <RouterLink
          :to="{ params: { station } }" :aria-current="station === here ? 'step' : undefined" :title="derived.statuses[station].why" :data-state="derived.statuses[station].state"
          class="relative flex items-center gap-3 border-l-4 py-2.5 pr-2 pl-3" :class="station === here ? 'border-heather bg-heather-wash' : 'border-transparent hover:bg-sunk'"
        >
          <CairnMark :state="derived.statuses[station].state" :here="station === here" />
          <span class="min-w-0">
            <span class="block font-semibold">{{ STATION_NAMES[station] }} <kbd class="num ml-0.5 text-[11px] font-normal text-quiet" aria-hidden="true">{{ i + 1 }}</kbd></span>
            <span class="num block truncate text-[12px]" :data-testid="`line-${station}`">{{ derived.statuses[station].line }}</span>
          </span>
        </RouterLink>
      </li>
    </ol>
    <p class="mt-auto px-4 pt-2 text-[13px] text-quiet" role="status"><strong class="text-ink">{{ STATION_NAMES[here] }}:</strong> {{ derived.statuses[here].why }}</p>
  </nav>
</template>
