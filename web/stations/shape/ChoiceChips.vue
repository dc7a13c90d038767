<script setup lang="ts">
/** Which of several is in hand; not shown for one alone. */
defineProps<{ label: string; titles: string[]; chosen: number }>()
defineEmits<{ choose: [index: number] }>()
</script>

<template>
  <div v-if="titles.length > 1" class="flex flex-wrap gap-1" role="group" :aria-label="label">
    <button
      v-for="(title, i) in titles"
      :key="i"
      type="button"
      class="choice"
      :data-on="i === chosen"
      :aria-pressed="i === chosen"
      @click="$emit('choose', i)"
    >
      {{ title }}
    </button>
  </div>
</template>
