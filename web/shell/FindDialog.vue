<script setup lang="ts">
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { computed, ref, watch } from 'vue'
import { useRouter, type RouteLocationRaw } from 'vue-router'
import { GLOSSARY, STATION_NAMES, STATIONS } from '@core/say'
import { stockTitle } from '@core/stock'
import BaseDialog from '@web/parts/BaseDialog.vue'
import { useGlossary } from '@web/parts/glossary'
import { placeOfField } from '@web/parts/thing-of-field'
import { useBench } from '@web/stores/bench'
import { useJob } from '@web/stores/job'
import { useShapeThing } from '@web/stores/shape-thing'
import { useShelf } from '@web/stores/shelf'
import { FIELDS } from './fields'
import { findBy, type Findable } from '@web/parts/find-by'
import { focusField, isDrawn } from './finding'
import { findDialog as words } from './words'

const props = defineProps<{ open: boolean; job: string }>()
const emit = defineEmits<{ close: [] }>()
const router = useRouter()
const shelf = useShelf()
const bench = useBench()
const glossary = useGlossary()
const shape = useShapeThing()
const jobs = useJob()
const typed = ref('')
const field = ref<InstanceType<typeof ComboboxInput>>()
watch(
  () => props.open,
  (isOpen) => {
    typed.value = ''
    if (isOpen && !shelf.ready) void shelf.open()
  },
  { immediate: true },
)

interface Place extends Findable {
  to?: RouteLocationRaw
  field?: string
  behind?: string
  term?: string
}
const jobAt = (id: string, station: string, view = ''): RouteLocationRaw => ({
  name: 'job',
  params: { id, station, view },
})
const places = computed((): Place[] => [
  ...STATIONS.map((station, i) => ({
    label: STATION_NAMES[station],
    words: `station ${i + 1}`,
    to: jobAt(props.job, station),
  })),
  ...FIELDS.map(({ id, label, station, view, words, behind }) => ({
    label: `${label} · ${STATION_NAMES[station]}`,
    words,
    to: jobAt(props.job, station, view),
    field: id,
    behind,
  })),
  ...bench.stocks.map((stock) => ({
    label: words.stock(stockTitle(stock)),
    words: `${stock.family} material sheet bench`,
    to: { name: 'bench', query: { record: stock.id } },
  })),
  ...bench.machines.map(({ id, name }) => ({
    label: words.machine(name),
    words: 'laser bench',
    to: { name: 'machines', query: { record: id } },
  })),
  ...shelf.jobs
    .filter(({ id }) => id !== props.job)
    .map(({ id, name }) => ({ label: words.job(name), words: 'box', to: jobAt(id, 'measure') })),
  ...Object.entries(GLOSSARY).map(([term, { word, meaning }]) => ({
    label: words.whatIs(word.toLowerCase()),
    words: meaning,
    term,
  })),
])
/** What must be set first for a field to be there, and what for that. */
function behindOf(id: string): string[] {
  const behind = FIELDS.find((field) => field.id === id)?.behind
  return behind === undefined ? [] : [behind, ...behindOf(behind)]
}
const found = computed(() => findBy(places.value, typed.value, 12))

async function go(place: Place | null): Promise<void> {
  if (!place) return
  emit('close')
  if (place.term) {
    glossary.show(place.term)
    return
  }
  if (place.to) await router.push(place.to)
  if (!place.field) return
  const found = jobs.job ? placeOfField(place.field, jobs.job) : null
  // What belongs to no thing and is not there leads to what must be set first.
  const isAway = found?.thing === null && place.behind && !isDrawn(place.field)
  const thing = isAway ? placeOfField(place.behind!, jobs.job!).thing : found?.thing
  if (thing) shape.chosen = thing
  await focusField(found?.field ?? place.field, behindOf(place.field))
}
</script>

<template>
  <BaseDialog :open="open" :title="words.find" :initial-focus="field?.$el" @close="emit('close')">
    <Combobox :model-value="null" @update:model-value="go">
      <ComboboxInput
        ref="field"
        class="input mt-3"
        :aria-label="words.findStationField"
        :placeholder="words.beamWidthCopies"
        @change="typed = $event.target.value"
      />
      <ComboboxOptions static class="mt-2 max-h-80 overflow-auto">
        <ComboboxOption v-for="place in found" :key="place.label" v-slot="{ active }" :value="place">
          <span class="block cursor-pointer rounded px-2 py-1" :class="active ? 'bg-heather-wash' : ''">
            {{ place.label }}
          </span>
        </ComboboxOption>
        <li v-if="found.length === 0" class="px-2 py-1 text-quiet">{{ words.nothingName }}</li>
      </ComboboxOptions>
    </Combobox>
  </BaseDialog>
</template>
