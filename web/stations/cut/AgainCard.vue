<script setup lang="ts">
import { FileDown } from '@lucide/vue'
import { computed, ref, watch } from 'vue'
import { derivedOf, type CutRecord } from '@core/keep'
import { limitsOf } from '@core/limits'
import { cutsThrough } from '@core/machine'
import { settingSchema } from '@core/tune'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import RecordPick from '../RecordPick.vue'
import { download } from '@web/data/download'
import { useCutRecords } from '@web/stores/cut-records'
import { useMessages } from '@web/stores/messages'
import { common } from '@web/words'
import { againCard as words } from './words'

/**
 * Parts that did not come free are cut once more, from the same origin, before the sheet is moved: from what
 * was written, whatever became of the job since.
 */
const records = useCutRecords()
const record = ref<CutRecord | null>(null)
const chosenLoad = ref(0)
const loads = computed(() => (record.value?.loads ?? []).filter(({ face }) => face !== 'first'))
const load = computed(() => loads.value[Math.min(chosenLoad.value, loads.value.length - 1)])
const parts = computed(() => {
  const cuts = (load.value?.paths ?? []).filter(({ operation }) => cutsThrough(operation))
  const here = new Set(cuts.map(({ part }) => part))
  return (record.value?.parts ?? []).filter(({ id }) => here.has(id))
})
const chosen = ref<string[]>([])
watch(load, () => {
  chosen.value = chosen.value.filter((id) => parts.value.some((part) => part.id === id))
})
const passes = ref(1)
const format = ref<'svg' | 'dxf' | 'gcode'>('svg')
const FORMATS = [
  { value: 'svg' as const, label: 'SVG' },
  { value: 'dxf' as const, label: 'DXF' },
  { value: 'gcode' as const, label: 'G-code' },
]
async function write(): Promise<void> {
  const from = record.value
  if (!from || chosen.value.length === 0) return
  const { writeAgain } = await import('@web/data/written-files') // fetched when it is wanted
  const { derived } = derivedOf(from)
  const at = from.loads.indexOf(load.value)
  const again = { load: derived.plan!.loads[at], parts: chosen.value, passes: passes.value, mark: from.mark }
  const file = writeAgain(from.laid, derived, derived.plan!, again, format.value)
  await download([file], file.name)
  useMessages().say('said', common.fileWritten(file.name))
}
</script>

<template>
  <section class="card" :aria-label="words.extraPass" data-field="again">
    <details>
      <summary class="min-h-6 cursor-pointer font-semibold">{{ words.extraPassOver }}</summary>
      <p v-if="!records.latest" class="note mt-2">
        {{ words.writeCutFiles }}
      </p>
      <div v-else class="mt-2 grid gap-2">
        <p class="note">
          {{ words.didNotCome }}
        </p>
        <RecordPick v-model="record" :label="words.cutLies" />
        <p v-if="record && records.isChanged(record)" class="text-[13px] text-gorse">
          {{ words.jobChangedSince }}
        </p>
        <label v-if="loads.length > 1" class="text-[13px] font-medium">
          {{ words.whichSheet }}
          <select v-model="chosenLoad" class="input" data-testid="again-load">
            <option v-for="(each, i) in loads" :key="i" :value="i">
              {{ words.sheet(each.sheet + 1, each.of > 1 ? each.load + 1 : null) }}
            </option>
          </select>
        </label>
        <fieldset class="grid max-h-44 gap-1 overflow-y-auto" tabindex="0">
          <legend class="text-[13px] font-medium">{{ words.partsStayed }}</legend>
          <label v-for="part in parts" :key="part.id" class="flex min-h-6 items-center gap-1.5 text-sm">
            <input v-model="chosen" type="checkbox" :value="part.id" class="accent-heather" />
            {{ part.label }}
          </label>
        </fieldset>
        <FigureField
          v-model="passes"
          class="w-24"
          data-field="again-passes"
          :label="words.extraPasses"
          kind="figure"
          :limits="limitsOf(settingSchema.shape.passes)"
        />
        <ChoiceRow
          v-model="format"
          class="whitespace-nowrap"
          :label="common.as"
          hide-label
          :options="FORMATS"
        />
        <button type="button" class="btn" :disabled="chosen.length === 0" @click="write">
          <FileDown :size="15" aria-hidden="true" />
          {{ words.writeExtraPass }}
        </button>
      </div>
    </details>
  </section>
</template>
