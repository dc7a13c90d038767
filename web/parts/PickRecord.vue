<script setup lang="ts" generic="T extends { id: string; name: string }">
import { Listbox, ListboxButton, ListboxLabel, ListboxOption, ListboxOptions } from '@headlessui/vue'
import { ChevronsUpDown } from '@lucide/vue'
import { computed } from 'vue'
import { pickRecord as words } from './words'

const props = defineProps<{
  label: string
  records: T[]
  modelValue: T | null
  empty: string
  describe: (record: T) => string
}>()
const emit = defineEmits<{ 'update:modelValue': [record: T] }>()
const sorted = computed(() => [...props.records].sort((a, b) => a.name.localeCompare(b.name)))
const pick = (id: string): void => {
  const record = props.records.find((each) => each.id === id)
  if (record) emit('update:modelValue', record)
}
</script>

<template>
  <Listbox :model-value="modelValue?.id ?? ''" as="div" class="relative" @update:model-value="pick">
    <ListboxLabel class="block text-[13px] font-medium">{{ label }}</ListboxLabel>
    <ListboxButton class="input flex items-center justify-between gap-2 font-sans!">
      <span class="truncate">{{ modelValue?.name ?? empty }}</span>
      <ChevronsUpDown :size="16" class="shrink-0" aria-hidden="true" />
    </ListboxButton>
    <ListboxOptions
      class="absolute z-20 mt-1 max-h-72 w-full overflow-auto rounded border border-edge bg-sheet p-1 shadow-lg"
    >
      <ListboxOption
        v-for="record in sorted"
        :key="record.id"
        v-slot="{ active, selected }"
        :value="record.id"
      >
        <div class="cursor-pointer rounded px-2 py-1 text-sm" :class="active ? 'bg-heather-wash' : ''">
          <span :class="selected ? 'font-semibold' : ''">{{ record.name }}</span>
          <span class="note block">{{ describe(record) }}</span>
        </div>
      </ListboxOption>
      <li v-if="records.length === 0" class="note px-2 py-1">{{ words.noneYetAdd }}</li>
    </ListboxOptions>
  </Listbox>
</template>
