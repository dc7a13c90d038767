<script setup lang="ts">
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { STATION_NAMES, STATIONS, type Station } from '@core/job'
import BaseDialog from '@web/parts/BaseDialog.vue'
import { useShelf } from '@web/stores/shelf'

const props = defineProps<{ open: boolean; job: string }>()
const emit = defineEmits<{ close: [] }>()
const router = useRouter()
const shelf = useShelf()
const typed = ref('')
const field = ref<InstanceType<typeof ComboboxInput>>()
watch(
  () => props.open,
  () => {
    typed.value = ''
  },
)

interface Place {
  label: string
  job: string
  station: Station
}
const FIELDS: [string, Station][] = [
  ['Machine, bed, watts', 'measure'],
  ['Thickness readings', 'measure'],
  ['Kerf, per side', 'measure'],
  ['Outer and inner size', 'shape'],
  ['Tab width and rule', 'shape'],
  ['Wanted fit, interference', 'shape'],
  ['Copies', 'shape'],
  ['Proud length', 'shape'],
  ['Sheets, margin, gap, grain', 'layout'],
  ['Tests, speed, power, passes', 'tune'],
  ['Compensation', 'cut'],
  ['Colours of operations', 'cut'],
  ['Export SVG and DXF', 'cut'],
  ['Glue faces, diagonal', 'build'],
  ['Print the build sheet', 'build'],
  ['Verdict, minutes, revision', 'log'],
]
const places = computed((): Place[] => [
  ...STATIONS.map((station) => ({ label: STATION_NAMES[station], job: props.job, station })),
  ...FIELDS.map(([label, station]) => ({
    label: `${label} · ${STATION_NAMES[station]}`,
    job: props.job,
    station,
  })),
  ...shelf.jobs
    .filter(({ id }) => id !== props.job)
    .map(({ id, name }) => ({ label: `Job: ${name}`, job: id, station: 'measure' as const })),
])
const found = computed(() =>
  places.value
    .filter(({ label }) => label.toLowerCase().includes(typed.value.trim().toLowerCase()))
    .slice(0, 12),
)

function go(place: Place | null): void {
  if (!place) return
  emit('close')
  void router.push({ name: 'job', params: { id: place.job, station: place.station } })
}
</script>

<template>
  <BaseDialog :open="open" title="Find" :initial-focus="field?.$el" @close="emit('close')">
    <Combobox :model-value="null" @update:model-value="go">
      <ComboboxInput
        ref="field"
        class="input mt-3"
        aria-label="Find a station, a field or a job"
        placeholder="kerf, copies, export…"
        @change="typed = $event.target.value"
      />
      <ComboboxOptions static class="mt-2 max-h-80 overflow-auto">
        <ComboboxOption v-for="place in found" :key="place.label" v-slot="{ active }" :value="place">
          <span class="block cursor-pointer rounded px-2 py-1" :class="active ? 'bg-heather-wash' : ''">
            {{ place.label }}
          </span>
        </ComboboxOption>
        <li v-if="found.length === 0" class="px-2 py-1 text-quiet">Nothing by that name.</li>
      </ComboboxOptions>
    </Combobox>
  </BaseDialog>
</template>
