<script setup lang="ts">
import { computed } from 'vue'
import { scoreWords } from '@core/say'
import { useSay } from '@web/parts/say'
import { useOpenJob } from '@web/stores/job'
import { usePlanner, type Judged } from '@web/stores/planner'
import SearchPicture from './SearchPicture.vue'
import { common } from '@web/words'
import { searchCompared as words } from './words'

/** What the last search began with and what it came to, side by side; either can be taken. */
const jobs = useOpenJob()
const planner = usePlanner()
const say = useSay()
const now = computed(() => planner.arrangement)
const both = computed(() => {
  const { compared } = planner
  if (!compared || planner.progress) return []
  const sides = [
    { label: words.beforeSearch, ...compared.before },
    { label: words.foundByIt, ...compared.after },
  ]
  // Once parts or rules have changed neither of them is one of this job's layouts any more.
  return sides.every(({ arrangement }) => arrangement.signature === now.value?.signature) ? sides : []
})
const isNow = ({ arrangement }: Judged): boolean => now.value?.placements === arrangement.placements
const take = ({ arrangement }: Judged): boolean =>
  jobs.edit((draft) => {
    draft.layout.arrangement = arrangement
  })
</script>

<template>
  <section
    v-if="both.length > 0"
    class="card flex flex-wrap gap-x-6 gap-y-2 py-2!"
    :aria-label="words.compareLayouts"
  >
    <div v-for="side in both" :key="side.label" class="flex items-center gap-2 text-[13px]">
      <SearchPicture :best="side.arrangement.placements" :label="side.label" />
      <p>
        <span class="block text-[12px] text-quiet">{{ side.label }}</span>
        <span class="num">{{ scoreWords(side.score, say) }}</span>
      </p>
      <button
        type="button"
        class="btn px-2 py-1"
        :disabled="isNow(side)"
        :aria-label="words.take(side.label)"
        @click="take(side)"
      >
        {{ isNow(side) ? words.onTheBoard : words.takeThisOne }}
      </button>
    </div>
    <button type="button" class="btn ml-auto self-center px-2 py-1" @click="planner.compared = null">
      {{ common.close }}
    </button>
  </section>
</template>
