<script setup lang="ts">
import { Plus, Trash2 } from '@lucide/vue'
import { computed } from 'vue'
import { fittingsSchema, holeRowSchema, LIES, PULL_KINDS, type Fittings, type HoleRow } from '@core/box'
import { limitsOf } from '@core/limits'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import FormSection from '@web/parts/FormSection.vue'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { useOpenJob } from '@web/stores/job'
import { useBoxEdits } from './box-edits'
import RimFields from './RimFields.vue'
import SoftenFields from './SoftenFields.vue'

/** What is added to the walls: how it stands, what it is drawn out by, arches, holes to stand things in. */
defineProps<{ problems: Record<string, string> }>()
const { box, change, changeIn } = useBoxEdits()
const jobs = useOpenJob()
const fittings = computed(() => box.value.fittings)
const { shape } = fittingsSchema
/** A whole decides how its boxes stand, and a cabinet what its drawers are drawn out by. */
const isOwn = computed(() => jobs.job.whole === null)
const said = computed(() => {
  const { pull, holes, arch } = fittings.value
  const parts = [
    box.value.lies === 'upright' ? '' : box.value.lies,
    pull.kind === 'none' ? '' : pull.kind,
    holes ? 'holes' : '',
    arch > 0 ? 'arches' : '',
    fittings.value.rim && !box.value.top ? 'lower front' : '',
  ].filter((each) => each !== '')
  return parts.length > 0 ? parts.join(', ') : 'none'
})
const named = <T extends string>(values: readonly T[]): { value: T; label: string }[] =>
  values.map((value) => ({ value, label: value }))
const set = (part: Partial<Fittings>, key = ''): boolean => changeIn('fittings', part, key)
const ROW: HoleRow = { count: 4, lip: 20, widest: 24 }
const setHoles = (isOn: boolean): boolean => set({ holes: isOn ? { play: 0.6, rows: [ROW] } : null })
function setRow(index: number, part: Partial<HoleRow>, key: string): void {
  const holes = fittings.value.holes!
  const rows = holes.rows.map((row, i) => (i === index ? { ...row, ...part } : row))
  set({ holes: { ...holes, rows } }, `holes ${index} ${key}`)
}
function setRows(rows: HoleRow[]): void {
  set({ holes: { ...fittings.value.holes!, rows } })
}
const FIELDS = [
  { key: 'count' as const, label: 'How many', kind: 'figure' as const },
  { key: 'lip' as const, label: 'Diameter held', kind: 'length' as const },
  { key: 'widest' as const, label: 'At its widest', kind: 'length' as const },
]
</script>

<template>
  <FormSection title="Stands, grips, holes" :said="said">
    <template v-if="isOwn">
      <ChoiceRow
        data-field="lies"
        label="In use it stands"
        :model-value="box.lies"
        :options="named(LIES)"
        @update:model-value="change({ lies: $event })"
      />
      <ChoiceRow
        data-field="pull-kind"
        label="In the front, to draw it out by"
        :model-value="fittings.pull.kind"
        :options="named(PULL_KINDS)"
        @update:model-value="set({ pull: { ...fittings.pull, kind: $event } })"
      />
      <FigureField
        v-if="fittings.pull.kind !== 'none'"
        data-field="pull-size"
        label="Size of that"
        :model-value="fittings.pull.size"
        :limits="limitsOf(shape.pull.shape.size)"
        :problem="problems['pull-size'] ?? ''"
        @update:model-value="set({ pull: { ...fittings.pull, size: $event } }, 'pull size')"
      />
    </template>
    <RimFields v-if="!box.top" :problems="problems" />
    <SoftenFields />
    <FigureField
      data-field="rim-arch"
      label="Arches along the rim, height"
      :model-value="fittings.arch"
      :limits="limitsOf(shape.arch)"
      :problem="problems['rim-arch'] ?? ''"
      @update:model-value="set({ arch: $event }, 'rim arch')"
    />
    <ToggleSwitch
      data-field="holes"
      label="Round holes in the floor, to stand things in"
      :model-value="fittings.holes !== null"
      @update:model-value="setHoles"
    />
    <template v-if="fittings.holes">
      <div
        v-for="(row, i) in fittings.holes.rows"
        :key="i"
        class="grid grid-cols-[1fr_1fr_1fr_auto] items-end gap-1"
      >
        <FigureField
          v-for="{ key, label, kind } in FIELDS"
          :key="key"
          :data-field="`hole-${key}-${i + 1}`"
          :label="label"
          :kind="kind"
          :model-value="row[key]"
          :limits="limitsOf(holeRowSchema.shape[key])"
          @update:model-value="setRow(i, { [key]: $event }, key)"
        />
        <button
          v-if="fittings.holes.rows.length > 1"
          type="button"
          class="btn-icon"
          :aria-label="`Remove row ${i + 1}`"
          @click="setRows(fittings.holes!.rows.filter((_, each) => each !== i))"
        >
          <Trash2 :size="16" />
        </button>
      </div>
      <p v-if="problems.holes" class="text-[13px] text-rowan" role="alert">{{ problems.holes }}</p>
      <div class="flex items-end gap-2">
        <FigureField
          class="w-32"
          data-field="hole-play"
          label="Play of the holes"
          :model-value="fittings.holes.play"
          :limits="limitsOf(shape.holes.unwrap().shape.play)"
          :step="0.1"
          @update:model-value="set({ holes: { ...fittings.holes!, play: $event } }, 'hole play')"
        />
        <button
          v-if="fittings.holes.rows.length < 20"
          type="button"
          class="btn px-2 py-1"
          @click="setRows([...fittings.holes!.rows, fittings.holes!.rows[fittings.holes!.rows.length - 1]])"
        >
          <Plus :size="14" aria-hidden="true" />
          One more row
        </button>
      </div>
    </template>
  </FormSection>
</template>
