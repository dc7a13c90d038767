<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { Lesson } from '@core/derive'
import { stockTitle } from '@core/stock'
import { useSay } from '@web/parts/say'
import { useBench } from '@web/stores/bench'
import { useOpenJob } from '@web/stores/job'
import { useMockUps } from '@web/stores/mock-ups'

/** A first copy in cheaper stock, and what it taught. */
const jobs = useOpenJob()
const bench = useBench()
const mockUps = useMockUps()
const say = useSay()
const router = useRouter()
const mockOf = computed(() => jobs.job.mockOf)

/** Card first: that is what one tries a box in. */
const stocks = computed(() =>
  bench.stocks
    .filter(({ id }) => id !== jobs.job.measure.stock?.id)
    .sort((a, b) => Number(b.family === 'card') - Number(a.family === 'card')),
)
const chosen = ref('')
const stock = computed(() => stocks.value.find(({ id }) => id === chosen.value) ?? stocks.value[0])
async function make(): Promise<void> {
  if (!stock.value) return
  const id = await mockUps.make(jobs.job, stock.value)
  await router.push(`/job/${id}/shape`)
}

const lessons = shallowRef<Lesson[]>([])
watch(
  () => [jobs.job.box, jobs.job.mockOf],
  async () => {
    lessons.value = mockOf.value ? await mockUps.lessons(jobs.job) : []
  },
  { immediate: true },
)
const words = computed(() =>
  lessons.value
    .map(({ what, from, to }) => `${what} ${say.value.shortPlain(from, 2)} → ${say.value.short(to, 2)}`)
    .join(', '),
)
async function giveBack(): Promise<void> {
  await mockUps.giveBack(jobs.job, words.value)
  lessons.value = await mockUps.lessons(jobs.job)
}
</script>

<template>
  <div class="grid content-start gap-2">
    <div v-if="mockOf" class="grid gap-1.5" data-field="mock-up">
      <p class="text-[13px]">
        <template v-if="lessons.length > 0">It taught: {{ words }}.</template>
        <template v-else>Its inside is that of its job. What you change here can be taken back.</template>
      </p>
      <button type="button" class="btn" :disabled="lessons.length === 0" @click="giveBack">
        Take this back to {{ mockOf.name }}
      </button>
    </div>
    <div v-else class="grid gap-1.5" data-field="mock-up">
      <select v-model="chosen" class="input font-sans!" aria-label="Stock of the mock-up">
        <option value="">{{ stock ? stockTitle(stock) : 'no other stock on the bench' }}</option>
        <option v-for="each in stocks.slice(1)" :key="each.id" :value="each.id">
          {{ stockTitle(each) }}
        </option>
      </select>
      <button type="button" class="btn" :disabled="!stock" @click="make">Make a mock-up in this stock</button>
      <p class="note">A copy with the same inside, nothing engraved, and a layout of its own.</p>
    </div>
  </div>
</template>
