<script setup lang="ts">
import { markSettings } from '@core/derive'
import { ArrowUp, Plus, Trash2 } from '@lucide/vue'
import { computed, ref } from 'vue'
import { MOST_OWN, type OwnOperation } from '@core/tune'
import ChoiceRow from '@web/parts/ChoiceRow.vue'
import TextEntry from '@web/parts/TextEntry.vue'
import { useOpenJob } from '@web/stores/job'
import SettingFields from './SettingFields.vue'
import { common } from '@web/words'
import { ownOperations as words } from './words'

/** Operations beside ours: each with a name and a colour as the laser's software expects it, in order. */
const jobs = useOpenJob()
const own = computed(() => jobs.job.tune.own)
const WAYS = [
  { value: 'follow' as const, label: words.followRound },
  { value: 'fill' as const, label: words.fill },
]
const put = (list: OwnOperation[], key = ''): boolean =>
  jobs.edit((draft) => {
    draft.tune.own = list
  }, key)
const set = (i: number, part: Partial<OwnOperation>, key = ''): boolean =>
  put(
    own.value.map((each, at) => (at === i ? { ...each, ...part } : each)),
    key && `own ${i} ${key}`,
  )
/** Two ways of one name could not be told apart in a file. */
const taken = ref('')
function rename(i: number, name: string): void {
  taken.value = own.value.some((each, at) => at !== i && each.name === name) ? name : ''
  if (taken.value === '') set(i, { name }, 'name')
}
function add(): void {
  const names = own.value.map(({ name }) => name)
  const name = ['mark', ...Array.from({ length: MOST_OWN + 1 }, (_, i) => words.mark(i + 2))].find(
    (each) => !names.includes(each),
  )!
  const setting = markSettings(jobs.job).score
  put([...own.value, { id: crypto.randomUUID(), name, colour: '#b07d1a', how: 'follow', setting }])
}
const earlier = (i: number): boolean =>
  put(own.value.map((each, at) => (at === i - 1 ? own.value[i] : at === i ? own.value[i - 1] : each)))
const users = ({ id }: OwnOperation): number =>
  [jobs.job.box, ...jobs.job.also.map(({ box }) => box)].flatMap(({ engravings }) =>
    engravings.filter(({ how }) => how.kind === 'own' && how.by === id),
  ).length
</script>

<template>
  <section class="card grid gap-2" :aria-label="words.operationsOwn" data-field="own">
    <h2>{{ words.operationsOwn }}</h2>
    <p class="note">
      {{ words.besideEngravingPockets }}
    </p>
    <ul class="grid gap-3">
      <li v-for="(each, i) in own" :key="each.id" class="grid gap-2 border-t border-line pt-2">
        <div class="flex items-end gap-2">
          <label class="min-w-0 flex-1 text-[13px] font-medium">
            {{ common.name }}
            <TextEntry
              class="input"
              required
              :data-field="`own-name-${i + 1}`"
              :maxlength="40"
              :model-value="each.name"
              @update:model-value="rename(i, $event)"
            />
          </label>
          <input
            type="color"
            class="h-9 w-9 shrink-0"
            :value="each.colour"
            :aria-label="words.colourOf(each.name)"
            @change="set(i, { colour: ($event.target as HTMLInputElement).value })"
          />
          <button
            type="button"
            class="btn-icon"
            :disabled="i === 0"
            :aria-label="words.earlier(each.name)"
            @click="earlier(i)"
          >
            <ArrowUp :size="16" />
          </button>
          <button
            type="button"
            class="btn-icon"
            :disabled="users(each) > 0"
            :aria-label="words.remove(each.name)"
            @click="put(own.filter((_, at) => at !== i))"
          >
            <Trash2 :size="16" />
          </button>
        </div>
        <ChoiceRow
          :data-field="`own-how-${i + 1}`"
          :label="words.whatItDoes"
          :options="WAYS"
          :model-value="each.how"
          @update:model-value="set(i, { how: $event })"
        />
        <div class="grid grid-cols-2 gap-2">
          <SettingFields
            :name="`own-${i + 1}`"
            :title="each.name"
            :setting="each.setting"
            @set="(part, key) => set(i, { setting: { ...each.setting, ...part } }, key)"
          />
        </div>
        <p v-if="users(each) > 0" class="note">
          {{ words.usedBy(users(each)) }}
        </p>
      </li>
    </ul>
    <p v-if="taken" class="text-[13px] text-rowan" role="alert">
      {{ words.anotherOperationCalled(taken) }}
    </p>
    <button v-if="own.length < MOST_OWN" type="button" class="btn justify-self-start px-2 py-1" @click="add">
      <Plus :size="14" aria-hidden="true" />
      {{ words.addOperation }}
    </button>
  </section>
</template>
