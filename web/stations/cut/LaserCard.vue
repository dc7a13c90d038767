<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import type { LoadPlan } from '@core/derive'
import type { Ring } from '@core/geometry'
import { formatDuration } from '@core/length'
import { ASSUMED_MACHINE, ORDINARY_CODE } from '@core/machine'
import type { LaserAct, LaserPiece, LaserSetup, LaserState } from '@core/rehearse'
import { useSay } from '@web/parts/say'
import { LaserClient, type Answer, type LaserLink } from '@web/data/laser'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { usePlanner } from '@web/stores/planner'
import WhichLaser from './WhichLaser.vue'
import { laserCard as words } from './words'

/** A simulated laser that one works as one would a real one: send, start, pause, open, look, take out. */
const props = defineProps<{ load: LoadPlan }>()
const jobs = useOpenJob()
const derived = useDerived()
const planner = usePlanner()
const say = useSay()
const served = new LaserClient(
  [jobs.job.id, props.load.material, props.load.sheet, props.load.load, props.load.face].join('/'),
)
let client: LaserLink = served
/** It runs in this window, because no server answers. */
const isHere = ref(false)
const state = ref<LaserState | null>(null)
const error = ref('')
const isLost = ref(false)
const busy = ref(false)
interface Outcome {
  free: number
  /** Good parts that were cut elsewhere, after a knock. */
  elsewhere: number
  of: number
  faults: { label: string; why: string }[]
}
const outcome = shallowRef<Outcome | null>(null)
const ASTRAY = words.didNotCome
/** A part this far from its place was cut after the sheet moved, mm. [FM] */
const MOVED = 0.6
/** A cut of ten minutes takes some ten seconds. */
const TIMES = 60
const seed = ref(1)
const like = ref<LaserSetup['like']>('any')

const material = computed(
  () => derived.box.materials.find(({ id }) => id === props.load.material) ?? derived.box.materials[0],
)
async function setup(): Promise<LaserSetup> {
  const { knownOf } = await import('@web/data/rehearsing') // fetched when something is first rehearsed
  const { plan } = planner
  const machine = jobs.job.measure.machine ?? {
    ...ASSUMED_MACHINE,
    origin: 'front left' as const,
    code: ORDINARY_CODE,
  }
  const { watts, maxSpeed, travelSpeed, acceleration, origin, code } = machine
  const cut = plan!.stocks.find((each) => each.material === props.load.material) ?? plan!.stocks[0]
  const { family, kerf, doubt, through } = knownOf(jobs.job, derived.box, cut)
  const { thickness } = material.value
  return {
    seed: seed.value,
    like: like.value,
    machine: { watts, maxSpeed, travelSpeed, acceleration, origin, code },
    family,
    sheet: { number: props.load.sheet, width: props.load.width, height: props.load.height },
    thickness: { mean: thickness.mean, doubt: thickness.sd },
    kerf: { ...kerf, doubt },
    through,
  }
}

function take(answer: Answer<LaserState>): boolean {
  error.value = answer.ok ? '' : answer.error
  if (answer.ok) state.value = answer.value
  return answer.ok
}
/** The laser of the server, or one in this window where there is none. */
async function connected(about: LaserSetup): Promise<Answer<LaserState>> {
  const answer = await client.connect(about, TIMES)
  if (answer.ok || !answer.lost || isHere.value) return answer
  const { LaserHere } = await import('@web/data/laser-here') // fetched where no server answers
  client = new LaserHere()
  isHere.value = true
  return client.connect(about, TIMES)
}
async function begin(): Promise<void> {
  const { plan } = planner
  if (!plan || !derived.ready) return
  busy.value = true
  outcome.value = null
  const { writeProgram } = await import('@web/data/written-files') // fetched when it is wanted
  const program = writeProgram(derived.laid, derived.all, plan, props.load)
  const isThere = take(await connected(await setup())) && take(await client.send(program))
  if (isThere) {
    follow()
    take(await client.act('start'))
  }
  busy.value = false
}
function follow(): void {
  client.watch(
    (told) => {
      isLost.value = false
      state.value = told
    },
    () => {
      isLost.value = true
    },
  )
}
// A page that was loaded anew goes on with what it had begun.
onMounted(async () => {
  const held = await served.resume()
  if (!held || busy.value || state.value) return
  state.value = held
  follow()
})
const act = async (what: LaserAct): Promise<boolean> => take(await client.act(what))
async function takeOut(): Promise<void> {
  const answer = await client.pieces()
  error.value = answer.ok ? '' : answer.error
  client.release()
  if (answer.ok) outcome.value = await lookAt(answer.value.pieces)
}
/** Which parts came out, and what is wrong with them. */
async function lookAt(pieces: LaserPiece[]): Promise<Outcome> {
  const { piecesByPart } = await import('@web/data/rehearsing')
  const ring = (pairs: [number, number][]): Ring => pairs.map(([x, y]) => ({ x, y }))
  const { found, missing } = piecesByPart(
    derived.laid,
    props.load,
    derived.parts,
    pieces,
    ({ way, outline, holes }) => ({
      way: ring(way),
      shape: { outline: ring(outline), holes: holes.map(ring) },
    }),
  )
  const whys = found.map(({ part, piece, astray }) => ({ part, why: [...piece.faults, ...astray][0] }))
  return {
    free: found.filter(({ piece, astray }) => piece.free && astray.length === 0).length,
    of: found.length + missing.length,
    elsewhere: found.filter(({ off, astray }) => off > MOVED && astray.length === 0).length,
    faults: [
      ...whys.filter(({ why }) => why).map(({ part, why }) => ({ label: part.label, why })),
      ...missing.map(({ label }) => ({ label, why: ASTRAY })),
    ],
  }
}
watch(
  () => state.value?.phase,
  (phase) => {
    if (phase === 'done' || phase === 'stopped') void takeOut()
  },
)
onBeforeUnmount(() => client.end())

