<script setup lang="ts">
import { computed } from 'vue'
import { canDiffer, kindOf, sharesLine, without, type Edge, type EdgeId, type EdgeOwn } from '@core/box'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import { useSay } from '@web/parts/say'
import { useOpenJob } from '@web/stores/job'
import BoltFields from './BoltFields.vue'
import { useBoxEdits } from './box-edits'
import TabRule from './TabRule.vue'
import { edgeForm as words } from './form-words'

/** The joint of one edge: as its group has it, or its own. */
const props = defineProps<{ edge: Edge }>()
const jobs = useOpenJob()
const say = useSay()
const { box } = useBoxEdits()
const id = computed(() => props.edge.id as EdgeId)
const own = computed(() => box.value.edges[id.value] ?? null)
const kind = computed(() => own.value?.kind ?? 'group')
const ofGroup = computed(() => kindOf(box.value, props.edge.group))
const KINDS = computed(() => [
  { value: 'group', label: words.asGroup(props.edge.group) },
  { value: 'fingers', label: ['tenon', 'lap'].includes(ofGroup.value) ? words.ownTenons : words.ownFingers },
  { value: 'butt', label: 'butt' },
])
const set = (part: Partial<EdgeOwn> | null, key = ''): boolean =>
  jobs.edit((draft) => {
    if (part === null) draft.box.edges = without(draft.box.edges, id.value)
    else {
      const before = draft.box.edges[id.value]
      const first: EdgeOwn = { kind: 'fingers', rule: draft.box.tabs[props.edge.group], bolts: null }
      draft.box.edges[id.value] = { ...(before ?? first), ...part }
    }
  }, key)
const choose = (value: string): boolean => set(value === 'group' ? null : { kind: value as EdgeOwn['kind'] })
const title = computed(() => props.edge.parts.join(' and '))
</script>

<template>
  <section class="grid gap-2 border-t border-line pt-2" :aria-label="words.edgeOf(title)">
    <h3 class="text-sm font-semibold">{{ title }}: {{ edge.kind }}</h3>
    <ChoiceRow
      v-if="canDiffer(ofGroup)"
      data-field="edge-joint"
      :label="words.thisEdge"
      :model-value="kind"
      :options="KINDS"
      @update:model-value="choose"
    />
    <p v-else class="note">{{ words.kindChosenAll(edge.group) }}</p>
    <TabRule
      v-if="own?.kind === 'fingers'"
      :group="edge.group"
      name="Tabs of this edge"
      :rule="own.rule"
      :made="[edge.shares]"
      problem=""
      @change="(rule, key) => set({ rule }, `edge ${id} ${key}`)"
    />
    <p v-else class="num text-[12px] text-quiet">{{ sharesLine(edge.shares, say) }}</p>
    <BoltFields
      v-if="own"
      :group="edge.group"
      name="this edge"
      :bolts="own.bolts"
      @change="(bolts, key) => set({ bolts }, `edge ${id} ${key}`)"
    />
  </section>
</template>
