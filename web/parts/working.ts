import { shallowRef } from 'vue'
import type { Working } from '@core/working'

const shown = shallowRef<Working | null>(null)

/** The working that is shown large, one at a time. */
export const useWorking = () => ({
  shown,
  show: (working: Working): void => {
    shown.value = working
  },
  hide: (): void => {
    shown.value = null
  },
})
