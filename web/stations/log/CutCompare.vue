<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Panel } from '@core/assembly'
import type { Derived } from '@core/derive'
import { partPrefix, type Revision } from '@core/job'
import { derivedOf } from '@core/keep'
import { IN_METRIC } from '@core/length'
import { isSameRecord } from '@core/limits'
import { cutFigures, movedBy, stripFigures } from '@core/say'
import { useSay } from '@web/parts/say'
import { useCutRecords } from '@web/stores/cut-records'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import PanelsOver from './PanelsOver.vue'
import { cutCompare as words } from './words'

/** A cut beside another one, or beside the job as it is: figures, panels over each other, and what it did. */
const props = defineProps<{ revision: Revision; before: Revision | null }>()
const jobs = useOpenJob()
const derived = useDerived()
const records = useCutRecords()
const say = useSay()

/** What it is held against: the number of a cut, or the job as it is. */
const chosen = ref<number | 'now'>(props.before?.number ?? 'now')
const others = computed(() =>
  jobs.job.log.filter(({ id, figures }) => id !== props.revision.id && figures.length > 0).reverse(),
)

interface Side {
  name: string
  figures: Revision['figures']
  /** Only where its files are kept, or nothing changed since. */
  derived: Derived | null
}
const figuresNow = computed(() => cutFigures(derived.laid, derived.all, IN_METRIC))
const isAsNow = ({ figures }: Revision): boolean =>
  figures.every(({ label, value }) =>
    figuresNow.value.some((each) => each.label === label && each.value === value),
  )
function sideOf(revision: Revision): Side {
  const { number, mark, figures } = revision
  const files = mark === null ? undefined : records.records.find((each) => each.mark === mark)
  const now = isAsNow(revision) ? derived.all : null
  return { name: words.revisionName(number), figures, derived: files ? derivedOf(files).derived : now }
}
const own = computed(() => sideOf(props.revision))
const other = computed((): Side => {
  const cut = others.value.find(({ number }) => number === chosen.value)
  if (cut) return sideOf(cut)
  return { name: words.jobNow, figures: figuresNow.value, derived: derived.all }
})
/** The older one stands first. */
const pair = computed((): [Side, Side] => {
  const isEarlier = typeof chosen.value === 'number' && chosen.value < props.revision.number
  return isEarlier ? [other.value, own.value] : [own.value, other.value]
})
const rows = computed(() => {
  const [first, second] = pair.value.map(
    ({ figures }) => new Map(figures.map((each) => [each.label, each.value])),
  )
  return [...new Set([...first.keys(), ...second.keys()])].map((label) => {
    const [was, is] = [first.get(label) ?? 'none', second.get(label) ?? 'none']
    return { label, was, is, differs: was !== is }
  })
})
const differing = computed(() => rows.value.filter(({ differs }) => differs))
const isAllShown = ref(false)
const shown = computed(() => (isAllShown.value ? rows.value : differing.value))

/** What the change did, where both can be worked out. */
const effects = computed(() => {
  const [first, second] = pair.value
  if (!first.derived || !second.derived) return null
  const { clock } = derived
  const was = stripFigures(first.derived, clock, say.value)
  return stripFigures(second.derived, clock, say.value).map((figure) => {
    const old = was.find(({ id }) => id === figure.id)
    return { ...figure, was: old?.text ?? 'none', by: movedBy(figure, old) }
  })
})
/** The panels of all that a cut made; those of a thing beside the first one say whose they are. */
const panelsOf = ({ things }: Derived): Panel[] =>
  things.flatMap(({ thing, box }) =>
    (box.panels ?? []).map((panel) => {
      const prefix = partPrefix(thing.id)
      return prefix ? { ...panel, id: prefix + panel.id, label: `${thing.name}, ${panel.label}` } : panel
    }),
  )
const panels = computed(() => pair.value.map((side) => (side.derived ? panelsOf(side.derived) : [])))
const isSameOutline = computed(() => {
  const [first, second] = panels.value.map((list) => list.map(({ id, region }) => ({ id, region })))
  return isSameRecord(first, second)
})
function choose({ target }: Event): void {
  const { value } = target as HTMLSelectElement
  chosen.value = value === 'now' ? 'now' : Number(value)
}
</script>

<template>
  <section class="card grid gap-2.5" :aria-label="words.besideAnother">
    <div class="flex flex-wrap items-center justify-between gap-3">
      <h2>{{ words.pair(pair[0].name, pair[1].name === words.jobNow ? words.theJobNow : pair[1].name) }}</h2>
      <label class="text-[13px] font-medium" data-field="compare">
        {{ words.holdAgainst }}
        <select class="input" :value="chosen" @change="choose">
          <option v-for="each in others" :key="each.id" :value="each.number">
            {{ words.revision(each.number) }}
          </option>
          <option value="now">{{ words.theJobNow }}</option>
        </select>
      </label>
    </div>
    <div v-if="effects" class="overflow-x-auto">
      <table class="w-full text-[13px]" :aria-label="words.whatItDid">
        <thead>
          <tr class="text-left text-quiet">
            <th scope="col">{{ words.whatItDid }}</th>
            <th v-for="{ name } in pair" :key="name" scope="col">{{ name }}</th>
            <th scope="col">{{ words.change }}</th>
          </tr>
        </thead>
        <tbody class="num">
          <tr v-for="each in effects" :key="each.id" :class="each.by ? 'font-semibold' : ''">
            <th scope="row" class="pr-3 text-left font-medium">{{ each.label }}</th>
            <td class="pr-3">{{ each.was }}</td>
            <td class="pr-3">{{ each.text }}</td>
            <td>{{ each.by || '–' }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <p v-else class="note">
      {{ words.onlyFiguresCompared(pair.find((side) => !side.derived)!.name) }}
    </p>
    <p v-if="differing.length === 0" class="text-sm">{{ words.bothSameFigures }}</p>
    <div v-if="shown.length > 0" class="overflow-x-auto">
      <table class="w-full text-[13px]" :aria-label="words.figuresBoth" data-record>
        <thead>
          <tr class="text-left text-quiet">
            <th scope="col">{{ words.figure }}</th>
            <th v-for="{ name } in pair" :key="name" scope="col">{{ name }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in shown" :key="row.label" :data-differs="row.differs">
            <th scope="row" class="pr-3 text-left align-top font-medium whitespace-nowrap">
              {{ row.label }}
            </th>
            <td class="num pr-3 align-top">{{ row.was }}</td>
            <td class="num align-top" :class="row.differs ? 'font-semibold' : ''">{{ row.is }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <button
      v-if="differing.length < rows.length"
      type="button"
      class="btn justify-self-start px-2 py-0.5"
      :aria-expanded="isAllShown"
      @click="isAllShown = !isAllShown"
    >
      {{ isAllShown ? words.onlyDiffers : words.allFigures(rows.length) }}
    </button>
    <p v-if="effects && isSameOutline" class="note">{{ words.panelsSameLine }}</p>
    <PanelsOver
      v-else-if="effects"
      :before="panels[0]"
      :after="panels[1]"
      :names="[pair[0].name, pair[1].name]"
    />
  </section>
</template>
