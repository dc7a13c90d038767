<script setup lang="ts">
import { Trash2 } from '@lucide/vue'
import { computed } from 'vue'
import { kindOfFitting, withoutFitting, type FittingType } from '@core/fittings'
import { useBoxEdits, useProblems } from './box-edits'
import ContentsFields from './ContentsFields.vue'
import FittingFields from './FittingFields.vue'
import HoleRows from './HoleRows.vue'
import { fittingForm as words } from './form-words'

/** One thing that was added to the box: its figures, and how it is taken away. */
const props = defineProps<{ type: FittingType }>()
const emit = defineEmits<{ close: [] }>()
const { box, change } = useBoxEdits()
const problems = useProblems()
const own = computed(() => box.value.fittings.find(({ type }) => type === props.type))
function remove(): void {
  change({ fittings: withoutFitting(box.value.fittings, props.type) })
  emit('close')
}
</script>

<template>
  <div v-if="own" class="grid content-start gap-2" :data-fitting="type" :data-field="`fitting-${type}`">
    <HoleRows v-if="own.type === 'holes'" :own="own" />
    <FittingFields :own="own" :problems="problems" />
    <ContentsFields v-if="own.type === 'contents'" :own="own" />
    <button type="button" class="btn justify-self-start" data-remove @click="remove">
      <Trash2 :size="16" aria-hidden="true" />
      {{ words.removeThe(kindOfFitting(type).title) }}
    </button>
  </div>
</template>
