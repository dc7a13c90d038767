<script setup lang="ts">
import { Printer } from '@lucide/vue'
import { computed } from 'vue'
import {
  boughtFor,
  buildSteps,
  diagonal,
  diagonalWorking,
  glueGrams,
  SCHOOLS,
  type School,
} from '@core/build'
import { beliefOf } from '@core/belief'
import { fitWorking } from '@core/fit'
import { bentAsBuilt } from '@core/derive'
import { partPrefix } from '@core/job'
import { counted, fixed } from '@core/length'
import { labelWords } from '@core/say'
import CautionNote from '@web/parts/CautionNote.vue'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import { useSay } from '@web/parts/say'
import WorkedFigure from '@web/parts/WorkedFigure.vue'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { usePlanner } from '@web/stores/planner'
import ThingTabs from '../ThingTabs.vue'
import PrintHead from '../PrintHead.vue'
import SquareCard from './SquareCard.vue'
import { useStepPictures } from './step-pictures'

const jobs = useOpenJob()
const derived = useDerived()
const say = useSay()
const planner = usePlanner()
const made = computed(() => derived.box.made)
/** Panels that were cut in pieces, to be joined before the box is. */
const seamed = computed(() => derived.box.divided.map(({ panel }) => panel.label))
const proud = computed(() => jobs.job.box.proud)
const order = computed(() => derived.build)
const steps = computed(() => ('locked' in order.value ? [] : order.value))
const locked = computed(() => ('locked' in order.value ? order.value.locked : []))
const { pictures, impossible } = useStepPictures(
  steps,
  computed(() => {
    const { made: box, panels } = derived.box
    return box && panels && bentAsBuilt(box, panels)
  }),
)
const glue = computed(() => {
  const total = steps.value.flatMap((step) => step.glue).reduce((sum, { area }) => sum + area, 0)
  const { least, most } = glueGrams(total)
  return { faces: say.value.area(total), grams: `${fixed(least, 1)} to ${fixed(most, 1)} g` }
})
const fit = computed(() =>
  fitWorking(derived.fit, derived.box.kerf, jobs.job.interference, beliefOf(jobs.job.measure), say.value),
)
/** What is not cut from the sheet, with its sizes. */
const bought = computed(() =>
  (made.value ? boughtFor(made.value) : []).map(({ what, count, sizes }) => {
    const size = sizes.map(({ label, length }) => `${say.value.length(length, 1)} ${label}`).join(', ')
    return `${counted(count, what)}${size ? `: ${size}` : ''}`
  }),
)
const labelled = computed(() => labelWords(jobs.job.cut, planner.plan?.loads ?? []))
const print = (): void => window.print()
const CAUTIONS = [
  'Dust mask while sanding, fresh air while gluing. Remove soot from joint faces first: glue ' +
    'does not hold on it.',
  'Wood glue holds after 5 to 10 minutes in a small box; full strength as its label says. A ' +
    'friction fit loosens as damp and dry seasons change.',
]

const doneId = (id: string): string => `${partPrefix(jobs.job.thing.id)}${id}`
/** Ways to go about it that this box allows; the one in hand among them. */
const schools = computed(() => {
  const { panels } = derived.box
  const possible = SCHOOLS.filter(
    (school) =>
      school === jobs.job.build.school ||
      (made.value && panels && !('locked' in buildSteps(made.value, panels, school))),
  )
  return possible.map((value) => ({ value, label: value }))
})
const choose = (school: School): boolean =>
  jobs.edit(({ build }) => {
    build.school = school
  })
const toggle = (id: string, event: Event): boolean =>
  jobs.edit(({ build }) => {
    const others = build.done.filter((each) => each !== doneId(id))
    build.done = (event.target as HTMLInputElement).checked ? [...others, doneId(id)] : others
  })
</script>

<template>
  <div v-if="made" class="grid gap-3">
    <PrintHead page="build sheet" />
    <ThingTabs class="no-print" />
    <div class="card flex flex-wrap items-end gap-x-8 gap-y-2">
      <WorkedFigure
        large
        :label="proud > 0 ? 'Diagonal inside, both the same' : 'Diagonal, both the same'"
        :text="say.length(diagonal(made, proud), 1)"
        :working="diagonalWorking(made, proud, say)"
      />
      <WorkedFigure large label="Glue faces, one box" :text="glue.faces" />
      <WorkedFigure large label="Wood glue, about" :text="glue.grams" />
      <WorkedFigure large label="Fit" :text="derived.fit.word" :working="fit" />
      <button type="button" class="btn no-print ml-auto" data-field="print" @click="print">
        <Printer :size="16" aria-hidden="true" />
        Print the build sheet
      </button>
    </div>
    <ChoiceRow
      v-if="schools.length > 1"
      class="no-print max-w-2xl"
      data-field="school"
      label="How to go about it"
      :model-value="jobs.job.build.school"
      :options="schools"
      @update:model-value="choose"
    />
    <section v-if="bought.length > 0" class="card py-2! text-sm" aria-labelledby="bought-title">
      <h2 id="bought-title" class="text-base!">To have ready, for one box</h2>
      <ul class="mt-1 flex flex-wrap gap-x-6 gap-y-1">
        <li v-for="each in bought" :key="each">{{ each }}</li>
      </ul>
    </section>
    <p v-if="locked.length > 0" class="text-sm text-rowan" role="alert">
      These panels lock each other, none of them can come in last: {{ locked.join(', ') }}. Change how they
      are joined in Shape.
    </p>
    <p v-if="seamed.length > 0" class="text-sm">
      Glue the pieces of {{ seamed.join(', ') }} together first, flat on a level board: each is one panel
      then.
    </p>
    <p class="text-sm">
      Dry-fit everything first. {{ labelled }} Every wall comes in straight from its own outside: work tight
      tabs in by wiggling, not by blows. Then take it apart, glue thinly where faces meet, and check both
      diagonals before the glue takes.
    </p>
    <ol class="grid gap-3 md:grid-cols-2 xl:grid-cols-3 print:grid-cols-2">
      <li v-for="step in steps" :key="step.id" class="card flex break-inside-avoid flex-col gap-1.5">
        <div class="flex items-center justify-between gap-2">
          <h2 class="text-base!">{{ step.title }}</h2>
          <label class="flex min-h-6 items-center gap-1.5 text-sm">
            <input
              type="checkbox"
              class="h-6 w-6 accent-heather"
              :checked="jobs.job.build.done.includes(doneId(step.id))"
              :aria-label="`${step.id === step.panel ? step.panel : step.title} is in`"
              @change="toggle(step.id, $event)"
            />
            in
          </label>
        </div>
        <img
          v-if="pictures[step.id]"
          :src="pictures[step.id]"
          class="h-44 w-full object-contain"
          :alt="`Step: ${step.text}`"
        />
        <p v-else-if="impossible" class="note">No picture: this browser has no WebGL.</p>
        <div v-else class="h-44" role="status" aria-label="The picture is being drawn" />
        <p class="text-sm">{{ step.text }}</p>
        <ul
          v-if="step.glue.length > 0"
          class="flex flex-wrap gap-x-4 text-[13px]"
          :aria-label="`Glue faces of the ${step.panel}`"
        >
          <li v-for="face in step.glue" :key="face.with">
            glue to {{ face.with }}:
            <span class="num">{{ say.area(face.area) }}</span>
          </li>
        </ul>
      </li>
    </ol>
    <SquareCard :box="made" :proud="proud" />
    <CautionNote title="While building" :cautions="CAUTIONS" />
  </div>
  <p v-else class="note">The box cannot be made yet: see Shape.</p>
</template>
