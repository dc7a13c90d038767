<script setup lang="ts">
import { FileDown } from '@lucide/vue'
import { computed } from 'vue'
import {
  finishCautions,
  finishDoubt,
  finishOf,
  FINISHES,
  finishSchema,
  type AfterGlue,
  type Finish,
} from '@core/build'
import { capitalised, fixed } from '@core/length'
import { limitsOf } from '@core/limits'
import CautionNote from '@web/parts/CautionNote.vue'
import FigureField from '@web/parts/FigureField.vue'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { finishCard as words } from './words'

/** What is done once the glue holds, by the label of the tin, until the box may be used. */
const finish = defineModel<Finish>({ required: true })
const props = defineProps<{ after: AfterGlue; family: string }>()
defineEmits<{ card: [] }>()
const { shape } = finishSchema
const FIELDS = [
  { key: 'coats', label: words.coats, unit: undefined, limits: limitsOf(shape.coats) },
  { key: 'dry', label: words.coatCoat, unit: 'h', limits: limitsOf(shape.dry) },
  { key: 'hard', label: words.hardAfter, unit: 'h', limits: limitsOf(shape.hard) },
] as const
const doubt = computed(() => finishDoubt(finish.value, props.family))
const cautions = computed(() => finishCautions(finish.value))
const days = computed(() => {
  const { hours, grams } = props.after
  const long = hours < 48 ? words.hours(Math.round(hours)) : words.days(fixed(hours / 24, 1))
  return words.afterLastClamp(capitalised(long), grams > 0 ? fixed(grams, 0) : '')
})
const choose = ({ target }: Event): void => {
  finish.value = finishOf((target as HTMLSelectElement).value as Finish['kind'], finish.value.inside)
}
</script>

<template>
  <section class="card grid gap-2 print:break-before-page" aria-labelledby="finish-title" data-field="finish">
    <h2 id="finish-title" class="text-base!">{{ words.afterGlue }}</h2>
    <div class="no-print flex flex-wrap items-start gap-3">
      <label class="text-[13px] font-medium">
        {{ words.finish }}
        <select class="input" :value="finish.kind" @change="choose">
          <option v-for="kind in FINISHES" :key="kind">{{ kind }}</option>
        </select>
      </label>
      <template v-if="finish.kind !== 'none'">
        <FigureField
          v-for="{ key, label, unit, limits } in FIELDS"
          :key="key"
          class="w-32"
          kind="figure"
          :data-field="`finish-${key}`"
          :label="label"
          :unit="unit"
          :model-value="finish[key]"
          :limits="limits"
          @update:model-value="finish = { ...finish, [key]: $event }"
        />
        <ToggleSwitch
          class="sm:pt-5"
          data-field="finish-inside"
          :label="words.insideWell"
          :model-value="finish.inside"
          @update:model-value="finish = { ...finish, inside: $event }"
        />
      </template>
    </div>
    <p v-if="doubt" class="text-sm text-gorse" role="alert">{{ doubt }}</p>
    <ol class="grid gap-1.5 text-sm" :aria-label="words.afterGlueOrder">
      <li v-for="({ title, text }, i) in after.steps" :key="title">
        <strong>{{ i + 1 }}. {{ title }}.</strong>
        {{ text }}
      </li>
    </ol>
    <p class="text-sm" role="status" data-testid="ready">
      {{ days }}
      <span v-if="finish.kind !== 'none'" class="text-quiet">
        {{ words.goLabelTin }}
      </span>
    </p>
    <CautionNote v-if="cautions.length > 0" :title="words.whileFinishing" :cautions="cautions" />
    <button
      type="button"
      class="btn no-print justify-self-start"
      data-field="box-card"
      @click="$emit('card')"
    >
      <FileDown :size="16" aria-hidden="true" />
      {{ words.cardCustomerPdf }}
    </button>
  </section>
</template>
