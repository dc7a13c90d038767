<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { trayJob, TRAY_PARTS, type LessonId, type Notes, type World } from '@core/course'
import { useSay } from '@web/parts/say'
import { useShelf } from '@web/stores/shelf'

/** What the lessons have noted of one’s own tray, and the tray as a job. */
const props = defineProps<{ notes: Notes; world: World; done: LessonId[] }>()
const emit = defineEmits<{ go: [id: LessonId] }>()
const say = useSay()
const shelf = useShelf()
const router = useRouter()

function noted(lesson: LessonId): string | null {
  const { thickness, kerf, compensation, interference, tabWidth, speed } = props.notes
  const text = (value: number | undefined, as: (value: number) => string): string | null =>
    value === undefined ? null : as(value)
  switch (lesson) {
    case 'thickness': {
      if (!thickness || thickness.length === 0) return null
      const mean = thickness.reduce((sum, each) => sum + each, 0) / thickness.length
      return `${say.value.length(mean)}, ${thickness.length} readings`
    }
    case 'kerf':
      return text(kerf, say.value.fine)
    case 'once':
      return text(compensation, say.value.fine)
    case 'comb':
      return text(interference, (value) => `snug, ${say.value.signed(value, 3)} ${say.value.lengthUnit}`)
    case 'tabs':
      return text(tabWidth, (value) => say.value.length(value))
    default:
      return text(speed, say.value.speed)
  }
}
const lines = computed(() =>
  TRAY_PARTS.map((part) => {
    const done = props.done.includes(part.lesson) ? 'done' : null
    return { ...part, noted: part.isFigure ? noted(part.lesson) : done }
  }),
)
const isReady = computed(() => lines.value.every((line) => !line.isFigure || line.noted !== null))
async function make(): Promise<void> {
  const job = trayJob(props.notes, props.world, crypto.randomUUID(), new Date().toISOString())
  const id = await shelf.keep(job)
  if (id) await router.push({ name: 'job', params: { id, station: 'shape' } })
}
</script>

<template>
  <section class="card grid gap-2" aria-labelledby="my-tray">
    <h2 id="my-tray">Your tray</h2>
    <dl class="grid grid-cols-[auto_1fr] gap-x-3 gap-y-0.5 text-[13px]">
      <template v-for="{ lesson, label, noted: text } in lines" :key="lesson">
        <dt>{{ label }}</dt>
        <dd v-if="text" class="num">{{ text }}</dd>
        <dd v-else>
          <button
            type="button"
            class="min-h-6 cursor-pointer text-quiet underline"
            @click="emit('go', lesson)"
          >
            not yet
          </button>
        </dd>
      </template>
    </dl>
    <button type="button" class="btn" :disabled="!isReady" @click="make">Make it a job</button>
    <p v-if="!isReady" class="note">Six lessons each note a figure. Then it is a tray that you can cut.</p>
  </section>
</template>
