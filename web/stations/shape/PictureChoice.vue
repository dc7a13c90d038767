<script setup lang="ts" generic="T extends string">
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue'
import type { BoxSpec } from '@core/box'
import { deriveBox, pictureOf, type Picture } from '@core/derive'
import BoxPicture from '@web/parts/BoxPicture.vue'
import { whenQuiet } from '@web/parts/quiet'
import { useOpenJob } from '@web/stores/job'

/** A choice by pictures of what this very box would become. */
const props = defineProps<{
  label: string
  modelValue: T
  options: { value: T; label: string; box: BoxSpec }[]
}>()
defineEmits<{ 'update:modelValue': [value: T] }>()

const jobs = useOpenJob()
const pictures = whenQuiet<Record<string, Picture | null>>(
  [() => props.options, () => jobs.job.measure],
  () =>
    Object.fromEntries(
      props.options.map(({ value, box }) => {
        const { panels } = deriveBox({ ...jobs.job, box })
        return [value, panels && pictureOf(panels)]
      }),
    ),
  {},
)
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
          <BoxPicture v-if="pictures[option.value]" :picture="pictures[option.value]!" class="h-10 w-full" />
          <span v-else class="grid h-10 place-content-center text-[11px] text-quiet">
            {{ option.value in pictures ? 'not so' : '' }}
          </span>
          <RadioGroupLabel as="span" class="text-[12px] leading-tight">{{ option.label }}</RadioGroupLabel>
        </div>
      </RadioGroupOption>
    </div>
  </RadioGroup>
</template>
