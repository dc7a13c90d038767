<script setup lang="ts">
import { computed, ref } from 'vue'
import { MOTIF_KINDS, motifSchema, type Drawing, type Motif, type Picture } from '@core/art'
import { MOST_ENGRAVINGS, facePanels, type Engraving } from '@core/box'
import { limitsOf } from '@core/limits'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import TextEntry from '@web/parts/TextEntry.vue'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { useOpenJob } from '@web/stores/job'
import { useBoxEdits, useProblems } from './box-edits'
import ChoiceChips from './ChoiceChips.vue'
import DrawingFields from './DrawingFields.vue'
import { featuresOn } from './features'
import HowFields from './HowFields.vue'
import PictureFields from './PictureFields.vue'
import { FIRST, isSet, KIND_NAMES, labelOf } from './motifs'
import ListButtons from './ListButtons.vue'
import PlaceFields from './PlaceFields.vue'
import { common } from '@web/words'
import { engravingsForm as words } from './form-words'

/** What is burnt into the faces of the panels: words, scales, codes, artwork, placed by numbers. */
const problems = useProblems()
const { box, change } = useBoxEdits()
const jobs = useOpenJob()
const engravings = computed(() => box.value.engravings)
const names = computed(() => facePanels(box.value))
const chosen = ref(0)
const index = computed(() => Math.min(chosen.value, engravings.value.length - 1))
const engraving = computed((): Engraving | undefined => engravings.value[index.value])

const fields = computed(() => {
  const { motif } = engraving.value!
  const schema = motifSchema.options.find((each) => each.shape.kind.value === motif.kind)!
  const known = schema.shape as unknown as Record<string, Parameters<typeof limitsOf>[0]>
  return Object.entries(motif)
    .filter(([key]) => isSet(motif, key))
    .map(([key, value]) => ({
      key,
      label: labelOf(motif, key),
      value: Number(value),
      limits: limitsOf(known[key]),
    }))
})
const LETTERS = [
  { value: 'filled' as const, label: words.filledLetters },
  { value: 'single lines' as const, label: words.singleLines },
]
const UNITS = [
  { value: 'mm' as const, label: words.millimetres },
  { value: 'in' as const, label: words.inches },
]
const SIDES = [
  { value: 'outside' as const, label: common.outside },
  { value: 'inside' as const, label: common.inside },
]
const DOTS = [
  { value: 'diffused' as const, label: words.dotsGreys },
  { value: 'threshold' as const, label: words.blackBare },
]
/** What has no areas is only followed. */
const hasAreas = computed(() => {
  const { motif } = engraving.value!
  if (motif.kind === 'text') return motif.letters === 'filled'
  return motif.kind !== 'ruler' && motif.kind !== 'picture'
})
const features = computed(() => featuresOn(box.value.openings, engraving.value?.panel ?? ''))

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
    panel: names.value.includes('front') ? 'front' : names.value[0],
    side: 'outside',
    motif: FIRST.text,
    how: { kind: 'engrave' },
    from: '',
    anchor: 'centre',
    point: 'same',
    over: false,
    right: 0,
    up: 0,
    turn: 0,
    mirrored: false,
  }
  put([...engravings.value, like ?? fresh])
  chosen.value = engravings.value.length - 1
}
/** Artwork that nothing shows any more goes with it. */
function keepUsed(list: Engraving[]): { drawings: Drawing[]; pictures: Picture[] } {
  const used = list.flatMap(({ motif }) =>
    motif.kind === 'drawing' ? [motif.drawing] : motif.kind === 'picture' ? [motif.picture] : [],
  )
  const isUsed = ({ id }: { id: string }): boolean => used.includes(id)
  return { drawings: box.value.drawings.filter(isUsed), pictures: box.value.pictures.filter(isUsed) }
}
function remove(): void {
  const list = engravings.value.filter((_, i) => i !== index.value)
  change({ engravings: list, ...keepUsed(list) })
}
/** Artwork is chosen by its file, in its own field below. */
function setKind(kind: Motif['kind']): void {
  importing.value = kind === 'drawing' || kind === 'picture' ? kind : null
  if (kind !== 'drawing' && kind !== 'picture') set({ motif: FIRST[kind] })
}
const importing = ref<'drawing' | 'picture' | null>(null)
const kind = computed(() => importing.value ?? engraving.value?.motif.kind)
const isRead = computed(() => kind.value === 'drawing' || kind.value === 'picture')
const withMotif = (motif: Motif): Engraving[] =>
  engravings.value.map((each, i): Engraving => (i === index.value ? { ...each, motif } : each))
