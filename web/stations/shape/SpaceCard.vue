<script setup lang="ts">
import { computed, defineAsyncComponent, ref, shallowRef, watchEffect } from 'vue'
import type { Group, Panel } from '@core/assembly'
import type { Box } from '@core/box'
import { drawnPanels } from '@core/derive'
import { withThing } from '@core/job'
import { proofLine, standingLine } from '@core/say'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { spaceCard as words } from './words'

/** The box in hand in space, or all boxes as they stand in each other. */
const props = defineProps<{
  panels: Panel[]
  chosen: string | null
  wrong: string[]
  second: string[]
  /** Panels of the whole that strike each other. */
  striking: string[]
}>()
const emit = defineEmits<{ choose: [panel: string] }>()
/** Drawing in space is the largest part of the page: it comes where it is drawn. */
const BoxView = defineAsyncComponent(() => import('@web/parts/BoxView.vue'))

const jobs = useOpenJob()
const derived = useDerived()
const say = useSay()
const SPACE = words.boxSpaceArrow
const VIEWS = [
  { value: true, label: words.allBoxes },
  { value: false, label: words.thisBox },
]
const together = ref(true)
const scene = computed(() => (together.value ? derived.scene : null))
/** How far the flap of a bent sheet is opened: its panels are drawn anew for it. */
const opened = ref(0)
/** The last one that could be made stays on the screen while a size is being retyped. */
const made = shallowRef<Box | null>(null)
watchEffect(() => {
  if (derived.box.made) made.value = derived.box.made
})
const shown = computed(() => {
  if (scene.value) return scene.value.posed.flatMap(({ panels }) => panels)
  return made.value ? drawnPanels(made.value, props.panels, opened.value) : props.panels
})
const groups = computed((): Group[] => {
  // What holds another one shut is drawn out with that.
  if (!scene.value) return (derived.box.made?.assembly.groups ?? []).filter(({ id }) => id !== 'wedge')
  return scene.value.posed.flatMap(({ place, panels }): Group[] =>
    place.group
      ? [{ id: place.label, parts: panels.map(({ id }) => id), motion: 'slide', ...place.group }]
      : [],
  )
})
/** The panel that was chosen last, where it stands among the others. */
const picked = ref<string | null>(null)
const lit = computed(() => (scene.value ? picked.value : props.chosen))
function choose(id: string): void {
  const box = scene.value?.posed.find(({ panels }) => panels.some((panel) => panel.id === id))
  if (!box) return emit('choose', id)
  picked.value = id
  if (box.thing !== jobs.job.thing.id)
    jobs.edit((draft) => {
      Object.assign(draft, withThing(jobs.job, box.thing))
    })
  emit('choose', id.slice(id.indexOf('/') + 1))
}
const isSound = computed(() =>
  scene.value
    ? derived.stands.every(({ strikes }) => !strikes)
    : derived.settledBox.proof?.faults.length === 0,
)
const line = computed(() =>
  scene.value ? standingLine(derived.stands, say.value) : proofLine(derived.settledBox),
)
</script>

<template>
  <section
    class="card flex h-60 flex-col sm:h-96 gap-1 p-2! lg:h-auto lg:min-h-0 print:h-80"
    :aria-label="words.boxSpace"
  >
    <ChoiceRow
      v-if="derived.scene"
      v-model="together"
      data-field="together"
      :label="words.whatIsShown"
      hide-label
      :options="VIEWS"
    />
    <p
      v-if="line"
      class="px-1 text-[13px]"
      :class="isSound ? 'text-quiet' : 'font-semibold text-rowan'"
      data-testid="proof"
    >
      {{ line }}
    </p>
    <BoxView
      v-if="shown.length > 0"
      v-model:opened="opened"
      class="min-h-0 flex-1"
      :panels="shown"
      :chosen="lit"
      :wrong="scene ? striking : wrong"
      :second="scene ? [] : second"
      :groups="groups"
      :label="SPACE"
      @choose="choose"
    />
  </section>
</template>
