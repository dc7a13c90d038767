<script setup lang="ts">
import { computed, ref } from 'vue'
import { percent } from '@core/length'
import {
  byName,
  LayoutChecker,
  sheetsAllowed,
  unplacedSentence,
  wholeBoxes,
  violationSentence,
  type Placement,
} from '@core/nest'
import { jobForStock, sheetFacts } from '@core/derive'
import { sheetWords, wholeWords } from '@core/say'
import { useSay } from '@web/parts/say'
import WhyLink from '@web/parts/WhyLink.vue'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { usePlanner } from '@web/stores/planner'
import HelpList from './HelpList.vue'
import LayoutForm from './LayoutForm.vue'
import LayoutProgress from './LayoutProgress.vue'
import PartList from './PartList.vue'
import PartPanel from './PartPanel.vue'
import SearchCompared from './SearchCompared.vue'
import SheetBoard from './SheetBoard.vue'
import { common } from '@web/words'
import { layoutStation as words } from './words'

const jobs = useOpenJob()
const derived = useDerived()
const planner = usePlanner()
const say = useSay()
const chosen = ref<string | null>(null)
const moving = ref<Placement | null>(null)

/** Placements as they are seen: the one in the hand is where the hand is. */
const placements = computed(() => {
  const kept = planner.arrangement?.placements ?? []
  const ids = new Set(derived.board.parts.map(({ id }) => id))
  return kept
    .filter(({ part }) => ids.has(part))
    .map((placement) => (placement.part === moving.value?.part ? moving.value : placement))
})
/** Only what moves is compared anew, so that a drag stays smooth among hundreds of parts. */
const checker = computed(() => new LayoutChecker(derived.board.parts, derived.rules, derived.surfaceAt))
const wrong = computed(() => checker.value.check(placements.value))
const labels = computed(() => new Map(derived.parts.map(({ id, label }) => [id, label])))
const sentences = computed(() =>
  byName(wrong.value, labels.value).map((each) => violationSentence(each, derived.rules, say.value)),
)
const unplaced = computed(() =>
  (planner.arrangement?.unplaced ?? []).map((each) => ({
    part: labels.value.get(each.part) ?? each.part,
    reason: unplacedSentence(each, sheetsAllowed(jobs.job.layout.settings), say.value),
  })),
)
/** Not of what is in the hand: of what the job has. */
const facts = computed(() => {
  const { parts, material } = derived.board
  const own = sheetFacts(jobForStock(derived.laid, material), material, parts, planner.plan?.loads ?? [])
  return new Map(own.map((fact) => [fact.sheet, sheetWords(fact, say.value)]))
})
const whole = computed(() => wholeWords(wholeBoxes(derived.parts, planner.arrangement?.unplaced ?? [])))
/** The beam is not round, and the laser's software compensates both ways alike: the way round matters. */
const advice = computed(() => {
  const { better, fit } = derived
  if (!better) return ''
  const turn = better.turn.join(', ')
  const now = percent(fit.odds[fit.wanted])
  return words.beamNotRound(turn, fit.wanted, now, percent(better.odds))
})

const nameOf = (id: string): string =>
  derived.box.materials.find((material) => material.id === id)?.name ?? words.noStockChosen
function show(id: string): void {
  chosen.value = null
  derived.onBoard = id
}

/** Puts a part somewhere by hand: it stays there when the rest is laid out again. */
function place(placement: Placement): void {
  moving.value = null
  jobs.edit((draft) => {
    const { arrangement } = planner
    if (!arrangement) return
    const placements = arrangement.placements.map((each) => (each.part === placement.part ? placement : each))
    draft.layout.arrangement = { ...arrangement, byHand: true, placements }
  }, `place ${placement.part}`)
}
</script>

<template>
  <div class="grid gap-3 lg:h-full lg:min-h-0 lg:grid-cols-[19rem_1fr]">
    <div class="card grid content-start gap-3 max-lg:order-last lg:min-h-0 lg:overflow-y-auto">
      <LayoutForm />
      <PartList :placements="placements" :chosen="chosen" @choose="chosen = $event" />
      <PartPanel v-if="chosen" :part="chosen" :placements="placements" @place="place" />
      <p v-else class="note">
        {{ words.numberPartPlace }}
      </p>
    </div>
    <div class="flex min-w-0 flex-col gap-2 lg:min-h-0">
      <LayoutProgress />
      <SearchCompared />
      <HelpList />
      <p
        v-if="advice"
        class="rounded-md border border-gorse bg-gorse-wash p-2 text-[13px]"
        data-testid="better-way"
      >
        {{ advice }}
      </p>
      <div
        v-if="derived.boards.length > 1"
        class="flex flex-wrap gap-1"
        role="group"
        :aria-label="common.stock"
        data-field="board-stock"
      >
        <button
          v-for="{ material, parts } in derived.boards"
          :key="material"
          type="button"
          class="choice"
          :data-on="derived.board.material === material"
          :aria-pressed="derived.board.material === material"
          @click="show(material)"
        >
          {{ nameOf(material) }}
          <span class="num font-normal text-quiet">{{ words.parts(parts.length) }}</span>
        </button>
      </div>
      <section
        class="relative card h-[60vh] min-h-64 p-2! lg:h-auto lg:min-h-0 lg:flex-1"
        :aria-label="words.sheets"
      >
        <!-- Over the board, not above it: a part in the hand stays where the hand is. -->
        <div
          v-if="sentences.length > 0"
          class="pointer-events-none absolute inset-x-2 top-2 z-10 rounded-md border border-rowan bg-rowan-wash/90 p-2 text-[13px]"
          role="alert"
        >
          <ul :aria-label="words.wrongLayout">
            <li v-for="each in sentences.slice(0, 4)" :key="each">{{ each }}</li>
            <li v-if="sentences.length > 4">{{ words.andMore(sentences.length - 4) }}</li>
          </ul>
          <WhyLink class="pointer-events-auto" lesson="layout" />
        </div>
        <SheetBoard
          :placements="placements"
          :wrong="wrong"
          :facts="facts"
          :chosen="chosen"
          @choose="chosen = $event"
          @move="moving = $event"
          @place="place"
        />
      </section>
      <ul
        v-if="unplaced.length > 0"
        class="card max-h-36 overflow-y-auto text-[13px]"
        :aria-label="words.partsDidNot"
      >
        <li v-if="whole" data-testid="whole-boxes">{{ whole }}</li>
        <li v-for="{ part, reason } in unplaced" :key="part">
          <strong>{{ part }}:</strong>
          {{ reason }}
        </li>
      </ul>
    </div>
  </div>
</template>
