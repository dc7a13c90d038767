<script setup lang="ts">
import { computed } from 'vue'
import { movedBy } from '@core/job'
import { useDerived } from '@web/stores/derived'
import { usePlanner } from '@web/stores/planner'

defineEmits<{ fit: [] }>()
const derived = useDerived()
const planner = usePlanner()

/** Each figure with what the last edit did to it. */
const figures = computed(() =>
  derived.strip.map((figure) => ({
    ...figure,
    change: movedBy(
      figure,
      derived.before.find(({ id }) => id === figure.id),
    ),
  })),
)
</script>

<template>
  <footer
    class="no-print flex h-14 shrink-0 items-stretch overflow-x-auto border-t border-line bg-sheet"
    aria-label="What it comes to"
  >
    <dl class="flex flex-1 md:min-w-0">
      <div
        v-for="figure in figures"
        :key="figure.id"
        class="flex-1 border-r max-md:min-w-28 md:min-w-0 border-line px-3 py-1.5"
        :class="figure.id === 'inside' || figure.id === 'fit' ? 'basis-40' : 'basis-20'"
        :data-testid="`strip-${figure.id}`"
      >
        <dt class="text-[12px] whitespace-nowrap text-quiet">
          {{ figure.label }}
          <span v-if="figure.change" class="num ml-1 font-semibold text-heather">{{ figure.change }}</span>
        </dt>
        <dd class="num truncate text-sm">
          <button
            v-if="figure.id === 'fit'"
            type="button"
            class="cursor-pointer border-b border-dotted border-edge"
            :aria-label="`${figure.text}. Fit with odds`"
            @click="$emit('fit')"
          >
            {{ figure.text }}
          </button>
          <template v-else>{{ figure.text }}</template>
        </dd>
      </div>
    </dl>
    <p class="flex w-24 shrink-0 items-center justify-center text-[12px] text-quiet" role="status">
      {{ planner.busy ? 'working…' : 'up to date' }}
    </p>
  </footer>
</template>
