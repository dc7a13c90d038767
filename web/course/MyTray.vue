<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { trayJob, trayLines, type LessonId, type Notes, type World } from '@core/course'
import { useSay } from '@web/parts/say'
import { useShelf } from '@web/stores/shelf'
import { myTray as words } from './words'

/** What the lessons have noted of one’s own tray, and the tray as a job. */
const props = defineProps<{ notes: Notes; world: World; done: LessonId[] }>()
const emit = defineEmits<{ go: [id: LessonId] }>()
const say = useSay()
const shelf = useShelf()
const router = useRouter()

const lines = computed(() => trayLines(props.notes, props.done, say.value))
const isReady = computed(() => lines.value.every(({ isFigure, text }) => !isFigure || text !== null))
async function make(): Promise<void> {
  const job = trayJob(props.notes, props.world, crypto.randomUUID(), new Date().toISOString())
  const id = await shelf.keep(job)
  if (id) await router.push({ name: 'job', params: { id, station: 'shape' } })
}
</script>

<template>
  <section class="card grid gap-2" aria-labelledby="my-tray">
    <h2 id="my-tray">{{ words.yourTray }}</h2>
    <dl class="grid grid-cols-[auto_1fr] gap-x-3 gap-y-0.5 text-[13px]">
      <template v-for="{ lesson, label, text } in lines" :key="lesson">
        <dt>{{ label }}</dt>
        <dd v-if="text" class="num">{{ text }}</dd>
        <dd v-else>
          <button
            type="button"
            class="min-h-6 cursor-pointer text-quiet underline"
            @click="emit('go', lesson)"
          >
            {{ words.notYet }}
          </button>
        </dd>
      </template>
    </dl>
    <button type="button" class="btn" :disabled="!isReady" @click="make">{{ words.makeJob }}</button>
    <p v-if="!isReady" class="note">{{ words.sixLessonsEach }}</p>
  </section>
</template>
