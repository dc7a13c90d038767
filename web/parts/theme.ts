import { ref, watchEffect } from 'vue'
import { readPreference, writePreference } from '@web/data/preferences'

const system = matchMedia('(prefers-color-scheme: dark)')
const remembered = readPreference('theme')
const isTheme = (text: string | null): text is 'light' | 'dark' => text === 'light' || text === 'dark'
const theme = ref<'light' | 'dark'>(isTheme(remembered) ? remembered : system.matches ? 'dark' : 'light')

/** Light or dark, as the system has it until somebody chooses. */
export function useTheme() {
  watchEffect(() => {
    document.documentElement.dataset.theme = theme.value
  })
  return {
    theme,
    toggle(): void {
      theme.value = theme.value === 'light' ? 'dark' : 'light'
      writePreference('theme', theme.value)
    },
  }
}
