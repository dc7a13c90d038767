<script setup lang="ts">
import { ChevronLeft, X } from '@lucide/vue'
import { computed, onMounted, ref, watch } from 'vue'
import type { FittingType } from '@core/fittings'
import type { BoxThing } from '@core/say'
import FittingForm from './FittingForm.vue'
import { thingOfField } from '@web/parts/thing-of-field'
import { useProblemList } from './box-edits'
import { SAID_AT_FIELD, THING_FORMS } from './things'
import { shapeDetail as words } from './words'

/** The figures of the thing that is chosen, and nothing else's; a page of its own on a narrow screen. */
const props = defineProps<{ thing: BoxThing; title: string }>()
const emit = defineEmits<{ close: [] }>()
const heading = ref<HTMLElement>()
const fitting = computed(() =>
  props.thing.startsWith('fitting-') ? (props.thing.slice('fitting-'.length) as FittingType) : null,
)
const problems = useProblemList()
const unsaid = computed(() =>
  problems.value.filter(({ field }) => thingOfField(field) === props.thing && !SAID_AT_FIELD.includes(field)),
)
const body = ref<HTMLElement>()
/** What is chosen by its name is read from its heading on; what was just added, from its first figure. */
function enter(): void {
  const first = fitting.value ? body.value?.querySelector<HTMLElement>('input') : null
  heading.value?.scrollIntoView({ block: 'nearest' })
  ;(first ?? heading.value)?.focus({ preventScroll: true })
}
onMounted(enter)
watch(() => props.thing, enter, { flush: 'post' })
</script>

<template>
  <section
    class="card flex flex-col gap-2.5 lg:min-h-0"
    :aria-label="title"
    data-testid="detail"
    @keydown.esc="emit('close')"
  >
    <div class="flex items-center gap-1">
      <button type="button" class="btn-icon lg:hidden" :aria-label="words.allBox" @click="emit('close')">
        <ChevronLeft :size="18" aria-hidden="true" />
      </button>
      <h2 ref="heading" class="flex-1 text-[15px] font-semibold outline-none" tabindex="-1">{{ title }}</h2>
      <button
        type="button"
        class="btn-icon max-lg:hidden"
        :aria-label="words.close(title)"
        @click="emit('close')"
      >
        <X :size="18" aria-hidden="true" />
      </button>
    </div>
    <p v-for="{ sentence } in unsaid" :key="sentence" class="text-[13px] text-rowan" role="alert">
      {{ sentence }}
    </p>
    <div ref="body" class="lg:min-h-0 lg:flex-1 lg:overflow-y-auto">
      <FittingForm v-if="fitting" :key="fitting" :type="fitting" @close="emit('close')" />
      <component :is="THING_FORMS[thing]" v-else :key="thing" />
    </div>
  </section>
</template>
