<script setup lang="ts">
import { Check, Trash2, Undo2 } from '@lucide/vue'
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { formatDuration } from '@core/length'
import type { Order, OrderState, Turn } from '@core/orders'
import type { RunCost } from '@core/price'
import { dateText } from '@web/data/dates'
import { orderRow as words } from './words'

/** One order: what it is, what cutting it takes, and whether it will be there in time. */
const props = defineProps<{
  order: Order
  run: RunCost | null
  turn: Turn | null
  isWorking: boolean
  trouble: string
}>()
const emit = defineEmits<{ change: [order: Order]; remove: [] }>()

const takes = computed(() => {
  const { run } = props
  if (!run) return ''
  const sheets = run.takes.reduce((sum, each) => sum + each.sheets, 0)
  const offcuts = run.takes.flatMap((each) => each.offcuts).reduce((sum, { count }) => sum + count, 0)
  return [
    formatDuration(run.seconds),
    ...(sheets > 0 ? [words.sheets(sheets)] : []),
    ...(offcuts > 0 ? [words.offcuts(offcuts)] : []),
  ].join(', ')
})
/** Offcuts that its layout takes and that are not kept for it yet. */
const free = computed(() => {
  const taken = (props.run?.takes ?? []).flatMap(({ stock, offcuts }) =>
    offcuts.map((each) => ({ stock, ...each })),
  )
  const isKept = ({ stock, offcut, count }: Order['reserved'][number]): boolean =>
    props.order.reserved.some((own) => own.stock === stock && own.offcut === offcut && own.count >= count)
  return taken.every(isKept) ? [] : taken
})
const kept = computed(() => props.order.reserved.reduce((sum, { count }) => sum + count, 0))
const inTime = computed(() => {
  const { turn, order } = props
  if (!turn) return null
  const on = words.cutOn(dateText(turn.day))
  if (turn.late === 'no') return { says: on, colour: order.due ? 'text-moss' : '' }
  return turn.late === 'yes'
    ? { says: words.tooLate(on), colour: 'text-rowan' }
    : { says: words.perhapsTooLate(on), colour: 'text-gorse' }
})
const move = (state: OrderState): void => emit('change', { ...props.order, state })
const NEXT = { waiting: 'cut', cut: 'handed over', 'handed over': null } as const
const BACK = { waiting: null, cut: 'waiting', 'handed over': 'cut' } as const
const WORDS = { cut: words.itIsCut, 'handed over': words.handedOver } as const
const about = computed(() => words.order(props.order.number))
</script>

<template>
  <li class="grid gap-1 border-t border-line py-2 first:border-t-0" :aria-label="about">
    <div class="flex flex-wrap items-center gap-x-3 gap-y-1">
      <span class="num text-quiet">{{ order.number }}</span>
      <RouterLink
        :to="`/job/${order.job}/cut`"
        class="inline-flex min-h-7 min-w-40 flex-1 items-center font-semibold underline"
      >
        {{ order.boxes }} × {{ order.name }}
      </RouterLink>
      <span v-if="order.due" class="num text-sm">{{ words.due(dateText(order.due)) }}</span>
    </div>
    <p v-if="order.customer || order.note" class="text-sm text-quiet">
      {{ [order.customer && words.forCustomer(order.customer), order.note].filter(Boolean).join('. ') }}
    </p>
    <p v-if="trouble" class="text-sm text-rowan">{{ trouble }}</p>
    <p v-else-if="order.state === 'waiting'" class="num text-sm">
      <template v-if="run">{{ takes }}</template>
      <span v-else role="status">{{ isWorking ? words.beingLaidOut : words.waitsLaidOut }}</span>
      <template v-if="inTime">
        ·
        <span :class="inTime.colour">{{ inTime.says }}</span>
      </template>
    </p>
    <div class="flex flex-wrap items-center gap-2">
      <button
        v-if="NEXT[order.state]"
        type="button"
        class="btn min-h-11"
        :aria-label="`${about}: ${WORDS[NEXT[order.state]!]}`"
        @click="move(NEXT[order.state]!)"
      >
        <Check :size="16" aria-hidden="true" />
        {{ WORDS[NEXT[order.state]!] }}
      </button>
      <button
        v-if="BACK[order.state]"
        type="button"
        class="btn min-h-11"
        :aria-label="words.notYet(about)"
        @click="move(BACK[order.state]!)"
      >
        <Undo2 :size="16" aria-hidden="true" />
        {{ words.waits }}
      </button>
      <button
        v-if="order.state === 'waiting' && free.length > 0"
        type="button"
        class="btn min-h-11"
        @click="$emit('change', { ...order, reserved: free })"
      >
        {{ words.keepOffcuts }}
      </button>
      <template v-if="order.state === 'waiting' && kept > 0">
        <span class="text-sm text-moss">{{ words.offcutKept(kept) }}</span>
        <button type="button" class="btn min-h-11" @click="$emit('change', { ...order, reserved: [] })">
          {{ words.letGoThem }}
        </button>
      </template>
      <button
        type="button"
        class="btn-icon ml-auto"
        :aria-label="words.removeOrder(order.number)"
        @click="$emit('remove')"
      >
        <Trash2 :size="17" />
      </button>
    </div>
  </li>
</template>
