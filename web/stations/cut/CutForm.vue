<script setup lang="ts">
import { Printer } from '@lucide/vue'
import { computed, ref } from 'vue'
import type { CutPlan, LoadPlan } from '@core/derive'
import type { Paper } from '@core/files'
import { FORMATS, type Format } from '@core/plan'
import type { Job } from '@core/job'
import { short } from '@core/length'
import { OPERATION_NAMES, OPERATIONS, OUR_COLOURS, type Operation } from '@core/machine'
import { bedStatement, compensationStatement, faceStatement, placeStatement } from '@core/say'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import { useSay } from '@web/parts/say'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { useBench } from '@web/stores/bench'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import BridgeFields from './BridgeFields.vue'
import FileFields from './FileFields.vue'
import WriteCut from './WriteCut.vue'
import { useMessages } from '@web/stores/messages'
import { usePlanner } from '@web/stores/planner'
import { cutForm as words } from './words'

/** What is said of settings, compensation and place is said of the sheet that is shown. */
const props = defineProps<{ load: LoadPlan | null; settings: CutPlan['settings'] | null }>()
const jobs = useOpenJob()
const bench = useBench()
const derived = useDerived()
const planner = usePlanner()
const say = useSay()
const cut = computed(() => jobs.job.cut)
const colours = computed(() => jobs.job.measure.machine?.colours ?? OUR_COLOURS)
const paper = ref<Paper>('A4')
const PAPERS: Record<Paper, string> = { A4: 'A4', A3: 'A3', letter: words.usLetter }
const LABELS: Record<Format, string> = {
  svg: 'SVG',
  dxf: 'DXF',
  gcode: 'G-code',
  pdf: words.pdf,
  json: words.panelsJson,
}
const DASHES: Record<Operation, string | undefined> = {
  engrave: '2 1',
  pocket: '1 2',
  score: '2 3',
  inside: undefined,
  outline: undefined,
}
const print = (): void => window.print()
const TURN_WORDS: Record<Job['cut']['turn'], string> = {
  'left to right': words.turnedOverLeft,
  'front to back': words.turnedOverFront,
  'leave out': words.notTurnedLeave,
}
const setTurn = ({ target }: Event): boolean =>
  change({ turn: (target as HTMLSelectElement).value as Job['cut']['turn'] })
const WHERE = [
  { value: 'paths' as const, label: words.inThePaths },
  { value: 'software' as const, label: words.leftLasersSoftware },
]
const material = computed(
  () => derived.box.materials.find(({ id }) => id === props.load?.material) ?? derived.box.materials[0],
)
const place = computed(() =>
  props.load
    ? [placeStatement(jobs.job.measure.machine, props.load, say.value), faceStatement(cut.value, props.load)]
        .filter((sentence) => sentence !== '')
        .join(' ')
    : '',
)

function recolour(operation: Operation, colour: string): void {
  const { machine } = jobs.job.measure
  if (!machine) {
    useMessages().say('look', words.coloursBelongMachine)
    return
  }
  const next = { ...machine, colours: { ...machine.colours, [operation]: colour.toLowerCase() } }
  const apply = (draft: typeof jobs.job): void => {
    draft.measure.machine = next
  }
  jobs.edit(apply, `colour ${operation}`, bench.putting('machines', next))
}
const change = (part: Partial<typeof jobs.job.cut>): boolean =>
  jobs.edit((draft) => {
    Object.assign(draft.cut, part)
  })
const toggle = (operation: Operation, on: boolean): boolean => {
  const others = cut.value.off.filter((each) => each !== operation)
  return change({ off: on ? others : [...others, operation] })
}

const toggleFormat = (format: Format): boolean =>
  change({
    formats: FORMATS.filter((each) => cut.value.formats.includes(each) !== (each === format)),
  })

/** Pockets are only spoken of where there are any. */
const operations = computed(() =>
  OPERATIONS.filter(
    (operation) =>
      (operation !== 'pocket' || derived.hasPockets) && (operation !== 'engrave' || derived.hasEngraving),
  ),
)
const LABELLED = [
  { value: 'hidden' as const, label: words.insideBox },
  { value: 'up' as const, label: words.faceUp },
  { value: 'none' as const, label: 'not' },
]
const FACES = [
  { value: 'outside' as const, label: words.outsideUp },
  { value: 'inside' as const, label: words.insideUp },
]

const STARTS = [
  { value: 'corner' as const, label: words.atACorner },
  { value: 'side' as const, label: words.longSide },
]

