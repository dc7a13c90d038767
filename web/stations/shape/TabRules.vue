<script setup lang="ts">
import { computed, ref } from 'vue'
import { groupsAlike, problemSentence, withRule, type EdgeGroup } from '@core/box'
import type { EdgeRule } from '@core/joints'
import { useSay } from '@web/parts/say'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { useDerived } from '@web/stores/derived'
import { useBoxEdits } from './box-edits'
import TabRule from './TabRule.vue'
import { tabRules as words } from './words'

/** The tabs of one group of edges, and what they come out as. */
const props = defineProps<{ group: EdgeGroup }>()
const { box, change, changeIn } = useBoxEdits()
const derived = useDerived()
const say = useSay()
const NAMES: Record<EdgeGroup, string> = {
  uprights: words.tabsUprights,
  floor: words.tabsFloor,
  top: words.tabsTop,
}
const EDGES: Record<EdgeGroup, string> = {
  uprights: words.theUprights,
  floor: words.theFloor,
  top: words.theTop,
}
const made = computed(() =>
  (derived.box.made?.edges ?? [])
    .filter(({ group, id, kind }) => group === props.group && kind !== 'butt' && !(id in box.value.edges))
    .map(({ shares }) => shares),
)
/** A width is typed once for all edges that are alike, until one group is set apart. */
const together = ref(true)
const alike = computed(() => groupsAlike(box.value, props.group))
const set = (rule: EdgeRule, key: string): boolean =>
  together.value
    ? change({ tabs: withRule(box.value, props.group, rule) }, key)
    : changeIn('tabs', { [props.group]: rule }, key)
const problem = computed(() => {
  const found = derived.box.problems.find((each) => each.kind === 'narrow' && each.group === props.group)
  return found ? problemSentence(found, say.value) : ''
})
</script>

<template>
  <TabRule
    :group="group"
    :name="NAMES[group]"
    :rule="box.tabs[group]"
    :made="made"
    :problem="problem"
    @change="set"
  >
    <slot />
    <ToggleSwitch
      v-if="alike.length > 0"
      v-model="together"
      class="col-span-full"
      :label="words.sameWidthAlong(alike.map((each) => EDGES[each]).join(' and '))"
    />
  </TabRule>
</template>
