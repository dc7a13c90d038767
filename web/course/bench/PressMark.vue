<script setup lang="ts">
/** Something in a drawing that is pressed: by a click, a finger, Enter or the space bar. */
defineEmits<{ press: [] }>()
</script>

<template>
  <g
    role="button"
    tabindex="0"
    @click="$emit('press')"
    @keydown.enter.prevent="$emit('press')"
    @keydown.space.prevent="$emit('press')"
  >
    <slot />
  </g>
</template>
