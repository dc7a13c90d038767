<script setup lang="ts">
import BaseDialog from '@web/parts/BaseDialog.vue'
import { useGlossary } from '@web/parts/glossary'
import { helpDialog as words } from './words'

defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: [] }>()
const glossary = useGlossary()

const KEYS = [
  ['1 to 7', words.goStation],
  ['/', words.findStationField],
  [words.ctrlZCtrl, words.undoRedoEverywhere],
  [words.inAFigure, words.sensibleStepShift],
  [words.arrowsPart, words.moveMmShift],
  [words.rPPart, words.turnPin],
  ['?', words.thisPage],
]
function openGlossary(): void {
  emit('close')
  glossary.show('')
}
</script>

<template>
  <BaseDialog :open="open" :title="words.help" @close="emit('close')">
    <p class="mt-2 text-sm">
      {{ words.travellerGoesJob }}
    </p>
    <button type="button" class="btn mt-3" @click="openGlossary">{{ words.wordsTrade }}</button>
    <h3 class="mt-4">{{ words.keys }}</h3>
    <dl class="mt-1 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 text-sm">
      <template v-for="[key, does] in KEYS" :key="key">
        <dt class="num">{{ key }}</dt>
        <dd>{{ does }}</dd>
      </template>
    </dl>
    <h3 class="mt-4">{{ words.runningLaser }}</h3>
    <p class="mt-1 text-sm">
      {{ words.uplandsOnlyPlans }}
    </p>
  </BaseDialog>
</template>
