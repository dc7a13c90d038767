<script setup lang="ts">
import { Moon, Sun } from '@lucide/vue'
import { useTheme } from '@web/parts/theme'
import { themeButton as words } from './words'

const { theme, toggle } = useTheme()
</script>

<template>
  <button
    type="button"
    class="btn-icon"
    :aria-label="theme === 'light' ? words.changeDark : words.changeLight"
    @click="toggle"
  >
    <component :is="theme === 'light' ? Moon : Sun" :size="18" />
  </button>
</template>
