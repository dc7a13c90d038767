<script setup lang="ts">
import { CircleCheck, OctagonX, TriangleAlert } from '@lucide/vue'
import { useDerived } from '@web/stores/derived'
import { usePlanner } from '@web/stores/planner'

const derived = useDerived()
const planner = usePlanner()
const ICONS = { ok: CircleCheck, look: TriangleAlert, stop: OctagonX }
const COLOURS = { ok: 'text-moss', look: 'text-gorse', stop: 'text-rowan' }
const WORDS = { ok: 'fine', look: 'look again', stop: 'stop' }
</script>

<template>
  <section class="card" aria-labelledby="checks-title">
    <h2 id="checks-title">Before it is cut</h2>
    <p v-if="planner.failure" class="mt-1 text-sm text-rowan" role="alert">
      There is no plan: {{ planner.failure }}.
    </p>
    <ul class="mt-1 grid gap-1.5" aria-label="Checks">
      <li
        v-for="check in derived.checks"
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
        </p>
      </li>
    </ul>
  </section>
</template>
