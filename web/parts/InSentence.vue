<script setup lang="ts">
import { computed } from 'vue'

/**
 * A whole sentence, some words of which are marked or can be pressed: where its text says `{name}` stands
 * the slot of that name. What people typed goes into a slot, never into the text.
 */
const props = defineProps<{ text: string }>()
const pieces = computed(() => props.text.split(/\{(\w+)\}/))
</script>

<template>
  <!-- eslint-disable-next-line vue/no-v-for-template-key-on-child -->
  <template v-for="(piece, i) in pieces" :key="i">
    <slot v-if="i % 2 === 1" :name="piece" />
    <template v-else>{{ piece }}</template>
  </template>
</template>
