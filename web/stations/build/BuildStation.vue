<script setup lang="ts">
import { Play, Printer } from '@lucide/vue'
import { computed, defineAsyncComponent } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import {
  afterGlue,
  buildSteps,
  checkOf,
  clampsFor,
  diagonal,
  diagonalWorking,
  glueCautions,
  glueGrams,
  readyFor,
  runsIn,
  SCHOOLS,
  type BuildStep,
  type Finish,
  type Glue,
  type Round,
  type School,
} from '@core/build'
import { beliefOf } from '@core/belief'
import { fitWorking } from '@core/fit'
import { bentAsBuilt } from '@core/derive'
import { partPrefix } from '@core/job'
import { fixed } from '@core/length'
import { labelWords } from '@core/say'
import { download } from '@web/data/download'
import CautionNote from '@web/parts/CautionNote.vue'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import type { HoldMark } from '@web/parts/hold-marks'
import { useSay } from '@web/parts/say'
import WhyLink from '@web/parts/WhyLink.vue'
import { useMessages } from '@web/stores/messages'
import { useTimers } from '@web/stores/timers'
import WorkedFigure from '@web/parts/WorkedFigure.vue'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { usePlanner } from '@web/stores/planner'
import ThingTabs from '../ThingTabs.vue'
import PrintHead from '../PrintHead.vue'
import FinishCard from './FinishCard.vue'
import GlueCard from './GlueCard.vue'
import RecutCard from './RecutCard.vue'
import RoundHead from './RoundHead.vue'
import SquareCard from './SquareCard.vue'
import StepCard from './StepCard.vue'
import WontGoCard from './WontGoCard.vue'
import { clampMarks } from './clamp-marks'
import { useStepPictures } from './step-pictures'
import { useSchedule } from './use-schedule'
import { common } from '@web/words'
import { buildStation as words } from './words'

const StepByStep = defineAsyncComponent(() => import('./StepByStep.vue')) // it draws in space

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
const built = computed(() => {
  const { made: box, panels } = derived.box
  return box && panels && bentAsBuilt(box, panels)
})
const plan = useSchedule(
  computed(() => {
    const { school, glue } = jobs.job.build
    return { made: made.value, panels: derived.box.panels, steps: steps.value, school, glue }
  }),
)
const timers = useTimers()
/** Rounds of gluing the box, by their numbers. */
const glued = computed(() =>
  plan.value.rounds.filter(({ isHeld, steps: own }) => isHeld && !own.some(({ isFlat }) => isFlat)),
)
const numberOf = (round: Round): number => glued.value.indexOf(round) + 1
const hold = (round: Round): void => {
  const { job } = jobs
  const number = numberOf(round)
  const what = glued.value.length > 1 && number > 0 ? words.round(job.name, number) : job.name
  timers.start(`${job.id}/${job.thing.id}/${number}`, what, job.build.glue.hold)
}
const glueInAll = computed(() => {
  const total = steps.value.flatMap((step) => step.glue).reduce((sum, { area }) => sum + area, 0)
  const { least, most } = glueGrams(total)
  return { faces: say.value.area(total), grams: words.toG(fixed(least, 1), fixed(most, 1)) }
})
const fit = computed(() =>
  fitWorking(derived.fit, derived.box.kerf, jobs.job.interference, beliefOf(jobs.job.measure), say.value),
)
const labelled = computed(() => labelWords(jobs.job.cut, planner.plan?.loads ?? []))
const print = (): void => window.print()
const cautions = computed(() => [
  words.dustMaskWhile,
  ...glueCautions(jobs.job.build.glue),
  words.frictionFitLoosens,
])

