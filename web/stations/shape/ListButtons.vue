<script setup lang="ts">
import { Copy, Plus, Trash2 } from '@lucide/vue'
import { listButtons as words } from './words'

/** One more, one more like the one in hand, and that one away. */
defineProps<{ noun: string; mayAdd: boolean; hasOne: boolean }>()
defineEmits<{ add: []; copy: []; remove: [] }>()
</script>

<template>
  <div class="flex gap-1">
    <button v-if="mayAdd" type="button" class="btn px-2 py-1" @click="$emit('add')">
      <Plus :size="14" aria-hidden="true" />
      {{ words.addAn(noun) }}
    </button>
    <template v-if="hasOne">
      <button
        v-if="mayAdd"
        type="button"
        class="btn-icon"
        :aria-label="words.moreLike(noun)"
        @click="$emit('copy')"
      >
        <Copy :size="16" />
      </button>
      <button type="button" class="btn-icon" :aria-label="words.removeThis(noun)" @click="$emit('remove')">
        <Trash2 :size="16" />
      </button>
    </template>
  </div>
</template>
