<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue'
import type { LessonId } from '@core/course'
import { doubtFraction, type Doubt } from '@core/length'
import type { Limits } from '@core/limits'
import { tryTo } from '@web/refusals'
import DoubtNote from './DoubtNote.vue'
import { asTyped, inOtherUnits, limitText, parseAs, stepOf, unitOf, type FigureKind } from './figure-kinds'
import FieldLabel from './FieldLabel.vue'
import { useSay } from './say'
import { figureField as words } from './words'

/** A figure that is typed. Its limits are those of the schema it is kept by. */
const props = withDefaults(
  defineProps<{
    label: string
    modelValue: number | null
    limits: Limits
    kind?: FigureKind
    unit?: string
    step?: number
    digits?: number
    optional?: boolean
    doubt?: (value: number) => Doubt | null
    problem?: string
    /** The lesson that shows why a figure is asked about. */
    why?: LessonId
    term?: string
  }>(),
  { kind: 'length', unit: '', step: 1, digits: 4, doubt: undefined, why: undefined, problem: '', term: '' },
)
const emit = defineEmits<{
  'update:modelValue': [value: number]
  clear: []
  focus: []
  blur: []
  /** Asked about, and right all the same. */
  sure: [value: number]
}>()

const id = useId()
const say = useSay()
const shown = (value: number | null): string => asTyped(props.kind, value, props.digits, say.value)
const text = ref(shown(props.modelValue))
const error = ref('')
const kept = ref<number | null>(null)
let own: number | null = props.modelValue // the value that this field gave out last

// What was typed stays while it is being typed; a change from elsewhere (undo, another tab, other units) is
// shown.
watch(
  () => props.modelValue,
  (value) => {
    if (value === own) return
    own = value
    text.value = shown(value)
    error.value = ''
  },
)
watch(say, () => {
  if (!error.value) text.value = shown(props.modelValue)
})

const unitShown = computed(() => props.unit || unitOf(props.kind, say.value))
const other = computed(() =>
  props.modelValue === null || error.value ? '' : inOtherUnits(props.kind, props.modelValue, say.value),
)
const isLength = computed(() => props.kind === 'length' || props.kind === 'fine')
const doubtful = computed((): Doubt | null => {
  const value = props.modelValue
  if (value === null || value === kept.value || error.value) return null
  const fraction = isLength.value && say.value.lengthUnit === 'mm' ? doubtFraction(text.value, value) : null
  return fraction ?? props.doubt?.(value) ?? null
})
const trouble = computed(() => error.value || props.problem)

/** @returns whether it was taken: what cannot be kept is refused here, and what was stays */
function give(value: number): boolean {
  error.value = ''
  if (value === own) return true
  const before = own
  own = value
  const refusal = tryTo(() => emit('update:modelValue', value))
  if (refusal === null) return true
  own = before
  error.value = refusal
  return false
}

function outside(value: number): string {
  const { min, max, whole } = props.limits
  const limit = (figure: number): string => limitText(props.kind, figure, props.unit, say.value)
  if (whole && !Number.isInteger(value)) {
    return words.wholeNumberType(props.label, Math.round(value))
  }
  if (value < min - 1e-9) return words.isAtLeast(props.label, limit(min))
  return value > max + 1e-9 ? words.isAtMost(props.label, limit(max)) : ''
}

function read(typed: string): void {
  text.value = typed
  if (typed.trim() === '' && props.optional) {
    error.value = ''
    own = null
    emit('clear')
    return
  }
  const parsed = parseAs(props.kind, typed, say.value)
  if (!parsed.ok) {
    error.value = parsed.error
    return
  }
  const value = props.limits.whole ? parsed.value : Number(parsed.value.toFixed(6))
  const wrong = outside(value)
  if (wrong) error.value = wrong
  else give(value)
}

function keep(): void {
  kept.value = props.modelValue
  if (props.modelValue !== null) emit('sure', props.modelValue)
}
function useSuggestion(value: number): void {
  if (give(value)) text.value = shown(value)
}

function stepBy(event: KeyboardEvent, direction: 1 | -1): void {
  event.preventDefault()
  const { min, max } = props.limits
  const size = stepOf(props.kind, props.step, say.value) * (event.shiftKey ? 10 : 1)
  const next = Number(((props.modelValue ?? 0) + direction * size).toFixed(6))
  const inside = Math.min(max, Math.max(min, next))
  if (give(inside)) text.value = shown(inside)
}

function tidy(): void {
  if (!error.value) text.value = shown(props.modelValue)
  emit('blur')
}
const ring = computed(() =>
  trouble.value ? 'border-rowan border-2' : doubtful.value ? 'border-gorse border-2' : '',
)
</script>

<template>
  <div>
    <FieldLabel :for="id" :label="label" :term="term" />
    <div class="flex items-center gap-1.5">
      <input
        :id="id"
        type="text"
        :inputmode="kind === 'figure' ? 'decimal' : 'text'"
        autocomplete="off"
        class="input min-w-0"
        :class="ring"
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
      :why="why"
      @use="useSuggestion"
      @keep="keep"
    />
    <p v-else-if="other" :id="`${id}-other`" data-other-unit class="num mt-0.5 text-[12px] text-quiet">
      {{ other }}
    </p>
  </div>
</template>
