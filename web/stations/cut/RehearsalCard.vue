<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { Rehearsal } from '@core/rehearse'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { usePlanner } from '@web/stores/planner'
import { useShelf } from '@web/stores/shelf'
import WhichLaser from './WhichLaser.vue'
import { rehearsalCard as words } from './words'

/** The job cut on a simulated laser, whose kerf, power and sheet nobody knows before. */
const jobs = useOpenJob()
const derived = useDerived()
const planner = usePlanner()
const say = useSay()
const shelf = useShelf()
const router = useRouter()
const seed = ref(1)
const like = ref<Rehearsal['laser']>('any')
const error = ref('')
const busy = ref(false)
const found = shallowRef<Rehearsal | null>(null)
// What was rehearsed is of the job as it was then.
watch(
  () => [planner.plan?.signature, like.value],
  () => {
    found.value = null
    error.value = ''
  },
)
async function run(next: number): Promise<void> {
  busy.value = true
  seed.value = next
  const { rehearse } = await import('@web/data/rehearsing') // fetched when something is first rehearsed
  const made = rehearse(derived.laid, next, like.value)
  found.value = made.ok ? made.rehearsal : null
  error.value = made.ok ? '' : made.error
  busy.value = false
}
/** Goes on in a copy with what calipers read there; this job and the bench stay as they are. */
async function goOn(): Promise<void> {
  const { withReadings } = await import('@web/data/rehearsing')
  const id = await shelf.keep(
    withReadings(
      jobs.job,
      found.value!,
      { derived: derived.all, parts: derived.parts },
      {
        id: crypto.randomUUID(),
        name: words.copyName(jobs.job.name.slice(0, 55), seed.value),
        on: new Date().toISOString(),
      },
    ),
  )
  if (id) await router.push(`/job/${id}/measure`)
}
const faults = computed(() => [...(found.value?.notFree ?? []), ...(found.value?.faults ?? [])])
const gaps = computed(() => {
  const all = found.value?.joints.map(({ gap }) => gap) ?? []
  return all.length > 0 ? { least: Math.min(...all), most: Math.max(...all) } : null
})
const fits = computed(() => {
  const count = new Map<string, number>()
  for (const { fit } of found.value?.joints ?? []) count.set(fit, (count.get(fit) ?? 0) + 1)
  return [...count].map(([word, times]) => `${times} ${word}`).join(', ')
})
const MOST = 4
</script>

<template>
  <section class="card grid gap-2" :aria-label="words.rehearsal" data-field="rehearsal">
    <h2>{{ words.rehearseIt }}</h2>
    <p class="note">{{ words.simulationNothingCut }}</p>
    <WhichLaser v-model="like" :legend="words.laserRehearse" :disabled="busy" />
    <div class="flex flex-wrap gap-1">
      <button
        type="button"
        class="btn px-2 py-1"
        :disabled="busy || !derived.ready"
        @click="run(found ? seed + 1 : seed)"
      >
        {{ found ? words.anotherLaser : words.cutItOn }}
      </button>
    </div>
    <p v-if="error" class="text-[13px] text-rowan" role="alert">{{ error }}</p>
    <div v-if="found" class="grid gap-1.5 text-[13px]" data-testid="rehearsed" aria-live="polite">
      <p class="font-semibold">
        {{ words.laserPartsCame(seed, found.parts.length, found.parts.length + found.notFree.length) }}
      </p>
      <p class="num">
        {{
          words.trueKerfAcross(
            say.finePlain(found.kerf.x),
            say.fine(found.kerf.y),
            say.fine(derived.box.kerf.width),
          )
        }}
      </p>
      <p v-if="gaps" class="num">
        {{ words.gapsFromTo(say.finePlain(gaps.least), say.fine(gaps.most), fits) }}
      </p>
      <ul v-if="faults.length > 0" class="list-disc pl-4">
        <li v-for="{ id, label, why } in faults.slice(0, MOST)" :key="id">
          <strong>{{ label }}</strong>
          : {{ why[0] }}
        </li>
        <li v-if="faults.length > MOST">{{ words.andMore(faults.length - MOST) }}</li>
      </ul>
      <details v-if="found.wrong">
        <summary class="cursor-pointer font-medium">{{ words.whatWasWrong }}</summary>
        <p>{{ found.wrong }}</p>
      </details>
      <button type="button" class="btn justify-self-start px-2 py-1" @click="goOn">
        {{ words.goReadingsCopy }}
      </button>
      <details>
        <summary class="cursor-pointer font-medium">{{ words.calipersRead }}</summary>
        <table class="num mt-1 w-full text-[12px]">
          <thead>
            <tr class="text-left">
              <th scope="col">{{ words.part }}</th>
              <th scope="col">{{ words.size }}</th>
              <th scope="col">{{ words.thick }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="part in found.parts" :key="part.id">
              <td>{{ part.label }}</td>
              <td>{{ say.size([part.readings.width, part.readings.height], 2) }}</td>
              <td>{{ say.shortPlain(part.readings.thickness, 2) }}</td>
            </tr>
          </tbody>
        </table>
      </details>
    </div>
  </section>
</template>
