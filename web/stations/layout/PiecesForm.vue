<script setup lang="ts">
import { computed } from 'vue'
import { PIECES_FIRST, type LayoutSettings } from '@core/nest'
import { reservedOf } from '@core/orders'
import type { Offcut } from '@core/stock'
import FieldLabel from '@web/parts/FieldLabel.vue'
import OffcutPicture from '@web/parts/OffcutPicture.vue'
import { useSay } from '@web/parts/say'
import ToggleSwitch from '@web/parts/ToggleSwitch.vue'
import { useBench } from '@web/stores/bench'
import { useDerived } from '@web/stores/derived'
import { useOpenJob } from '@web/stores/job'
import { usePlanner } from '@web/stores/planner'
import { piecesForm as words } from './words'

/** Which pieces of the stock are taken first, and which this job leaves alone. */
const jobs = useOpenJob()
const bench = useBench()
const planner = usePlanner()
const derived = useDerived()
const say = useSay()
const settings = computed(() => jobs.job.layout.settings)
const offcuts = computed(() => derived.seen.stock?.offcuts ?? [])
const used = computed(() => new Set((planner.arrangement?.offcuts ?? []).map(({ offcut }) => offcut)))
const SAID: Record<LayoutSettings['first'], string> = {
  'whole sheets': words.wholeSheetsOnly,
  offcuts: words.offcutsSmallOnes,
  oldest: words.offcutsOldestFirst,
  cheapest: words.whateverCheapest,
}
const choose = (event: Event): boolean =>
  jobs.edit((draft) => {
    draft.layout.settings.first = (event.target as HTMLSelectElement).value as LayoutSettings['first']
  })
const keep = (id: string, isKept: boolean): boolean =>
  jobs.edit((draft) => {
    const others = draft.layout.settings.kept.filter((each) => each !== id)
    draft.layout.settings.kept = isKept ? [...others, id] : others
  })
const name = (isNamed: boolean): boolean =>
  jobs.edit((draft) => {
    draft.layout.settings.nameRest = isNamed
  })
const setInOpenings = (isOn: boolean): boolean =>
  jobs.edit((draft) => {
    draft.layout.settings.inOpenings = isOn
  })
/** What is kept for orders of other jobs. */
const reserved = computed(() =>
  reservedOf(
    derived.seen.stock?.id ?? '',
    bench.orders.filter(({ job }) => job !== jobs.job.id),
  ),
)
const forOrders = ({ id, count }: Offcut): string => {
  const own = reserved.value.get(id)
  if (!own) return ''
  const numbers = own.orders.map(({ number }) => number).join(', ')
  return own.count < count ? words.someKept(own.count, numbers) : words.allKept(numbers)
}
/** Offcuts that other orders need and this job would take. */
const contested = computed(() =>
  offcuts.value.filter(
    ({ id, count }) => !settings.value.kept.includes(id) && (reserved.value.get(id)?.count ?? 0) >= count,
  ),
)
const leave = (): boolean =>
  jobs.edit((draft) => {
    draft.layout.settings.kept.push(...contested.value.map(({ id }) => id))
  })
const lineOf = ({ id, name, width, height, count }: Offcut): string =>
  [
    `${count > 1 ? `${count} × ` : ''}${say.value.size([width, height], 0)}`,
    ...(name ? [name] : []),
    ...(used.value.has(id) ? ['used'] : []),
  ].join(', ')
</script>

<template>
  <div class="grid gap-1.5">
    <div>
      <FieldLabel :label="words.takenFirst" term="offcut" for="pieces-first" />
      <select
        id="pieces-first"
        data-field="pieces-first"
        class="input font-sans! font-normal"
        :value="settings.first"
        @change="choose"
      >
        <option v-for="each in PIECES_FIRST" :key="each" :value="each">{{ SAID[each] }}</option>
      </select>
    </div>
    <p v-if="offcuts.length === 0" class="note">
      {{ words.noOffcutsStock }}
    </p>
    <ul v-else-if="settings.first !== 'whole sheets'" class="grid gap-1" :aria-label="words.offcutsJob">
      <li v-for="each in offcuts" :key="each.id">
        <label class="flex min-h-9 items-center gap-2 text-[13px]">
          <input
            type="checkbox"
            class="size-6 shrink-0 accent-heather"
            :checked="!settings.kept.includes(each.id)"
            @change="keep(each.id, !($event.target as HTMLInputElement).checked)"
          />
          <OffcutPicture :offcut="each" />
          <span class="num min-w-0">
            {{ lineOf(each) }}
            <span v-if="forOrders(each)" class="block text-gorse">{{ forOrders(each) }}</span>
          </span>
        </label>
      </li>
      <li v-if="contested.length > 0">
        <button type="button" class="btn" @click="leave">{{ words.leaveOrders }}</button>
      </li>
    </ul>
    <ToggleSwitch
      data-field="in-openings"
      :label="words.partsMayLie"
      :model-value="settings.inOpenings"
      @update:model-value="setInOpenings"
    />
    <ToggleSwitch
      data-field="name-rest"
      :label="words.scoreNameLeft"
      :model-value="settings.nameRest"
      @update:model-value="name"
    />
  </div>
</template>
