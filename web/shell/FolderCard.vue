<script setup lang="ts">
import { FolderSync } from '@lucide/vue'
import { onMounted } from 'vue'
import { dateText } from '@web/data/dates'
import type { FolderConflict } from '@web/data/folder-sync'
import { useFolder } from '@web/stores/folder'
import { useShelf } from '@web/stores/shelf'
import InSentence from '@web/parts/InSentence.vue'
import { folderCard as words } from './words'

/** A folder of the maker's own, kept in step with the jobs in this browser. */
const folder = useFolder()
const shelf = useShelf()
const anew = (isNew: boolean): Promise<void> | void => (isNew ? shelf.refresh() : undefined)
/** On with the folder of before. @param ask the maker, who has just pressed something */
async function goOn(ask = false): Promise<void> {
  await folder.wake(ask)
  await anew(await folder.sync())
}
onMounted(() => goOn())
const settle = async (conflict: FolderConflict, kept: 'ours' | 'theirs'): Promise<void> => {
  await folder.settle(conflict, kept)
  await shelf.refresh()
}
</script>

<template>
  <section v-if="folder.isOffered" class="note mt-2 grid gap-1" :aria-label="words.folder">
    <p v-if="folder.name === ''" class="flex flex-wrap items-center gap-2">
      <button type="button" class="btn px-2 py-1" @click="folder.choose().then(anew)">
        <FolderSync :size="15" aria-hidden="true" />
        {{ words.keepFolderStep }}
      </button>
      {{ words.everyJobBench }}
    </p>
    <p v-else class="flex flex-wrap items-center gap-2">
      <template v-if="folder.isAsleep">
        {{ words.folderWaitsUntil(folder.name) }}
        <button type="button" class="btn px-2 py-1" @click="goOn(true)">{{ words.goOn }}</button>
      </template>
      <template v-else>
        {{ words.everyJobFile(folder.name) }}
        <button type="button" class="btn px-2 py-1" @click="folder.sync().then(anew)">
          {{ words.lookChanges }}
        </button>
      </template>
      <button type="button" class="btn px-2 py-1" @click="folder.leave()">
        {{ words.leaveFolderAlone }}
      </button>
    </p>
    <ul v-if="folder.conflicts.length > 0" class="grid gap-1" :aria-label="words.changedHere">
      <li
        v-for="conflict in folder.conflicts"
        :key="conflict.file"
        class="flex flex-wrap items-center gap-2 rounded bg-gorse-wash p-1.5"
      >
        <span class="min-w-48 flex-1">
          <InSentence
            :text="
              words.changedBoth(
                dateText(conflict.ours.changed, true),
                dateText(conflict.theirs.changed, true),
              )
            "
          >
            <template #job><strong>{{ conflict.ours.name }}</strong></template>
          </InSentence>
        </span>
        <button type="button" class="btn px-2 py-0.5" @click="settle(conflict, 'ours')">
          {{ words.keepThisOne }}
        </button>
        <button type="button" class="btn px-2 py-0.5" @click="settle(conflict, 'theirs')">
          {{ words.takeFolders }}
        </button>
      </li>
    </ul>
  </section>
</template>
