<script setup lang="ts">
import { symbol } from 'd3'
import type { TestResult } from '@core/tune'
import { RESULT_SHAPES } from './result-shapes'

defineProps<{ result: TestResult }>()
</script>

<template>
  <span class="inline-flex items-center gap-1.5">
    <svg viewBox="-8 -8 16 16" class="h-3.5 w-3.5" aria-hidden="true">
      <path :d="symbol(RESULT_SHAPES[result].shape, 110)() ?? ''" :fill="RESULT_SHAPES[result].colour" />
    </svg>
    {{ result }}
  </span>
</template>