function settingOf(operation: Operation): string {
  const setting = props.settings?.[operation]
  return setting ? `${say.value.speed(setting.speed)} · ${short(setting.power)} % · ${setting.passes}×` : ''
}
</script>

<template>
  <form
    class="max-lg:contents lg:card lg:flex lg:min-h-0 lg:flex-col lg:gap-2"
    :aria-label="words.whatIsWritten"
    @submit.prevent
  >
    <div
      class="grid content-start gap-3 max-lg:order-last max-lg:card lg:min-h-0 lg:flex-1 lg:overflow-y-auto"
    >
      <fieldset data-field="operations">
        <legend class="text-[13px] font-medium">{{ words.operationsCuttingOrder }}</legend>
        <ol class="mt-1 grid gap-2">
          <li v-for="(operation, i) in operations" :key="operation" class="rounded border border-line p-2">
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
                data-field="colours"
                :aria-label="words.colourOf(OPERATION_NAMES[operation])"
                :value="colours[operation]"
                @input="recolour(operation, ($event.target as HTMLInputElement).value)"
              />
            </div>
            <div class="mt-1 flex flex-wrap items-center justify-between gap-1">
              <span class="num text-[12px] text-quiet">{{ settingOf(operation) }}</span>
              <ToggleSwitch
                :label="words.inTheFile"
                :of="OPERATION_NAMES[operation]"
                :model-value="!cut.off.includes(operation)"
                @update:model-value="toggle(operation, $event)"
              />
            </div>
          </li>
        </ol>
      </fieldset>
      <ChoiceRow
        data-field="labels"
        :label="words.labelPanels"
        :model-value="cut.labels"
        :options="LABELLED"
        @update:model-value="change({ labels: $event })"
      />
      <ToggleSwitch
        v-if="cut.labels !== 'none'"
        data-field="mark"
        :label="words.markFilesBeside"
        :model-value="cut.mark"
        @update:model-value="change({ mark: $event })"
      />
      <ChoiceRow
        data-field="face"
        :label="words.faceLiesUp"
        :model-value="cut.face"
        :options="FACES"
        @update:model-value="change({ face: $event })"
      />
      <label class="text-[13px] font-medium">
        {{ words.otherFaceSheet }}
        <select class="input" data-field="turn" :value="cut.turn" @change="setTurn">
          <option v-for="(said, how) in TURN_WORDS" :key="how" :value="how">{{ said }}</option>
        </select>
      </label>
      <ChoiceRow
        data-field="start"
        :label="words.cutBegins"
        :model-value="cut.start"
        :options="STARTS"
        @update:model-value="change({ start: $event })"
      />
      <BridgeFields />
      <ChoiceRow
        data-field="compensation"
        :label="words.kerfCompensation"
        stacked
        :model-value="cut.compensation"
        :options="WHERE"
        @update:model-value="change({ compensation: $event })"
      />
      <p class="text-[13px]" data-testid="statement">
        <strong v-if="derived.box.materials.length > 1">{{ material.name }}:</strong>
        {{ compensationStatement(cut.compensation, material, say) }} {{ bedStatement(jobs.job, say) }}
      </p>
      <p v-if="place" class="note" data-testid="place">{{ place }}</p>
      <fieldset data-field="formats">
        <legend class="text-[13px] font-medium">{{ words.filesMillimetres }}</legend>
        <div class="flex flex-wrap gap-3 text-sm">
          <label v-for="(label, format) in LABELS" :key="format" class="flex min-h-6 items-center gap-1.5">
            <input
              type="checkbox"
              class="accent-heather"
              :checked="cut.formats.includes(format)"
              @change="toggleFormat(format)"
            />
            {{ label }}
          </label>
        </div>
        <label v-if="cut.formats.includes('pdf')" class="mt-1 flex items-center gap-2 text-sm">
          {{ words.paper }}
          <select v-model="paper" class="input w-28!" data-field="paper">
            <option v-for="(label, name) in PAPERS" :key="name" :value="name">{{ label }}</option>
          </select>
          <span class="note">{{ words.printedActualSize }}</span>
        </label>
      </fieldset>
      <FileFields :programs="cut.formats.includes('gcode')" />
    </div>
    <div class="grid gap-2 max-lg:order-first max-lg:card lg:border-t lg:border-line lg:pt-2">
      <WriteCut :paper="paper" />
      <button type="button" class="btn" data-field="print-traveller" :disabled="!planner.plan" @click="print">
        <Printer :size="16" aria-hidden="true" />
        {{ words.printTraveller }}
      </button>
    </div>
  </form>
</template>
