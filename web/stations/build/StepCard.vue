<script setup lang="ts">
import { computed } from 'vue'
import type { BuildStep } from '@core/build'
import { useSay } from '@web/parts/say'
import { stepCard as words } from './words'

/** A step with its picture, what it takes of glue, and whether it is done. */
const props = defineProps<{
  step: BuildStep
  picture?: string
  impossible: boolean
  done: boolean
  check: string
}>()
defineEmits<{ done: [done: boolean] }>()
const say = useSay()
const mates = computed(() => [...new Set(props.step.dry.map((each) => each.with))].join(', '))
</script>

<template>
  <li class="card flex break-inside-avoid flex-col gap-1.5">
    <div class="flex items-center justify-between gap-2">
      <h3 class="text-base! font-semibold">{{ step.title }}</h3>
      <label class="flex min-h-6 items-center gap-1.5 text-sm">
        <input
          type="checkbox"
          class="h-6 w-6 accent-heather"
          :checked="done"
          :aria-label="words.isIn(step.id === step.panel ? step.panel : step.title)"
          @change="$emit('done', ($event.target as HTMLInputElement).checked)"
        />
        in
      </label>
    </div>
    <img v-if="picture" :src="picture" class="h-44 w-full object-contain" :alt="words.step(step.text)" />
    <p v-else-if="impossible" class="note">{{ words.noPictureBrowser }}</p>
    <div v-else class="h-44" role="status" :aria-label="words.pictureBeingDrawn" />
    <p class="text-sm">{{ step.text }}</p>
    <p v-if="check" class="text-[13px] text-quiet">{{ check }}</p>
    <ul
      v-if="step.glue.length > 0"
      class="flex flex-wrap gap-x-4 text-[13px]"
      :aria-label="words.glueFaces(step.panel)"
    >
      <li v-for="face in step.glue" :key="face.with">
        {{ words.glueTo(face.with, say.area(face.area)) }}
      </li>
    </ul>
    <p v-if="step.dry.length > 0" class="text-[13px] text-gorse">
      {{ words.keepDryMoves(mates) }}
    </p>
  </li>
</template>
