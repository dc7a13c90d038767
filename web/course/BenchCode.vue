<script setup lang="ts">
import { ref } from 'vue'
import { seedOf } from '@core/course'
import { notACode } from './not-a-code'
import { benchCode as words } from './words'

/** The code of a bench, typed: who types the same one works on the same sheet and laser. */
const props = defineProps<{ code: string }>()
const emit = defineEmits<{ bench: [seed: number] }>()
const typed = ref('')
const wrong = ref('')
function go(): void {
  const seed = seedOf(typed.value)
  wrong.value = seed === null ? notACode(typed.value, props.code) : ''
  if (seed === null) return
  emit('bench', seed)
  typed.value = ''
}
</script>

<template>
  <form class="flex flex-wrap items-end gap-2" @submit.prevent="go">
    <label class="text-[13px] font-medium">
      {{ words.codeBench }}
      <input
        v-model="typed"
        class="input w-28 uppercase max-sm:min-h-11"
        maxlength="20"
        autocomplete="off"
        autocapitalize="characters"
        spellcheck="false"
        :placeholder="props.code"
        @input="wrong = ''"
      />
    </label>
    <button type="submit" class="btn max-sm:min-h-11" :disabled="typed.trim() === ''">
      {{ words.goToIt }}
    </button>
    <p v-if="wrong" class="w-full text-[13px] text-rowan" role="alert">
      {{ wrong }}
    </p>
  </form>
</template>
