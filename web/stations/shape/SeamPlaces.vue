<script setup lang="ts">
import { computed } from 'vue'
import { readLengths } from '@core/angled'
import { MOST_SEAMS } from '@core/box'
import { seamPlaces } from '@core/derive'
import { capitalised } from '@core/length'
import { seamSentence } from '@core/say'
import ListEntry from '@web/parts/ListEntry.vue'
import { useSay } from '@web/parts/say'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { useBoxEdits } from './box-edits'
import { seamPlaces as words } from './words'

/** Where each panel that is larger than the bed is divided: as it is worked out, or as the maker has it. */
const { box, change } = useBoxEdits()
const derived = useDerived()
const jobs = useOpenJob()
const say = useSay()
const large = computed(() =>
  derived.box.oversize.map((each) => {
    const { id, label, size } = each.panel
    return {
      id,
      label: words.longMeets(capitalised(label), long(Math.max(size.width, size.height))),
      places: box.value.seams.at[id] ?? [],
      evenly: listed(seamPlaces(each).map(Math.round)),
      problem: each.fault ? seamSentence(each.fault, label, say.value) : '',
    }
  }),
)
const note = computed(() => {
  if (large.value.length > 0) return words.leftLowerEnd
  return jobs.job.measure.machine ? words.noPanelLarger : words.chooseMachineMeasure
})
const long = (side: number): string => say.value.length(side, 0)
const listed = (places: number[]): string => places.map((each) => say.value.shortPlain(each)).join(', ')

/** Reads places, or none where they are to be worked out. */
function read(typed: string): { ok: true; value: number[] } | { ok: false; error: string } {
  if (typed.trim() === '') return { ok: true, value: [] }
  const value = readLengths(typed, say.value.lengthUnit)
  if (value && value.length <= MOST_SEAMS && value.every((each) => each >= 0)) return { ok: true, value }
  return { ok: false, error: words.cannotReadType(typed, MOST_SEAMS) }
}
function put(id: string, places: number[]): boolean {
  const { [id]: before, ...others } = box.value.seams.at
  const at = places.length > 0 ? { ...others, [id]: [...places].sort((a, b) => a - b) } : others
  return change({ seams: { ...box.value.seams, at } }, `seam ${id}`)
}
</script>

<template>
  <div class="grid gap-2" data-testid="seam-places">
    <p class="note">{{ note }}</p>
    <ListEntry
      v-for="each in large"
      :key="each.id"
      :label="each.label"
      :model-value="each.places"
      :text="listed(each.places)"
      :placeholder="each.evenly"
      :read="read"
      :problem="each.problem"
      @update:model-value="put(each.id, $event)"
    />
  </div>
</template>
