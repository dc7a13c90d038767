<script setup lang="ts">
import { ArrowRight, Check } from '@lucide/vue'
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { panelsShown, pictureOf } from '@core/derive'
import { unsaidOf } from '@core/say'
import BoxPicture from '@web/parts/BoxPicture.vue'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import FirstLaser from './FirstLaser.vue'
import FirstSheet from './FirstSheet.vue'
import FirstTest from './FirstTest.vue'
import FirstCut from './FirstCut.vue'
import { firstBox as words } from './words'

/** All that a first box asks for, on one page: the laser, the sheet, one test piece, and the cut file. */
const jobs = useOpenJob()
const derived = useDerived()
const say = useSay()
const picture = computed(() => {
  const panels = panelsShown(jobs.job)
  return panels && pictureOf(panels)
})
const size = computed(() => {
  const { x, y, z } = derived.box.sizes.outer
  return say.value.size([x, y, z], 1)
})
const steps = computed(() => {
  const { measure, cut } = jobs.job
  const open = new Set(unsaidOf(jobs.job).map(({ what }) => what))
  const isTested = derived.choice.standing === 'tested'
  return [
    {
      title: words.yourLaser,
      is: FirstLaser,
      done: measure.machine !== null && !open.has('machine figures'),
    },
    { title: words.yourSheet, is: FirstSheet, done: derived.box.thickness.readings >= 3 },
    { title: words.testPiece, is: FirstTest, done: isTested && derived.box.kerf.measured },
    { title: words.yourBox, is: FirstCut, done: cut.written !== null },
  ]
})
</script>

<template>
  <div class="mx-auto grid max-w-6xl gap-3">
    <header class="flex flex-wrap items-center gap-x-4 gap-y-1">
      <BoxPicture v-if="picture" :picture="picture" class="h-16 w-24 shrink-0" />
      <div class="min-w-0 flex-1">
        <p class="text-xl font-semibold">{{ jobs.job.name }}</p>
        <p class="note">
          {{ words.outsideFourSteps(size) }}
        </p>
      </div>
      <RouterLink :to="{ params: { station: 'shape', view: '' } }" class="btn">
        {{ words.changeBox }}
      </RouterLink>
    </header>
    <ol class="grid items-start gap-3 lg:grid-cols-2">
      <li v-for="({ title, is, done }, i) in steps" :key="title">
        <section class="card grid gap-2" :aria-labelledby="`first-${i}`" :data-done="done">
          <h2 :id="`first-${i}`" class="flex items-center gap-2">
            <span
              class="num inline-flex size-7 shrink-0 items-center justify-center rounded-full border"
              :class="done ? 'border-moss bg-moss-wash text-moss' : 'border-edge'"
            >
              <Check v-if="done" :size="17" :aria-label="words.done" />
              <template v-else>{{ i + 1 }}</template>
            </span>
            {{ title }}
          </h2>
          <component :is="is" />
        </section>
      </li>
    </ol>
    <p v-if="jobs.job.cut.written" class="flex flex-wrap items-center gap-2">
      {{ words.onceCut }}
      <RouterLink :to="{ params: { station: 'build', view: '' } }" class="btn">
        {{ words.buildIt }}
        <ArrowRight :size="15" aria-hidden="true" />
      </RouterLink>
      <RouterLink :to="{ params: { station: 'log', view: '' } }" class="btn">
        {{ words.sayHowFitted }}
        <ArrowRight :size="15" aria-hidden="true" />
      </RouterLink>
    </p>
  </div>
</template>
