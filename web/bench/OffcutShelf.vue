<script setup lang="ts">
import { Trash2 } from '@lucide/vue'
import { computed, ref } from 'vue'
import { limitsOf } from '@core/limits'
import { reservedOf } from '@core/orders'
import {
  offcutPrice,
  offcutSchema,
  readCorners,
  rectangularOffcut,
  type Offcut,
  type Stock,
} from '@core/stock'
import FigureField from '@web/parts/FigureField.vue'
import OffcutPicture from '@web/parts/OffcutPicture.vue'
import { useSay } from '@web/parts/say'
import TextEntry from '@web/parts/TextEntry.vue'
import { useBench } from '@web/stores/bench'
import { common } from '@web/words'
import { offcutShelf as words } from './words'

/** What is there of a stock beside whole sheets: what is left of used ones, sheets of another size. */
const props = defineProps<{ stock: Stock }>()
const emit = defineEmits<{ change: [offcuts: Offcut[]] }>()
const say = useSay()
const { shape } = offcutSchema
const SIZES = [
  { key: 'width', label: words.offcutWidth },
  { key: 'height', label: words.offcutHeight },
] as const
const next = ref({ width: 200, height: 150, count: 1 })
const corners = ref('')
const error = ref('')

function add(): void {
  const { width, height, count } = next.value
  const own = rectangularOffcut(crypto.randomUUID(), width, height, new Date().toISOString().slice(0, 10))
  const read =
    corners.value.trim() === '' ? null : readCorners(corners.value, say.value.lengthUnit === 'in' ? 25.4 : 1)
  error.value = read && !read.ok ? read.error : ''
  if (error.value) return
  const { width: w, height: h, outline } = read?.ok ? read : own
  emit('change', [...props.stock.offcuts, { ...own, width: w, height: h, outline, count }])
  corners.value = ''
}
const change = (id: string, part: Partial<Offcut>): void =>
  emit(
    'change',
    props.stock.offcuts.map((each) => (each.id === id ? { ...each, ...part } : each)),
  )
const remove = (id: string): void =>
  emit(
    'change',
    props.stock.offcuts.filter((each) => each.id !== id),
  )
const reserved = computed(() => reservedOf(props.stock.id, useBench().orders))
const keptFor = ({ id }: Offcut): string => {
  const own = reserved.value.get(id)
  return own ? words.keptOrder(own.count, own.orders.map(({ number }) => number).join(', ')) : ''
}
const sizeOf = ({ width, height, outline }: Offcut): string =>
  `${say.value.size([width, height], 0)}${outline ? `, ${outline.length} corners` : ''}`
</script>

<template>
  <div class="grid content-start gap-2">
    <h3>{{ words.offcutsOtherPieces }}</h3>
    <ul class="grid gap-1.5" :aria-label="words.offcuts">
      <li
        v-for="each in stock.offcuts"
        :key="each.id"
        class="grid grid-cols-[auto_1fr_auto] items-center gap-2 rounded border border-line bg-paper p-1.5"
      >
        <OffcutPicture :offcut="each" />
        <div class="min-w-0">
          <p class="num text-sm">{{ sizeOf(each) }}</p>
          <p v-if="each.since" class="text-[12px] text-quiet">{{ words.since(each.since) }}</p>
          <p v-if="keptFor(each)" class="text-[13px] text-gorse">{{ keptFor(each) }}</p>
        </div>
        <button
          type="button"
          class="btn-icon p-1"
          :aria-label="words.removeOffcut(say.shortPlain(each.width), say.shortPlain(each.height))"
          @click="remove(each.id)"
        >
          <Trash2 :size="15" />
        </button>
        <div class="col-span-3 grid grid-cols-2 gap-2">
          <label class="col-span-2 min-w-0 text-[13px] font-medium" data-field="bench-offcut">
            {{ words.writtenOnIt }}
            <TextEntry
              class="input"
              :maxlength="60"
              :model-value="each.name"
              @update:model-value="change(each.id, { name: $event })"
            />
          </label>
          <FigureField
            data-field="bench-offcut"
            :label="words.count"
            kind="figure"
            :limits="limitsOf(shape.count)"
            :model-value="each.count"
            @update:model-value="change(each.id, { count: $event })"
          />
          <FigureField
            data-field="bench-offcut"
            :label="words.priceOfOne"
            kind="figure"
            :step="0.5"
            :digits="2"
            :limits="limitsOf(shape.price.unwrap())"
            :model-value="Number(offcutPrice(each, stock).toFixed(2))"
            @update:model-value="change(each.id, { price: $event })"
          />
        </div>
      </li>
      <li v-if="stock.offcuts.length === 0" class="note">{{ words.noneTestPieces }}</li>
    </ul>
    <form class="grid gap-2" :aria-label="words.newOffcut" @submit.prevent="add">
      <div class="flex flex-wrap items-start gap-2">
        <FigureField
          v-for="{ key, label } in SIZES"
          :key="key"
          v-model="next[key]"
          class="min-w-24 flex-1"
          data-field="bench-offcut"
          :label="label"
          :limits="limitsOf(shape[key])"
          :step="10"
        />
        <FigureField
          v-model="next.count"
          class="w-16"
          data-field="bench-offcut"
          :label="words.count"
          kind="figure"
          :limits="limitsOf(shape.count)"
        />
        <button type="submit" class="btn mt-4.5">{{ common.add }}</button>
      </div>
      <label class="text-[13px] font-medium" data-field="bench-offcut">
        {{ words.cornersOrderRound(say.lengthUnit) }}
        <input v-model="corners" class="input" maxlength="1000" placeholder="0 0, 300 0, 300 120, 0 260" />
      </label>
      <p v-if="error" class="text-[13px] text-rowan" role="alert">{{ error }}</p>
    </form>
  </div>
</template>
