<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { asOffcut, restsOf, stockAfter, type Part, type Rest } from '@core/derive'
import type { Job } from '@core/job'
import { piecesWords, type Remnant } from '@core/nest'
import { offcutSchema, stockTitle, type Stock } from '@core/stock'
import TextEntry from '@web/parts/TextEntry.vue'
import { useSay } from '@web/parts/say'
import { tryTo } from '@web/refusals'
import { useBench } from '@web/stores/bench'
import { useOpenJob } from '@web/stores/job'
import { useMessages } from '@web/stores/messages'
import RestPicture from './RestPicture.vue'
import { restCard as words } from './words'

/** What the last cut used and left over, booked on the bench. */
const props = defineProps<{ revision: string; laid: Job; parts: Part[] }>()
const jobs = useOpenJob()
const bench = useBench()
const say = useSay()
const error = ref('')

interface Choice {
  rest: Rest
  /** Which of its remnants is kept; null for none. */
  kept: Remnant | null
  name: string
}
const rests = computed(() => restsOf(props.laid, props.parts))
const choices = ref<Choice[]>([])
watch(
  rests,
  (now) => {
    choices.value = now
      .filter(({ remnants }) => remnants.length > 0)
      .map((rest) => ({ rest, kept: rest.remnants[0], name: rest.name }))
  },
  { immediate: true },
)
/** Stocks as the bench has them, with what was used of each. */
const used = computed(() => {
  const ids = [...new Set(rests.value.map(({ material }) => material))]
  return ids.flatMap((id) => {
    const stock = bench.stocks.find((each) => each.id === id)
    const own = rests.value.filter(({ material }) => material === id)
    const offcuts = own.filter(({ offcut }) => offcut !== null).length
    return stock ? [{ stock, pieces: piecesWords({ sheets: own.length - offcuts, offcuts }) }] : []
  })
})
const stockOf = (id: string): Stock | undefined => used.value.find(({ stock }) => stock.id === id)?.stock
const shown = computed(() => choices.value.filter(({ rest }) => stockOf(rest.material)))
const titleOf = ({ rest }: Choice): string => {
  const stock = stockOf(rest.material)!
  return words.sheet(used.value.length > 1 ? stockTitle(stock) : '', rest.sheet + 1)
}
const wordsFor = ({ kind, width, height, outline }: Remnant): string => {
  const size = say.value.size([width, height], 0)
  return kind === 'rectangle' ? size : words.allPieceCorner(size, outline.length)
}

function book(): void {
  const since = new Date().toISOString().slice(0, 10)
  const kept = shown.value.flatMap(({ rest, kept, name }) =>
    kept ? [{ material: rest.material, piece: asOffcut(kept, crypto.randomUUID(), name.trim(), since) }] : [],
  )
  const records = used.value.map(({ stock }) => {
    const own = kept.filter(({ material }) => material === stock.id).map(({ piece }) => piece)
    return bench.putting('stocks', stockAfter(stock, rests.value, own))
  })
  const done = (draft: typeof jobs.job): void => {
    const revision = draft.log.find(({ id }) => id === props.revision)
    if (!revision) return
    revision.unbooked = null
    for (const each of revision.used)
      each.kept = shown.value
        .filter(({ rest }) => rest.material === each.material)
        .reduce((sum, { kept: piece }) => sum + (piece?.area ?? 0), 0)
  }
  error.value = tryTo(() => jobs.edit(done, '', ...records)) ?? ''
  if (error.value) return
  const off = used.value.map(({ stock, pieces }) => words.piecesOf(pieces, stockTitle(stock))).join(', ')
  useMessages().say('said', words.takenOffBench(off, kept.length))
}
</script>

<template>
  <section v-if="used.length > 0" class="card grid gap-2" :aria-label="words.usedLeftOver">
    <h2>{{ words.usedLeft }}</h2>
    <p v-for="{ stock, pieces } in used" :key="stock.id" class="text-sm">
      {{ words.offBench(pieces, stockTitle(stock)) }}
    </p>
    <ul v-if="shown.length > 0" class="grid gap-2" :aria-label="words.leftOver">
      <li
        v-for="choice in shown"
        :key="`${choice.rest.material} ${choice.rest.sheet}`"
        class="flex flex-wrap items-start gap-3 rounded border border-line bg-paper p-2"
      >
        <RestPicture :rest="choice.rest" :kept="choice.kept?.outline ?? null" />
        <fieldset class="min-w-56 flex-1">
          <legend class="text-[13px] font-semibold">{{ titleOf(choice) }}</legend>
          <label
            v-for="(each, i) in [...choice.rest.remnants, null]"
            :key="i"
            class="flex min-h-7 items-center gap-2 text-[13px]"
          >
            <input
              v-model="choice.kept"
              type="radio"
              class="size-6 shrink-0 accent-heather"
              :name="`rest ${choice.rest.material} ${choice.rest.sheet}`"
              :value="each"
            />
            <span class="num">{{ each ? wordsFor(each) : words.keepNothing }}</span>
          </label>
        </fieldset>
        <label v-if="choice.kept" class="min-w-40 flex-1 text-[13px] font-medium" data-field="rest-name">
          {{ words.writtenOnIt }}
          <TextEntry
            class="input"
            :maxlength="offcutSchema.shape.name.maxLength ?? 60"
            :model-value="choice.name"
            @update:model-value="choice.name = $event"
          />
        </label>
      </li>
    </ul>
    <p v-else class="note">{{ words.nothingLeftOver }}</p>
    <p v-if="error" class="text-[13px] text-rowan" role="alert">{{ error }}</p>
    <div>
      <button type="button" class="btn btn-main" data-field="book-rest" @click="book">
        {{ words.takeOffBench(!!shown.some(({ kept }) => kept)) }}
      </button>
    </div>
  </section>
</template>
