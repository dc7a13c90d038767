import { ref } from 'vue'

const shown = ref<string | null>(null)

/** The word of the trade that is explained, by its key; an empty key shows them all. */
export const useGlossary = () => ({
  shown,
  show: (term: string): void => {
    shown.value = term
  },
  hide: (): void => {
    shown.value = null
  },
})
