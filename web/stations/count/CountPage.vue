<script setup lang="ts">
import { Check, ChevronLeft, Undo2 } from '@lucide/vue'
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { countOff, lyingSignature, setsOf, type LoadPlan } from '@core/derive'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { usePlanner } from '@web/stores/planner'
import { countPage as words } from './words'

/** At the laser, sheet by sheet: what is cut, what was spoilt, and how many boxes are complete. */
const props = defineProps<{ nameOf: (load: LoadPlan) => string }>()
const jobs = useOpenJob()
const derived = useDerived()
const planner = usePlanner()
const lying = computed(() => lyingSignature(derived.laid) ?? '')
const kept = computed(() => jobs.job.build.count)
const NOTHING = { loads: [] as string[], spoilt: [] as string[] }
/** What was counted of another layout does not count for this one. */
const isOther = computed(() => kept.value !== null && kept.value.lying !== lying.value)
const count = computed(() => (kept.value && !isOther.value ? kept.value : NOTHING))
const off = computed(() => countOff(derived.parts, planner.plan?.loads ?? [], count.value, setsOf(jobs.job)))
const first = computed(() => off.value.first.map(props.nameOf).join(' and '))
const box = (number: number): string => words.boxes(number)

/** What comes out of a load, and what is complete then. */
function outOf(parts: number, complete: number): string {
  if (parts === 0) return words.nothingComesOut
  const then = complete === 0 ? words.noBoxComplete : words.thenComplete(box(complete))
  return words.partsThen(parts, then)
}

function change(next: typeof NOTHING): void {
  jobs.edit((draft) => void (draft.build.count = { ...next, lying: lying.value }), 'count')
}
const toggled = (list: string[], each: string): string[] =>
  list.includes(each) ? list.filter((other) => other !== each) : [...list, each]
const cut = (key: string): void =>
  change({ spoilt: count.value.spoilt, loads: toggled(count.value.loads, key) })
const spoil = (id: string): void =>
  change({ loads: count.value.loads, spoilt: toggled(count.value.spoilt, id) })
</script>

<template>
  <div class="grid max-w-3xl gap-3">
    <div class="flex flex-wrap items-center gap-2">
      <RouterLink :to="{ params: { view: '' } }" class="btn-icon" :aria-label="words.backCut">
        <ChevronLeft :size="18" />
      </RouterLink>
      <h1 class="text-xl!">{{ words.countOff }}</h1>
    </div>
    <p v-if="off.loads.length === 0" class="card note">{{ words.nothingLiesSheet }}</p>
    <template v-else>
      <section class="card grid gap-1" :aria-label="words.howFar">
        <p class="text-2xl font-semibold" role="status" data-testid="complete">
          {{ words.ofComplete(off.complete, box(off.of)) }}
        </p>
        <p v-if="isOther" class="text-sm text-gorse">
          {{ words.layoutChangedSince }}
        </p>
        <p v-if="first" class="text-sm">
          {{ words.cutFirstFirst(first) }}
        </p>
        <p v-if="off.spoilt.length > 0" class="text-sm text-rowan" data-testid="spoilt">
          {{ words.cutAgain(off.spoilt.map(({ label }) => label).join(', ')) }}
          <RouterLink :to="{ params: { station: 'build', view: '' } }" class="underline">
            {{ words.cutThemAgain }}
          </RouterLink>
        </p>
      </section>
      <ol class="grid gap-2" :aria-label="words.loads">
        <li
          v-for="{ key, load, parts, isCut, complete } in off.loads"
          :key="key"
          class="card grid gap-2 py-2!"
        >
          <div class="flex flex-wrap items-center gap-x-3 gap-y-1">
            <strong class="min-w-32 flex-1">{{ nameOf(load) }}</strong>
            <span class="text-sm text-quiet">
              {{ outOf(parts.length, complete) }}
            </span>
            <button
              type="button"
              class="btn min-h-14 max-sm:w-full"
              :class="{ 'btn-main': !isCut }"
              :aria-pressed="isCut"
              :aria-label="words.isCut(nameOf(load))"
              @click="cut(key)"
            >
              <component :is="isCut ? Undo2 : Check" :size="18" aria-hidden="true" />
              {{ isCut ? words.notCutAfter : words.itIsCut }}
            </button>
          </div>
          <fieldset v-if="isCut && parts.length > 0" class="flex flex-wrap gap-1.5">
            <legend class="mb-1 text-[13px] text-quiet">
              {{ words.pressSpoiltPress }}
            </legend>
            <button
              v-for="part in parts"
              :key="part.id"
              type="button"
              class="choice min-h-11"
              :data-on="count.spoilt.includes(part.id)"
              :aria-pressed="count.spoilt.includes(part.id)"
              @click="spoil(part.id)"
            >
              {{ part.label }}
            </button>
          </fieldset>
        </li>
      </ol>
    </template>
  </div>
</template>
