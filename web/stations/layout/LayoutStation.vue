<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Placement } from '@core/nest'
import { violations } from '@core/nest'
import { layoutRules, roomFor } from '@core/job'
import { useDerived } from '@web/stores/derived'
import { useJob } from '@web/stores/job'
import LayoutForm from './LayoutForm.vue'
import LayoutProgress from './LayoutProgress.vue'
import PartPanel from './PartPanel.vue'
import SheetBoard from './SheetBoard.vue'

const jobs = useJob()
const derived = useDerived()
const chosen = ref<string | null>(null)
const moving = ref<Placement | null>(null)

/** Placements as they are seen: the one in the hand is where the hand is. */
const placements = computed(() => {
  const kept = jobs.job!.layout.arrangement?.placements ?? []
  const ids = new Set(derived.parts.map(({ id }) => id))
  return kept
    .filter(({ part }) => ids.has(part))
    .map((placement) => (placement.part === moving.value?.part ? moving.value : placement))
})
const wrong = computed(() =>
  violations(derived.parts, placements.value, layoutRules(jobs.job!), roomFor(jobs.job!)),
)

/** Puts a part somewhere by hand: it stays there when the rest is laid out again. */
function place(placement: Placement): void {
  moving.value = null
  jobs.edit((draft) => {
    const { arrangement } = draft.layout
    if (!arrangement) return
    arrangement.placements = arrangement.placements.map((each) =>
      each.part === placement.part ? placement : each,
    )
    arrangement.byHand = true
  }, `place ${placement.part}`)
}
</script>

<template>
  <div class="grid h-full min-h-0 grid-cols-[19rem_1fr] gap-3">
    <div class="card grid min-h-0 content-start gap-3 overflow-y-auto">
      <LayoutForm />
      <PartPanel v-if="chosen" :part="chosen" :placements="placements" @place="place" />
      <p v-else class="note">
        Drag a part to move it; it is then pinned. Or choose one with Tab and use the arrow keys, R to turn, P
        to pin.
      </p>
    </div>
    <div class="flex min-h-0 flex-col gap-2">
      <LayoutProgress />
      <div
        v-if="wrong.length > 0"
        class="rounded-md border border-rowan bg-rowan-wash p-2 text-[13px]"
        role="alert"
      >
        <ul aria-label="What is wrong with the layout">
          <li v-for="each in wrong.slice(0, 4)" :key="each.message">{{ each.message }}</li>
          <li v-if="wrong.length > 4">And {{ wrong.length - 4 }} more.</li>
        </ul>
      </div>
      <section class="card min-h-0 flex-1 p-2!" aria-label="Sheets">
        <SheetBoard
          :placements="placements"
          :wrong="wrong"
          :chosen="chosen"
          @choose="chosen = $event"
          @move="moving = $event"
          @place="place"
        />
      </section>
      <ul
        v-if="jobs.job!.layout.arrangement?.unplaced.length"
        class="card max-h-36 overflow-y-auto text-[13px]"
        aria-label="Parts that did not fit"
      >
        <li v-for="{ part, reason } in jobs.job!.layout.arrangement.unplaced" :key="part">
          <strong>{{ part }}</strong>
          : {{ reason }}
        </li>
      </ul>
    </div>
  </div>
</template>
