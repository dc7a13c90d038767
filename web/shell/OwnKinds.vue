<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { fromTemplate, questionsOf, settleJob } from '@core/derive'
import type { Job } from '@core/job'
import { isUnreadable, loadJob } from '@web/data/jobs'
import type { JobEntry } from '@web/data/job-list'
import FigureField from '@web/parts/FigureField.vue'
import { focusInvalid } from '@web/parts/focus-invalid'
import { useSay } from '@web/parts/say'
import { useBench } from '@web/stores/bench'
import { ownKinds as words } from './words'

/** Jobs that are kept as kinds of one's own: their named figures are what is asked for. */
defineProps<{ kinds: JobEntry[] }>()
const emit = defineEmits<{ make: [job: Job] }>()
const bench = useBench()
const say = useSay()
const chosen = shallowRef<Job | null>(null)
const typed = ref<Record<string, number>>({})
const error = ref('')
const questions = computed(() => (chosen.value ? questionsOf(chosen.value) : []))
const LIMITS = { min: 0, max: 5000, whole: false }

async function choose({ id, name }: JobEntry): Promise<void> {
  const read = await loadJob(id).catch(() => null)
  typed.value = {}
  error.value = read && !isUnreadable(read) ? '' : words.cannotReadSee(name)
  chosen.value = read && !isUnreadable(read) ? read.job : null
}
function make(event: Event): void {
  if (!chosen.value || focusInvalid(event)) return
  const measure = bench.renewed(chosen.value.measure)
  const about = {
    id: crypto.randomUUID(),
    name: chosen.value.name,
    changed: new Date().toISOString(),
    measure,
  }
  const made = settleJob(fromTemplate(chosen.value, typed.value, about), say.value)
  error.value = made.ok ? '' : made.error
  if (made.ok) emit('make', made.job)
}
</script>

<template>
  <section class="mt-3 grid gap-2" aria-labelledby="own-kinds">
    <h3 id="own-kinds" class="text-sm font-semibold">{{ words.ownKinds }}</h3>
    <div class="flex flex-wrap gap-1.5">
      <button
        v-for="kind in kinds"
        :key="kind.id"
        type="button"
        class="choice"
        :data-on="chosen?.id === kind.id"
        :aria-pressed="chosen?.id === kind.id"
        @click="choose(kind)"
      >
        {{ kind.name }}
      </button>
    </div>
    <form v-if="chosen" class="flex flex-wrap items-end gap-2" @submit.prevent="make">
      <FigureField
        v-for="{ name, value } in questions"
        :key="`${chosen.id} ${name}`"
        class="w-32"
        :label="name"
        :model-value="typed[name] ?? value"
        :limits="LIMITS"
        @update:model-value="typed = { ...typed, [name]: $event }"
      />
      <button type="submit" class="btn btn-main">{{ words.makeKind }}</button>
    </form>
    <p v-if="error" class="text-[13px] text-rowan" role="alert">{{ error }}</p>
  </section>
</template>
