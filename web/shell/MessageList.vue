<script setup lang="ts">
import { CircleCheck, OctagonX, TriangleAlert, X } from '@lucide/vue'
import { useMessages, type Message } from '@web/stores/messages'
import { messageList as words } from './words'

const messages = useMessages()
const ICONS = { said: CircleCheck, look: TriangleAlert, stop: OctagonX }
const WASH = {
  said: 'bg-moss-wash border-moss',
  look: 'bg-gorse-wash border-gorse',
  stop: 'bg-rowan-wash border-rowan',
}

function act({ id, action }: Message): void {
  action?.run()
  messages.close(id)
}
</script>

<template>
  <div
    class="no-print pointer-events-none fixed right-4 bottom-20 z-50 flex w-96 max-w-[90vw] flex-col gap-2"
    role="region"
    :aria-label="words.messages"
    aria-live="polite"
  >
    <div
      v-for="message in messages.list"
      :key="message.id"
      class="pointer-events-auto flex items-start gap-2 rounded-md border p-3 text-sm shadow-lg"
      :class="WASH[message.kind]"
      :role="message.kind === 'stop' ? 'alert' : undefined"
    >
      <component :is="ICONS[message.kind]" :size="18" class="mt-0.5 shrink-0" aria-hidden="true" />
      <p class="min-w-0 flex-1">{{ message.text }}</p>
      <button v-if="message.action" type="button" class="btn" @click="act(message)">
        {{ message.action.label }}
      </button>
      <button
        type="button"
        class="btn-icon"
        :aria-label="words.closeMessage"
        @click="messages.close(message.id)"
      >
        <X :size="16" />
      </button>
    </div>
  </div>
</template>
