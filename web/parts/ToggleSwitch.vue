<script setup lang="ts">
import { Switch, SwitchGroup, SwitchLabel } from '@headlessui/vue'

/** What is switched, where several switches say the same: heard, and seen beside it already. */
defineProps<{ label: string; modelValue: boolean; of?: string }>()
defineEmits<{ 'update:modelValue': [value: boolean] }>()
</script>

<template>
  <SwitchGroup as="div" class="flex items-center gap-2 max-sm:min-h-11">
    <Switch
      :model-value="modelValue"
      class="relative inline-flex h-6 w-10 shrink-0 items-center rounded-full border border-edge"
      :class="modelValue ? 'bg-heather forced-colors:bg-[Highlight]' : 'bg-sunk'"
      @update:model-value="$emit('update:modelValue', $event)"
    >
      <span
        class="inline-block h-4 w-4 rounded-full border border-edge bg-sheet transition-transform"
        :class="modelValue ? 'translate-x-4.5' : 'translate-x-0.5'"
      />
    </Switch>
    <SwitchLabel class="text-sm">
      <span v-if="of" class="sr-only">{{ of }}:</span>
      {{ label }}
    </SwitchLabel>
  </SwitchGroup>
</template>
