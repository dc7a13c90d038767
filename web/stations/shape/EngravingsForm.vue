<script setup lang="ts">
import { computed, ref } from 'vue'
import { MOTIF_KINDS, motifSchema, type Drawing, type Motif } from '@core/art'
import { MOST_ENGRAVINGS, panelNames, type Engraving } from '@core/box'
import { limitsOf } from '@core/limits'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import FormSection from '@web/parts/FormSection.vue'
import TextEntry from '@web/parts/TextEntry.vue'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { useBoxEdits } from './box-edits'
import ChoiceChips from './ChoiceChips.vue'
import DrawingFields from './DrawingFields.vue'
import ListButtons from './ListButtons.vue'
import PlaceFields from './PlaceFields.vue'

/** What is burnt into the outside of the panels: words, scales, codes, artwork, placed by numbers. */
defineProps<{ problem: string }>()
const { box, change } = useBoxEdits()
const engravings = computed(() => box.value.engravings)
const names = computed(() => panelNames(box.value))
const chosen = ref(0)
const index = computed(() => Math.min(chosen.value, engravings.value.length - 1))
const engraving = computed((): Engraving | undefined => engravings.value[index.value])

const KIND_NAMES: Record<Motif['kind'], string> = {
  text: 'words',
  ruler: 'scale',
  code: 'square code',
  drawing: 'artwork',
}
const FIRST: Record<Exclude<Motif['kind'], 'drawing'>, Motif> = {
  text: { kind: 'text', text: '{job}', height: 8, letters: 'filled' },
  ruler: { kind: 'ruler', long: 100, high: 10, unit: 'mm' },
  code: { kind: 'code', text: '{job}, {revision}', size: 25 },
}
const LABELS: Record<string, string> = {
  height: 'Height of capitals',
  long: 'Length',
  high: 'Height',
  size: 'Side',
  width: 'Width',
}
const fields = computed(() => {
  const { motif } = engraving.value!
  const schema = motifSchema.options.find((each) => each.shape.kind.value === motif.kind)!
  const known = schema.shape as unknown as Record<string, Parameters<typeof limitsOf>[0]>
  return Object.entries(motif)
    .filter(([key]) => key in LABELS)
    .map(([key, value]) => ({ key, label: LABELS[key], value: Number(value), limits: limitsOf(known[key]) }))
})
const LETTERS = [
  { value: 'filled' as const, label: 'Filled letters' },
  { value: 'single lines' as const, label: 'Single lines' },
]
const UNITS = [
  { value: 'mm' as const, label: 'Millimetres' },
  { value: 'in' as const, label: 'Inches' },
]
const WAYS = [
  { value: 'engrave' as const, label: 'Fill' },
  { value: 'score' as const, label: 'Follow round' },
]
/** What has no areas is only followed. */
const hasAreas = computed(() => {
  const { motif } = engraving.value!
  return motif.kind === 'code' || (motif.kind === 'text' && motif.letters === 'filled')
})

const put = (list: Engraving[], key = ''): boolean => change({ engravings: list }, key)
const set = (part: Partial<Engraving>, key = ''): boolean =>
  put(
    engravings.value.map((each, i) => (i === index.value ? { ...each, ...part } : each)),
    key && `engraving ${index.value} ${key}`,
  )
const setMotif = (part: object, key: string): boolean =>
  set({ motif: { ...engraving.value!.motif, ...part } as Motif }, key)
function add(like?: Engraving): void {
  const fresh: Engraving = {
    panel: 'front',
    motif: FIRST.text,
    as: 'engrave',
    anchor: 'centre',
    right: 0,
    up: 0,
    turn: 0,
    mirrored: false,
  }
  put([...engravings.value, like ?? fresh])
  chosen.value = engravings.value.length - 1
}
/** Artwork that nothing shows any more goes with it. */
function keepUsed(list: Engraving[]): Drawing[] {
  const used = list.flatMap(({ motif }) => (motif.kind === 'drawing' ? [motif.drawing] : []))
  return box.value.drawings.filter(({ id }) => used.includes(id))
}
function remove(): void {
  const list = engravings.value.filter((_, i) => i !== index.value)
  change({ engravings: list, drawings: keepUsed(list) })
}
/** Artwork is chosen by its file, in its own field below. */
function setKind(kind: Motif['kind']): void {
  if (kind !== 'drawing') set({ motif: FIRST[kind] })
  else importing.value = true
}
const importing = ref(false)
const isDrawing = computed(() => importing.value || engraving.value?.motif.kind === 'drawing')
function take(drawing: Drawing): void {
  importing.value = false
  const list = engravings.value.map((each, i): Engraving => {
    if (i !== index.value) return each
    return { ...each, motif: { kind: 'drawing', drawing: drawing.id, width: drawing.width } }
  })
  change({ engravings: list, drawings: [...keepUsed(list), drawing] })
}
const drawing = computed(() => {
  const { motif } = engraving.value!
  return motif.kind === 'drawing' ? box.value.drawings.find(({ id }) => id === motif.drawing) : undefined
})
const redraw = (changed: Drawing): boolean =>
  change({ drawings: box.value.drawings.map((each) => (each.id === changed.id ? changed : each)) })