const doneId = (id: string): string => `${partPrefix(jobs.job.thing.id)}${id}`
/** Ways to go about it that this box allows; the one in hand among them. */
const schools = computed(() => {
  const { panels } = derived.box
  if (made.value?.angled) return [{ value: SCHOOLS[0], label: SCHOOLS[0] }]
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
/** The round that this step closes. */
const closing = (id: string): Round | null =>
  plan.value.rounds.find(({ steps: own, isHeld }) => isHeld && own.at(-1)!.id === id) ?? null
const setGlue = (glue: Glue): boolean =>
  jobs.edit(({ build }) => {
    build.glue = glue
  }, 'glue')
const setFinish = (finish: Finish): boolean =>
  jobs.edit(({ build }) => {
    build.finish = finish
  }, 'finish')
/** What is done once the glue holds. */
const after = computed(() => {
  const { panels } = derived.box
  if (!made.value || !panels) return null
  const { glue, finish } = jobs.job.build
  const family = jobs.job.measure.stock?.family ?? ''
  return afterGlue(made.value, panels, { glue, finish, family, proud: proud.value }, say.value)
})
/** What to have ready before one begins. */
const ready = computed(() => {
  if (!made.value || !after.value || steps.value.length === 0) return []
  const { glue, finish } = jobs.job.build
  const family = jobs.job.measure.stock?.family ?? ''
  return readyFor(
    made.value,
    { rounds: plan.value.rounds, glue, finish, after: after.value, family },
    say.value,
  )
})
async function writeBoxCard(): Promise<void> {
  if (!after.value) return
  const { cardOf, fileStem, writeCard } = await import('@web/data/offers')
  const card = cardOf(jobs.job, derived.box, after.value.hours, new Date(), say.value)
  const name = `${fileStem(`${card.name} card`)}.pdf`
  await download([{ name, content: await writeCard(card) }], name)
  useMessages().say('said', common.fileWritten(name))
}
const marksOf = ({ id }: BuildStep): HoldMark[] => {
  const round = closing(id)
  return round && made.value && built.value ? clampMarks(clampsFor(round, made.value), built.value) : []
}
const { pictures, held, impossible } = useStepPictures(steps, built, marksOf)
const isDone = (id: string): boolean => jobs.job.build.done.includes(doneId(id))
const toggle = (id: string, done: boolean): boolean =>
  jobs.edit(({ build }) => {
    const others = build.done.filter((each) => each !== doneId(id))
    build.done = done ? [...others, doneId(id)] : others
  })

/** Which step is shown by itself; in the address, so that a reload comes back to it. */
const route = useRoute()
const router = useRouter()
const alone = computed({
  get: () => {
    const step = Number(route.query.step)
    return step >= 1 && step <= steps.value.length ? step - 1 : null
  },
  set: (at) => void router.replace({ query: at === null ? {} : { step: at + 1 } }),
})
const begin = (): void => {
  const open = steps.value.findIndex(({ id }) => !isDone(id))
  alone.value = Math.max(0, open)
}
</script>

<template>
  <div v-if="made" class="grid gap-3">
    <PrintHead page="build sheet" />
    <ThingTabs class="no-print" />
    <div class="card flex flex-wrap items-end gap-x-8 gap-y-2">
      <WorkedFigure
        large
        v-if="!made.angled"
        :label="proud > 0 ? words.diagonalInsideBoth : words.diagonalBothSame"
        :text="say.length(diagonal(made, proud), 1)"
        :working="diagonalWorking(made, proud, say)"
      />
      <WorkedFigure large :label="words.glueFacesBox" :text="glueInAll.faces" />
      <WorkedFigure
        v-if="!runsIn(jobs.job.build.glue)"
        large
        :label="words.woodGlueAbout"
        :text="glueInAll.grams"
      />
      <WorkedFigure large :label="common.fit" :text="derived.fit.word" :working="fit" />
      <button
        v-if="steps.length > 0"
        type="button"
        class="btn btn-main no-print ml-auto"
        data-field="step-by-step"
        @click="begin"
      >
        <Play :size="16" aria-hidden="true" />
        {{ words.buildStepStep }}
      </button>
      <button type="button" class="btn no-print" data-field="print" @click="print">
        <Printer :size="16" aria-hidden="true" />
        {{ words.printBuildSheet }}
      </button>
    </div>
    <ChoiceRow
      v-if="schools.length > 1"
      class="no-print max-w-2xl"
      data-field="school"
      :label="words.howGoAbout"
      :model-value="jobs.job.build.school"
      :options="schools"
      @update:model-value="choose"
    />
    <GlueCard
      v-if="steps.length > 0"
      :model-value="jobs.job.build.glue"
      :plan="plan"
      :family="jobs.job.measure.stock?.family ?? ''"
      @update:model-value="setGlue"
      @school="choose"
    />
    <section v-if="ready.length > 0" class="card py-2! text-sm" aria-labelledby="ready-title">
      <h2 id="ready-title" class="text-base!">{{ words.readyBox }}</h2>
      <ul class="mt-1 flex flex-wrap gap-x-6 gap-y-1">
        <li v-for="each in ready" :key="each">{{ each }}</li>
      </ul>
    </section>
    <p v-if="locked.length > 0" class="text-sm text-rowan" role="alert">
      {{ words.panelsLockEach(locked.join(', ')) }}
      <WhyLink lesson="gluing" />
    </p>
    <p v-if="seamed.length > 0" class="text-sm">
      {{ words.gluePiecesTogether(seamed.join(', ')) }}
    </p>
    <p class="text-sm">
      {{ words.dryFitEverything(labelled, !!made.angled) }}
    </p>
    <div v-for="(round, i) in plan.rounds" :key="i" class="grid gap-3">
      <RoundHead
        :round="round"
        :number="numberOf(round)"
        :of="glued.length"
        :glue="jobs.job.build.glue"
        :box="made"
        :picture="held[round.steps.at(-1)!.id]"
        @hold="hold(round)"
      />
      <ol class="grid gap-3 md:grid-cols-2 xl:grid-cols-3 print:grid-cols-2">
        <StepCard
          v-for="step in round.steps"
          :key="step.id"
          :step="step"
          :picture="pictures[step.id]"
          :impossible="impossible"
          :done="isDone(step.id)"
          :check="checkOf(step, proud, say)"
          @done="toggle(step.id, $event)"
        />
      </ol>
    </div>
    <StepByStep
      v-if="alone !== null"
      v-model="alone"
      :steps="steps"
      :panels="built"
      :box="made"
      :done="isDone"
      :closing="closing"
      :marks="marksOf"
      :glue="jobs.job.build.glue"
      @hold="hold"
      @done="toggle($event, true)"
      @close="alone = null"
    />
    <SquareCard v-if="!made.angled" :box="made" :proud="proud" />
    <FinishCard
      v-if="after"
      :model-value="jobs.job.build.finish"
      :after="after"
      :family="jobs.job.measure.stock?.family ?? ''"
      @update:model-value="setFinish"
      @card="writeBoxCard"
    />
    <WontGoCard />
    <RecutCard />
    <CautionNote :title="words.whileBuilding" :cautions="cautions" why="gluing" />
  </div>
  <p v-else class="note">{{ words.boxCannotMade }}</p>
</template>
