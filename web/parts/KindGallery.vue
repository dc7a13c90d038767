<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Picture } from '@core/derive'
import { asksForList, KINDS, type Kind } from '@core/kinds'
import { findBy } from './find-by'
import BoxPicture from './BoxPicture.vue'
import { kindGallery as words } from './words'

/** What can be made, each as it would be drawn, found by what it is used for. */
const props = defineProps<{ pictures: Record<string, Picture | null>; chosen?: string }>()
const emit = defineEmits<{ choose: [kind: Kind] }>()
const wanted = ref('')
const findable = KINDS.map((kind) => ({ kind, label: kind.title, words: kind.words }))
const shown = computed(() => findBy(findable, wanted.value, KINDS.length).map(({ kind }) => kind))
/** What is chosen is among what is shown: where it is not, the first that was found takes its place. */
watch(shown, (kinds) => {
  if (props.chosen === undefined || kinds.some(({ kind }) => kind === props.chosen)) return
  const first = kinds.find((kind) => !asksForList(kind)) // a list would take the place of the pictures
  if (first) emit('choose', first)
})
/** Enter takes the first that was found, where taking it changes nothing yet. */
function takeFirst(): void {
  if (props.chosen !== undefined && shown.value.length > 0) emit('choose', shown.value[0])
}
</script>

<template>
  <div class="grid gap-2">
    <input
      v-model="wanted"
      type="search"
      class="input font-sans!"
      :aria-label="words.whatItIs"
      :placeholder="words.organiserCardsTools"
      @keydown.enter.prevent="takeFirst"
    />
    <div class="grid grid-cols-2 gap-1.5 sm:grid-cols-[repeat(auto-fill,minmax(9rem,1fr))]" data-field="kind">
      <button
        v-for="kind in shown"
        :key="kind.kind"
        type="button"
        class="choice flex flex-col items-center text-[12px]!"
        :data-on="chosen === kind.kind"
        :aria-pressed="chosen === undefined ? undefined : chosen === kind.kind"
        @click="$emit('choose', kind)"
      >
        <BoxPicture v-if="pictures[kind.kind]" :picture="pictures[kind.kind]!" class="h-16 w-full" />
        <span v-else class="h-16" />
        {{ kind.title }}
      </button>
    </div>
    <p v-if="shown.length === 0" class="note">
      {{ words.noKindCalled }}
    </p>
  </div>
</template>
