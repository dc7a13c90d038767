import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { BoxThing } from '@core/say'

/** Which thing of the box in hand is chosen in Shape: its own figures are shown, and nothing else's. */
export const useShapeThing = defineStore('shape-thing', () => {
  const chosen = ref<BoxThing | null>(null)
  return { chosen }
})
