<script setup lang="ts" generic="T">
import { ref, useId, watch } from 'vue'
import { same } from '@core/limits'
import { tryTo } from '@web/refusals'

/** Figures, or other short things, typed one after another with commas between. */
const props = defineProps<{
  label: string
  modelValue: T[]
  /** As they are shown. */
  text: string
  /** What was typed as figures; null where it cannot be read. */
  read: (typed: string) => T[] | null
  /** How it could be typed. */
  example: string
}>()
const emit = defineEmits<{ 'update:modelValue': [value: T[]] }>()
const id = useId()
const shown = ref(props.text)
const error = ref('')
let own = props.modelValue
watch([() => props.modelValue, () => props.text], () => {
  if (same(props.modelValue, own) && document.activeElement?.id === id) return
  own = props.modelValue
  shown.value = props.text
  error.value = ''
})
function take(typed: string): void {
  shown.value = typed
  const values = props.read(typed)
  if (!values) {
    error.value = `“${typed}” cannot be read. Type it so: ${props.example}.`
    return
  }
  own = values
  error.value = tryTo(() => emit('update:modelValue', values)) ?? ''
}
</script>

<template>
  <div>
    <label :for="id" class="text-[13px] font-medium">{{ label }}</label>
    <input
      :id="id"
      class="input"
      :class="error ? 'border-2 border-rowan' : ''"
      :value="shown"
      :aria-invalid="error ? 'true' : undefined"
      autocomplete="off"
      @input="take(($event.target as HTMLInputElement).value)"
    />
    <p v-if="error" class="text-[13px] text-rowan" role="alert">{{ error }}</p>
  </div>
</template>
