<script setup lang="ts">
import { Plus } from '@lucide/vue'
import { computed } from 'vue'
import { problemSentence } from '@core/box'
import { whyNot } from '@core/derive'
import {
  defaultFitting,
  closes,
  FITTINGS,
  kindOfFitting,
  withFitting,
  type FittingType,
} from '@core/fittings'
import { MOST_THINGS, nextThingId, thingsOf } from '@core/job'
import { capitalised } from '@core/length'
import { madeOf, type BoxThing } from '@core/say'
import { useSay } from '@web/parts/say'
import { useOpenJob } from '@web/stores/job'
import { useShapeThing } from '@web/stores/shape-thing'
import { useBoxEdits } from './box-edits'
import ChoicePicture from './ChoicePicture.vue'
import { addForm as words } from './form-words'

/** What this box can have beside what it has, and why not the rest. */
const { box, thickness, setFitting } = useBoxEdits()
const jobs = useOpenJob()
const place = useShapeThing()
const say = useSay()
/** A whole decides how its boxes stand, and what of them makes it one. */
const isOwn = computed(() => jobs.job.whole === null)
const isShown = (type: FittingType): boolean => isOwn.value || kindOfFitting(type).of === 'box'
/** What could be added, each with why it cannot. */
const fittings = computed(() => {
  const has = (type: FittingType): boolean => box.value.fittings.some((own) => own.type === type)
  if (box.value.plan) return []
  return FITTINGS.filter(
    ({ type, of }) => of !== 'whole' && !closes(type) && isShown(type) && !has(type),
  ).map(({ type, title }) => {
    const own = defaultFitting(type, box.value, thickness.value)
    const problem = whyNot(jobs.job, own)
    const why = problem ? problemSentence(problem, say.value) : ''
    return {
      type,
      title,
      why,
      box: why ? null : { ...box.value, fittings: withFitting(box.value.fittings, own) },
    }
  })
})
const taken = computed(() => fittings.value.flatMap((each) => (each.box ? [{ ...each, box: each.box }] : [])))
/** What it cannot have, those together that cannot for one reason. */
const refused = computed(() => {
  const by = new Map<string, { type: FittingType; title: string }[]>()
  for (const { type, title, why } of fittings.value)
    if (why) by.set(why, [...(by.get(why) ?? []), { type, title }])
  return [...by].map(([why, those]) => ({ why, those }))
})
const ON_THE_JOB: BoxThing[] = ['figures', 'mock-up', 'kind']
const absent = computed(() => madeOf(jobs.job, 0, say.value).filter(({ isThere }) => !isThere))
const others = computed(() => absent.value.filter(({ thing }) => !ON_THE_JOB.includes(thing)))
const more = computed(() => absent.value.filter(({ thing }) => ON_THE_JOB.includes(thing)))

function add(type: FittingType): void {
  setFitting(defaultFitting(type, box.value, thickness.value))
  place.chosen = `fitting-${type}`
}
/** One more box in this job, like the one in hand. */
function addBox(): void {
  const id = nextThingId(jobs.job)
  jobs.edit((draft) => {
    const { thing, copies, box: like } = jobs.job
    draft.also = [...draft.also, { ...thing, copies, box: like }]
    draft.thing = { id, name: `${thing.name} ${id}`.slice(0, 40) }
    draft.copies = 1
  })
  place.chosen = null
}
const mayAddBox = computed(() => isOwn.value && thingsOf(jobs.job).length <= MOST_THINGS)
</script>

<template>
  <div class="grid content-start gap-2.5">
    <div class="flex flex-wrap gap-1.5" role="group" :aria-label="words.onThisBox">
      <button
        v-for="{ thing, title } in others"
        :key="thing"
        type="button"
        class="btn px-2 py-1"
        data-add
        :data-adds="thing"
        @click="place.chosen = thing"
      >
        <Plus :size="14" aria-hidden="true" />
        {{ title }}
      </button>
    </div>
    <div class="grid grid-cols-3 gap-1.5" role="group" :aria-label="words.drawnOnThisBox">
      <button
        v-for="fitting in taken"
        :key="fitting.type"
        type="button"
        class="choice grid justify-items-center gap-0.5 p-1!"
        data-add
        :data-field="`add-${fitting.type}`"
        @click="add(fitting.type)"
      >
        <ChoicePicture :box="fitting.box" marks />
        <span class="text-[12px] leading-tight">{{ capitalised(fitting.title) }}</span>
      </button>
    </div>
    <p v-for="{ why, those } in refused" :key="why" class="note">
      <strong v-for="({ type, title }, i) in those" :key="type" :data-field="`add-${type}`">
        {{ capitalised(title) }}{{ i < those.length - 1 ? ', ' : ': ' }}
      </strong>
      {{ why }}
    </p>
    <p class="text-[13px] font-semibold">{{ words.toThisJob }}</p>
    <div class="flex flex-wrap gap-1.5">
      <button
        v-if="mayAddBox"
        type="button"
        class="btn px-2 py-1"
        data-field="add-thing"
        data-adds="thing"
        @click="addBox"
      >
        <Plus :size="14" aria-hidden="true" />
        {{ words.anotherThing }}
      </button>
      <button
        v-for="{ thing, title } in more"
        :key="thing"
        type="button"
        class="btn px-2 py-1"
        :data-adds="thing"
        @click="place.chosen = thing"
      >
        <Plus :size="14" aria-hidden="true" />
        {{ title }}
      </button>
    </div>
  </div>
</template>
