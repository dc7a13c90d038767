<script setup lang="ts">
import { computed } from 'vue'
import type { Cells } from '@core/box'
import { withoutFitting } from '@core/fittings'
import { limitsOf } from '@core/limits'
import {
  DRAWER_PULLS,
  FRONT_KINDS,
  HALVES_INSIDE,
  RUN_KINDS,
  wholeSchema,
  type Whole,
  type WholeKind,
} from '@core/whole'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import FigureField from '@web/parts/FigureField.vue'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { useOpenJob } from '@web/stores/job'
import CellsField from './CellsField.vue'
import { wholeForm as words } from './form-words'

/** How the boxes of this job stand in each other: it decides how large each of them is. */
const jobs = useOpenJob()
const whole = computed(() => jobs.job.whole!)
const cabinet = computed(() => (whole.value.kind === 'cabinet' ? whole.value : null))
const set = computed(() => (whole.value.kind === 'set' ? whole.value : null))
const halves = computed(() => (whole.value.kind === 'halves' ? whole.value : null))

type Field = [key: string, label: string]
/** Lengths of each kind, in the order in which they are asked for. */
const LENGTHS: Record<WholeKind, Field[]> = {
  cabinet: [
    ['width', words.widthOuter],
    ['depth', words.depthOuter],
    ['height', words.heightOuter],
  ],
  set: [
    ['width', words.spaceWidth],
    ['depth', words.spaceDepth],
    ['height', words.spaceHeight],
  ],
  nested: [
    ['at', words.trayAboveFloor],
    ['height', words.heightTray],
    ['ledge', words.heightLedges],
    ['play', words.playRoundTray],
  ],
  cap: [
    ['over', words.reachesDown],
    ['play', words.playEachSide],
  ],
  halves: [
    ['width', words.widthInner],
    ['depth', words.depthInner],
    ['height', words.heightInner],
    ['at', words.lowerHalfInner],
    ['lining', words.liningAboveRim],
    ['play', words.playLining],
  ],
}
const MORE: Partial<Record<WholeKind, Field[]>> = {
  cabinet: [
    ['side', words.playAtEachSide],
    ['above', words.playAbove],
    ['behind', words.roomBehind],
  ],
  set: [
    ['gap', words.gapFingers],
    ['above', words.roomAbove],
  ],
}
const after = computed((): Field[] => {
  const fields = [...(MORE[whole.value.kind] ?? [])]
  if (cabinet.value?.on === 'runners') fields.push(['runner', words.heightRunners])
  if (cabinet.value?.front === 'set back') fields.push(['setBack', words.frontsStandBack])
  if (cabinet.value?.front === 'plate') fields.push(['gap', words.gapBetweenPlates])
  return fields
})
const figures = computed(() => whole.value as unknown as Record<string, number>)
const shapeOf = (kind: WholeKind) => wholeSchema.options.find(({ shape }) => shape.kind.value === kind)!.shape
const limits = (key: string) =>
  limitsOf((shapeOf(whole.value.kind) as unknown as Record<string, Parameters<typeof limitsOf>[0]>)[key])

const change = (part: Partial<Record<string, unknown>>, key = ''): boolean =>
  jobs.edit((draft) => {
    Object.assign(draft.whole as Whole, part)
  }, key)
const setCells = (key: string, cells: Cells): boolean => change({ [key]: cells }, `whole ${key}`)
const named = <T extends string>(values: readonly T[]): { value: T; label: string }[] =>
  values.map((value) => ({ value, label: value }))
/** Of one row of a set; a row that says nothing is as the columns are. */
const setOwn = (row: number, cells: Cells): boolean => {
  const rows = set.value!.rows.map((_, i) => (i === row ? cells : (set.value!.own[i] ?? [])))
  return change({ own: rows.every(({ length }) => length === 0) ? [] : rows }, `whole own ${row}`)
}
const pull = computed(() => (cabinet.value ?? set.value)?.pull)
/** Where the set has none, each box may have its own: those that came from the set go. */
const setPull = (part: { kind?: (typeof DRAWER_PULLS)[number]; size?: number }, key = ''): boolean =>
  jobs.edit((draft) => {
    Object.assign(draft.whole as Whole, { pull: { ...pull.value!, ...part } })
    if (part.kind !== 'none') return
    for (const { box } of [draft, ...draft.also]) box.fittings = withoutFitting(box.fittings, 'pull')
  }, key)
