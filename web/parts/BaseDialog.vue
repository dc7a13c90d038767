<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { X } from '@lucide/vue'
import { onUnmounted } from 'vue'
import { common } from '@web/words'

defineProps<{ open: boolean; title: string; initialFocus?: HTMLElement | null }>()
defineEmits<{ close: [] }>()
/** Closed, it gives the focus back to what opened it, if nothing else has taken it. */
const opener = document.activeElement
onUnmounted(() =>
  setTimeout(() => {
    if (document.activeElement === document.body && opener instanceof HTMLElement) opener.focus()
  }),
)
</script>

<template>
  <Dialog :open="open" :initial-focus="initialFocus" class="relative z-40" @close="$emit('close')">
    <div class="fixed inset-0 bg-ink/40" aria-hidden="true" />
    <div class="fixed inset-0 flex items-center justify-center p-4">
      <DialogPanel
        class="max-h-[90vh] w-full max-w-2xl overflow-auto rounded-md border border-edge bg-sheet p-5 text-ink shadow-xl"
      >
        <div class="flex items-start justify-between gap-4">
          <DialogTitle as="h2" class="text-lg font-semibold">{{ title }}</DialogTitle>
          <button type="button" class="btn-icon" :aria-label="common.close" @click="$emit('close')">
            <X :size="18" />
          </button>
        </div>
        <slot />
      </DialogPanel>
    </div>
  </Dialog>
</template>
