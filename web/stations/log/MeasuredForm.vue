<script setup lang="ts">
import { computed, ref } from 'vue'
import { measurablesOf, type Measurable } from '@core/derive'
import { measuredSchema, type Measured, type Revision } from '@core/job'
import { limitsOf } from '@core/limits'
import { INSTRUMENT_NAMES, type Instrument } from '@core/statistics'
import FigureField from '@web/parts/FigureField.vue'
import { useSay } from '@web/parts/say'
import { useCutRecords } from '@web/stores/cut-records'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { asItWasCut } from './as-cut'

/** What was measured of a cut: the play of a joint or the size of a part, and with what. */
const props = defineProps<{ revision: Revision }>()
const emit = defineEmits<{ measured: [list: Measured[]] }>()
const jobs = useOpenJob()
const derived = useDerived()
const records = useCutRecords()
const say = useSay()
const MOST = 40

/** Somewhere in the box, where nobody says which joint it was. */
const ANY: Measurable = { what: 'play', of: '', told: 0, at: null }
const isOpen = ref(false)
const things = computed((): Measurable[] => {
  if (!isOpen.value) return [ANY]
  const cut = asItWasCut(props.revision, jobs.job, derived, records.records)
  return [ANY, ...(cut ? measurablesOf(cut.laid, cut.derived, cut.parts) : [])]
})
const chosen = ref(0)
const by = ref<Instrument>('calipers')
const read = ref<number | null>(null)
const thing = computed(() => things.value[chosen.value] ?? ANY)
const label = computed(() => (thing.value.what === 'play' ? 'Play of a tab, measured' : 'It measures'))
const playLimits = { min: -2, max: 2, whole: false }
const limits = computed(() =>
  thing.value.what === 'play' ? playLimits : limitsOf(measuredSchema.shape.told),
)
const titleOf = ({ what, of }: Measurable): string =>
  what === 'part' ? `Size: ${of}` : of ? `Play: ${of}` : 'Play of some joint'

function add(): void {
  if (read.value === null) return
  const { what, of, told, at } = thing.value
  emit('measured', [...props.revision.measured, { what, of, told, at, read: read.value, by: by.value }])
  read.value = null
}
const figureOf = ({ what, read: value }: Measured): string =>
  what === 'play' ? say.value.fine(value) : say.value.reading(value)
const said = (each: Measured): string => {
  const thing = `${each.what === 'play' ? 'play' : 'size'}${each.of ? ` of ${each.of}` : ''}`
  return `${thing} ${figureOf(each)}${each.by === 'calipers' ? '' : `, by ${each.by}`}`
}
</script>

<template>
  <div class="grid gap-1">
    <form class="flex flex-wrap items-end gap-2" aria-label="Measured of this cut" @submit.prevent="add">
      <label class="text-[13px] font-medium" data-field="measured-what">
        What was measured
        <select v-model="chosen" class="input max-w-64" @focus="isOpen = true" @pointerdown="isOpen = true">
          <option v-for="(each, i) in things" :key="i" :value="i">{{ titleOf(each) }}</option>
        </select>
      </label>
      <FigureField
        class="w-44"
        data-field="play"
        :label="label"
        optional
        :model-value="read"
        :limits="limits"
        :step="0.01"
        @update:model-value="read = $event"
        @clear="read = null"
      />
      <label class="text-[13px] font-medium">
        With
        <select v-model="by" class="input" aria-label="With">
          <option v-for="each in INSTRUMENT_NAMES" :key="each" :value="each">{{ each }}</option>
        </select>
      </label>
      <button type="submit" class="btn" :disabled="read === null || revision.measured.length >= MOST">
        Add
      </button>
    </form>
    <p v-if="revision.measured.length > 0" class="num flex flex-wrap items-center gap-2 text-sm">
      Measured: {{ revision.measured.map(said).join('; ') }}
      <button type="button" class="btn px-2 py-0.5" @click="emit('measured', revision.measured.slice(0, -1))">
        Remove the last
      </button>
    </p>
    <p v-else class="note">
      Play is notch minus tab, both with the same calipers: one measured play says more than any word. Two
      joints or parts from different places show how the kerf changes over the bed.
    </p>
  </div>
</template>
