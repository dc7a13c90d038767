<script setup lang="ts">
import { computed } from 'vue'
import { withChange, type Helpful } from '@core/derive'
import { helpGains, helpSentence } from '@core/say'
import { useSay } from '@web/parts/say'
import { useOpenJob } from '@web/stores/job'
import { usePlanner } from '@web/stores/planner'
import { useStockEdits } from '@web/stores/stock-edits'
import { helpList as words } from './words'

/** What would save a sheet, or place what is left over: each can be done at once. */
const jobs = useOpenJob()
const planner = usePlanner()
const stocks = useStockEdits()
const say = useSay()
const left = computed(() => planner.arrangement?.unplaced.length ?? 0)
const state = computed(() => {
  const { done, found, tried, of } = planner.helps!
  if (!done) return of > 0 ? words.changesTried(tried, of) : words.tryingHelp
  return found.length > 0 ? '' : words.nothingTriedSaves
})
function apply({ change }: Helpful): void {
  if (change.kind === 'stock') return void stocks.use(change.known.stock)
  jobs.edit((draft) => {
    const { box, layout } = withChange(draft, change)
    draft.box = box
    draft.layout.settings = layout.settings
  })
}
const keyOf = ({ change }: Helpful): string =>
  change.kind === 'stock' ? change.known.stock.id : JSON.stringify(change)
</script>

<template>
  <section
    v-if="planner.helps"
    class="card grid gap-1 py-2! text-[13px]"
    :aria-label="words.saveSheet"
    aria-live="polite"
  >
    <ul v-if="planner.helps.found.length > 0" class="grid gap-1">
      <li
        v-for="each in planner.helps.found"
        :key="keyOf(each)"
        class="flex flex-wrap items-center justify-between gap-2"
      >
        <p class="min-w-0 flex-1 basis-60">
          {{ helpSentence(each, left, say) }}
          <span class="num block text-quiet">{{ helpGains(each) }}</span>
        </p>
        <button type="button" class="btn px-2 py-1" @click="apply(each)">{{ words.doThat }}</button>
      </li>
    </ul>
    <p v-if="state" class="text-quiet">{{ state }}</p>
  </section>
</template>
