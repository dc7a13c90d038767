<script setup lang="ts">
import { Plus } from '@lucide/vue'
import { ref } from 'vue'
import { short } from '@core/length'
import { newMachine, type Machine } from '@core/machine'
import MachineFields from '@web/parts/MachineFields.vue'
import PickRecord from '@web/parts/PickRecord.vue'
import { useBench, type BenchChange } from '@web/stores/bench'
import { useJob } from '@web/stores/job'

const jobs = useJob()
const bench = useBench()
const fields = ref<InstanceType<typeof MachineFields>>()

/** Another machine has another kerf, and its own tests. */
function use(machine: Machine, ...onBench: BenchChange[]): void {
  jobs.edit(
    (draft) => {
      draft.measure.machine = machine
      draft.measure.kerf = bench.kerfFor(machine.id, draft.measure.stock?.id)
      draft.tune.tests = bench.tests.filter(({ machineId }) => machineId === machine.id)
      draft.tune.picked = null
    },
    '',
    ...onBench,
  )
}

function add(): void {
  const machine = newMachine(crypto.randomUUID(), `Laser ${bench.machines.length + 1}`)
  use(machine, bench.put('machines', machine))
  setTimeout(() => fields.value?.select())
}

function change(part: Partial<Machine>, key: string): void {
  const machine = { ...jobs.job!.measure.machine!, ...part }
  jobs.edit(
    (draft) => {
      draft.measure.machine = machine
    },
    key,
    bench.put('machines', machine),
  )
}
</script>

<template>
  <section class="card grid gap-2.5" aria-labelledby="machine-title">
    <div class="flex items-center justify-between">
      <h2 id="machine-title">Machine</h2>
      <button type="button" class="btn px-2 py-1" @click="add">
        <Plus :size="14" aria-hidden="true" />
        Add machine
      </button>
    </div>
    <PickRecord
      label="Cut on"
      :records="bench.machines"
      :model-value="jobs.job!.measure.machine"
      empty="choose a machine"
      :describe="
        (machine) =>
          `${short(machine.bedWidth)} × ${short(machine.bedHeight)} mm bed, ${short(machine.watts)} W`
      "
      @update:model-value="use"
    />
    <MachineFields
      v-if="jobs.job!.measure.machine"
      ref="fields"
      :machine="jobs.job!.measure.machine"
      @change="change"
    />
    <p v-else class="note">Kerf belongs to one machine: choose or add the one you cut on.</p>
  </section>
</template>
