<script setup lang="ts">
import { ChartSpline } from '@lucide/vue'
import { computed, nextTick, ref, watch } from 'vue'
import { RouterLink } from 'vue-router'
import { STATION_NAMES, STATIONS, type Station } from '@core/say'
import { useDerived } from '@web/stores/derived'
import CairnMark from './CairnMark.vue'
import { travellerNav as words } from './words'

const props = defineProps<{ here: Station }>()
defineEmits<{ fit: [] }>()
const derived = useDerived()
const root = ref<HTMLElement>()
/** What went out of date at other stations, such as a file that was written: read out where one is. */
const stale = computed(() =>
  STATIONS.filter((station) => station !== props.here && derived.statuses[station].state === 'stale').map(
    (station) => `${STATION_NAMES[station]}: ${derived.statuses[station].why}`,
  ),
)
/** On a narrow screen the trail is longer than the page: it shows where one is. */
watch(
  () => props.here,
  async () => {
    await nextTick()
    root.value?.querySelector('[aria-current]')?.scrollIntoView({ inline: 'center', block: 'nearest' })
  },
  { immediate: true, flush: 'post' },
)
</script>

<template>
  <nav
    ref="root"
    class="no-print flex shrink-0 flex-col border-line bg-paper max-md:border-b md:overflow-auto md:w-52 md:border-r md:py-2 lg:w-56"
    :aria-label="words.traveller"
  >
    <ol class="relative max-md:flex max-md:overflow-x-auto">
      <li v-for="(station, i) in STATIONS" :key="station" class="relative">
        <span
          v-if="i > 0"
          class="absolute -top-3 left-[31px] h-6 border-l-2 border-dotted border-edge max-md:hidden"
          aria-hidden="true"
        />
        <RouterLink
          :to="{ params: { station, view: '' } }"
          :aria-current="station === here ? 'step' : undefined"
          :title="derived.statuses[station].why"
          :data-state="derived.statuses[station].state"
          class="relative flex items-center gap-3 border-l-4 py-1 pr-2 pl-3 max-md:gap-1.5 max-md:pl-1.5 md:py-2.5"
          :class="station === here ? 'border-heather bg-heather-wash' : 'border-transparent hover:bg-sunk'"
        >
          <CairnMark :state="derived.statuses[station].state" :here="station === here" />
          <span class="min-w-0">
            <span class="block font-semibold whitespace-nowrap">
              {{ STATION_NAMES[station] }}
              <kbd class="num ml-0.5 text-[11px] font-normal text-quiet" aria-hidden="true">{{ i + 1 }}</kbd>
            </span>
            <span class="num block truncate text-[12px] max-md:sr-only" :data-testid="`line-${station}`">
              {{ derived.statuses[station].line }}
            </span>
          </span>
        </RouterLink>
        <button
          v-if="station === 'shape'"
          type="button"
          class="btn-icon absolute top-2 right-1 max-md:hidden"
          :aria-label="words.showFitOdds"
          @click="$emit('fit')"
        >
          <ChartSpline :size="16" />
        </button>
      </li>
    </ol>
    <p class="px-4 pt-2 text-[13px] text-quiet max-md:px-2 max-md:py-0.5 md:mt-auto" role="status">
      <strong class="text-ink">{{ STATION_NAMES[here] }}:</strong>
      {{ derived.statuses[here].why }}
    </p>
    <p class="sr-only" role="status" data-testid="stale">{{ stale.join(' ') }}</p>
  </nav>
</template>
