<script setup lang="ts">
import { ChevronRight } from '@lucide/vue'

/** A part of a form that can be folded away. What it says is seen then as well. */
defineProps<{ title: string; said?: string; open?: boolean }>()
</script>

<template>
  <details class="group rounded border border-line" :open="open">
    <summary class="flex min-h-8 cursor-pointer items-center gap-1.5 px-2 py-1 text-[13px] font-semibold">
      <ChevronRight
        :size="14"
        class="shrink-0 transition-transform group-open:rotate-90"
        aria-hidden="true"
      />
      <span>{{ title }}</span>
      <span v-if="said" class="ml-auto truncate font-normal text-quiet">{{ said }}</span>
    </summary>
    <div class="grid gap-2 px-2 pb-2"><slot /></div>
  </details>
</template>
