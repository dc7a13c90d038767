<script setup lang="ts">
import { CircleCheck, OctagonX, TriangleAlert } from '@lucide/vue'
import { LESSON_OF_CHECK } from '@core/course'
import type { Check } from '@core/plan'
import WhyLink from '@web/parts/WhyLink.vue'
import { checkLines as words } from './words'

/** Checks, each with its sign; what is not fine says why, and what would mend it. */
defineProps<{ checks: Check[]; label: string }>()
const ICONS = { ok: CircleCheck, look: TriangleAlert, stop: OctagonX }
const COLOURS = { ok: 'text-moss', look: 'text-gorse', stop: 'text-rowan' }
const WORDS = { ok: 'fine', look: words.lookAgain, stop: 'stop' }
</script>

<template>
  <ul class="grid gap-1.5" :aria-label="label">
    <li
      v-for="check in checks"
      :key="check.id"
      class="flex gap-2 text-sm"
      :data-check="check.id"
      :data-state="check.state"
    >
      <component
        :is="ICONS[check.state]"
        :size="17"
        class="mt-0.5 shrink-0"
        :class="COLOURS[check.state]"
        :aria-label="WORDS[check.state]"
        role="img"
      />
      <p>
        <span class="font-medium">{{ check.title }}</span>
        {{ ' ' }}
        <span v-if="check.state !== 'ok' || check.id === 'compensation'" class="note block">
          {{ check.detail }}
        </span>
        <WhyLink
          v-if="check.state !== 'ok' && LESSON_OF_CHECK[check.id]"
          :lesson="LESSON_OF_CHECK[check.id]!"
        />
      </p>
    </li>
  </ul>
</template>
