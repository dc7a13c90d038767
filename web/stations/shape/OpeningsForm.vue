<script setup lang="ts">
import { computed, ref } from 'vue'
import {
  MOST_OPENINGS,
  OPENING_KINDS,
  openingShapeSchema,
  facePanels,
  type Opening,
  type OpeningShape,
} from '@core/box'
import { limitsOf } from '@core/limits'
import FigureField from '@web/parts/FigureField.vue'
import TextEntry from '@web/parts/TextEntry.vue'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { useBoxEdits, useProblems } from './box-edits'
import ChoiceChips from './ChoiceChips.vue'
import ListButtons from './ListButtons.vue'
import { featuresOn } from './features'
import PlaceFields from './PlaceFields.vue'
import RepeatFields from './RepeatFields.vue'
import { common } from '@web/words'
import { openingsForm as words } from './form-words'

/** Openings in the panels, placed by numbers from an anchor, seen from outside. */
const problems = useProblems()
const { box, change } = useBoxEdits()
const openings = computed(() => box.value.openings)
const names = computed(() => facePanels(box.value))
const chosen = ref(0)
const index = computed(() => Math.min(chosen.value, openings.value.length - 1))
const opening = computed((): Opening | undefined => openings.value[index.value])

const FIRST: Record<OpeningShape['kind'], OpeningShape> = {
  round: { kind: 'round', diameter: 20 },
  rectangle: { kind: 'rectangle', width: 40, height: 20, radius: 3 },
  slot: { kind: 'slot', length: 40, width: 8 },
  polygon: { kind: 'polygon', sides: 6, across: 25 },
  arch: { kind: 'arch', width: 24, height: 36 },
  scoop: { kind: 'scoop', width: 30, depth: 12 },
  keyhole: { kind: 'keyhole', head: 8, neck: 4, rise: 8 },
  vents: { kind: 'vents', pattern: 'honeycomb', width: 40, height: 24, size: 5, web: 2 },
  letters: { kind: 'letters', text: 'MOOR', height: 20, bridge: 1.5 },
}
const LABELS: Record<string, string> = {
  diameter: words.diameter,
  width: common.width,
  height: common.height,
  radius: words.cornerRadius,
  length: common.length,
  sides: words.sides,
  across: words.acrossCorners,
  depth: words.depth,
  head: words.headScrew,
  neck: words.itsNeck,
  rise: words.riseSlot,
  size: words.sizeHole,
  web: words.woodBetween,
  bridge: words.bridgesHoldInsides,
}
const PATTERNS = ['holes', 'slots', 'honeycomb'] as const
const fields = computed(() => {
  const { shape } = opening.value!
  const schema = openingShapeSchema.options.find((each) => each.shape.kind.value === shape.kind)!
  const known = schema.shape as unknown as Record<string, Parameters<typeof limitsOf>[0]>
  return Object.entries(shape)
    .filter(([key]) => key in LABELS)
    .map(([key, value]) => ({ key, label: LABELS[key], value: Number(value), limits: limitsOf(known[key]) }))
})
/** Openings before it on the same panel: it may be placed from one of them. */
const before = computed(() => featuresOn(openings.value.slice(0, index.value), opening.value?.panel ?? ''))

const put = (list: Opening[], key = ''): boolean => change({ openings: list }, key)
const set = (part: Partial<Opening>, key = ''): boolean =>
  put(
    openings.value.map((each, i) => (i === index.value ? { ...each, ...part } : each)),
    key && `opening ${index.value} ${key}`,
  )
const setShape = (key: string, value: unknown): boolean =>
  set({ shape: { ...opening.value!.shape, [key]: value } as OpeningShape }, key)
/** A scoop begins in the middle of the upper edge. */
const setKind = (kind: OpeningShape['kind']): boolean =>
  set({ shape: FIRST[kind], ...(kind === 'scoop' ? { anchor: 'top', right: 0, up: 0, turn: 0 } : {}) })
function add(like?: Opening): void {
  const fresh: Omit<Opening, 'id'> = {
    from: '',
    panel: names.value.includes('front') ? 'front' : names.value[0],
    shape: FIRST.round,
    anchor: 'centre',
    point: 'same',
    right: 0,
    up: 0,
    turn: 0,
    repeat: { kind: 'grid', columns: 1, rows: 1, apart: 30 },
    mirrored: false,
  }
  put([...openings.value, { ...(like ?? fresh), id: crypto.randomUUID() }])
  chosen.value = openings.value.length - 1
}
const remove = (): boolean => put(openings.value.filter((_, i) => i !== index.value))
const title = ({ shape, panel }: Opening, i: number): string => `${i + 1} ${shape.kind}, ${panel}`
</script>

<template>
  <div class="grid content-start gap-2" data-field="openings">
    <ChoiceChips
      :label="words.openingsBox"
      :titles="openings.map(title)"
      :chosen="index"
      @choose="chosen = $event"
    />
    <p v-if="problems.openings" class="text-[13px] text-rowan" role="alert">{{ problems.openings }}</p>
    <template v-if="opening">
      <div class="grid grid-cols-2 gap-2">
        <label class="text-[13px] font-medium">
          {{ words.inThe }}
          <select
            class="input"
            data-field="opening-panel"
            :value="opening.panel"
            @change="set({ panel: ($event.target as HTMLSelectElement).value as Opening['panel'] })"
          >
            <option v-for="name in names" :key="name" :value="name">{{ name.replace('-', ' ') }}</option>
          </select>
        </label>
        <label class="text-[13px] font-medium">
          {{ words.shape }}
          <select
            class="input"
            data-field="opening-shape"
            :value="opening.shape.kind"
            @change="setKind(($event.target as HTMLSelectElement).value as OpeningShape['kind'])"
          >
            <option v-for="kind in OPENING_KINDS" :key="kind">{{ kind }}</option>
          </select>
        </label>
        <label v-if="opening.shape.kind === 'vents'" class="text-[13px] font-medium">
          {{ words.pattern }}
          <select
            class="input"
            :value="opening.shape.pattern"
            @change="setShape('pattern', ($event.target as HTMLSelectElement).value)"
          >
            <option v-for="pattern in PATTERNS" :key="pattern">{{ pattern }}</option>
          </select>
        </label>
        <label v-if="opening.shape.kind === 'letters'" class="text-[13px] font-medium">
          {{ words.lettersCutOut }}
          <TextEntry
            class="input"
            required
            data-field="opening-text"
            :maxlength="60"
            :model-value="opening.shape.text"
            @update:model-value="setShape('text', $event)"
          />
        </label>
        <FigureField
          v-for="{ key, label, value, limits: own } in fields"
          :key="`${opening.shape.kind} ${key}`"
          :data-field="`opening-${key}`"
          :label="label"
          :kind="key === 'sides' ? 'figure' : 'length'"
          :model-value="value"
          :limits="own"
          @update:model-value="setShape(key, $event)"
        />
        <PlaceFields :place="opening" name="opening" :features="before" @set="set" />
        <RepeatFields :repeat="opening.repeat" @set="(repeat, key) => set({ repeat }, key)" />
      </div>
      <ToggleSwitch
        data-field="opening-mirrored"
        :label="words.oppositePanelWell"
        :model-value="opening.mirrored"
        @update:model-value="set({ mirrored: $event })"
      />
    </template>
    <ListButtons
      noun="opening"
      :may-add="openings.length < MOST_OPENINGS"
      :has-one="opening !== undefined"
      @add="add()"
      @copy="add(opening)"
      @remove="remove"
    />
    <p v-if="opening" class="note">
      {{ words.seenOutsideKeeps }}
    </p>
  </div>
</template>
