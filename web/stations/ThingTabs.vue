<script setup lang="ts">
import { ChevronLeft, ChevronRight, Trash2 } from '@lucide/vue'
import { computed } from 'vue'
import { thingsOf, withThing } from '@core/job'
import TextEntry from '@web/parts/TextEntry.vue'
import { useOpenJob } from '@web/stores/job'
import { common } from '@web/words'
import { thingTabs as words } from './words'

/** The things that a job makes: which one is in hand, and its name. */
const props = defineProps<{ editing?: boolean }>()
const jobs = useOpenJob()
const things = computed(() => thingsOf(jobs.job))
const isSeveral = computed(() => things.value.length > 1)
/** More than these are a list to choose from: as buttons they would fill the screen. */
const MOST_TABS = 12
const at = computed(() => things.value.findIndex(({ id }) => id === jobs.job.thing.id))

const take = (id: string): boolean =>
  jobs.edit((draft) => {
    Object.assign(draft, withThing(jobs.job, id))
  })
function remove(): void {
  const [next] = things.value.filter(({ id }) => id !== jobs.job.thing.id)
  jobs.edit((draft) => {
    const taken = withThing(jobs.job, next.id)
    Object.assign(draft, taken, { also: taken.also.filter(({ id }) => id !== jobs.job.thing.id) })
  })
}
const rename = (name: string): boolean =>
  jobs.edit((draft) => {
    draft.thing = { ...draft.thing, name }
  }, 'thing name')
const label = (name: string, copies: number): string => (copies > 1 ? `${copies} × ${name}` : name)
</script>

<template>
  <div v-if="isSeveral" class="flex flex-wrap items-end gap-1" data-field="things">
    <div v-if="things.length > MOST_TABS" class="flex w-full items-end gap-1">
      <button
        type="button"
        class="btn-icon"
        :aria-label="words.thingBefore"
        :disabled="at === 0"
        @click="take(things[at - 1].id)"
      >
        <ChevronLeft :size="16" />
      </button>
      <label class="min-w-0 flex-1 text-[13px] font-medium">
        {{ words.thingOf(at + 1, things.length) }}
        <select
          class="input font-sans!"
          :value="jobs.job.thing.id"
          @change="take(($event.target as HTMLSelectElement).value)"
        >
          <option v-for="{ id, name, copies } in things" :key="id" :value="id">
            {{ label(name, copies) }}
          </option>
        </select>
      </label>
      <button
        type="button"
        class="btn-icon"
        :aria-label="words.nextThing"
        :disabled="at === things.length - 1"
        @click="take(things[at + 1].id)"
      >
        <ChevronRight :size="16" />
      </button>
    </div>
    <div v-else class="flex flex-wrap gap-1" role="group" :aria-label="words.thingsJob">
      <button
        v-for="thing in things"
        :key="thing.id"
        type="button"
        class="choice"
        :data-on="thing.id === jobs.job.thing.id"
        :aria-pressed="thing.id === jobs.job.thing.id"
        @click="take(thing.id)"
      >
        {{ label(thing.name, thing.copies) }}
      </button>
    </div>
    <template v-if="props.editing">
      <label class="min-w-24 flex-1 text-[13px] font-medium">
        {{ common.name }}
        <TextEntry
          class="input"
          data-field="thing-name"
          :model-value="jobs.job.thing.name"
          :maxlength="40"
          required
          @update:model-value="rename"
        />
      </label>
      <button
        v-if="!jobs.job.whole"
        type="button"
        class="btn-icon"
        :aria-label="words.remove(jobs.job.thing.name)"
        @click="remove"
      >
        <Trash2 :size="16" />
      </button>
    </template>
  </div>
</template>
