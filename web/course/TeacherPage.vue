<script setup lang="ts">
import { ChevronLeft, Link2, Printer } from '@lucide/vue'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { anySeed, answersOf, LESSONS } from '@core/course'
import { minutesText } from '@core/length'
import { useSay } from '@web/parts/say'
import ThemeButton from '@web/shell/ThemeButton.vue'
import UnitsMenu from '@web/shell/UnitsMenu.vue'
import InSentence from '@web/parts/InSentence.vue'
import BenchCode from './BenchCode.vue'
import { useProgress } from './progress'
import WorkSheets from './WorkSheets.vue'
import { teacherPage as words } from './words'

/** For who teaches a class: which lesson takes how long, one bench for all, its answers, sheets to print. */
const say = useSay()
const { world, code, on } = useProgress()
const answers = computed(() => answersOf(world.value, say.value))
const total = LESSONS.reduce((sum, { minutes }) => sum + minutes, 0)
const link = computed(() => `${location.origin}${location.pathname}#/learn/calipers?code=${code.value}`)
const copied = ref('')
async function copy(): Promise<void> {
  try {
    await navigator.clipboard.writeText(link.value)
    copied.value = words.linkCopied
  } catch {
    copied.value = link.value // the browser does not let a page copy: here it is, to be copied by hand
  }
}
const print = (): void => globalThis.print()
</script>

<template>
  <div
    class="mx-auto grid max-w-5xl grid-cols-[minmax(0,1fr)] gap-3 p-4 max-sm:p-2 print:max-w-none print:p-0"
  >
    <header class="no-print flex flex-wrap items-center gap-3">
      <RouterLink to="/learn" class="btn-icon" :aria-label="words.theLessons">
        <ChevronLeft :size="18" />
      </RouterLink>
      <h1 class="flex-1">{{ words.forTeachers }}</h1>
      <UnitsMenu />
      <ThemeButton />
    </header>
    <main class="grid min-w-0 grid-cols-[minmax(0,1fr)] gap-3">
      <section class="no-print card grid gap-2" aria-labelledby="one-bench">
        <h2 id="one-bench">{{ words.benchClass }}</h2>
        <p class="max-w-prose text-sm">
          <InSentence :text="words.eachCode">
            <template #code><strong class="num text-lg">{{ code }}</strong></template>
          </InSentence>
        </p>
        <div class="flex flex-wrap items-end gap-2">
          <BenchCode :code="code" @bench="on" />
          <button type="button" class="btn" @click="on(anySeed(Math.random()))">
            {{ words.freshBench }}
          </button>
          <button type="button" class="btn" @click="copy">
            <Link2 :size="16" aria-hidden="true" />
            {{ words.copyLinkClass }}
          </button>
        </div>
        <p class="text-[13px] break-all" aria-live="polite">{{ copied }}</p>
      </section>
      <section class="no-print card" aria-labelledby="lessons">
        <h2 id="lessons">{{ words.twelveLessonsAll(minutesText(total)) }}</h2>
        <div class="mt-1 overflow-x-auto" tabindex="0" role="group" :aria-label="words.lessonsTimesAnswers">
          <table class="w-full text-left text-[13px]">
            <thead>
              <tr>
                <th class="py-1 pr-3">{{ words.lesson }}</th>
                <th class="py-1 pr-3 text-right">{{ words.minutes }}</th>
                <th class="py-1">{{ words.onBench(code) }}</th>
              </tr>
            </thead>
            <tbody>
              <tr
                v-for="({ id, title, about, minutes }, i) in LESSONS"
                :key="id"
                class="border-t border-line align-top"
              >
                <td class="min-w-40 py-1.5 pr-3">
                  <RouterLink
                    class="inline-block min-h-6 font-medium underline"
                    :to="{ name: 'learn', params: { lesson: id }, query: { code } }"
                  >
                    {{ i + 1 }}. {{ title }}
                  </RouterLink>
                  <span class="block text-quiet">{{ about }}</span>
                </td>
                <td class="num py-1.5 pr-3 text-right">{{ minutes }}</td>
                <td class="min-w-48 py-1.5">{{ answers[id] }}</td>
              </tr>
            </tbody>
          </table>
        </div>
        <p class="note mt-2">
          {{ words.realLaserHalf }}
        </p>
      </section>
      <div class="no-print flex flex-wrap items-center gap-3">
        <h2 class="flex-1">{{ words.sheetsPrint }}</h2>
        <button type="button" class="btn" @click="print">
          <Printer :size="16" aria-hidden="true" />
          {{ words.printFourSheets }}
        </button>
      </div>
      <WorkSheets :key="`${code} ${say.lengthUnit}`" :world="world" :code="code" :answers="answers" />
    </main>
  </div>
</template>
