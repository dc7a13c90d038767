<script setup lang="ts">
import { Trash2 } from '@lucide/vue'
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { newMachine, OPERATION_NAMES, OPERATIONS, type Machine, type Operation } from '@core/machine'
import { stockTitle } from '@core/stock'
import CodeFields from '@web/parts/CodeFields.vue'
import MachineFields from '@web/parts/MachineFields.vue'
import { useSay } from '@web/parts/say'
import { useBench } from '@web/stores/bench'
import { useMessages } from '@web/stores/messages'
import KerfRow from './KerfRow.vue'
import MachineEvents from './MachineEvents.vue'
import RecordList from './RecordList.vue'
import { common } from '@web/words'
import { machineShelf as words } from './words'

const bench = useBench()
const say = useSay()
const route = useRoute()
const chosen = ref<string | null>(null)
/** Found by its name from elsewhere. */
watch(
  () => route.query.record,
  (id) => {
    if (typeof id === 'string') chosen.value = id
  },
  { immediate: true },
)
const sorted = computed(() => [...bench.machines].sort((a, b) => a.name.localeCompare(b.name)))
const machine = computed(
  () => bench.machines.find(({ id }) => id === chosen.value) ?? sorted.value[0] ?? null,
)
const kerfs = computed(() =>
  bench.kerfs
    .filter(({ machineId }) => machineId === machine.value?.id)
    .sort((a, b) => b.on.localeCompare(a.on)),
)
const testCount = computed(
  () => bench.tests.filter(({ machineId }) => machineId === machine.value?.id).length,
)
const listed = computed(() =>
  sorted.value.map((record) => {
    const count = bench.kerfs.filter(({ machineId }) => machineId === record.id).length
    return {
      record,
      title: record.name,
      line: words.bedAndKerfs(
        say.value.size([record.bedWidth, record.bedHeight], 0),
        count === 0 ? words.noKerfMeasured : words.kerfs(count),
      ),
      look: count === 0,
    }
  }),
)
const stockOf = (id: string): string => {
  const stock = bench.stocks.find((each) => each.id === id)
  return stock ? stockTitle(stock) : words.stockGone
}

const change = (part: Partial<Machine>): void => {
  if (machine.value) bench.put('machines', { ...machine.value, ...part })
}
const recolour = (operation: Operation, colour: string): void =>
  change({ colours: { ...machine.value!.colours, [operation]: colour.toLowerCase() } })
function add(): void {
  const record = newMachine(crypto.randomUUID(), words.laser(bench.machines.length + 1))
  bench.put('machines', record)
  chosen.value = record.id
}
function remove({ id, name }: Machine): void {
  const gone = bench.remove('machines', id)
  useMessages().say('said', words.takenOffBench(name), {
    label: common.bringBack,
    run: () => bench.undo([gone]),
  })
}
</script>

<template>
  <RecordList
    :label="words.machines"
    :records="listed"
    :chosen="machine?.id"
    :empty="words.noMachineYet"
    :add="words.addMachine"
    @choose="chosen = $event"
    @add="add"
  />
  <section
    v-if="machine"
    :key="machine.id"
    class="grid gap-3 lg:grid-cols-[20rem_1fr]"
    :aria-label="machine.name"
  >
    <div class="card grid content-start gap-2.5">
      <div class="flex items-center justify-between gap-2">
        <h2 class="text-lg!">{{ machine.name }}</h2>
        <button
          type="button"
          class="btn-icon"
          :aria-label="words.remove(machine.name)"
          @click="remove(machine)"
        >
          <Trash2 :size="17" />
        </button>
      </div>
      <MachineFields :machine="machine" @change="change" />
      <fieldset>
        <legend class="text-sm font-semibold">{{ words.coloursSoftwareExpects }}</legend>
        <div class="mt-1 flex flex-wrap gap-x-4 gap-y-1">
          <label v-for="operation in OPERATIONS" :key="operation" class="flex items-center gap-1.5 text-sm">
            <input
              type="color"
              class="h-6 w-8 cursor-pointer"
              :value="machine.colours[operation]"
              @input="recolour(operation, ($event.target as HTMLInputElement).value)"
            />
            {{ OPERATION_NAMES[operation] }}
          </label>
        </div>
      </fieldset>
      <CodeFields :machine="machine" @change="change" />
    </div>
    <div class="grid content-start gap-3">
      <div class="card grid gap-2">
        <h3>{{ words.kerfsMeasured }}</h3>
        <ul v-if="kerfs.length > 0" class="grid gap-1" :aria-label="words.kerfsMeasured">
          <KerfRow
            v-for="record in kerfs"
            :key="record.id"
            :record="record"
            :title="stockOf(record.stockId)"
          />
        </ul>
        <p v-else class="note">
          {{ words.noneYetOpen }}
        </p>
        <p class="note">
          {{ words.testsOfSpeed(testCount) }}
        </p>
      </div>
      <div class="card"><MachineEvents :machine-id="machine.id" /></div>
    </div>
  </section>
</template>
