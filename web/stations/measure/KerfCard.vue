<script setup lang="ts">
import { computed, ref } from 'vue'
import { doubtKerf, kerfFromSquares, type KerfRecord } from '@core/kerf'
import { fixed, parseLength } from '@core/length'
import FigureField from '@web/parts/FigureField.vue'
import WorkedFigure from '@web/parts/WorkedFigure.vue'
import { useBench } from '@web/stores/bench'
import { useDerived } from '@web/stores/derived'
import { useJob } from '@web/stores/job'

const jobs = useJob()
const bench = useBench()
const derived = useDerived()
const kerf = computed(() => jobs.job!.measure.kerf)
const chosen = computed(() => Boolean(jobs.job!.measure.machine && jobs.job!.measure.stock))

function change(part: Partial<KerfRecord>, key: string): void {
  const { machine, stock } = jobs.job!.measure
  if (!machine || !stock) return
  const base: KerfRecord = kerf.value ?? { id: crypto.randomUUID(), machineId: machine.id, stockId: stock.id, width: 0.15, doubt: null, how: '' }
  const record = { ...base, ...part }
  bench.put('kerfs', record)
  jobs.edit((draft) => { draft.measure.kerf = record }, key)
}

/** What this machine takes from other stocks: half or double of it is a slip. */
const elsewhere = computed(() => bench.kerfs.filter(({ machineId, id }) => machineId === jobs.job!.measure.machine?.id && id !== kerf.value?.id).map(({ width }) => width))

const side = ref(25)
const xs = ref('')
const ys = ref('')
const error = ref('')

/** The readings in a field, or the first sentence about one that is none. */
function readAll(text: string, name: string): number[] | string {
  const words = text.split(/[\s;]+/).filter(Boolean)
  if (words.length === 0) return `Enter at least one reading ${name}.`
  const values: number[] = []
  for (const word of words) {
    const parsed = parseLength(word)
    if (!parsed.ok) return parsed.error
    values.push(parsed.value)
  }
  return values
}

function fromSquares(): void {
  const [across, along] = [readAll(xs.value, 'across'), readAll(ys.value, 'along')]
  const wrong = [across, along].find((result) => typeof result === 'string')
  if (wrong !== undefined) { error.value = wrong as string; return }
  const { kx, ky, width, uneven } = kerfFromSquares(side.value, across as number[], along as number[])
  if (width <= 0 || width > 5) { error.value = `These squares give a kerf of ${fixed(width, 3)} mm, which cannot be. Is the drawn side ${side.value} mm?`; return }
  error.value = ''
  change({ width: Number(width.toFixed(4)), how: `${Math.max((across as number[]).length, (along as number[]).length)} squares of ${side.value} mm: ${fixed(kx, 3)} across, ${fixed(ky, 3)} along${uneven ? ' (the beam is not round)' : ''}` }, '')
}
</script>

<template>
  <section class="card grid gap-2" aria-labelledby="kerf-title">
    <h2 id="kerf-title">Kerf</h2>
    <p v-if="!chosen" class="note">Kerf belongs to a machine and a stock: choose both first. Until then {{ fixed(derived.box.kerf.width, 2) }} mm is assumed.</p>
    <template v-else>
      <div class="grid grid-cols-2 gap-2">
        <FigureField label="Kerf, full width" :model-value="kerf?.width ?? null" :min="0" :max="5" :step="0.01" :digits="4" :doubt="(value) => doubtKerf(value, elsewhere)" @update:model-value="change({ width: $event }, 'kerf')" />
        <FigureField label="How sure, ±" :model-value="kerf?.doubt ?? null" optional :min="0" :max="1" :step="0.005" @update:model-value="change({ doubt: $event }, 'doubt')" @clear="kerf && change({ doubt: null }, 'doubt')" />
      </div>
      <div class="flex gap-5">
        <WorkedFigure label="Full width k" :text="`${fixed(derived.box.kerf.width, 3)} mm`" :working="derived.box.kerf.working" large />
        <WorkedFigure label="Per side, c = k ÷ 2" :text="`${fixed(derived.box.kerf.perSide, 3)} mm`" :working="derived.box.kerf.working" large />
      </div>
      <p class="note">{{ kerf ? kerf.how : `Not measured for this pair: ${fixed(derived.box.kerf.width, 2)} mm is assumed, and may be wrong by ${fixed(derived.box.kerf.doubt, 2)}.` }}</p>
      <details class="rounded border border-line p-2 text-sm">
        <summary class="cursor-pointer">Work it out from squares</summary>
        <div class="mt-2 grid gap-2">
          <FigureField v-model="side" label="Drawn side" :min="1" :max="500" />
          <label class="text-[13px] font-medium">Readings across, mm<input v-model="xs" class="input" placeholder="24.84 24.85 24.83" /></label>
          <label class="text-[13px] font-medium">Readings along, mm<input v-model="ys" class="input" placeholder="24.86 24.84 24.85" /></label>
          <p v-if="error" class="text-[13px] text-rowan" role="alert">{{ error }}</p>
          <button type="button" class="btn" @click="fromSquares">Use as kerf</button>
        </div>
      </details>
    </template>
  </section>
</template>