function take(drawing: Drawing): void {
  importing.value = null
  const list = withMotif({ kind: 'drawing', drawing: drawing.id, width: drawing.width })
  const { drawings, pictures } = keepUsed(list)
  change({ engravings: list, drawings: [...drawings, drawing], pictures })
}
/** A picture begins as wide as half of a hand, its dots as far apart as rows are. */
function takePicture(picture: Picture): void {
  importing.value = null
  const dots = Math.max(0.2, jobs.job.tune.interval)
  const how = { dots, way: 'diffused' as const, level: 128 }
  const list = withMotif({ kind: 'picture', picture: picture.id, width: 40, ...how })
  const { drawings, pictures } = keepUsed(list)
  change({ engravings: list, drawings, pictures: [...pictures, picture] })
}
const picture = computed(() => {
  const { motif } = engraving.value!
  return motif.kind === 'picture' ? box.value.pictures.find(({ id }) => id === motif.picture) : undefined
})
const drawing = computed(() => {
  const { motif } = engraving.value!
  return motif.kind === 'drawing' ? box.value.drawings.find(({ id }) => id === motif.drawing) : undefined
})
const redraw = (changed: Drawing): boolean =>
  change({ drawings: box.value.drawings.map((each) => (each.id === changed.id ? changed : each)) })
const title = ({ motif, panel }: Engraving, i: number): string =>
  `${i + 1} ${KIND_NAMES[motif.kind]}, ${panel}`
</script>

<template>
  <div class="grid content-start gap-2" data-field="engravings">
    <ChoiceChips
      :label="words.engravingsBox"
      :titles="engravings.map(title)"
      :chosen="index"
      @choose="chosen = $event"
    />
    <p v-if="problems.engravings" class="text-[13px] text-rowan" role="alert">{{ problems.engravings }}</p>
    <template v-if="engraving">
      <div class="grid grid-cols-2 gap-2">
        <label class="text-[13px] font-medium">
          {{ words.onThe }}
          <select
            class="input"
            data-field="engraving-panel"
            :value="engraving.panel"
            @change="set({ panel: ($event.target as HTMLSelectElement).value as Engraving['panel'] })"
          >
            <option v-for="name in names" :key="name" :value="name">{{ name.replace('-', ' ') }}</option>
          </select>
        </label>
        <label class="text-[13px] font-medium">
          {{ words.whatIsEngraved }}
          <select
            class="input"
            data-field="engraving-kind"
            :value="kind"
            @change="setKind(($event.target as HTMLSelectElement).value as Motif['kind'])"
          >
            <option v-for="each in MOTIF_KINDS" :key="each" :value="each">{{ KIND_NAMES[each] }}</option>
          </select>
        </label>
      </div>
      <ChoiceRow
        data-field="engraving-side"
        :label="words.onIts"
        :options="SIDES"
        :model-value="engraving.side"
        @update:model-value="set({ side: $event })"
      />
      <label v-if="!isRead && 'text' in engraving.motif" class="text-[13px] font-medium">
        {{ engraving.motif.kind === 'code' ? words.whatItSays : words.words }}
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
        v-if="!isRead && engraving.motif.kind === 'text'"
        data-field="engraving-letters"
        :label="words.letters"
        :options="LETTERS"
        :model-value="engraving.motif.letters"
        @update:model-value="setMotif({ letters: $event }, '')"
      />
      <ChoiceRow
        v-if="!isRead && engraving.motif.kind === 'ruler'"
        data-field="engraving-unit"
        :label="words.dividedIn"
        :options="UNITS"
        :model-value="engraving.motif.unit"
        @update:model-value="setMotif({ unit: $event }, '')"
      />
      <DrawingFields v-if="kind === 'drawing'" :drawing="drawing" @take="take" @change="redraw" />
      <PictureFields v-if="kind === 'picture'" :picture="picture" @take="takePicture" />
      <ChoiceRow
        v-if="!importing && engraving.motif.kind === 'picture'"
        data-field="engraving-way"
        :label="words.greys"
        :options="DOTS"
        :model-value="engraving.motif.way"
        @update:model-value="setMotif({ way: $event }, '')"
      />
      <HowFields
        v-else-if="!importing"
        :engraving="engraving"
        :has-areas="hasAreas"
        @set="(how, key) => set({ how }, key)"
      />
      <div class="grid grid-cols-2 gap-2">
        <template v-if="!importing">
          <FigureField
            v-for="{ key, label, value, limits } in fields"
            :key="`${engraving.motif.kind} ${key}`"
            :data-field="`engraving-${key}`"
            :label="label"
            :kind="key === 'level' ? 'figure' : 'length'"
            :model-value="value"
            :limits="limits"
            @update:model-value="setMotif({ [key]: $event }, key)"
          />
        </template>
        <PlaceFields :place="engraving" name="engraving" :features="features" @set="set" />
      </div>
      <ToggleSwitch
        data-field="engraving-over"
        :label="words.mayRunOver"
        :model-value="engraving.over"
        @update:model-value="set({ over: $event })"
      />
      <ToggleSwitch
        data-field="engraving-mirrored"
        :label="words.oppositePanelWell"
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
    <p v-if="engraving && !isRead && 'text' in engraving.motif" class="note">{{ words.braces }}</p>
  </div>
</template>
