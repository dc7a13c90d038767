<script setup lang="ts">
import { Plus } from '@lucide/vue'
import { computed } from 'vue'
import { problemSentence, whyNot } from '@core/box'
import { thicknessesOf } from '@core/derive'
import { defaultFitting, closes, FITTINGS, kindOfFitting, type FittingType } from '@core/fittings'
import { MOST_THINGS, nextThingId, thingsOf } from '@core/job'
import { capitalised } from '@core/length'
import { madeOf, type BoxThing } from '@core/say'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useShapeThing } from '@web/stores/shape-thing'
import { useBoxEdits } from './box-edits'
import { addForm as words } from './form-words'

/** What this box can have beside what it has, and why not the rest. */
const { box, thickness, setFitting } = useBoxEdits()
const jobs = useOpenJob()
const derived = useDerived()
const place = useShapeThing()
const say = useSay()
/** A whole decides how its boxes stand, and what of them makes it one. */
const isOwn = computed(() => jobs.job.whole === null)
const isShown = (type: FittingType): boolean => isOwn.value || kindOfFitting(type).of === 'box'
/** What could be added, each with why it cannot. */
const fittings = computed(() => {
  const t = thicknessesOf(box.value.stocks, derived.box.materials).mean
  const has = (type: FittingType): boolean => box.value.fittings.some((own) => own.type === type)
  if (box.value.plan) return []
  return FITTINGS.filter(
    ({ type, of }) => of !== 'whole' && !closes(type) && isShown(type) && !has(type),
  ).map(({ type, title }) => {
    const problem = whyNot(box.value, t, type)
    return { type, title, why: problem ? problemSentence(problem, say.value) : '' }
  })
})
const refused = computed(() => fittings.value.filter(({ why }) => why !== ''))
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
      <button
        v-for="{ type, title, why } in fittings"
        :key="type"
        type="button"
        class="btn px-2 py-1"
        data-add
        :data-field="`add-${type}`"
        :disabled="why !== ''"
        :title="why || undefined"
        @click="add(type)"
      >
        <Plus :size="14" aria-hidden="true" />
        {{ capitalised(title) }}
      </button>
    </div>
    <p v-for="{ type, title, why } in refused" :key="type" class="note">
      <strong>{{ capitalised(title) }}:</strong>
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
