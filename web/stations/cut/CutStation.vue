<script setup lang="ts">
import { Coins, ListChecks } from '@lucide/vue'
import { computed, defineAsyncComponent, ref, shallowRef } from 'vue'
import { RouterLink, useRoute } from 'vue-router'
import type { LoadPlan } from '@core/derive'
import type { Differences } from '@core/files'
import { FAMILIES } from '@core/stock'
import CautionNote from '@web/parts/CautionNote.vue'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { usePlanner } from '@web/stores/planner'
import AgainCard from './AgainCard.vue'
import CheckList from './CheckList.vue'
import CutForm from './CutForm.vue'
import CutPlayer from './CutPlayer.vue'
import PrintedTraveller from './PrintedTraveller.vue'
import LaserCard from './LaserCard.vue'
import ReadBackCard from './ReadBackCard.vue'
import RehearsalCard from './RehearsalCard.vue'
import TimeTable from './TimeTable.vue'
import { common } from '@web/words'
import { cutStation as words } from './words'

/** They come when somebody asks for them. */
const PricePage = defineAsyncComponent(() => import('../price/PricePage.vue'))
const CountPage = defineAsyncComponent(() => import('../count/CountPage.vue'))

const route = useRoute()
const view = computed(() => route.params.view)
const planner = usePlanner()
const derived = useDerived()
const chosen = ref(0)
const differences = shallowRef<Differences | null>(null)
const say = useSay()
const loads = computed(() => planner.plan?.loads ?? [])
const shown = computed(() => loads.value[Math.min(chosen.value, loads.value.length - 1)] ?? null)
const stockName = (id: string): string =>
  derived.box.materials.length > 1
    ? `${derived.box.materials.find((material) => material.id === id)?.name ?? ''}, `
    : ''
/** Which offcut it is cut from, as one finds it in the rack. */
function pieceOf({ offcut, material }: LoadPlan): string {
  const stock = derived.box.materials.find(({ id }) => id === material)?.stock
  const own = stock?.offcuts.find(({ id }) => id === offcut)
  if (!own) return ''
  return own.name || say.value.size([own.width, own.height], 0)
}
const TURN = { only: '', first: words.otherFaceFirst, then: words.turnedOver }
function nameOf(load: LoadPlan): string {
  const stock = stockName(load.material)
  const which = load.of > 1 ? load.load + 1 : null
  return words.sheetName(stock, load.sheet + 1, pieceOf(load), which, TURN[load.face])
}
const used = computed(
  () => planner.plan?.stocks.find(({ material }) => material === shown.value?.material) ?? planner.plan,
)
const families = computed(() => [
  ...new Set(derived.box.materials.map(({ stock }) => stock?.family ?? 'other')),
])
const cautions = computed(() => [
  words.stayBesideWhile,
  words.checkEveryPart,
  ...new Set(families.value.flatMap((family) => FAMILIES[family].cautions)),
  words.letCoolCheck,
])
</script>

<template>
  <PricePage v-if="view === 'price'" />
  <CountPage v-else-if="view === 'count'" :name-of="nameOf" />
  <PrintedTraveller v-if="!view" :name-of="nameOf" />
  <div
    v-if="!view"
    class="no-print grid gap-3 lg:h-full lg:min-h-0 lg:grid-cols-[17rem_1fr_17rem] xl:grid-cols-[19rem_1fr_20rem]"
  >
    <CutForm :load="shown" :settings="used?.settings ?? null" />
    <section class="card flex min-w-0 flex-col gap-2 lg:min-h-0" :aria-label="words.theCut">
      <div v-if="loads.length > 1" class="flex flex-wrap gap-1" role="group" :aria-label="common.sheet">
        <button
          v-for="(load, i) in loads"
          :key="i"
          type="button"
          class="choice"
          :data-on="shown === load"
          :aria-pressed="shown === load"
          @click="chosen = i"
        >
          {{ nameOf(load) }}
        </button>
      </div>
      <CutPlayer
        v-if="shown"
        :key="nameOf(shown)"
        :load="shown"
        :used="used!"
        :differences="differences"
        class="lg:min-h-0 lg:flex-1"
      />
      <p v-else class="note">{{ words.nothingLiesSheet }}</p>
      <TimeTable v-if="planner.plan && shown" :plan="planner.plan" />
    </section>
    <div
      class="grid content-start gap-3 lg:min-h-0 lg:overflow-y-auto"
      tabindex="0"
      role="region"
      :aria-label="words.checksCautions"
    >
      <div class="flex flex-wrap gap-2">
        <RouterLink :to="{ params: { view: 'price' } }" class="btn" data-field="price">
          <Coins :size="16" aria-hidden="true" />
          {{ words.whatItCosts }}
        </RouterLink>
        <RouterLink :to="{ params: { view: 'count' } }" class="btn" data-field="count-off">
          <ListChecks :size="16" aria-hidden="true" />
          {{ words.countOff }}
        </RouterLink>
      </div>
      <CheckList />
      <CautionNote :title="words.atTheLaser" :cautions="cautions" />
      <AgainCard />
      <LaserCard v-if="shown" :load="shown" />
      <RehearsalCard />
      <ReadBackCard v-if="shown" :load="shown" @found="differences = $event" />
    </div>
  </div>
</template>
