<script setup lang="ts">
import { computed } from 'vue'
import { defaultsOf, KEPT, traysFor, type Kind, type KindValues } from '@core/kinds'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import { useSay } from '@web/parts/say'
import TrayPlan from './TrayPlan.vue'
import { thingsFields as words } from './words'

/** What goes into a tray, as a list, and the trays that were found for it, drawn with the things in them. */
const props = defineProps<{ kind: Kind; thickness: number }>()
const typed = defineModel<KindValues>({ required: true })
const say = useSay()
const values = computed((): KindValues => ({
  ...defaultsOf(props.kind, props.thickness),
  ...typed.value,
  unit: say.value.lengthUnit,
}))
const set = (name: string, value: string): void => {
  // A list read as it was typed, in the unit it was typed in.
  typed.value = { ...typed.value, unit: say.value.lengthUnit, [name]: value }
}
const list = computed(() => String(values.value.things).replaceAll('; ', '\n'))
const found = computed(() => traysFor(values.value))
const error = computed(() => ('error' in found.value ? found.value.error : ''))
const trays = computed(() => ('error' in found.value ? [] : found.value.divisions))
const options = KEPT.map((value) => ({ value, label: value }))
const sizeOf = (widths: number[]): number =>
  widths.reduce((sum, each) => sum + each, 0) + (widths.length - 1) * props.thickness
const sizes = computed(() =>
  trays.value.map(
    ({ columns, rows }) => `${say.value.length(sizeOf(columns), 0)} × ${say.value.length(sizeOf(rows), 0)}`,
  ),
)
</script>

<template>
  <div class="grid gap-2 sm:grid-cols-2">
    <label class="text-[13px] font-medium">
      {{ words.goesKindLine }}
      <textarea
        class="input h-28 w-full font-sans!"
        :value="list"
        spellcheck="false"
        aria-describedby="things-how"
        @input="set('things', ($event.target as HTMLTextAreaElement).value)"
      />
    </label>
    <div class="grid content-start gap-2">
      <p id="things-how" class="note">
        {{ words.sixLieWidth }}
      </p>
      <ChoiceRow
        :label="words.thingsAlike"
        :model-value="String(values.kept)"
        :options="options"
        @update:model-value="set('kept', $event)"
      />
    </div>
    <p v-if="error" class="text-[13px] text-rowan sm:col-span-2" role="alert">{{ error }}</p>
    <div v-else class="flex flex-wrap gap-2 sm:col-span-2" role="group" :aria-label="words.traysTakeThem">
      <button
        v-for="(tray, i) in trays"
        :key="i"
        type="button"
        class="choice flex flex-col items-center gap-1 text-[12px]!"
        :aria-pressed="String(values.proposal) === String(i + 1)"
        :data-on="String(values.proposal) === String(i + 1)"
        @click="set('proposal', String(i + 1))"
      >
        <TrayPlan :division="tray" :wall="thickness" />
        <span class="num">{{ words.inside(sizes[i]) }}</span>
      </button>
    </div>
  </div>
</template>
