<script setup lang="ts">
import { Check, ChevronLeft } from '@lucide/vue'
import { computed, nextTick, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { EXERCISES } from '@core/course'
import { readPreference, writePreference } from '@web/data/preferences'
import ThemeButton from '@web/shell/ThemeButton.vue'
import UnitsMenu from '@web/shell/UnitsMenu.vue'
import ExerciseCard from './ExerciseCard.vue'

/** Six exercises on a simulated machine: each can be done anew with other figures. */
const SAVED = 'course'
const known = EXERCISES.map(({ id }) => id)
const done = ref((readPreference(SAVED) ?? '').split(' ').filter((id) => known.includes(id)))
const chosen = ref(EXERCISES.find(({ id }) => !done.value.includes(id))?.id ?? EXERCISES[0].id)
const exercise = computed(() => EXERCISES.find(({ id }) => id === chosen.value)!)
const place = computed(() => known.indexOf(chosen.value))
const seed = ref(1)
function solved(): void {
  if (!done.value.includes(chosen.value)) done.value = [...done.value, chosen.value]
  writePreference(SAVED, done.value.join(' '))
}
async function go(id: string): Promise<void> {
  chosen.value = id
  await nextTick()
  document.querySelector<HTMLElement>('[data-exercise] h2')?.focus()
}
</script>

<template>
  <div class="mx-auto grid max-w-5xl gap-3 p-4">
    <header class="flex flex-wrap items-center gap-3">
      <RouterLink to="/" class="btn-icon" aria-label="All jobs"><ChevronLeft :size="18" /></RouterLink>
      <h1>Learn on a simulated laser</h1>
      <span class="num flex-1 text-[13px] text-quiet" data-testid="course-done">
        {{ done.length }} of {{ EXERCISES.length }} done
      </span>
      <UnitsMenu />
      <ThemeButton />
    </header>
    <main class="grid items-start gap-3 md:grid-cols-[17rem_1fr]">
      <nav class="card grid gap-1" aria-label="Exercises">
        <button
          v-for="({ id, title, about }, i) in EXERCISES"
          :key="id"
          type="button"
          class="choice justify-start! text-left"
          :data-on="id === chosen"
          :aria-current="id === chosen ? 'step' : undefined"
          @click="go(id)"
        >
          <span class="grid min-w-0 flex-1">
            <span class="flex items-center gap-1.5">
              {{ i + 1 }}. {{ title }}
              <Check v-if="done.includes(id)" :size="16" class="text-moss" aria-label="done" />
            </span>
            <span class="text-[12px] font-normal text-quiet">{{ about }}</span>
          </span>
        </button>
      </nav>
      <ExerciseCard
        :key="`${chosen} ${seed}`"
        :exercise="exercise"
        :seed="seed"
        :number="place + 1"
        :next="EXERCISES[place + 1]?.title ?? ''"
        @solved="solved"
        @another="seed++"
        @next="go(EXERCISES[place + 1].id)"
      />
      <p class="note md:col-span-2">
        All of it is simulated: nothing is cut, and your machine is another one. Before you work a real laser,
        read its manual and the local rules, and let somebody show you.
      </p>
    </main>
  </div>
</template>
