<script setup lang="ts">
import { ref, watch } from 'vue'
import type { Working } from '@core/working'
import BaseDialog from '@web/parts/BaseDialog.vue'
import { useWorking } from '@web/parts/working'
import { workingDialog as words } from './words'

const { shown, hide } = useWorking()
const last = ref<Working | null>(null) // stays on the screen while the dialog closes
watch(
  shown,
  (working) => {
    if (working) last.value = working
  },
  { immediate: true },
)
</script>

<template>
  <BaseDialog :open="shown !== null" :title="last?.title ?? ''" @close="hide">
    <template v-if="last">
      <p class="num mt-1 text-2xl">{{ last.result }}</p>
      <p class="num mt-4 text-lg">{{ last.formula }}</p>
      <p class="num mt-1 text-lg text-heather">{{ last.substituted }}</p>
      <table class="mt-4 w-full text-sm">
        <caption class="sr-only">{{ words.eachFigureComes }}</caption>
        <thead>
          <tr class="text-left text-quiet">
            <th class="pr-3 font-normal">{{ words.symbol }}</th>
            <th class="pr-3 font-normal">{{ words.whatItIs }}</th>
            <th class="pr-3 font-normal">{{ words.figure }}</th>
            <th class="font-normal">{{ words.from }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="term in last.terms" :key="term.symbol" class="border-t border-line align-top">
            <td class="num py-1 pr-3">{{ term.symbol }}</td>
            <td class="py-1 pr-3">{{ term.meaning }}</td>
            <td class="num py-1 pr-3">{{ term.value }}</td>
            <td class="py-1">{{ term.source }}</td>
          </tr>
        </tbody>
      </table>
      <p v-if="last.note" class="mt-4 text-sm text-quiet">{{ last.note }}</p>
    </template>
  </BaseDialog>
</template>
