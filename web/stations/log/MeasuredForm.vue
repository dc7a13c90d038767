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
import { common } from '@web/words'
import { measuredForm as words } from './words'

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
const label = computed(() => (thing.value.what === 'play' ? words.playTabMeasured : words.itMeasures))
const playLimits = { min: -2, max: 2, whole: false }
const limits = computed(() =>
  thing.value.what === 'play' ? playLimits : limitsOf(measuredSchema.shape.told),
)
const titleOf = ({ what, of }: Measurable): string =>
  what === 'part' ? words.size(of) : of ? words.play(of) : words.playSomeJoint

function add(): void {
  if (read.value === null) return
  const { what, of, told, at } = thing.value
  emit('measured', [...props.revision.measured, { what, of, told, at, read: read.value, by: by.value }])
  read.value = null
}
const figureOf = ({ what, read: value }: Measured): string =>
  what === 'play' ? say.value.fine(value) : say.value.reading(value)
const said = (each: Measured): string => {
  const by = each.by === 'calipers' ? '' : each.by
  return words.measuredAs(each.what === 'play', each.of ?? '', figureOf(each), by)
}
</script>

<template>
  <div class="grid gap-1">
    <form class="flex flex-wrap items-end gap-2" :aria-label="words.measuredCut" @submit.prevent="add">
      <label class="text-[13px] font-medium" data-field="measured-what">
        {{ words.whatWasMeasured }}
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
        {{ words.readWith }}
        <select v-model="by" class="input" :aria-label="words.readWith">
          <option v-for="each in INSTRUMENT_NAMES" :key="each" :value="each">{{ each }}</option>
        </select>
      </label>
      <button type="submit" class="btn" :disabled="read === null || revision.measured.length >= MOST">
        {{ common.add }}
      </button>
    </form>
    <p v-if="revision.measured.length > 0" class="num flex flex-wrap items-center gap-2 text-sm">
      {{ words.measured(revision.measured.map(said).join('; ')) }}
      <button type="button" class="btn px-2 py-0.5" @click="emit('measured', revision.measured.slice(0, -1))">
        {{ words.removeLast }}
      </button>
    </p>
    <p v-else class="note">
      {{ words.playNotchMinus }}
    </p>
  </div>
</template>
