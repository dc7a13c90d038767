import { ref, watchEffect } from 'vue'

const KEY = 'uplands-theme'
const system = matchMedia('(prefers-color-scheme: dark)')
const remembered = localStorage.getItem(KEY)
const theme = ref<'light' | 'dark'>(
  remembered === 'light' || remembered === 'dark' ? remembered : system.matches ? 'dark' : 'light',
)

/** Light or dark, as the system has it until somebody chooses. */
export function useTheme() {
  watchEffect(() => {
    document.documentElement.dataset.theme = theme.value
  })
  return {
    theme,
    toggle(): void {
      theme.value = theme.value === 'light' ? 'dark' : 'light'
      localStorage.setItem(KEY, theme.value)
    },
  }
}
