<script setup lang="ts">
import { computed } from 'vue'
import { limitsOf } from '@core/limits'
import { machineSchema, type Machine } from '@core/machine'
import FigureField from '@web/parts/FigureField.vue'
import { useBench } from '@web/stores/bench'
import { useMachineEdits } from '@web/stores/machine-edits'
import { useOpenJob } from '@web/stores/job'
import { firstLaser as words } from './words'

/** What has to be known of a laser before anything is cut on it. */
const jobs = useOpenJob()
const bench = useBench()
const edits = useMachineEdits()
const machine = computed(() => jobs.job.measure.machine)
const { shape } = machineSchema
const FIELDS = [
  { key: 'bedWidth', label: words.bedWidth, kind: 'length', unit: '', step: 10 },
  { key: 'bedHeight', label: words.bedDepth, kind: 'length', unit: '', step: 10 },
  { key: 'watts', label: words.laserPower, kind: 'figure', unit: 'W', step: 5 },
] as const
function change(part: Partial<Machine>, key: string): void {
  const isFirst = machine.value === null && !bench.machines.some(({ name }) => name === words.myLaser)
  edits.change(isFirst ? { name: words.myLaser, ...part } : part, key)
}
</script>

<template>
  <div class="grid grid-cols-3 gap-2">
    <FigureField
      v-for="{ key, label, kind, unit, step } in FIELDS"
      :key="key"
      :label="label"
      :kind="kind"
      :unit="unit"
      :step="step"
      :data-field="key"
      :limits="limitsOf(shape[key])"
      :model-value="machine?.[key] ?? null"
      @update:model-value="change({ [key]: $event }, `first ${key}`)"
    />
  </div>
  <p class="note">
    {{ words.manualSaysThem(machine ? words.keptBench(machine.name) : words.bedSheetLies) }}
  </p>
</template>