const title = ({ motif, panel }: Engraving, i: number): string =>
  `${i + 1} ${KIND_NAMES[motif.kind]}, ${panel}`
const BRACES = 'In braces, {job} becomes its name when it is cut, and {revision} the number of the next cut.'
</script>

<template>
  <FormSection
    title="Engraving"
    :said="engravings.length > 0 ? String(engravings.length) : 'none'"
    data-field="engravings"
  >
    <ChoiceChips
      label="Engravings of this box"
      :titles="engravings.map(title)"
      :chosen="index"
      @choose="chosen = $event"
    />
    <p v-if="problem" class="text-[13px] text-rowan" role="alert">{{ problem }}</p>
    <template v-if="engraving">
      <div class="grid grid-cols-2 gap-2">
        <label class="text-[13px] font-medium">
          On the
          <select
            class="input"
            data-field="engraving-panel"
            :value="engraving.panel"
            @change="set({ panel: ($event.target as HTMLSelectElement).value as Engraving['panel'] })"
          >
            <option v-for="name in names" :key="name">{{ name }}</option>
          </select>
        </label>
        <label class="text-[13px] font-medium">
          What
          <select
            class="input"
            data-field="engraving-kind"
            :value="isDrawing ? 'drawing' : engraving.motif.kind"
            @change="setKind(($event.target as HTMLSelectElement).value as Motif['kind'])"
          >
            <option v-for="kind in MOTIF_KINDS" :key="kind" :value="kind">{{ KIND_NAMES[kind] }}</option>
          </select>
        </label>
      </div>
      <label v-if="!isDrawing && 'text' in engraving.motif" class="text-[13px] font-medium">
        {{ engraving.motif.kind === 'code' ? 'What it says' : 'Words' }}
        <TextEntry
          class="input"
          required
          data-field="engraving-text"
          :maxlength="engraving.motif.kind === 'code' ? 300 : 120"
          :model-value="engraving.motif.text"
          @update:model-value="setMotif({ text: $event }, 'text')"
        />
      </label>
      <ChoiceRow
        v-if="!isDrawing && engraving.motif.kind === 'text'"
        data-field="engraving-letters"
        label="Letters"
        :options="LETTERS"
        :model-value="engraving.motif.letters"
        @update:model-value="setMotif({ letters: $event }, '')"
      />
      <ChoiceRow
        v-if="!isDrawing && engraving.motif.kind === 'ruler'"
        data-field="engraving-unit"
        label="Divided in"
        :options="UNITS"
        :model-value="engraving.motif.unit"
        @update:model-value="setMotif({ unit: $event }, '')"
      />
      <DrawingFields v-if="isDrawing" :drawing="drawing" @take="take" @change="redraw" />
      <ChoiceRow
        v-if="!isDrawing && hasAreas"
        data-field="engraving-as"
        label="How"
        :options="WAYS"
        :model-value="engraving.as"
        @update:model-value="set({ as: $event })"
      />
      <div class="grid grid-cols-2 gap-2">
        <template v-if="!importing">
          <FigureField
            v-for="{ key, label, value, limits } in fields"
            :key="`${engraving.motif.kind} ${key}`"
            :data-field="`engraving-${key}`"
            :label="label"
            :model-value="value"
            :limits="limits"
            @update:model-value="setMotif({ [key]: $event }, key)"
          />
        </template>
        <PlaceFields :place="engraving" name="engraving" @set="set" />
      </div>
      <ToggleSwitch
        data-field="engraving-mirrored"
        label="On the opposite panel as well, at the mirrored place"
        :model-value="engraving.mirrored"
        @update:model-value="set({ mirrored: $event })"
      />
    </template>
    <ListButtons
      noun="engraving"
      :may-add="engravings.length < MOST_ENGRAVINGS"
      :has-one="engraving !== undefined"
      @add="add()"
      @copy="add(engraving)"
      @remove="remove"
    />
    <p v-if="engraving && !isDrawing && 'text' in engraving.motif" class="note">{{ BRACES }}</p>
  </FormSection>
</template>
