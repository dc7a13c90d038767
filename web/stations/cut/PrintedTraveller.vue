<script setup lang="ts">
import { computed } from 'vue'
import type { LoadPlan } from '@core/derive'
import { formatDuration } from '@core/length'
import { OPERATION_NAMES } from '@core/machine'
import { stagesOf } from '@core/plan'
import { compensationStatement, faceStatement, nestedStatement, placeStatement, timeWords } from '@core/say'
import { settingWords } from '@core/tune'
import PrintHead from '../PrintHead.vue'
import { useSay } from '@web/parts/say'
import { lineData } from '@web/parts/svg-path'
import { loadOutline } from './load-outline'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { usePlanner } from '@web/stores/planner'
import { printedTraveller as words } from './words'

/** The sheet of paper that goes with a job to the laser: what is cut, in which order, and what came of it. */
defineProps<{ nameOf: (load: LoadPlan) => string }>()
const jobs = useOpenJob()
const derived = useDerived()
const planner = usePlanner()
const say = useSay()
const loads = computed(() => planner.plan?.loads.filter(({ paths }) => paths.length > 0) ?? [])
const linesOf = ({ paths }: LoadPlan): string =>
  paths
    .filter(({ operation }) => operation !== 'engrave' && operation !== 'pocket')
    .map(({ points, closed }) => lineData(points, closed))
    .join('')
/** What is done to a load, in order, each with its setting. */
function doneTo(load: LoadPlan): { name: string; setting: string }[] {
  const { settings, own: ways } = planner.plan!.stocks.find(({ material }) => material === load.material)!
  return stagesOf(load.paths).map(({ operation, own }) => {
    const way = ways.find(({ name }) => name === own)
    return {
      name: way?.name ?? OPERATION_NAMES[operation],
      setting: settingWords(way?.setting ?? settings[operation], say.value),
    }
  })
}
function statementsOf(load: LoadPlan): string {
  const { measure, cut } = jobs.job
  return [
    placeStatement(measure.machine, load, say.value),
    faceStatement(cut, load),
    nestedStatement(load.paths),
  ]
    .join(' ')
    .trim()
}
const partsOn = (load: LoadPlan): string => {
  const here = new Set(load.paths.map(({ part }) => part))
  return derived.parts
    .filter(({ id }) => here.has(id))
    .map(({ label }) => label)
    .join(', ')
}
const open = computed(() => derived.checks.filter(({ state }) => state !== 'ok'))
const BEFORE = ['laid', words.goneRound]
const stepsOf = ({ face }: LoadPlan): string[] =>
  face === 'first' ? [...BEFORE, 'done', words.turnedOver] : [...BEFORE, 'cut', 'looked: all free', 'lifted']
const BLANKS = [words.minutesTook, words.howFitted, words.changeNextTime]
</script>

<template>
  <section class="hidden print:block" :aria-label="words.traveller" data-testid="traveller">
    <PrintHead page="traveller" />
    <p v-if="planner.plan" class="num mt-2 text-[10pt]">
      {{
        words.plannedTimeAll(
          compensationStatement(jobs.job.cut.compensation, derived.box.materials[0], say),
          timeWords(planner.plan.total, derived.clock),
        )
      }}
    </p>
    <ul v-if="open.length > 0" class="mt-1 list-disc pl-4 text-[10pt]" :aria-label="words.lookFirst">
      <li v-for="{ id, title } in open" :key="id">{{ title }}.</li>
    </ul>
    <article v-for="(load, i) in loads" :key="i" class="mt-3 break-inside-avoid border-t border-line pt-2">
      <h3 class="text-[12pt]!">{{ i + 1 }}. {{ nameOf(load) }}, {{ formatDuration(load.time.total) }}</h3>
      <div class="mt-1 grid grid-cols-[7cm_1fr] gap-4">
        <svg
          :viewBox="`-2 ${-load.height - 2} ${load.width + 4} ${load.height + 4}`"
          class="w-full self-start"
          role="img"
          :aria-label="nameOf(load)"
        >
          <path :d="loadOutline(load)" fill="none" stroke="#555" />
          <path :d="linesOf(load)" fill="none" stroke="#000" stroke-width="0.8" />
        </svg>
        <div class="grid content-start gap-1 text-[10pt]">
          <p>{{ statementsOf(load) }}</p>
          <ol class="list-decimal pl-5">
            <li v-for="({ name, setting }, at) in doneTo(load)" :key="at">
              {{ name }}:
              <span class="num">{{ setting }}</span>
            </li>
          </ol>
          <p v-if="load.face !== 'first'">{{ words.parts(partsOn(load)) }}</p>
          <p>
            <span v-for="step in stepsOf(load)" :key="step" class="mr-3 whitespace-nowrap">☐ {{ step }}</span>
          </p>
        </div>
      </div>
    </article>
    <dl class="mt-4 grid grid-cols-[5cm_1fr] gap-y-3 text-[10pt]">
      <template v-for="blank in BLANKS" :key="blank">
        <dt>{{ blank }}</dt>
        <dd class="border-b border-line" />
      </template>
    </dl>
    <p class="mt-3 text-[9pt]">
      {{ words.stayBesideWhile }}
    </p>
  </section>
</template>
