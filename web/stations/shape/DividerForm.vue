<script setup lang="ts">
import { computed } from 'vue'
import { boxSpecSchema, INTO_KINDS, withInto, type Cells, type Dividers, type IntoKind } from '@core/box'
import { FIRST_THING } from '@core/job'
import { limitsOf } from '@core/limits'
import { INTO_NAMES } from '@core/say'
import FigureField from '@web/parts/FigureField.vue'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { useOpenJob } from '@web/stores/job'
import { useBoxEdits, useProblems } from './box-edits'
import CellsField from './CellsField.vue'
import FollowField from './FollowField.vue'
import PictureChoice from './PictureChoice.vue'
import { dividerForm as words } from './form-words'

/** Dividers: columns and rows of cells, and how they stand in the walls. */
const problems = useProblems()
const jobs = useOpenJob()
const isDecided = computed(() => jobs.job.whole?.kind === 'cabinet' && jobs.job.thing.id === FIRST_THING.id)
const { box, thickness, change, changeIn } = useBoxEdits()
const dividers = computed(() => box.value.dividers)
const { shape } = boxSpecSchema.shape.dividers
const ROWS = [
  { key: 'columns' as const, name: 'Columns' },
  { key: 'rows' as const, name: 'Rows' },
]
const has = (key: 'columns' | 'rows'): boolean => dividers.value[key].cells.length > 1
const isThere = computed(() => has('columns') || has('rows'))
const options = computed(() =>
  INTO_KINDS.map((value) => ({
    value,
    label: INTO_NAMES[value],
    box: withInto(box.value, value, thickness.value),
  })),
)
const choose = (into: IntoKind): boolean => change(withInto(box.value, into, thickness.value))
const setRow = (key: 'columns' | 'rows', part: Partial<Dividers['columns']>, step: string): boolean =>
  changeIn('dividers', { [key]: { ...dividers.value[key], ...part } }, step)
const setCells = (key: 'columns' | 'rows', cells: Cells): boolean => setRow(key, { cells }, `${key} cells`)
</script>

<template>
  <div class="grid content-start gap-2">
    <p v-if="isDecided" class="note">{{ words.cabinetSaysHow }}</p>
    <template v-for="{ key, name } in isDecided ? [] : ROWS" :key="key">
      <CellsField
        :data-field="key"
        :label="words.countWidths(name)"
        :cells="dividers[key].cells"
        :problem="problems[key] ?? ''"
        @change="setCells(key, $event)"
      />
      <div v-if="has(key)" class="grid grid-cols-2 gap-2">
        <FollowField
          :field="`${key}-height`"
          :data-field="`${key}-height`"
          :label="words.height(key)"
          :model-value="dividers[key].height"
          :limits="limitsOf(shape.columns.shape.height.unwrap())"
          optional
          :problem="problems[`${key}-height`] ?? ''"
          @update:model-value="setRow(key, { height: $event }, `${key} height`)"
          @clear="setRow(key, { height: null }, '')"
        />
        <FigureField
          :label="words.aboveFloor(key)"
          :model-value="dividers[key].lift"
          :limits="limitsOf(shape.columns.shape.lift)"
          @update:model-value="setRow(key, { lift: $event }, `${key} lift`)"
        />
      </div>
    </template>
    <template v-if="isThere">
      <PictureChoice
        data-field="into"
        :label="words.howStandWalls"
        :model-value="dividers.into"
        :options="options"
        @update:model-value="choose"
      />
      <p v-if="problems.into" class="text-[13px] text-rowan" role="alert">{{ problems.into }}</p>
      <div class="grid grid-cols-2 gap-2">
        <FollowField
          field="scoop"
          data-field="scoop"
          :label="words.scoopFingers"
          :model-value="dividers.scoop"
          :limits="limitsOf(shape.scoop)"
          @update:model-value="changeIn('dividers', { scoop: $event }, 'scoop')"
        />
        <FigureField
          v-if="dividers.into === 'groove'"
          data-field="divider-depth"
          :label="words.grooveDepth"
          :model-value="dividers.depth"
          :limits="limitsOf(shape.depth)"
          :step="0.1"
          :problem="problems['divider-depth'] ?? ''"
          @update:model-value="changeIn('dividers', { depth: $event }, 'divider-depth')"
        />
        <FigureField
          v-if="dividers.into !== 'tenon'"
          data-field="divider-play"
          :label="words.playDividers"
          :model-value="dividers.play"
          :limits="limitsOf(shape.play)"
          :step="0.05"
          @update:model-value="changeIn('dividers', { play: $event }, 'divider-play')"
        />
      </div>
      <ToggleSwitch
        v-if="box.floor.kind !== 'none'"
        data-field="divider-foot"
        :label="words.tabsFloor"
        :model-value="dividers.foot"
        @update:model-value="changeIn('dividers', { foot: $event })"
      />
      <p class="note">
        {{ words.emptyHeightReaches }}
      </p>
    </template>
    <p v-else class="note">{{ words.makesThreeEqual }}</p>
  </div>
</template>