const takeApart = (): boolean =>
  jobs.edit((draft) => {
    draft.whole = null
  })
</script>

<template>
  <div class="grid content-start gap-2" data-field="whole">
    <div class="grid grid-cols-3 gap-2">
      <FigureField
        v-for="[key, label] in LENGTHS[whole.kind]"
        :key="key"
        :data-field="`whole-${key}`"
        :label="label"
        :model-value="figures[key]"
        :limits="limits(key)"
        @update:model-value="change({ [key]: $event }, `whole ${key}`)"
      />
    </div>
    <template v-if="cabinet || set">
      <div class="grid grid-cols-2 gap-2">
        <CellsField
          data-field="whole-columns"
          :label="words.columns"
          :cells="(cabinet ?? set)!.columns"
          problem=""
          @change="setCells('columns', $event)"
        />
        <CellsField
          data-field="whole-rows"
          :label="cabinet ? words.rowsTop : words.rowsFront"
          :cells="(cabinet ?? set)!.rows"
          problem=""
          @change="setCells('rows', $event)"
        />
      </div>
      <template v-if="set && set.rows.length > 1">
        <CellsField
          v-for="(_, row) in set.rows"
          :key="row"
          :data-field="`whole-own-${row + 1}`"
          :label="words.columnsRowDiffers(row + 1)"
          :cells="set.own[row] ?? []"
          :others="set.columns"
          problem=""
          @change="setOwn(row, $event)"
        />
      </template>
      <CellsField
        v-if="set && set.rows.length > 1"
        data-field="whole-heights"
        :label="words.heightsRowRow"
        :cells="set.heights"
        problem=""
        @change="setCells('heights', $event)"
      />
    </template>
    <template v-if="cabinet">
      <ChoiceRow
        data-field="whole-on"
        :label="words.drawersRun"
        :model-value="cabinet.on"
        :options="named(RUN_KINDS)"
        @update:model-value="change({ on: $event })"
      />
      <ChoiceRow
        data-field="whole-front"
        :label="words.fronts"
        :model-value="cabinet.front"
        :options="named(FRONT_KINDS)"
        @update:model-value="change({ front: $event })"
      />
    </template>
    <div class="grid grid-cols-3 gap-2">
      <FigureField
        v-for="[key, label] in after"
        :key="key"
        :data-field="`whole-${key}`"
        :label="label"
        :model-value="figures[key]"
        :limits="limits(key)"
        :step="0.05"
        @update:model-value="change({ [key]: $event }, `whole ${key}`)"
      />
    </div>
    <template v-if="pull">
      <ChoiceRow
        data-field="whole-pull"
        :label="words.pullDrawerOut"
        :model-value="pull.kind"
        :options="named(DRAWER_PULLS)"
        @update:model-value="setPull({ kind: $event })"
      />
      <FigureField
        v-if="pull.kind !== 'none'"
        data-field="whole-pull-size"
        :label="words.sizePull"
        :model-value="pull.size"
        :limits="limitsOf(wholeSchema.options[0].shape.pull.shape.size)"
        @update:model-value="setPull({ size: $event }, 'whole pull')"
      />
    </template>
    <ChoiceRow
      v-if="halves"
      data-field="whole-inside"
      :label="words.sizesMeasuredInside"
      :model-value="halves.inside"
      :options="HALVES_INSIDE.map((value) => ({ value, label: words.thePart(value) }))"
      @update:model-value="change({ inside: $event })"
    />
    <ToggleSwitch
      data-field="whole-by-hand"
      :label="words.iSizeBoxes"
      :model-value="whole.byHand"
      @update:model-value="change({ byHand: $event })"
    />
    <p v-if="whole.byHand" class="note">
      {{ words.eachBoxKeeps }}
    </p>
    <button type="button" class="btn px-2 py-1" @click="takeApart">{{ words.notBelongTogether }}</button>
  </div>
</template>
