<script setup lang="ts">
import { computed } from 'vue'
import { HOW_KINDS, howSchema, panelNames, type Engraving, type How } from '@core/box'
import { limitsOf } from '@core/limits'
import FigureField from '@web/parts/FigureField.vue'
import { useOpenJob } from '@web/stores/job'
import { howFields as words } from './field-words'

/** What is done along a motif: filled, followed, sunk, laid into, or by an operation of the maker's own. */
const props = defineProps<{ engraving: Engraving; hasAreas: boolean }>()
const emit = defineEmits<{ set: [how: How, key: string] }>()
const jobs = useOpenJob()
const how = computed(() => props.engraving.how)
const NAMES: Record<How['kind'], string> = {
  engrave: 'fill',
  score: words.followRound,
  pocket: words.sinkPocket,
  inlay: 'inlay: pocket and what goes in',
  magnet: words.magnetPocketPartner,
  own: words.operationOwn,
}
const own = computed(() => jobs.job.tune.own)
const kinds = computed(() => HOW_KINDS.filter((kind) => kind !== 'own' || own.value.length > 0))
/** A third of the sheet is a good beginning; a magnet pocket begins at a common magnet's height. */
function first(kind: How['kind']): How {
  switch (kind) {
    case 'pocket':
      return { kind, depth: 1, groove: 0.5 }
    case 'inlay':
      return { kind, depth: 1, play: 0.05, stock: '' }
    case 'magnet':
      return { kind, depth: 2, play: 0.1, with: null }
    case 'own':
      return { kind, by: own.value[0].id }
    default:
      return { kind }
  }
}
const [, , pocket, , magnet] = howSchema.options
const depth = limitsOf(pocket.shape.depth)
const play = limitsOf(magnet.shape.play)
const stocks = computed(() => {
  const { stock, more } = jobs.job.measure
  return [
    { id: '', name: stock?.name ?? words.jobsOwn },
    ...more.map((each) => ({ id: each.stock.id, name: each.stock.name })),
  ]
})
const partners = computed(() => panelNames(jobs.job.box).filter((name) => name !== props.engraving.panel))
const valueOf = ({ target }: Event): string => (target as HTMLSelectElement).value
const put = (part: object, key = ''): void => emit('set', { ...how.value, ...part } as How, key)
const toPanel = (name: string) => magnet.shape.with.parse(name || null)
</script>

<template>
  <label class="text-[13px] font-medium">
    {{ words.how }}
    <select
      class="input"
      data-field="engraving-how"
      :value="how.kind"
      @change="emit('set', first(valueOf($event) as How['kind']), '')"
    >
      <option v-for="kind in kinds" :key="kind" :value="kind">{{ NAMES[kind] }}</option>
    </select>
  </label>
  <div v-if="'depth' in how || how.kind === 'own'" class="grid grid-cols-2 gap-2">
    <FigureField
      v-if="'depth' in how"
      data-field="engraving-depth"
      :label="how.kind === 'magnet' ? words.deepMagnetHigh : words.deep"
      :model-value="how.depth"
      :limits="depth"
      :step="0.1"
      @update:model-value="put({ depth: $event }, 'depth')"
    />
    <FigureField
      v-if="how.kind === 'pocket'"
      data-field="engraving-groove"
      :label="words.groovesAlongLines"
      :model-value="how.groove"
      :limits="limitsOf(pocket.shape.groove)"
      :step="0.1"
      @update:model-value="put({ groove: $event }, 'groove')"
    />
    <FigureField
      v-if="'play' in how"
      data-field="engraving-play"
      :label="words.playEverySide"
      :model-value="how.play"
      :limits="play"
      :step="0.05"
      @update:model-value="put({ play: $event }, 'play')"
    />
    <label v-if="how.kind === 'inlay'" class="text-[13px] font-medium">
      {{ words.laidInFrom }}
      <select
        class="input"
        data-field="engraving-stock"
        :value="how.stock"
        @change="put({ stock: valueOf($event) })"
      >
        <option v-for="{ id, name } in stocks" :key="id" :value="id">{{ name }}</option>
      </select>
    </label>
    <label v-if="how.kind === 'magnet'" class="text-[13px] font-medium">
      {{ words.itsPartnerOn }}
      <select
        class="input"
        data-field="engraving-partner"
        :value="how.with ?? ''"
        @change="put({ with: toPanel(valueOf($event)) })"
      >
        <option value="">{{ words.noOtherPanel }}</option>
        <option v-for="name in partners" :key="name">{{ name }}</option>
      </select>
    </label>
    <label v-if="how.kind === 'own'" class="text-[13px] font-medium">
      {{ words.operation }}
      <select class="input" data-field="engraving-own" :value="how.by" @change="put({ by: valueOf($event) })">
        <option v-for="{ id, name } in own" :key="id" :value="id">{{ name }}</option>
      </select>
    </label>
  </div>
  <p v-if="'play' in how && !hasAreas" class="text-[13px] text-gorse">
    {{ words.motifNoAreas }}
  </p>
  <p v-if="how.kind === 'magnet'" class="note">
    {{ words.keepSmallMagnets }}
  </p>
</template>
