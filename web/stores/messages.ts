import { defineStore } from 'pinia'
import { ref } from 'vue'

export interface Message {
  id: number
  kind: 'said' | 'look' | 'stop'
  text: string
  action?: { label: string; run: () => void }
}

/** What the application has to say in passing. Warnings stay until they are closed. */
export const useMessages = defineStore('messages', () => {
  const list = ref<Message[]>([])
  let next = 1

  const close = (id: number): void => {
    list.value = list.value.filter((message) => message.id !== id)
  }

  function say(kind: Message['kind'], text: string, action?: Message['action']): number {
    const id = next++
    list.value = [...list.value.filter((message) => message.text !== text), { id, kind, text, action }]
    if (kind === 'said') setTimeout(() => close(id), action ? 12_000 : 5_000)
    return id
  }
  return { list, say, close }
})
