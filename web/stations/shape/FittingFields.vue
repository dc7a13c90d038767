<script setup lang="ts">
import { computed } from 'vue'
import { kindOfFitting, type Field, type Fitting } from '@core/fittings'
import { limitsOf } from '@core/limits'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import { useSay } from '@web/parts/say'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { useBoxEdits } from './box-edits'
import FollowField from './FollowField.vue'

/** The figures, choices and switches of one fitting, as it declares them itself. */
const props = defineProps<{ own: Fitting; problems: Record<string, string> }>()
const { setFitting } = useBoxEdits()
const say = useSay()
const kind = computed(() => kindOfFitting(props.own.type))
const values = computed(() => props.own as unknown as Record<string, number & string & boolean>)
const shown = computed(() => kind.value.fields.filter(({ when }) => !when || when(props.own as never)))
const shape = computed(() => (kind.value.schema as unknown as { shape: Record<string, never> }).shape)
const set = ({ key, at }: Field, value: unknown, step = ''): boolean =>
  setFitting({ ...props.own, [key]: value } as Fitting, step && `${props.own.type} ${at}`)
/** What is wrong with it where no figure is typed. */
const others = computed(() =>
  [
    props.own.type,
    ...shown.value.filter(({ kind: how }) => how === 'choice' || how === 'switch').map(({ at }) => at),
  ].flatMap((at) => props.problems[at] ?? []),
)
const note = computed(() => kind.value.note?.(props.own as never, say.value) ?? '')
</script>

<template>
  <div class="grid grid-cols-2 gap-2">
    <template v-for="field in shown" :key="field.key">
      <ToggleSwitch
        v-if="field.kind === 'switch'"
        class="col-span-2"
        :data-field="field.at"
        :label="field.label"
        :model-value="values[field.key]"
        @update:model-value="set(field, $event)"
      />
      <ChoiceRow
        v-else-if="field.kind === 'choice'"
        class="col-span-2"
        :data-field="field.at"
        :label="field.label"
        :model-value="values[field.key]"
        :options="[...field.options]"
        @update:model-value="set(field, $event)"
      />
      <FollowField
        v-else-if="field.key === 'lowered'"
        class="col-span-2"
        field="lowered"
        :data-field="field.at"
        :label="field.label"
        :model-value="values[field.key]"
        :limits="limitsOf(shape[field.key])"
        :problem="problems[field.at] ?? ''"
        @update:model-value="set(field, $event, 'step')"
      />
      <FigureField
        v-else
        :data-field="field.at"
        :label="field.label"
        :model-value="values[field.key]"
        :kind="field.kind"
        :unit="field.kind === 'figure' ? field.unit : undefined"
        :limits="limitsOf(shape[field.key])"
        :problem="problems[field.at] ?? ''"
        :step="field.step"
        @update:model-value="set(field, $event, 'step')"
      />
    </template>
    <p v-for="sentence in others" :key="sentence" class="col-span-2 text-[13px] text-rowan" role="alert">
      {{ sentence }}
    </p>
    <p v-if="note" class="note col-span-2">{{ note }}</p>
  </div>
</template>
