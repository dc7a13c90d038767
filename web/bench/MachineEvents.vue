<script setup lang="ts">
import { Trash2 } from '@lucide/vue'
import { computed, ref } from 'vue'
import { dayOf, momentOf } from '@web/data/dates'
import { useBench } from '@web/stores/bench'
import { useMessages } from '@web/stores/messages'
import { common } from '@web/words'
import { machineEvents as words } from './words'

/** What was done to a machine; kerfs measured earlier are from before. */
const props = defineProps<{ machineId: string }>()
const bench = useBench()
const today = (): string => dayOf(new Date())
const what = ref('')
const day = ref(today())
const events = computed(() =>
  bench.events
    .filter(({ machineId }) => machineId === props.machineId)
    .sort((a, b) => b.on.localeCompare(a.on)),
)

/** Something done today was done now, after what was measured this morning; on another day, at its noon. */
function note(): void {
  const text = what.value.trim()
  if (text === '' || day.value === '') return
  const record = { id: crypto.randomUUID(), machineId: props.machineId, on: momentOf(day.value), what: text }
  if (!bench.put('events', record)) return
  what.value = ''
  day.value = today()
}
function remove(id: string, name: string): void {
  const gone = bench.remove('events', id)
  const action = { label: common.bringBack, run: () => bench.undo([gone]) }
  useMessages().say('said', words.takenOffMachines(name), action)
}
</script>

<template>
  <div class="grid gap-1.5">
    <h3>{{ words.doneMachine }}</h3>
    <ul v-if="events.length > 0" class="text-[13px]" :aria-label="words.doneMachine">
      <li v-for="event in events" :key="event.id" class="flex items-center gap-2">
        <span class="num">{{ dayOf(event.on) }}</span>
        <span class="flex-1">{{ event.what }}</span>
        <button
          type="button"
          class="btn-icon p-1"
          :aria-label="words.remove(event.what)"
          @click="remove(event.id, event.what)"
        >
          <Trash2 :size="13" />
        </button>
      </li>
    </ul>
    <form
      data-field="machine-event"
      class="flex flex-wrap gap-2"
      :aria-label="words.somethingDoneMachine"
      @submit.prevent="note"
    >
      <input
        v-model="what"
        class="input min-w-32 flex-1 font-sans!"
        maxlength="120"
        :aria-label="words.whatWasDone"
        :placeholder="words.lensCleanedMirror"
      />
      <input
        v-model="day"
        type="date"
        class="input w-36! flex-none"
        :aria-label="words.onWhichDay"
        :max="today()"
      />
      <button type="submit" class="btn shrink-0">{{ words.noteIt }}</button>
    </form>
  </div>
</template>
