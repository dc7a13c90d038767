<script setup lang="ts">
import { computed } from 'vue'
import { withLid } from '@core/box'
import { stripReport } from '@core/derive'
import { kindOfLid, LID_NAMES, lidNamed, lidOf } from '@core/fittings'
import { bendLine } from '@core/say'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import BoltFields from './BoltFields.vue'
import { useBoxEdits, useProblems } from './box-edits'
import FittingFields from './FittingFields.vue'
import PictureChoice from './PictureChoice.vue'
import TabRules from './TabRules.vue'
import { lidForm as words } from './form-words'

/** Open, or closed by what: the first thing that is asked of a box. */
const problems = useProblems()
const { box, thickness, change, changeIn } = useBoxEdits()
const derived = useDerived()
const say = useSay()
const OPEN = 'open'
const lid = computed(() => lidOf(box.value))
const kind = computed(() => lid.value && kindOfLid(lid.value))
const options = computed(() =>
  [OPEN, ...LID_NAMES]
    .filter((name) => !box.value.plan || [OPEN, 'fingers', 'lift'].includes(name))
    .map((value) => ({
      value,
      label: value === OPEN ? 'open' : lidNamed(value).title.replace(/^(closed, |lid that )/, ''),
      box: withLid(box.value, value === OPEN ? null : value, thickness.value),
    })),
)
const choose = (name: string): boolean =>
  change(withLid(box.value, name === OPEN ? null : name, thickness.value))
/** How far a lid that turns opens. */
const stop = computed(() => {
  const group = derived.box.made?.assembly.groups.find(({ motion }) => motion === 'hinge')
  return group?.motion === 'hinge' ? group.range : null
})
/** What stays open when it is shut, mm. */
const slit = computed(() => {
  const { made } = derived.box
  return (lid.value && made && kind.value?.slit?.(lid.value, made)) || 0
})
/** What is known of the strip that a lid turns on. */
const strip = computed(() => stripReport(derived.box))
</script>

<template>
  <div class="grid content-start gap-2">
    <PictureChoice
      data-field="top"
      :label="words.openLid"
      :model-value="kind?.name ?? OPEN"
      :options="options"
      @update:model-value="choose"
    />
    <FittingFields v-if="lid" :own="lid" :problems="problems" />
    <p v-if="stop && lid?.type === 'lid-hinge'" class="note" data-testid="hinge-stop">
      {{ words.opensLiesAgainst(stop.toFixed(0)) }}
    </p>
    <p v-if="slit > 0" class="note" data-testid="slit">
      {{ words.slitStaysOpen(say.length(slit, 1)) }}
    </p>
    <p v-if="strip" class="note" data-testid="strip-report">{{ bendLine(strip) }}</p>
    <TabRules v-if="kind?.edge === 'fingers' || kind?.edge === 'tenon'" group="top" />
    <BoltFields
      v-if="kind && !kind.opens && kind.edge !== 'outside' && !box.plan"
      group="top"
      name="top"
      :bolts="box.bolts.top"
      @change="(bolts, key) => changeIn('bolts', { top: bolts }, key)"
    />
  </div>
</template>
