<script setup lang="ts">
import { Plus } from '@lucide/vue'
import { ref } from 'vue'
import { short } from '@core/length'
import type { Machine } from '@core/machine'
import CodeFields from '@web/parts/CodeFields.vue'
import MachineFields from '@web/parts/MachineFields.vue'
import PickRecord from '@web/parts/PickRecord.vue'
import { useSay } from '@web/parts/say'
import { useBench } from '@web/stores/bench'
import { useOpenJob } from '@web/stores/job'
import { useMachineEdits } from '@web/stores/machine-edits'
import AsAnyNote from './AsAnyNote.vue'
import { common } from '@web/words'
import { machineCard as words } from './words'

const jobs = useOpenJob()
const bench = useBench()
const say = useSay()
const edits = useMachineEdits()
const fields = ref<InstanceType<typeof MachineFields>>()
const describe = ({ bedWidth, bedHeight, watts }: Machine): string =>
  words.bedW(say.value.size([bedWidth, bedHeight], 0), short(watts))

function add(): void {
  edits.add()
  setTimeout(() => fields.value?.select())
}
</script>

<template>
  <section class="card grid gap-2.5" aria-labelledby="machine-title">
    <div class="flex flex-wrap items-center justify-between gap-1">
      <h2 id="machine-title">{{ common.machine }}</h2>
      <button type="button" class="btn px-2 py-1" @click="add">
        <Plus :size="14" aria-hidden="true" />
        {{ words.addMachine }}
      </button>
    </div>
    <PickRecord
      data-field="machine"
      :label="words.cutOn"
      :records="bench.machines"
      :model-value="jobs.job.measure.machine"
      :empty="words.chooseMachine"
      :describe="describe"
      @update:model-value="edits.use($event)"
    />
    <AsAnyNote what="machine figures" />
    <MachineFields
      v-if="jobs.job.measure.machine"
      ref="fields"
      :machine="jobs.job.measure.machine"
      @change="edits.change"
    />
    <CodeFields v-if="jobs.job.measure.machine" :machine="jobs.job.measure.machine" @change="edits.change" />
    <p v-else class="note">{{ words.kerfBelongsMachine }}</p>
  </section>
</template>
