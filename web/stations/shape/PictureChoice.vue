<script setup lang="ts" generic="T extends string">
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue'
import type { BoxSpec } from '@core/box'
import ChoicePicture from './ChoicePicture.vue'

/** A choice by pictures of what this very box would become. */
defineProps<{
  label: string
  modelValue: T
  options: { value: T; label: string; box: BoxSpec }[]
}>()
defineEmits<{ 'update:modelValue': [value: T] }>()
</script>

<template>
  <RadioGroup :model-value="modelValue" @update:model-value="$emit('update:modelValue', $event)">
    <RadioGroupLabel class="sr-only">{{ label }}</RadioGroupLabel>
    <div class="grid grid-cols-4 gap-1">
      <RadioGroupOption
        v-for="option in options"
        :key="option.value"
        v-slot="{ checked }"
        as="template"
        :value="option.value"
      >
        <div class="choice flex flex-col items-center px-0.5! py-1!" :data-on="checked">
          <ChoicePicture :box="option.box" />
          <RadioGroupLabel as="span" class="text-[12px] leading-tight">{{ option.label }}</RadioGroupLabel>
        </div>
      </RadioGroupOption>
    </div>
  </RadioGroup>
</template>
