<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { limitsOf } from '@core/limits'
import { nextOrderNumber, orderSchema, type Order } from '@core/orders'
import FigureField from '@web/parts/FigureField.vue'
import { focusInvalid } from '@web/parts/focus-invalid'
import TextEntry from '@web/parts/TextEntry.vue'
import { useBench } from '@web/stores/bench'
import { useShelf } from '@web/stores/shelf'
import { common } from '@web/words'
import { orderForm as words } from './words'

/** Takes an order: of which job, how many, for whom, by when. */
const bench = useBench()
const shelf = useShelf()
const BLANK = { job: '', boxes: 1, customer: '', due: '', note: '' }
const next = ref({ ...BLANK })
const error = ref('')
onMounted(() => shelf.open())
const jobs = computed(() => [...shelf.jobs].sort((a, b) => a.name.localeCompare(b.name)))
const { shape } = orderSchema

function take(event: Event): void {
  if (focusInvalid(event)) return
  const job = jobs.value.find(({ id }) => id === next.value.job)
  error.value = job ? '' : words.chooseJobOrdered
  if (!job) return
  const order: Order = {
    ...next.value,
    id: crypto.randomUUID(),
    number: nextOrderNumber(bench.orders),
    name: job.name,
    state: 'waiting',
    reserved: [],
    taken: new Date().toISOString(),
  }
  if (bench.put('orders', order)) next.value = { ...BLANK, job: next.value.job }
}
</script>

<template>
  <form
    class="card grid gap-2"
    aria-labelledby="order-title"
    data-field="order"
    novalidate
    @submit.prevent="take"
  >
    <h2 id="order-title" class="text-base!">{{ words.takeOrder }}</h2>
    <label class="text-[13px] font-medium">
      {{ words.job }}
      <select
        v-model="next.job"
        class="input font-sans!"
        :aria-invalid="error !== '' || undefined"
        @change="error = ''"
      >
        <option value="" disabled>{{ words.chooseJob }}</option>
        <option v-for="{ id, name } in jobs" :key="id" :value="id">{{ name }}</option>
      </select>
    </label>
    <div class="grid grid-cols-[5rem_1fr] gap-2">
      <FigureField v-model="next.boxes" :label="common.boxes" kind="figure" :limits="limitsOf(shape.boxes)" />
      <label class="text-[13px] font-medium">
        {{ words.dueOn }}
        <input v-model="next.due" type="date" class="input" />
      </label>
    </div>
    <label class="text-[13px] font-medium">
      {{ words.forWhom }}
      <TextEntry
        class="input font-sans!"
        :maxlength="120"
        :model-value="next.customer"
        @update:model-value="next.customer = $event"
      />
    </label>
    <label class="text-[13px] font-medium">
      {{ words.note }}
      <TextEntry
        class="input font-sans!"
        :maxlength="400"
        :model-value="next.note"
        @update:model-value="next.note = $event"
      />
    </label>
    <p v-if="error" class="text-[13px] text-rowan" role="alert">{{ error }}</p>
    <button type="submit" class="btn btn-main justify-self-start">{{ words.takeIt }}</button>
  </form>
</template>
