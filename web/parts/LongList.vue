<script setup lang="ts" generic="T extends { id: string }">
import { defineAsyncComponent } from 'vue'

/** A list that may grow long: beyond some records only those that are seen are drawn. */
defineProps<{ items: T[]; label: string; height: number; scrolls: 'window' | 'main' }>()

/** Fetched for who has so many. */
const SeenList = defineAsyncComponent(() => import('./SeenList.vue'))
const MANY = 24
</script>

<template>
  <ul v-if="items.length <= MANY" class="grid gap-2" :aria-label="label">
    <li v-for="item in items" :key="item.id" class="min-w-0">
      <slot :item="item" />
    </li>
  </ul>
  <SeenList v-else v-slot="{ item }" :items="items" :label="label" :height="height" :scrolls="scrolls">
    <slot :item="item as T" />
  </SeenList>
</template>
