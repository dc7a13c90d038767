<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { Lesson } from '@core/derive'
import { stockTitle } from '@core/stock'
import { useSay } from '@web/parts/say'
import { useBench } from '@web/stores/bench'
import { useOpenJob } from '@web/stores/job'
import { useMockUps } from '@web/stores/mock-ups'
import { mockUpForm as words } from './form-words'

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
const taught = computed(() =>
  lessons.value
    .map(({ what, from, to }) => `${what} ${say.value.shortPlain(from, 2)} → ${say.value.short(to, 2)}`)
    .join(', '),
)
async function giveBack(): Promise<void> {
  await mockUps.giveBack(jobs.job, taught.value)
  lessons.value = await mockUps.lessons(jobs.job)
}
</script>

<template>
  <div class="grid content-start gap-2">
    <div v-if="mockOf" class="grid gap-1.5" data-field="mock-up">
      <p class="text-[13px]">
        <template v-if="lessons.length > 0">{{ words.itTaught(taught) }}</template>
        <template v-else>{{ words.insideJobChange }}</template>
      </p>
      <button type="button" class="btn" :disabled="lessons.length === 0" @click="giveBack">
        {{ words.takeBack(mockOf.name) }}
      </button>
    </div>
    <div v-else class="grid gap-1.5" data-field="mock-up">
      <select v-model="chosen" class="input font-sans!" :aria-label="words.stockMockUp">
        <option value="">{{ stock ? stockTitle(stock) : words.noOtherStock }}</option>
        <option v-for="each in stocks.slice(1)" :key="each.id" :value="each.id">
          {{ stockTitle(each) }}
        </option>
      </select>
      <button type="button" class="btn" :disabled="!stock" @click="make">{{ words.makeMockUp }}</button>
      <p class="note">{{ words.copySameInside }}</p>
    </div>
  </div>
</template>
