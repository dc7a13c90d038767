<script setup lang="ts">
import { Plus, Trash2 } from '@lucide/vue'
import { computed, nextTick, ref } from 'vue'
import { LIES, problemSentence, whyNot } from '@core/box'
import { thicknessesOf } from '@core/derive'
import { begun, closes, FITTINGS, kindOfFitting, withoutFitting, type FittingType } from '@core/fittings'
import { capitalised } from '@core/length'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FormSection from '@web/parts/FormSection.vue'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useBoxEdits } from './box-edits'
import FittingFields from './FittingFields.vue'
import HoleRows from './HoleRows.vue'

/** What is added to the box beside its lid, a part of the form each; and what else it can take. */
defineProps<{ problems: Record<string, string> }>()
const { box, thickness, change, setFitting } = useBoxEdits()
const jobs = useOpenJob()
const derived = useDerived()
const say = useSay()
const root = ref<HTMLElement>()
/** A whole decides how its boxes stand, and what of them makes it one. */
const isOwn = computed(() => jobs.job.whole === null)
const isShown = (type: FittingType): boolean => isOwn.value || kindOfFitting(type).of === 'box'
const added = computed(() => box.value.fittings.filter((own) => !closes(own.type) && isShown(own.type)))
const said = computed(() => added.value.map(({ type }) => kindOfFitting(type).title).join(', ') || 'nothing')
/** What could be added, each with why it cannot. */
const more = computed(() => {
  const t = thicknessesOf(box.value.stocks, derived.box.materials).mean
  return FITTINGS.filter(
    ({ type, of }) =>
      of !== 'whole' && !closes(type) && isShown(type) && !added.value.some((own) => own.type === type),
  ).map(({ type, title }) => {
    const problem = whyNot(box.value, t, type)
    return { type, title, why: problem ? problemSentence(problem, say.value) : '' }
  })
})
const refused = computed(() => more.value.filter(({ why }) => why !== ''))
function add(type: FittingType): void {
  setFitting(begun(type, box.value, thickness.value))
  void nextTick(() => root.value?.querySelector<HTMLElement>(`[data-fitting="${type}"] input`)?.focus())
}
/** The next one gets the focus, or what can be added. */
function remove(type: FittingType): void {
  const at = added.value.findIndex((own) => own.type === type)
  change({ fittings: withoutFitting(box.value.fittings, type) })
  void nextTick(() => {
    const left = root.value?.querySelectorAll<HTMLElement>('[data-remove]') ?? []
    const next = left[Math.min(at, left.length - 1)]
    ;(next ?? root.value?.querySelector<HTMLElement>('[data-add]'))?.focus()
  })
}
const options = LIES.map((value) => ({ value, label: value }))
</script>

<template>
  <FormSection title="Added to it" :said="said">
    <div ref="root" class="grid gap-2">
      <ChoiceRow
        v-if="isOwn"
        data-field="lies"
        label="In use it stands"
        :model-value="box.lies"
        :options="options"
        @update:model-value="change({ lies: $event })"
      />
      <section
        v-for="own in added"
        :key="own.type"
        class="grid gap-1.5 rounded border border-line p-2"
        :data-fitting="own.type"
        :aria-label="capitalised(kindOfFitting(own.type).title)"
      >
        <div class="flex items-center justify-between gap-2 text-[13px] font-semibold">
          {{ capitalised(kindOfFitting(own.type).title) }}
          <button
            type="button"
            class="btn-icon"
            data-remove
            :aria-label="`Remove ${kindOfFitting(own.type).title}`"
            @click="remove(own.type)"
          >
            <Trash2 :size="16" />
          </button>
        </div>
        <p v-if="problems[own.type]" class="text-[13px] text-rowan" role="alert">{{ problems[own.type] }}</p>
        <HoleRows v-if="own.type === 'holes'" :own="own" />
        <FittingFields :own="own" :problems="problems" />
      </section>
      <p class="text-[13px] font-medium">Add</p>
      <div class="flex flex-wrap gap-1.5">
        <button
          v-for="{ type, title, why } in more"
          :key="type"
          type="button"
          class="btn px-2 py-1"
          data-add
          :data-field="`add-${type}`"
          :disabled="why !== ''"
          :title="why || undefined"
          @click="add(type)"
        >
          <Plus :size="14" aria-hidden="true" />
          {{ title }}
        </button>
      </div>
      <p v-for="{ type, title, why } in refused" :key="type" class="note">
        <strong>{{ capitalised(title) }}:</strong>
        {{ why }}
      </p>
    </div>
  </FormSection>
</template>
