<script setup lang="ts">
import { FileDown } from '@lucide/vue'
import { computed, ref } from 'vue'
import { fileStem, writeFiles, type Format } from '@core/files'
import { compensationStatement, readyToCut } from '@core/job'
import { OPERATION_NAMES, OPERATIONS, OUR_COLOURS, type Operation } from '@core/machine'
import { short } from '@core/length'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { download } from '@web/data/download'
import { useBench } from '@web/stores/bench'
import { useDerived } from '@web/stores/derived'
import { useJob } from '@web/stores/job'
import { useMessages } from '@web/stores/messages'
import { usePlanner } from '@web/stores/planner'

const jobs = useJob()
const bench = useBench()
const derived = useDerived()
const planner = usePlanner()
const ready = computed(
  () => readyToCut(planner.plan) && !planner.busy && planner.plan!.layoutIsStale === false,
)
const colours = computed(() => jobs.job!.measure.machine?.colours ?? OUR_COLOURS)
const chosen = ref<Record<Format, boolean>>({ svg: true, dxf: false, json: false })
const LABELS: Record<Format, string> = { svg: 'SVG', dxf: 'DXF', json: 'Panels as JSON' }
const DASHES: Record<Operation, string | undefined> = { score: '2 3', inside: undefined, outline: undefined }

function recolour(operation: Operation, colour: string): void {
  const { machine } = jobs.job!.measure
  if (!machine) {
    useMessages().say('look', 'Colours belong to a machine: choose one in Measure first.')
    return
  }
  const next = { ...machine, colours: { ...machine.colours, [operation]: colour.toLowerCase() } }
  jobs.edit(
    (draft) => {
      draft.measure.machine = next
    },
    `colour ${operation}`,
    bench.put('machines', next),
  )
}
const toggle = (operation: Operation, on: boolean): void =>
  jobs.edit((draft) => {
    draft.cut.off = on ? draft.cut.off.filter((each) => each !== operation) : [...draft.cut.off, operation]
  })

function write(): void {
  const { job } = jobs
  if (!job || !planner.plan || !ready.value) return
  const formats = (Object.keys(LABELS) as Format[]).filter((format) => chosen.value[format])
  const files = writeFiles(job, derived.box, planner.plan, formats)
  download(files, `${fileStem(job.name)}-cut.zip`)
  const { signature } = planner.plan
  jobs.edit((draft) => {
    draft.cut.written = { signature, date: new Date().toISOString() }
  })
  useMessages().say(
    'said',
    `${files.length === 1 ? files[0].name : `${files.length} files in one zip`} written.`,
  )
}
const settingOf = (operation: Operation): string => {
  const setting = planner.plan?.settings[operation]
  return setting ? `${short(setting.speed)} mm/s · ${short(setting.power)} % · ${setting.passes}×` : ''
}
</script>

<template>
  <form
    class="card grid min-h-0 content-start gap-3 overflow-y-auto"
    aria-label="What is written"
    @submit.prevent="write"
  >
    <fieldset>
      <legend class="text-[13px] font-medium">Operations, in cutting order</legend>
      <ol class="mt-1 grid gap-2">
        <li v-for="(operation, i) in OPERATIONS" :key="operation" class="rounded border border-line p-2">
          <div class="flex items-center gap-2">
            <span class="num text-quiet">{{ i + 1 }}</span>
            <svg viewBox="0 0 30 10" class="h-3 w-8" aria-hidden="true">
              <path
                d="M1 5H29"
                :stroke="colours[operation]"
                stroke-width="3"
                :stroke-dasharray="DASHES[operation]"
              />
            </svg>
            <span class="flex-1 text-sm font-medium">{{ OPERATION_NAMES[operation] }}</span>
            <input
              type="color"
              class="h-6 w-8 cursor-pointer"
              :aria-label="`Colour of ${OPERATION_NAMES[operation]}`"
              :value="colours[operation]"
              @input="recolour(operation, ($event.target as HTMLInputElement).value)"
            />
          </div>
          <div class="mt-1 flex items-center justify-between">
            <span class="num text-[12px] text-quiet">{{ settingOf(operation) }}</span>
            <ToggleSwitch
              label="in the file"
              :model-value="!jobs.job!.cut.off.includes(operation)"
              @update:model-value="toggle(operation, $event)"
            />
          </div>
        </li>
      </ol>
    </fieldset>
    <ToggleSwitch
      label="Label the panels"
      :model-value="jobs.job!.cut.labels"
      @update:model-value="
        (on) =>
          jobs.edit((draft) => {
            draft.cut.labels = on
          })
      "
    />
    <ChoiceRow
      label="Kerf compensation"
      stacked
      :model-value="jobs.job!.cut.compensation"
      :options="[
        { value: 'paths' as const, label: 'in the paths' },
        { value: 'software' as const, label: 'left to the laser’s software' },
      ]"
      @update:model-value="
        (where) =>
          jobs.edit((draft) => {
            draft.cut.compensation = where
          })
      "
    />
    <p class="text-[13px]" data-testid="statement">
      {{ compensationStatement(jobs.job!.cut.compensation, derived.box.kerf.perSide) }}
    </p>
    <fieldset>
      <legend class="text-[13px] font-medium">Files, millimetres</legend>
      <div class="flex flex-wrap gap-3 text-sm">
        <label v-for="(label, format) in LABELS" :key="format" class="flex items-center gap-1.5">
          <input v-model="chosen[format]" type="checkbox" class="accent-heather" />
          {{ label }}
        </label>
      </div>
    </fieldset>
    <button
      type="submit"
      class="btn btn-main py-2"
      :disabled="!ready || !Object.values(chosen).includes(true)"
    >
      <FileDown :size="17" aria-hidden="true" />
      Write the cut files
    </button>
    <p v-if="!ready" class="text-[13px] text-rowan" role="status">
      {{ planner.busy ? 'The plan is being worked out.' : 'Nothing is written while a check says stop.' }}
    </p>
  </form>
</template>
