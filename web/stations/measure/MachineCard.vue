<script setup lang="ts">
import { Plus } from '@lucide/vue'
import { ref } from 'vue'
import { short } from '@core/length'
import { newMachine, type Machine } from '@core/machine'
import CodeFields from '@web/parts/CodeFields.vue'
import MachineFields from '@web/parts/MachineFields.vue'
import PickRecord from '@web/parts/PickRecord.vue'
import { useSay } from '@web/parts/say'
import { useBench, type BenchChange } from '@web/stores/bench'
import AsAnyNote from './AsAnyNote.vue'
import { useOpenJob } from '@web/stores/job'

const jobs = useOpenJob()
const bench = useBench()
const say = useSay()
const fields = ref<InstanceType<typeof MachineFields>>()
const describe = ({ bedWidth, bedHeight, watts }: Machine): string =>
  `${say.value.size([bedWidth, bedHeight], 0)} bed, ${short(watts)} W`

/** Another machine has another kerf, and its own tests. */
function use(machine: Machine, ...onBench: BenchChange[]): void {
  jobs.edit(
    (draft) => {
      draft.measure.machine = machine
      draft.measure.kerf = bench.kerfFor(machine.id, draft.measure.stock?.id)
      draft.measure.belief = bench.beliefFor(draft.measure)
      for (const each of draft.measure.more) {
        each.kerf = bench.kerfFor(machine.id, each.stock.id)
        each.belief = bench.beliefFor({ machine, ...each })
      }
      Object.assign(draft.tune, bench.triedOn(machine.id), { picked: null })
    },
    '',
    ...onBench,
  )
}

function add(): void {
  const machine = newMachine(crypto.randomUUID(), `Laser ${bench.machines.length + 1}`)
  use(machine, bench.putting('machines', machine))
  setTimeout(() => fields.value?.select())
}

function change(part: Partial<Machine>, key: string): void {
  const machine = { ...jobs.job.measure.machine!, ...part }
  const apply = (draft: typeof jobs.job): void => {
    draft.measure.machine = machine
  }
  jobs.edit(apply, key, bench.putting('machines', machine))
}
</script>

<template>
  <section class="card grid gap-2.5" aria-labelledby="machine-title">
    <div class="flex flex-wrap items-center justify-between gap-1">
      <h2 id="machine-title">Machine</h2>
      <button type="button" class="btn px-2 py-1" @click="add">
        <Plus :size="14" aria-hidden="true" />
        Add machine
      </button>
    </div>
    <PickRecord
      data-field="machine"
      label="Cut on"
      :records="bench.machines"
      :model-value="jobs.job.measure.machine"
      empty="choose a machine"
      :describe="describe"
      @update:model-value="use"
    />
    <AsAnyNote what="machine figures" />
    <MachineFields
      v-if="jobs.job.measure.machine"
      ref="fields"
      :machine="jobs.job.measure.machine"
      @change="change"
    />
    <CodeFields v-if="jobs.job.measure.machine" :machine="jobs.job.measure.machine" @change="change" />
    <p v-else class="note">Kerf belongs to one machine: choose or add the one you cut on.</p>
  </section>
</template>
