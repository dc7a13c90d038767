<script setup lang="ts">
import { computed, nextTick, watch } from 'vue'
import { GLOSSARY } from '@core/say'
import BaseDialog from '@web/parts/BaseDialog.vue'
import { useGlossary } from '@web/parts/glossary'
import { glossaryDialog as words } from './words'

const { shown, hide } = useGlossary()
const terms = computed(() =>
  Object.entries(GLOSSARY)
    .map(([key, term]) => ({ key, ...term }))
    .sort((a, b) => a.word.localeCompare(b.word)),
)
async function scrollTo(key: string | null): Promise<void> {
  if (!key) return
  await nextTick()
  setTimeout(() => document.getElementById(`term-${key}`)?.scrollIntoView({ block: 'center' }), 30)
}
watch(shown, scrollTo, { immediate: true })
</script>

<template>
  <BaseDialog :open="shown !== null" :title="words.wordsTrade" @close="hide">
    <dl class="mt-3 grid gap-2 text-sm">
      <div
        v-for="term in terms"
        :id="`term-${term.key}`"
        :key="term.key"
        class="rounded p-1.5"
        :class="term.key === shown ? 'bg-heather-wash' : ''"
        :aria-current="term.key === shown"
      >
        <dt class="font-semibold">{{ term.word }}</dt>
        <dd>{{ term.meaning }}</dd>
      </div>
    </dl>
  </BaseDialog>
</template>
