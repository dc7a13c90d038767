<script setup lang="ts">
import { computed } from 'vue'
import { glueDoubt, glueOf, GLUES, glueSchema, type Glue } from '@core/build'
import { minutesText } from '@core/length'
import { limitsOf } from '@core/limits'
import FigureField from '@web/parts/FigureField.vue'
import type { Plan } from './use-schedule'
import { glueCard as words } from './words'

/** What the box is glued with, by the label of the bottle, and how long it takes in all. */
const glue = defineModel<Glue>({ required: true })
const props = defineProps<{ plan: Plan; family: string }>()
const emit = defineEmits<{ school: [school: Plan['school']] }>()
const LIMITS = {
  open: limitsOf(glueSchema.shape.open),
  hold: limitsOf(glueSchema.shape.hold),
  full: limitsOf(glueSchema.shape.full),
}
const FIELDS = [
  { key: 'open', label: words.staysOpen, unit: 'min' },
  { key: 'hold', label: words.holdItFor, unit: 'min' },
  { key: 'full', label: words.fullStrengthAfter, unit: 'h' },
] as const
const doubt = computed(() => glueDoubt(glue.value, props.family))
const says = computed(() => {
  const { says: how, working, waiting } = props.plan
  const wait = waiting > 0 ? minutesText(waiting) : ''
  return words.aboutWork(how, minutesText(working), wait)
})
const late = computed(() => props.plan.rounds.find(({ late: over }) => over > 0))
const choose = ({ target }: Event): void => {
  glue.value = glueOf((target as HTMLSelectElement).value as Glue['kind'])
}
</script>

<template>
  <section class="card grid gap-2 py-2!" aria-labelledby="glue-title" data-field="glue">
    <h2 id="glue-title" class="text-base!">{{ words.glueHowLong }}</h2>
    <div class="flex flex-wrap items-start gap-3">
      <label class="text-[13px] font-medium">
        {{ words.glue }}
        <select class="input" :value="glue.kind" @change="choose">
          <option v-for="kind in GLUES" :key="kind">{{ kind }}</option>
        </select>
      </label>
      <FigureField
        v-for="{ key, label, unit } in FIELDS"
        :key="key"
        class="w-32"
        kind="figure"
        :data-field="`glue-${key}`"
        :label="label"
        :unit="unit"
        :model-value="glue[key]"
        :limits="LIMITS[key]"
        @update:model-value="glue = { ...glue, [key]: $event }"
      />
      <p class="min-w-60 flex-1 text-sm sm:pt-5" role="status" data-testid="schedule">
        {{ says }}
        <span class="text-quiet">{{ words.goLabelBottle }}</span>
      </p>
    </div>
    <p v-if="doubt" class="text-sm text-gorse" role="alert">{{ doubt }}</p>
    <p v-if="late" class="text-sm text-gorse">
      {{
        words.spreadingClosingTake(
          late.steps.find(({ glue: faces }) => faces.length > 0)!.title,
          minutesText(late.minutes),
          minutesText(late.late),
        )
      }}
    </p>
    <p v-if="plan.better" class="text-sm">
      {{ plan.better.says }}
      <button type="button" class="btn ml-1" @click="emit('school', plan.better.school)">
        {{ words.goAbout(plan.better.school) }}
      </button>
    </p>
  </section>
</template>
