<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue'
import { formatInches, otherSpeeds, parseFigure, parseLength, parseSpeed, short } from '@core/length'
import type { Doubt } from '@core/stock'
import DoubtNote from './DoubtNote.vue'

const props = withDefaults(
  defineProps<{
    label: string
    modelValue: number | null
    kind?: 'length' | 'speed' | 'figure'
    unit?: string
    min?: number
    max?: number
    step?: number
    digits?: number
    whole?: boolean
    optional?: boolean
    doubt?: (value: number) => Doubt | null
    problem?: string
  }>(),
  { kind: 'length', unit: '', min: 0, max: 5000, step: 1, digits: 3, doubt: undefined, problem: '' },
)
const emit = defineEmits<{ 'update:modelValue': [value: number]; clear: []; focus: []; blur: [] }>()

const id = useId()
const PARSERS = { length: parseLength, speed: parseSpeed, figure: parseFigure }
const shown = (value: number | null): string =>
  value === null ? '' : short(value, props.digits).replace('−', '-')
const text = ref(shown(props.modelValue))
const error = ref('')
const kept = ref<number | null>(null)
let own: number | null = props.modelValue // the value that this field gave out last

// What was typed stays while it is being typed; a change from elsewhere (undo, another tab) is shown.
watch(
  () => props.modelValue,
  (value) => {
    if (value === own) return
    own = value
    text.value = shown(value)
    error.value = ''
  },
)

const unitShown = computed(() => props.unit || { length: 'mm', speed: 'mm/s', figure: '' }[props.kind])
const other = computed(() =>
  props.modelValue === null || error.value
    ? ''
    : props.kind === 'length'
      ? formatInches(props.modelValue)
      : props.kind === 'speed'
        ? otherSpeeds(props.modelValue)
        : '',
)
const doubtful = computed(() =>
  props.modelValue !== null && props.modelValue !== kept.value && !error.value
    ? (props.doubt?.(props.modelValue) ?? null)
    : null,
)
const trouble = computed(() => error.value || props.problem)

function give(value: number): void {
  error.value = ''
  if (value === own) return
  own = value
  emit('update:modelValue', value)
}

function read(typed: string): void {
  text.value = typed
  if (typed.trim() === '' && props.optional) {
    error.value = ''
    own = null
    emit('clear')
    return
  }
  const parsed = PARSERS[props.kind](typed)
  if (!parsed.ok) {
    error.value = parsed.error
    return
  }
  const value = props.whole ? parsed.value : Number(parsed.value.toFixed(4))
  const unitText = unitShown.value && ` ${unitShown.value}`
  if (props.whole && !Number.isInteger(value))
    error.value = `${props.label} is a whole number. Type ${Math.round(value)}, for example.`
  else if (value < props.min) error.value = `${props.label} is at least ${short(props.min)}${unitText}.`
  else if (value > props.max) error.value = `${props.label} is at most ${short(props.max)}${unitText}.`
  else give(value)
}

function useSuggestion(value: number): void {
  give(value)
  text.value = shown(value)
}

function stepBy(event: KeyboardEvent, direction: 1 | -1): void {
  event.preventDefault()
  const size = props.step * (event.shiftKey ? 10 : 1)
  const next = Math.min(
    props.max,
    Math.max(props.min, Number(((props.modelValue ?? 0) + direction * size).toFixed(6))),
  )
  text.value = shown(next)
  give(next)
}

function tidy(): void {
  if (!error.value) text.value = shown(props.modelValue)
  emit('blur')
}
</script>

<template>
  <div>
    <label :for="id" class="block text-[13px] font-medium">{{ label }}</label>
    <div class="flex items-center gap-1.5">
      <input
        :id="id"
        type="text"
        inputmode="text"
        autocomplete="off"
        class="input min-w-0"
        :class="trouble ? 'border-rowan border-2' : doubtful ? 'border-gorse border-2' : ''"
        :value="text"
        :aria-invalid="trouble ? 'true' : undefined"
        :aria-describedby="trouble || doubtful ? `${id}-says` : `${id}-other`"
        @input="read(($event.target as HTMLInputElement).value)"
        @keydown.up="stepBy($event, 1)"
        @keydown.down="stepBy($event, -1)"
        @focus="emit('focus')"
        @blur="tidy"
      />
      <span v-if="unitShown" class="num shrink-0 text-[12px] text-quiet">{{ unitShown }}</span>
    </div>
    <p v-if="trouble" :id="`${id}-says`" class="mt-0.5 text-[13px] text-rowan" role="alert">{{ trouble }}</p>
    <DoubtNote
      v-else-if="doubtful"
      :id="`${id}-says`"
      :doubt="doubtful"
      @use="useSuggestion"
      @keep="kept = modelValue"
    />
    <p v-else-if="other" :id="`${id}-other`" class="num mt-0.5 text-[12px] text-quiet">{{ other }}</p>
  </div>
</template>
