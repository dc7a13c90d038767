<script setup lang="ts">
import { Trash2 } from '@lucide/vue'
import { computed } from 'vue'
import { eventsSince, type KerfRecord } from '@core/kerf'
import { useSay } from '@web/parts/say'
import { dayOf } from '@web/data/dates'
import { useBench } from '@web/stores/bench'
import { useMessages } from '@web/stores/messages'
import { common } from '@web/words'
import { kerfRow as words } from './words'

/** One kerf that was measured, and what was done to the machine since. */
const props = defineProps<{ record: KerfRecord; title?: string }>()
const bench = useBench()
const say = useSay()
const figure = computed(() => {
  const { width, doubt } = props.record
  return say.value.finePlain(width) + (doubt === null ? '' : ` ± ${say.value.finePlain(doubt)}`)
})
const since = computed(() => eventsSince(props.record, bench.events)[0])

function remove(): void {
  const gone = bench.remove('kerfs', props.record.id)
  useMessages().say('said', words.kerfTakenOff, {
    label: common.bringBack,
    run: () => bench.undo([gone]),
  })
}
</script>

<template>
  <li class="flex flex-wrap items-center gap-2 text-[13px]">
    <span class="min-w-40 flex-1">
      <template v-if="title">{{ title }} ·</template>
      <span class="num">{{ dayOf(record.on) }} · {{ figure }}</span>
      · {{ record.method }}
      <template v-if="title && record.setting">· {{ record.setting }}</template>
      <span v-if="since" class="text-gorse">{{ words.before(since.what) }}</span>
    </span>
    <slot />
    <button
      type="button"
      class="btn-icon p-1"
      :aria-label="words.removeKerf(dayOf(record.on), say.fine(record.width))"
      @click="remove"
    >
      <Trash2 :size="13" />
    </button>
  </li>
</template>
