<script setup lang="ts" generic="T extends string | number | boolean">
import { RadioGroup, RadioGroupDescription, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue'

defineProps<{
  label: string
  modelValue: T
  options: { value: T; label: string; note?: string }[]
  stacked?: boolean
  hideLabel?: boolean
}>()
defineEmits<{ 'update:modelValue': [value: T] }>()
</script>

<template>
  <RadioGroup :model-value="modelValue" @update:model-value="$emit('update:modelValue', $event)">
    <RadioGroupLabel class="block text-[13px] font-medium" :class="hideLabel ? 'sr-only' : ''">
      {{ label }}
    </RadioGroupLabel>
    <div class="mt-0.5 flex gap-1" :class="stacked ? 'flex-col' : 'flex-wrap'">
      <RadioGroupOption
        v-for="option in options"
        :key="String(option.value)"
        v-slot="{ checked }"
        as="template"
        :value="option.value"
      >
        <div class="choice" :class="stacked ? 'text-left!' : 'flex-1'" :data-on="checked">
          <RadioGroupLabel as="span">{{ option.label }}</RadioGroupLabel>
          <RadioGroupDescription
            v-if="option.note"
            as="span"
            class="block text-[12px] font-normal text-quiet"
          >
            {{ option.note }}
          </RadioGroupDescription>
        </div>
      </RadioGroupOption>
    </div>
  </RadioGroup>
</template>
