<script setup lang="ts">
import { ref, watch } from 'vue'

/**
 * A line of words (or, with rows, several) that is given out as it is typed. What is being typed is its own:
 * the page drawn anew behind it does not put the old words back.
 */
const {
  modelValue,
  maxlength = 80,
  rows = 0,
  required = false,
} = defineProps<{ modelValue: string; maxlength?: number; rows?: number; required?: boolean }>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()

const text = ref(modelValue)
const field = ref<HTMLInputElement | HTMLTextAreaElement>()
let own = modelValue // the words that this field gave out last

watch(
  () => modelValue,
  (value) => {
    if (value !== own) text.value = own = value
  },
)

function read(typed: string): void {
  text.value = typed
  const value = typed.trim().slice(0, maxlength)
  if (value === own || (required && value === '')) return
  own = value
  emit('update:modelValue', value)
}
defineExpose({ select: () => field.value?.select() })
</script>

<template>
  <component
    :is="rows > 0 ? 'textarea' : 'input'"
    ref="field"
    class="font-sans! font-normal"
    :rows="rows || undefined"
    :maxlength="maxlength"
    :value="text"
    @input="read(($event.target as HTMLInputElement).value)"
    @blur="text = own"
  />
</template>
