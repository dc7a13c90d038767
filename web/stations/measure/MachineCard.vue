<script setup lang="ts">
import { Plus } from '@lucide/vue'
import { ref } from 'vue'
import { short } from '@core/length'
import { ORDINARY_MOTION, OUR_COLOURS, type Machine } from '@core/machine'
import FigureField from '@web/parts/FigureField.vue'
import PickRecord from '@web/parts/PickRecord.vue'
import TextEntry from '@web/parts/TextEntry.vue'
import { useBench } from '@web/stores/bench'
import { useJob } from '@web/stores/job'

const jobs = useJob()
const bench = useBench()
const nameField = ref<InstanceType<typeof TextEntry>>()

/** Another machine has another kerf, and its own tests. */
function use(machine: Machine): void {
  jobs.edit((draft) => {
    draft.measure.machine = machine
    draft.measure.kerf = bench.kerfFor(machine.id, draft.measure.stock?.id)
    draft.tune.tests = bench.tests.filter(({ machineId }) => machineId === machine.id)
    draft.tune.picked = null
  })
}

function add(): void {
  const machine: Machine = { id: crypto.randomUUID(), name: `Laser ${bench.machines.length + 1}`, bedWidth: 600, bedHeight: 400, watts: 40, ...ORDINARY_MOTION, colours: OUR_COLOURS }
  bench.put('machines', machine)
  use(machine)
  setTimeout(() => nameField.value?.select())
}

function change(key: keyof Machine, value: number | string): void {
  const machine = { ...jobs.job!.measure.machine!, [key]: value }
  bench.put('machines', machine)
  jobs.edit((draft) => { draft.measure.machine = machine }, `machine ${key}`)
}
const FIELDS = [
  { key: 'bedWidth', figure: { label: 'Bed width', min: 20, max: 10000, step: 10 } },
  { key: 'bedHeight', figure: { label: 'Bed depth', min: 20, max: 10000, step: 10 } },
  { key: 'watts', figure: { label: 'Laser power', kind: 'figure', unit: 'W', min: 0.5, max: 2000, step: 5 } },
  { key: 'travelSpeed', figure: { label: 'Travel speed', kind: 'speed', min: 1, max: 5000, step: 10 } },
  { key: 'maxSpeed', figure: { label: 'Highest speed', kind: 'speed', min: 1, max: 5000, step: 10 } },
  { key: 'acceleration', figure: { label: 'Acceleration', kind: 'figure', unit: 'mm/s²', min: 10, max: 100000, step: 100 } },
] as const
</script>

<template>
  <section class="card grid gap-2.5" aria-labelledby="machine-title">
    <div class="flex items-center justify-between">
      <h2 id="machine-title">Machine</h2>
      <button type="button" class="btn px-2 py-1" @click="add"><Plus :size="14" aria-hidden="true" /> Add machine</button>
    </div>
    <PickRecord label="Cut on" :records="bench.machines" :model-value="jobs.job!.measure.machine" empty="choose a machine" :describe="(machine) => `${short(machine.bedWidth)} × ${short(machine.bedHeight)} mm bed, ${short(machine.watts)} W`" @update:model-value="use" />
    <template v-if="jobs.job!.measure.machine">
      <div>
        <label class="block text-[13px] font-medium" for="machine-name">Name</label>
        <TextEntry id="machine-name" ref="nameField" class="input" required :model-value="jobs.job!.measure.machine.name" @update:model-value="change('name', $event)" />
      </div>
      <div class="grid grid-cols-2 gap-x-3 gap-y-2.5">
        <FigureField v-for="field in FIELDS" :key="field.key" v-bind="field.figure" :model-value="jobs.job!.measure.machine[field.key]" @update:model-value="change(field.key, $event)" />
      </div>
      <p class="note">Speeds and acceleration only make the time estimate better. They stand in the machine’s manual.</p>
    </template>
    <p v-else class="note">Kerf belongs to one machine: choose or add the one you cut on.</p>
  </section>
</template>