const isAtWork = computed(() => ['running', 'paused', 'waiting'].includes(state.value?.phase ?? ''))
const line = computed(() => {
  if (!state.value) return ''
  const { phase, seconds, of, at, beam, door, flame } = state.value
  const where = say.value.size([at.x, at.y], 0)
  const lines = [
    phase,
    words.goneOf(formatDuration(seconds), formatDuration(of)),
    words.headAt(where),
    beam ? words.beamOn : words.beamOff,
    door === 'open' ? words.doorOpen : '',
    flame ? words.flamePause : '',
  ]
  return lines.filter((word) => word !== '').join(' · ')
})
const MOST = 5
</script>

<template>
  <section class="card grid gap-2" :aria-label="words.simulatedLaser" data-field="laser">
    <h2>{{ words.workSimulatedLaser }}</h2>
    <p class="note">
      {{ words.takesSheetsProgram }}
    </p>
    <WhichLaser v-model="like" :legend="words.laserConnect" :disabled="busy || isAtWork" />
    <p v-if="isHere" class="note">{{ words.noServerAnswers }}</p>
    <div class="flex flex-wrap gap-1">
      <button
        v-if="!isAtWork"
        type="button"
        class="btn px-2 py-1"
        :disabled="busy || !derived.ready"
        @click="begin"
      >
        {{ words.sendProgramStart }}
      </button>
      <template v-else>
        <button v-if="state?.phase === 'running'" type="button" class="btn px-2 py-1" @click="act('pause')">
          {{ words.pause }}
        </button>
        <button v-else type="button" class="btn px-2 py-1" @click="act('go on')">{{ words.goOn }}</button>
        <button
          type="button"
          class="btn px-2 py-1"
          @click="act(state?.door === 'open' ? 'close the door' : 'open the door')"
        >
          {{ state?.door === 'open' ? words.closeDoor : words.openDoor }}
        </button>
        <button type="button" class="btn px-2 py-1" @click="act('bump')">
          {{ words.knockAgainstSheet }}
        </button>
        <button type="button" class="btn px-2 py-1" @click="act('stop')">{{ words.stop }}</button>
      </template>
    </div>
    <p v-if="error" class="text-[13px] text-rowan" role="alert">{{ error }}</p>
    <p v-if="isLost && isAtWork" class="text-[13px] text-gorse" role="status">
      {{ words.connectionLostPage }}
    </p>
    <template v-if="state && state.of > 0">
      <progress
        class="h-2 w-full accent-heather"
        :value="state.seconds"
        :max="state.of"
        :aria-label="words.howFar"
      />
      <p class="num text-[13px]" data-testid="laser-line">{{ line }}</p>
    </template>
    <div v-if="outcome" class="grid gap-1 text-[13px]" data-testid="laser-parts" aria-live="polite">
      <p v-if="load.face === 'first'" class="font-semibold">
        {{ words.nothingCutOut }}
      </p>
      <p v-else class="font-semibold">{{ words.partsCameFree(outcome.free, outcome.of) }}</p>
      <p v-if="outcome.elsewhere > 0">
        {{ words.themCutAfter(outcome.elsewhere) }}
      </p>
      <ul v-if="outcome.faults.length > 0" class="list-disc pl-4">
        <li v-for="{ label, why } in outcome.faults.slice(0, MOST)" :key="label">
          <strong>{{ label }}</strong>
          : {{ why }}
        </li>
        <li v-if="outcome.faults.length > MOST">{{ words.andMore(outcome.faults.length - MOST) }}</li>
      </ul>
    </div>
  </section>
</template>
