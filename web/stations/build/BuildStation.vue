<script setup lang="ts">
import { Printer } from '@lucide/vue'
import { computed } from 'vue'
import { buildSteps, diagonal, diagonalWorking, glueGrams } from '@core/build'
import { fixed } from '@core/length'
import CautionNote from '@web/parts/CautionNote.vue'
import WorkedFigure from '@web/parts/WorkedFigure.vue'
import { useDerived } from '@web/stores/derived'
import { useJob } from '@web/stores/job'
import { useStepPictures } from './step-pictures'

const jobs = useJob()
const derived = useDerived()
const steps = computed(() => (derived.box.shell ? buildSteps(derived.box.shell) : []))
const pictures = useStepPictures(
  steps,
  computed(() => derived.box.panels),
)
const glueTotal = computed(() =>
  steps.value.reduce((sum, { glue }) => sum + glue.reduce((s, { area }) => s + area, 0), 0),
)
const grams = computed(() => glueGrams(glueTotal.value))
const square = (mm2: number): string => `${fixed(mm2 / 100, 1)} cm²`
const print = (): void => window.print()

const toggle = (id: string, on: boolean): void =>
  jobs.edit((draft) => {
    draft.build.done = on
      ? [...draft.build.done.filter((each) => each !== id), id]
      : draft.build.done.filter((each) => each !== id)
  })
</script>

<template>
  <div v-if="derived.box.shell" class="grid gap-3">
    <div class="card flex flex-wrap items-end gap-x-8 gap-y-2">
      <h2 class="hidden text-xl print:block">{{ jobs.job!.name }}: build sheet</h2>
      <WorkedFigure
        large
        label="Diagonal, both the same"
        :text="`${fixed(diagonal(derived.box.shell), 1)} mm`"
        :working="diagonalWorking(derived.box.shell)"
      />
      <WorkedFigure large label="Glue faces, one box" :text="square(glueTotal)" />
      <WorkedFigure
        large
        label="Wood glue, about"
        :text="`${fixed(grams.least, 1)} to ${fixed(grams.most, 1)} g`"
      />
      <WorkedFigure large label="Fit" :text="derived.box.fit.word" :working="derived.box.fit.working" />
      <button type="button" class="btn no-print ml-auto" @click="print">
        <Printer :size="16" aria-hidden="true" />
        Print the build sheet
      </button>
    </div>
    <p class="text-sm">
      Dry-fit everything first, labels outward. Every wall comes in straight from its own outside: work tight
      tabs in by wiggling, not by blows. Then take it apart, glue thinly where faces meet, and check both
      diagonals before the glue takes.
    </p>
    <ol class="grid gap-3 md:grid-cols-2 xl:grid-cols-3 print:grid-cols-2">
      <li v-for="step in steps" :key="step.id" class="card flex break-inside-avoid flex-col gap-1.5">
        <div class="flex items-center justify-between gap-2">
          <h3 class="text-base!">{{ step.title }}</h3>
          <label class="flex items-center gap-1.5 text-sm">
            <input
              type="checkbox"
              class="h-5 w-5 accent-heather"
              :checked="jobs.job!.build.done.includes(step.id)"
              :aria-label="`${step.panel} is in`"
              @change="toggle(step.id, ($event.target as HTMLInputElement).checked)"
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
        <p v-else class="note">No picture: this browser has no WebGL.</p>
        <p class="text-sm">{{ step.text }}</p>
        <ul
          v-if="step.glue.length > 0"
          class="flex flex-wrap gap-x-4 text-[13px]"
          :aria-label="`Glue faces of the ${step.panel}`"
        >
          <li v-for="face in step.glue" :key="face.with">
            glue to {{ face.with }}:
            <span class="num">{{ square(face.area) }}</span>
          </li>
        </ul>
      </li>
    </ol>
    <CautionNote
      title="While building"
      :cautions="[
        'Dust mask while sanding, fresh air while gluing. Remove soot from joint faces first: glue does not hold on it.',
        'Wood glue holds after 5 to 10 minutes in a small box; full strength as its label says. A friction fit loosens as damp and dry seasons change.',
      ]"
    />
  </div>
  <p v-else class="note">The box cannot be made yet: see Shape.</p>
</template>
