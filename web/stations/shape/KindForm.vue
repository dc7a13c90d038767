<script setup lang="ts">
import { computed, shallowRef } from 'vue'
import { deriveBox, pictureOf, type Picture } from '@core/derive'
import { KINDS, type Kind, type KindValues } from '@core/kinds'
import BoxPicture from '@web/parts/BoxPicture.vue'
import FormSection from '@web/parts/FormSection.vue'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useBoxEdits } from './box-edits'

/** Kinds to begin with, each drawn as it would be of this job's own sheet. */
const jobs = useOpenJob()
const derived = useDerived()
const { change } = useBoxEdits()

function valuesOf({ numbers }: Kind): KindValues {
  const values = Object.fromEntries(numbers.map((input) => [input.name, input.default]))
  return { ...values, thickness: derived.box.thickness.mean }
}
const boxes = computed(() => KINDS.map((kind) => ({ kind, box: kind.make(valuesOf(kind)) })))
/** Drawn when somebody looks: most never do. */
const pictures = shallowRef<Record<string, Picture | null>>({})
function draw(event: Event): void {
  if (!(event.target as HTMLDetailsElement).open) return
  pictures.value = Object.fromEntries(
    boxes.value.map(({ kind, box }) => {
      const { panels } = deriveBox({ ...jobs.job, box })
      return [kind.kind, panels && pictureOf(panels)]
    }),
  )
}
</script>

<template>
  <FormSection title="Begin with a kind" @toggle="draw">
    <div class="grid grid-cols-2 gap-1" data-field="kind">
      <button
        v-for="{ kind, box } in boxes"
        :key="kind.kind"
        type="button"
        class="choice flex flex-col items-center text-[12px]!"
        @click="change(box)"
      >
        <BoxPicture v-if="pictures[kind.kind]" :picture="pictures[kind.kind]!" class="h-16 w-full" />
        <span v-else class="h-16" />
        {{ kind.title }}
      </button>
    </div>
    <p class="note">It takes the place of this box; Undo brings the box back.</p>
  </FormSection>
</template>
