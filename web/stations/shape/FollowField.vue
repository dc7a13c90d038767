<script setup lang="ts">
import { Sigma, X } from '@lucide/vue'
import { computed, nextTick, ref, useId, watch } from 'vue'
import type { Following } from '@core/job'
import type { Limits } from '@core/limits'
import FigureField from '@web/parts/FigureField.vue'
import { useSay } from '@web/parts/say'
import { tryTo } from '@web/refusals'
import { useOpenJob } from '@web/stores/job'
import { followField as words } from './words'

/** A figure of the box that is typed, or follows a sum over other figures. */
const props = defineProps<{
  field: Following
  label: string
  modelValue: number | null
  limits: Limits
  optional?: boolean
  problem?: string
}>()
const emit = defineEmits<{ 'update:modelValue': [value: number]; clear: []; focus: []; blur: [] }>()
const jobs = useOpenJob()
const say = useSay()
const id = useId()

const follow = computed(() =>
  jobs.job.follows.find(({ thing, field }) => thing === jobs.job.thing.id && field === props.field),
)
const typed = ref(follow.value?.text ?? '')
const error = ref('')
watch(follow, (now) => {
  if (now && now.text !== typed.value && !error.value) typed.value = now.text
})
const set = (text: string | null, key: string): boolean =>
  jobs.edit((draft) => {
    const { id: thing } = draft.thing
    const others = draft.follows.filter((each) => each.thing !== thing || each.field !== props.field)
    draft.follows =
      text === null ? others : [...others, { thing, field: props.field, text, unit: say.value.lengthUnit }]
  }, key)
function read(text: string): void {
  typed.value = text
  if (text.trim() === '') {
    error.value = words.typeSumSuch
    return
  }
  error.value = tryTo(() => void set(text, `follow ${props.field}`)) ?? ''
}
function begin(): void {
  typed.value = say.value.shortPlain(props.modelValue ?? 0, 3)
  if (set(typed.value, '')) void nextTick(() => document.getElementById(id)?.focus())
}
/** From the field itself, “=” begins a sum: its button is no stop on the way from field to field. */
function press(event: KeyboardEvent): void {
  if (event.key !== '=' || follow.value) return
  event.preventDefault()
  begin()
}
function end(): void {
  error.value = ''
  set(null, '')
}
</script>

<template>
  <div class="relative" :data-followed="follow ? true : undefined" @keydown="press">
    <template v-if="follow">
      <label :for="id" class="block text-[13px] font-medium">{{ label }}</label>
      <input
        :id="id"
        class="input"
        :class="error || problem ? 'border-2 border-rowan' : ''"
        :value="typed"
        :aria-invalid="error || problem ? 'true' : undefined"
        autocomplete="off"
        @input="read(($event.target as HTMLInputElement).value)"
        @focus="emit('focus')"
        @blur="emit('blur')"
      />
      <p v-if="error || problem" class="text-[13px] text-rowan" role="alert">{{ error || problem }}</p>
      <p v-else class="num text-[12px] text-quiet" data-testid="followed">
        = {{ say.short(modelValue ?? 0, 3) }}
      </p>
    </template>
    <FigureField
      v-else
      :label="label"
      :model-value="modelValue"
      :limits="limits"
      :optional="optional"
      :problem="problem"
      @update:model-value="emit('update:modelValue', $event)"
      @clear="emit('clear')"
      @focus="emit('focus')"
      @blur="emit('blur')"
    />
    <button
      type="button"
      class="absolute -top-1 right-0 grid h-6 w-6 place-content-center rounded text-quiet hover:bg-sunk"
      :tabindex="follow ? 0 : -1"
      :title="follow ? undefined : 'Or type = in the field'"
      :aria-label="follow ? words.typeFigureOwn(label) : words.letFollowOthers(label)"
      @click="follow ? end() : begin()"
    >
      <component :is="follow ? X : Sigma" :size="13" />
    </button>
  </div>
</template>
