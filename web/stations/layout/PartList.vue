<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Placement } from '@core/nest'
import { useDerived } from '@web/stores/derived'
import { partList as words } from './words'

/** All parts of the stock on the board by name: found, and chosen. */
const props = defineProps<{ placements: Placement[]; chosen: string | null }>()
defineEmits<{ choose: [part: string] }>()
const derived = useDerived()
const wanted = ref('')
const sheetOf = computed(() => new Map(props.placements.map(({ part, sheet }) => [part, sheet + 1])))
const found = computed(() => {
  const terms = wanted.value.toLowerCase().split(/\s+/).filter(Boolean)
  return derived.board.parts
    .map(({ id, label }, i) => ({ id, label, number: i + 1 }))
    .filter(({ label }) => terms.every((word) => label.toLowerCase().includes(word)))
})
</script>

<template>
  <details class="text-[13px]">
    <summary class="min-h-6 cursor-pointer font-medium">
      {{ words.allParts(derived.board.parts.length) }}
    </summary>
    <input
      v-model="wanted"
      type="search"
      class="input mt-1"
      :aria-label="words.findPart"
      :placeholder="words.findEG"
    />
    <ul class="mt-1 max-h-48 overflow-y-auto" :aria-label="words.partsStock">
      <li v-for="{ id, label, number } in found" :key="id">
        <button
          type="button"
          class="flex min-h-7 w-full justify-between gap-2 rounded px-1 py-1 text-left hover:bg-sunk"
          :class="id === chosen ? 'bg-sunk font-semibold' : ''"
          :aria-pressed="id === chosen"
          @click="$emit('choose', id)"
        >
          <span>
            <span class="num text-quiet">{{ number }}</span>
            {{ label }}
          </span>
          <span class="num text-quiet">
            {{ sheetOf.has(id) ? words.sheet(sheetOf.get(id)!) : words.notPlaced }}
          </span>
        </button>
      </li>
    </ul>
    <p v-if="found.length === 0" class="note">{{ words.noPartCalled }}</p>
  </details>
</template>
