<script setup lang="ts">
import { computed } from 'vue'
import { movedBy } from '@core/say'
import { useDerived } from '@web/stores/derived'
import { usePlanner } from '@web/stores/planner'
import { knockOnStrip as words } from './words'

defineEmits<{ fit: [] }>()
const derived = useDerived()
const planner = usePlanner()

/** Each figure with what the last edit did to it. */
const figures = computed(() =>
  derived.strip.map((figure) => ({
    ...figure,
    moved: movedBy(
      figure,
      derived.before.find(({ id }) => id === figure.id),
    ),
  })),
)
const isWide = (id: string): boolean => id === 'inside' || id === 'fit'
const state = computed(() => {
  if (planner.busy) return 'working…'
  return planner.failure ? words.noPlan : words.upDate
})
</script>

<template>
  <div
    class="no-print flex shrink-0 items-stretch overflow-x-auto border-t border-line bg-sheet"
    :aria-label="words.whatItComes"
    tabindex="0"
    role="region"
  >
    <dl class="flex flex-1">
      <div
        v-for="figure in figures"
        :key="figure.id"
        class="flex-1 border-r border-line px-3 py-1 max-lg:px-2"
        :class="isWide(figure.id) ? 'basis-auto' : 'basis-16'"
        :data-testid="`strip-${figure.id}`"
      >
        <dt class="text-[12px] whitespace-nowrap text-quiet">
          {{ figure.label }}
          <span v-if="figure.moved" class="num ml-1 font-semibold text-heather">{{ figure.moved }}</span>
        </dt>
        <dd class="num text-sm whitespace-nowrap max-xl:text-[13px]">
          <button
            v-if="figure.id === 'fit'"
            type="button"
            class="min-h-6 cursor-pointer border-b border-dotted border-edge"
            :aria-label="words.fitOdds(figure.text)"
            @click="$emit('fit')"
          >
            {{ figure.text }}
          </button>
          <template v-else>{{ figure.text }}</template>
        </dd>
      </div>
    </dl>
    <p
      class="flex w-20 shrink-0 items-center justify-center text-center text-[12px] text-quiet"
      role="status"
    >
      {{ state }}
    </p>
  </div>
</template>
