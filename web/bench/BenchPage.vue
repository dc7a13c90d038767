<script setup lang="ts">
import { ChevronLeft } from '@lucide/vue'
import { defineAsyncComponent, onMounted } from 'vue'
import { RouterLink } from 'vue-router'
import ThemeButton from '@web/shell/ThemeButton.vue'
import UnitsMenu from '@web/shell/UnitsMenu.vue'
import { useBench } from '@web/stores/bench'
import { useShelf } from '@web/stores/shelf'
import MachineShelf from './MachineShelf.vue'
import PromiseBook from './PromiseBook.vue'
import StockBook from './StockBook.vue'
import UnreadableList from './UnreadableList.vue'
import { common } from '@web/words'
import { benchPage as words } from './words'

/** Reads all jobs: fetched when it is asked for. */
const CutBook = defineAsyncComponent(() => import('./CutBook.vue'))

/** Lays out what is ordered: fetched when it is asked for. */
const OrderBook = defineAsyncComponent(() => import('./OrderBook.vue'))

defineProps<{ shelf: 'stock' | 'machines' | 'orders' | 'promises' | 'cuts' }>()
const bench = useBench()
onMounted(() => useShelf().begin())
const SHELVES = [
  { shelf: 'stock', name: words.stockBook, to: '/bench' },
  { shelf: 'machines', name: 'Machines', to: '/bench/machines' },
  { shelf: 'orders', name: words.orderBook, to: '/bench/orders' },
  { shelf: 'promises', name: 'Promises', to: '/bench/promises' },
  { shelf: 'cuts', name: words.everyCut, to: '/bench/cuts' },
] as const
</script>

<template>
  <div class="mx-auto grid max-w-6xl gap-3 p-4">
    <header class="flex flex-wrap items-center gap-3">
      <RouterLink to="/" class="btn-icon" :aria-label="common.allJobs"><ChevronLeft :size="18" /></RouterLink>
      <h1>{{ words.bench }}</h1>
      <nav
        class="flex flex-1 flex-wrap gap-1.5 max-sm:order-last max-sm:w-full max-sm:flex-none"
        :aria-label="words.shelves"
      >
        <RouterLink
          v-for="each in SHELVES"
          :key="each.shelf"
          :to="each.to"
          class="choice"
          :data-on="each.shelf === shelf"
          :aria-current="each.shelf === shelf ? 'page' : undefined"
        >
          {{ each.name }}
        </RouterLink>
      </nav>
      <UnitsMenu />
      <ThemeButton />
    </header>
    <UnreadableList :records="bench.unreadable" />
    <main class="grid items-start gap-3 md:grid-cols-[17rem_1fr]">
      <StockBook v-if="shelf === 'stock'" />
      <MachineShelf v-else-if="shelf === 'machines'" />
      <OrderBook v-else-if="shelf === 'orders'" />
      <PromiseBook v-else-if="shelf === 'promises'" />
      <CutBook v-else />
    </main>
  </div>
</template>
