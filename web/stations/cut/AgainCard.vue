<script setup lang="ts">
import { FileDown } from '@lucide/vue'
import { computed, ref, watch } from 'vue'
import type { LoadPlan } from '@core/derive'
import { limitsOf } from '@core/limits'
import { cutsThrough } from '@core/machine'
import { settingSchema } from '@core/tune'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import { download } from '@web/data/download'
import { useDerived } from '@web/stores/derived'
import { useMessages } from '@web/stores/messages'
import { usePlanner } from '@web/stores/planner'

/** Parts that did not come free are cut once more, from the same origin, before the sheet is moved. */
const props = defineProps<{ load: LoadPlan }>()
const derived = useDerived()
const planner = usePlanner()
const parts = computed(() => {
  const here = new Set(
    props.load.paths.filter(({ operation }) => cutsThrough(operation)).map(({ part }) => part),
  )
  return derived.parts.filter(({ id }) => here.has(id))
})
const chosen = ref<string[]>([])
watch(
  () => props.load,
  () => {
    chosen.value = chosen.value.filter((id) => parts.value.some((part) => part.id === id))
  },
)
const passes = ref(1)
const format = ref<'svg' | 'dxf' | 'gcode'>('svg')
const FORMATS = [
  { value: 'svg' as const, label: 'SVG' },
  { value: 'dxf' as const, label: 'DXF' },
  { value: 'gcode' as const, label: 'G-code' },
]
async function write(): Promise<void> {
  const { plan } = planner
  if (!plan || chosen.value.length === 0) return
  const { writeAgain } = await import('@core/files') // fetched when something is first written
  const again = { load: props.load, parts: chosen.value, passes: passes.value }
  const file = writeAgain(derived.laid, derived.all, plan, again, format.value)
  await download([file], file.name)
  useMessages().say('said', `${file.name} written.`)
}
</script>

<template>
  <section class="card" aria-label="An extra pass" data-field="again">
    <details>
      <summary class="min-h-6 cursor-pointer font-semibold">An extra pass over some parts</summary>
      <div class="mt-2 grid gap-2">
        <p class="note">
          For what did not come free: a knot, a line of glue. From the same origin, as long as nothing was
          moved: a pass after moving is a second kerf.
        </p>
        <fieldset class="grid max-h-44 gap-1 overflow-y-auto" tabindex="0">
          <legend class="text-[13px] font-medium">Parts that stayed in</legend>
          <label v-for="part in parts" :key="part.id" class="flex min-h-6 items-center gap-1.5 text-sm">
            <input v-model="chosen" type="checkbox" :value="part.id" class="accent-heather" />
            {{ part.label }}
          </label>
        </fieldset>
        <FigureField
          v-model="passes"
          class="w-24"
          data-field="again-passes"
          label="Extra passes"
          kind="figure"
          :limits="limitsOf(settingSchema.shape.passes)"
        />
        <ChoiceRow v-model="format" class="whitespace-nowrap" label="As" hide-label :options="FORMATS" />
        <button type="button" class="btn" :disabled="chosen.length === 0 || !derived.ready" @click="write">
          <FileDown :size="15" aria-hidden="true" />
          Write the extra pass
        </button>
      </div>
    </details>
  </section>
</template>
