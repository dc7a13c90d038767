<script setup lang="ts">
import { computed } from 'vue'
import { problemSentence, type EdgeGroup } from '@core/box'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { useBoxEdits } from './box-edits'
import TabRule from './TabRule.vue'

/** The tabs of one group of edges, and what they come out as. */
const props = defineProps<{ group: EdgeGroup }>()
const { box, changeIn } = useBoxEdits()
const derived = useDerived()
const say = useSay()
const NAMES: Record<EdgeGroup, string> = {
  uprights: 'Tabs of the uprights',
  floor: 'Tabs of the floor',
  top: 'Tabs of the top',
}
const made = computed(() =>
  (derived.box.made?.edges ?? [])
    .filter(({ group, id, kind }) => group === props.group && kind !== 'butt' && !(id in box.value.edges))
    .map(({ shares }) => shares),
)
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
    @change="(rule, key) => changeIn('tabs', { [group]: rule }, key)"
  >
    <slot />
  </TabRule>
</template>
