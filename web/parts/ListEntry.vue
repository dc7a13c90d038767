<script setup lang="ts" generic="T">
import { computed, ref, useId, watch } from 'vue'
import { isSameRecord } from '@core/limits'
import { tryTo } from '@web/refusals'

/** Figures, or other short things, typed one after another with commas between. */
const props = defineProps<{
  label: string
  modelValue: T
  /** As they are shown. */
  text: string
  /** What was typed, as it is kept; or one sentence where it cannot be read. */
  read: (typed: string) => { ok: true; value: T } | { ok: false; error: string }
  /** What is wrong with what was read. */
  problem?: string
  placeholder?: string
}>()
const emit = defineEmits<{ 'update:modelValue': [value: T] }>()
const id = useId()
const shown = ref(props.text)
const unread = ref('')
const error = computed(() => unread.value || props.problem || '')
let own = props.modelValue
watch([() => props.modelValue, () => props.text], () => {
  if (isSameRecord(props.modelValue, own) && !unread.value && document.activeElement?.id === id) return
  own = props.modelValue
  shown.value = props.text
  unread.value = ''
})
function take(typed: string): void {
  shown.value = typed
  const read = props.read(typed)
  if (!read.ok) {
    unread.value = read.error
    return
  }
  own = read.value
  unread.value = tryTo(() => emit('update:modelValue', read.value)) ?? ''
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
      :placeholder="placeholder"
      :aria-invalid="error ? 'true' : undefined"
      autocomplete="off"
      @input="take(($event.target as HTMLInputElement).value)"
    />
    <p v-if="error" class="text-[13px] text-rowan" role="alert">{{ error }}</p>
  </div>
</template>
