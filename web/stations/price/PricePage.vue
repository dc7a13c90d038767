<script setup lang="ts">
import { ChevronLeft } from '@lucide/vue'
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { boughtFor } from '@core/build'
import { setsOf } from '@core/derive'
import { thingsOf } from '@core/job'
import { counted } from '@core/length'
import { billLines, leftOut, money, savingsOf } from '@core/say'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import OfferFiles from './OfferFiles.vue'
import TermsForm from './TermsForm.vue'
import { usePrice } from './use-price'
import { common } from '@web/words'
import { pricePage as words } from './words'

/** What the boxes of this job cost, what is asked for them, and what makes them dear. */
const jobs = useOpenJob()
const derived = useDerived()
const { asked, bills, counts, refused, trouble } = usePrice()
const terms = computed(() => jobs.job.price)
const lines = computed(() => (asked.value ? billLines(asked.value) : []))
const savings = computed(() => (asked.value ? savingsOf(asked.value, bills.value).slice(0, 4) : []))
const missing = computed(() => (asked.value ? leftOut(asked.value) : []))
/** Of things that only stand together, one of each. */
const oneIs = computed(() => {
  const things = thingsOf(jobs.job)
  const own = setsOf(jobs.job)
  if (things.length === 1 && things[0].copies === own) return ''
  const names = things.map(({ name, copies }) => counted(copies / own, name, name).replace(/^1 /, ''))
  return words.oneIsTogether(names.join(', '))
})
const forAll = computed(() =>
  asked.value && terms.value.boxes > 1 ? words.eachAll(money(asked.value.bill.price, terms.value)) : '',
)
/** What it costs the maker, and how sure that is. */
const behind = computed(() => {
  if (!asked.value) return ''
  const { cost, less, more } = asked.value.bill
  const clock = more > 0.005 ? words.machinesClockMay(money(less, terms.value), money(more, terms.value)) : ''
  const costs = words.itCostsYou(money(cost / terms.value.boxes, terms.value))
  return [costs, clock, oneIs.value].filter((sentence) => sentence !== '').join(' ')
})
/** What the box needs that is bought, and no line says yet. */
const unsaid = computed(() => {
  const { made } = derived.settledBox
  const own = terms.value.extras.map(({ what }) => what)
  return made ? boughtFor(made).filter(({ what }) => !own.includes(what)) : []
})
function take(): void {
  jobs.edit((draft) => {
    for (const { what, count } of unsaid.value) draft.price.extras.push({ what, count, each: 0 })
  })
}
const bar = (share: number): { width: string } => ({ width: `${Math.max(0, share) * 100}%` })
</script>

<template>
  <div class="grid max-w-6xl gap-3">
    <div class="flex flex-wrap items-center gap-2">
      <RouterLink :to="{ params: { view: '' } }" class="btn-icon" :aria-label="words.backCut">
        <ChevronLeft :size="18" />
      </RouterLink>
      <h1 class="text-xl!">{{ words.whatItCosts }}</h1>
    </div>
    <div class="grid items-start gap-3 lg:grid-cols-[20rem_1fr]">
      <TermsForm class="max-lg:order-last" />
      <div class="grid min-w-0 gap-3">
        <section class="card grid gap-2" aria-labelledby="price-title">
          <h2 id="price-title" class="text-base!">{{ words.priceBoxBoxes(terms.boxes) }}</h2>
          <p v-if="trouble" class="text-sm text-rowan" role="alert">{{ trouble }}</p>
          <p v-else-if="!asked" class="note" role="status">{{ words.layingOutSee }}</p>
          <template v-else>
            <p data-testid="asked">
              <span class="num text-2xl font-semibold">{{ money(asked.bill.each, terms) }}</span>
              {{ forAll }}
              <span class="block text-sm text-quiet">{{ behind }}</span>
            </p>
            <ul v-if="missing.length > 0" class="text-sm text-gorse" :aria-label="words.leftOut">
              <li v-for="each in missing" :key="each">{{ each }}</li>
            </ul>
            <p v-if="unsaid.length > 0" class="text-sm">
              {{ words.boxNeeds(unsaid.map(({ what, count }) => `${count} × ${what}`).join(', ')) }}
              <button type="button" class="btn ml-1" @click="take">{{ words.addBought }}</button>
            </p>
            <h3 class="mt-1 text-sm font-semibold">{{ words.makesDear }}</h3>
            <ul class="grid gap-1.5" :aria-label="words.makesDear">
              <li v-for="line in lines" :key="line.what" class="text-sm">
                <span class="flex justify-between gap-2">
                  <strong>{{ line.name }}</strong>
                  <span class="num">{{ money(line.amount, terms) }}</span>
                </span>
                <span class="block h-1.5 rounded bg-line">
                  <span class="block h-1.5 rounded bg-heather" :style="bar(line.share)"></span>
                </span>
                <span class="text-quiet">{{ line.says }}</span>
              </li>
            </ul>
            <template v-if="savings.length > 0">
              <h3 class="mt-1 text-sm font-semibold">{{ words.saveMost }}</h3>
              <ol class="grid gap-1 text-sm" :aria-label="words.saveMost">
                <li v-for="each in savings" :key="each.says" class="flex justify-between gap-3">
                  {{ each.says }}
                  <span class="num shrink-0">{{ words.amountEach(money(each.amount, terms)) }}</span>
                </li>
              </ol>
            </template>
          </template>
        </section>
        <section class="card" aria-labelledby="counts-title">
          <h2 id="counts-title" class="text-base!">{{ words.howMany }}</h2>
          <table class="mt-1 w-full text-sm">
            <thead>
              <tr class="text-left text-quiet">
                <th scope="col" class="font-medium">{{ common.boxes }}</th>
                <th scope="col" class="text-right font-medium">{{ words.one }}</th>
                <th scope="col" class="text-right font-medium">{{ words.all }}</th>
                <th scope="col" class="text-right font-medium">{{ words.yourHours }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="count in counts" :key="count" :class="{ 'font-semibold': count === terms.boxes }">
                <th scope="row" class="num text-left font-normal">{{ count }}</th>
                <template v-for="bill in bills.filter(({ boxes }) => boxes === count)" :key="bill.boxes">
                  <td class="num text-right">{{ money(bill.each, terms) }}</td>
                  <td class="num text-right">{{ money(bill.price, terms) }}</td>
                  <td class="num text-right">{{ (bill.hands / 60).toFixed(1) }} h</td>
                </template>
                <td
                  v-if="!bills.some(({ boxes }) => boxes === count)"
                  colspan="3"
                  class="text-right text-quiet"
                >
                  {{ refused.includes(count) ? words.cannotLaidOut : '…' }}
                </td>
              </tr>
            </tbody>
          </table>
          <p class="note mt-1">
            {{ words.eachCountLaid }}
          </p>
        </section>
        <OfferFiles v-if="asked" :bill="asked.bill" />
      </div>
    </div>
  </div>
</template>
