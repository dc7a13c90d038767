<script setup lang="ts">
import { Check, ChevronLeft, Users } from '@lucide/vue'
import { computed, provide, ref, watch } from 'vue'
import { RouterLink, useRoute, useRouter } from 'vue-router'
import { LESSONS, seedOf, type LessonId } from '@core/course'
import { useSay } from '@web/parts/say'
import ThemeButton from '@web/shell/ThemeButton.vue'
import UnitsMenu from '@web/shell/UnitsMenu.vue'
import BenchCode from './BenchCode.vue'
import { COURSE } from './course-at'
import { LESSON_PARTS } from './lesson-parts'
import MyTray from './MyTray.vue'
import { notACode } from './not-a-code'
import { useProgress } from './progress'
import { common } from '@web/words'
import { coursePage as words } from './words'

/** Twelve lessons, each on a bench that one can touch. A code gives a class the same bench. */
const route = useRoute()
const router = useRouter()
const say = useSay()
const { world, code, done, notes, solved, on } = useProgress()
/** The job that a “Why?” was pressed in: there one goes on. */
const cameFrom = String(router.options.history.state.back ?? '')
const back = cameFrom.startsWith('/job/') ? cameFrom : '/'
const wrongCode = ref('')
watch(
  () => route.query.code,
  (given) => {
    if (typeof given !== 'string') return
    const seed = seedOf(given)
    wrongCode.value = seed === null ? given : ''
    if (seed !== null) on(seed)
  },
  { immediate: true },
)
const first = LESSONS.find(({ id }) => !done.value.includes(id)) ?? LESSONS[0]
const chosen = computed(() => LESSONS.find(({ id }) => id === route.params.lesson)?.id ?? first.id)
const placeOf = (id: LessonId): number => LESSONS.findIndex((lesson) => lesson.id === id)
let asked: LessonId | null = null
function go(id: LessonId): void {
  asked = id
  void router.push({ name: 'learn', params: { lesson: id } })
}
provide(COURSE, {
  get world() {
    return world.value
  },
  solved,
  nextTitle: (id) => LESSONS[placeOf(id) + 1]?.title ?? '',
  next: (id) => go(LESSONS[placeOf(id) + 1].id),
  wasAsked: () => asked === chosen.value,
})
</script>

<template>
  <div class="mx-auto grid max-w-7xl gap-3 p-4 max-sm:p-2">
    <header class="flex flex-wrap items-center gap-3">
      <RouterLink :to="back" class="btn-icon" :aria-label="back === '/' ? common.allJobs : words.backJob">
        <ChevronLeft :size="18" />
      </RouterLink>
      <h1>{{ words.learnHands }}</h1>
      <span class="num flex-1 text-[13px] text-quiet" data-testid="course-done">
        {{ words.doneBench(done.length, LESSONS.length, code) }}
      </span>
      <RouterLink to="/teach" class="btn">
        <Users :size="16" aria-hidden="true" />
        {{ words.forTeachers }}
      </RouterLink>
      <UnitsMenu />
      <ThemeButton />
    </header>
    <p v-if="wrongCode" class="rounded bg-gorse-wash p-2 text-[13px]" role="alert">
      {{ notACode(wrongCode, code) }}
    </p>
    <main class="grid items-start gap-3 md:grid-cols-[16rem_1fr]">
      <div class="grid gap-3">
        <label class="text-[13px] font-medium md:hidden">
          {{ words.lesson }}
          <select
            class="input min-h-11"
            :value="chosen"
            @change="go(($event.target as HTMLSelectElement).value as LessonId)"
          >
            <option v-for="({ id, title }, i) in LESSONS" :key="id" :value="id">
              {{ i + 1 }}. {{ title }}{{ done.includes(id) ? ' ✓' : '' }}
            </option>
          </select>
        </label>
        <nav class="card grid gap-0.5 p-2 max-md:hidden" :aria-label="words.lessons">
          <button
            v-for="({ id, title, about }, i) in LESSONS"
            :key="id"
            type="button"
            class="choice justify-start! border-transparent py-0.5 text-left"
            :data-on="id === chosen"
            :aria-current="id === chosen ? 'step' : undefined"
            :title="about"
            @click="go(id)"
          >
            <span class="flex items-center gap-1.5">
              <span class="num w-5 text-right text-quiet">{{ i + 1 }}</span>
              <span class="flex-1">{{ title }}</span>
              <Check v-if="done.includes(id)" :size="16" class="text-moss" :aria-label="words.done" />
            </span>
          </button>
        </nav>
        <MyTray class="max-md:hidden" :notes="notes" :world="world" :done="done" @go="go" />
      </div>
      <component :is="LESSON_PARTS[chosen]" :key="`${chosen} ${code} ${say.lengthUnit}`" />
      <MyTray class="md:hidden" :notes="notes" :world="world" :done="done" @go="go" />
      <BenchCode class="card md:col-span-2" :code="code" @bench="on" />
      <p class="note md:col-span-2">
        {{ words.allSimulatedNothing }}
      </p>
    </main>
  </div>
</template>
