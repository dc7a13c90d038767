<script setup lang="ts" generic="T extends { id: string }">
import { Plus } from '@lucide/vue'

/** What lies on a shelf: one line of truth each, the chosen one marked. */
defineProps<{
  label: string
  records: { record: T; title: string; line: string; look: boolean }[]
  chosen: string | undefined
  empty: string
  add: string
}>()
defineEmits<{ choose: [id: string]; add: [] }>()
</script>

<template>
  <nav class="card p-1.5!" :aria-label="label">
    <p v-if="records.length === 0" class="note p-2">{{ empty }}</p>
    <ul>
      <li v-for="{ record, title, line, look } in records" :key="record.id">
        <button
          type="button"
          class="w-full cursor-pointer rounded px-2 py-1.5 text-left"
          :class="record.id === chosen ? 'bg-heather-wash' : 'hover:bg-sunk'"
          :aria-current="record.id === chosen"
          @click="$emit('choose', record.id)"
        >
          <span class="block font-semibold">{{ title }}</span>
          <span class="num block text-[12px]" :class="look ? 'text-gorse' : 'text-quiet'">{{ line }}</span>
        </button>
      </li>
    </ul>
    <button type="button" class="btn btn-main mt-1.5 w-full" @click="$emit('add')">
      <Plus :size="16" aria-hidden="true" />
      {{ add }}
    </button>
  </nav>
</template>
