<script setup lang="ts">
import { Ruler } from '@lucide/vue'
import { computed, defineAsyncComponent, ref } from 'vue'
import { useUnits } from '@web/stores/units'
import { unitsMenu as words } from './words'

/** Fetched when it is first opened. */
const UnitsDialog = defineAsyncComponent(() => import('./UnitsDialog.vue'))

const store = useUnits()
const isOpen = ref(false)
const title = computed(() => words.units(store.units.length, store.units.speed))
</script>

<template>
  <button
    type="button"
    class="btn-icon"
    :aria-label="title"
    aria-haspopup="dialog"
    data-field="units"
    @click="isOpen = true"
  >
    <Ruler :size="18" aria-hidden="true" />
    <span class="num ml-1 text-[12px]">{{ store.units.length }}</span>
  </button>
  <UnitsDialog v-if="isOpen" @close="isOpen = false" />
</template>
