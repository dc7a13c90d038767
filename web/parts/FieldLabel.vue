<script setup lang="ts">
import { useGlossary } from './glossary'
import { fieldLabel as words } from './words'

/** The label of a field, with what its word means behind a mark. */
defineProps<{ label: string; for?: string; term?: string }>()
const { show } = useGlossary()
</script>

<template>
  <span class="flex items-center justify-between gap-1">
    <label :for="$props.for" class="text-[13px] font-medium">{{ label }}</label>
    <button
      v-if="term"
      type="button"
      class="-my-1 min-h-6 min-w-6 cursor-pointer rounded text-[12px] text-quiet hover:bg-sunk"
      tabindex="-1"
      :aria-label="words.whatIs(label.toLowerCase())"
      @click="show(term)"
    >
      ?
    </button>
  </span>
</template>
