<script setup lang="ts">
import { Combine } from '@lucide/vue'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { batchOf, batchRefusal, type Job } from '@core/job'
import { withBoxes } from '@core/derive'
import { fixed } from '@core/length'
import { machineQueues, queueGroups, stockNeeds, type Order, type QueueGroup, type Turn } from '@core/orders'
import { dayOf, dateText } from '@web/data/dates'
import { readPreference, writePreference } from '@web/data/preferences'
import FigureField from '@web/parts/FigureField.vue'
import { useBench } from '@web/stores/bench'
import { useMessages } from '@web/stores/messages'
import { useShelf } from '@web/stores/shelf'
import OrderForm from './OrderForm.vue'
import OrderRow from './OrderRow.vue'
import { useQueue } from './use-queue'
import { common } from '@web/words'
import InSentence from '@web/parts/InSentence.vue'
import { orderBook as words } from './words'

/** Who wants what by when: in turn, by machine and stock, with the hours and sheets that it takes. */
const bench = useBench()
const shelf = useShelf()
const router = useRouter()
const { queued, working, troubles, jobs } = useQueue()
/** Hours a day at the laser, until the maker says. [FM] */
const USUAL = 4
const aDay = ref(Number(readPreference('laser-hours')) || USUAL)
function setHours(hours: number): void {
  aDay.value = hours
  writePreference('laser-hours', String(hours))
}
const groups = computed(() => queueGroups(queued.value))
const machines = computed(() => machineQueues(queued.value, aDay.value, dayOf(new Date())))
const needs = computed(() => stockNeeds(queued.value, bench.stocks))
const turnOf = ({ id }: Order): Turn | null =>
  machines.value.flatMap(({ turns }) => turns).find(({ order }) => order.id === id) ?? null
const after = computed(() =>
  bench.orders.filter(({ state }) => state !== 'waiting').sort((a, b) => b.number - a.number),
)
const hours = (all: number): string => (all < 0.995 ? `${fixed(all * 60, 0)} min` : `${fixed(all, 1)} h`)

const change = (order: Order): boolean => bench.put('orders', order)
function remove({ id, number }: Order): void {
  const gone = bench.remove('orders', id)
  useMessages().say('said', words.orderTakenOut(number), {
    label: common.bringBack,
    run: () => bench.undo([gone]),
  })
}

/** The jobs of a group, each as often as it is ordered. */
const ordered = ({ entries }: QueueGroup): Job[] =>
  entries.flatMap(({ order }) => {
    const job = jobs.value.get(order.job)
    return job ? [withBoxes({ ...job, measure: bench.renewed(job.measure) }, order.boxes)] : []
  })
const against = (group: QueueGroup): string =>
  group.entries.length > 1 ? batchRefusal(ordered(group)) : 'alone'
async function cutTogether(group: QueueGroup): Promise<void> {
  const numbers = group.entries.map(({ order }) => order.number).join(', ')
  const about = {
    id: crypto.randomUUID(),
    name: words.orders(numbers).slice(0, 80),
    changed: new Date().toISOString(),
  }
  const id = await shelf.begun(batchOf(ordered(group), about))
  if (id) void router.push(`/job/${id}/layout`)
}
</script>

<template>
  <OrderForm class="max-md:order-last" />
  <section class="grid min-w-0 gap-3" :aria-label="words.orderBook">
    <p v-if="bench.orders.length === 0" class="card">
      {{ words.noOrderYet }}
    </p>
    <section v-if="queued.length > 0" class="card grid gap-2" aria-labelledby="machines-title">
      <div class="flex flex-wrap items-start justify-between gap-3">
        <h2 id="machines-title" class="text-base!">{{ words.whatIsAhead }}</h2>
        <FigureField
          class="w-40"
          data-field="laser-hours"
          :label="words.laserDay"
          kind="figure"
          unit="h"
          :step="0.5"
          :digits="1"
          :limits="{ min: 0.5, max: 24, whole: false }"
          :model-value="aDay"
          @update:model-value="setHours"
        />
      </div>
      <ul class="grid gap-1 text-sm" :aria-label="words.machines">
        <li v-for="each in machines" :key="each.machine.id">
          <InSentence
            :text="words.machineAhead(hours(each.hours), each.turns.length, dateText(each.turns.at(-1)!.day))"
          >
            <template #machine><strong>{{ each.machine.name }}:</strong></template>
          </InSentence>
        </li>
      </ul>
      <ul v-if="needs.length > 0" class="grid gap-1 text-sm" :aria-label="common.stock">
        <li v-for="each in needs" :key="each.stock.id">
          <InSentence :text="words.stockAhead(each.sheets, each.atHand)">
            <template #stock><strong>{{ each.stock.name }}:</strong></template>
          </InSentence>
          {{ ' ' }}
          <span v-if="each.short > 0" class="text-gorse">{{ words.buy(each.short) }}</span>
        </li>
      </ul>
      <p v-if="working" class="note" role="status">{{ words.layingOutSee }}</p>
    </section>
    <section
      v-for="group in groups"
      :key="group.key"
      class="card grid gap-1"
      :aria-label="group.stock?.name ?? words.noStockYet"
    >
      <div class="flex flex-wrap items-center gap-2">
        <h2 class="min-w-52 flex-1 text-base!">
          {{ group.stock?.name ?? words.noStockYet }}
          <span class="text-sm font-normal text-quiet">{{ words.onMachine(group.machine?.name) }}</span>
        </h2>
        <span v-if="group.seconds > 0" class="num text-sm">{{ hours(group.seconds / 3600) }}</span>
        <button v-if="against(group) === ''" type="button" class="btn" @click="cutTogether(group)">
          <Combine :size="16" aria-hidden="true" />
          {{ words.putThemSame }}
        </button>
      </div>
      <p v-if="against(group) && against(group) !== 'alone'" class="note">
        {{ words.notSameSheets(against(group)) }}
      </p>
      <ol>
        <OrderRow
          v-for="{ order, run } in group.entries"
          :key="order.id"
          :order="order"
          :run="run"
          :turn="turnOf(order)"
          :is-working="working === order.id"
          :trouble="troubles[order.id] ?? ''"
          @change="change"
          @remove="remove(order)"
        />
      </ol>
    </section>
    <section v-if="after.length > 0" class="card grid gap-1" aria-labelledby="after-title">
      <h2 id="after-title" class="text-base!">{{ words.cutHandedOver }}</h2>
      <ol>
        <OrderRow
          v-for="order in after"
          :key="order.id"
          :order="order"
          :run="null"
          :turn="null"
          :is-working="false"
          trouble=""
          @change="change"
          @remove="remove(order)"
        />
      </ol>
    </section>
  </section>
</template>
