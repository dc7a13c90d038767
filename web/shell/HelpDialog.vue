<script setup lang="ts">
import BaseDialog from '@web/parts/BaseDialog.vue'
import { useGlossary } from '@web/parts/glossary'

defineProps<{ open: boolean }>()
const emit = defineEmits<{ close: [] }>()
const glossary = useGlossary()

const KEYS = [
  ['1 to 7', 'go to a station'],
  ['/', 'find a station, a field, a stock, a machine, a job or a word'],
  ['Ctrl Z, Ctrl Shift Z', 'undo, redo, everywhere'],
  ['↑ ↓ in a figure', 'a sensible step; with Shift ten of them'],
  ['arrows on a part', 'move it 1 mm; with Shift 10 mm'],
  ['R, P on a part', 'turn it, pin it'],
  ['?', 'this page'],
]
function openGlossary(): void {
  emit('close')
  glossary.show('')
}
</script>

<template>
  <BaseDialog :open="open" title="Help" @close="emit('close')">
    <p class="mt-2 text-sm">
      The traveller goes with the job from station to station. Its lines are true at every moment; a clock on
      a cairn says that something before it changed. A dotted underline under a figure opens the working: the
      formula with the real figures in it.
    </p>
    <button type="button" class="btn mt-3" @click="openGlossary">Words of the trade</button>
    <h3 class="mt-4">Keys</h3>
    <dl class="mt-1 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 text-sm">
      <template v-for="[key, does] in KEYS" :key="key">
        <dt class="num">{{ key }}</dt>
        <dd>{{ does }}</dd>
      </template>
    </dl>
    <h3 class="mt-4">Running a laser</h3>
    <p class="mt-1 text-sm">
      Uplands only plans. Your machine’s manual, the material’s data sheet and local rules come first. Never
      leave a running laser; extraction on, an extinguisher within reach, interlocks as they were made.
    </p>
  </BaseDialog>
</template>
