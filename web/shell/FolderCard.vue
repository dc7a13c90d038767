<script setup lang="ts">
import { FolderSync } from '@lucide/vue'
import { onMounted } from 'vue'
import { dateText } from '@web/data/dates'
import type { FolderConflict } from '@web/data/folder-sync'
import { useFolder } from '@web/stores/folder'
import { useShelf } from '@web/stores/shelf'

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
  <section v-if="folder.isOffered" class="note mt-2 grid gap-1" aria-label="Folder">
    <p v-if="folder.name === ''" class="flex flex-wrap items-center gap-2">
      <button type="button" class="btn px-2 py-1" @click="folder.choose().then(anew)">
        <FolderSync :size="15" aria-hidden="true" />
        Keep a folder in step
      </button>
      Every job and the bench are then files there as well, written on each change; what changes there comes
      back.
    </p>
    <p v-else class="flex flex-wrap items-center gap-2">
      <template v-if="folder.isAsleep">
        The folder “{{ folder.name }}” waits until you let this page write to it again.
        <button type="button" class="btn px-2 py-1" @click="goOn(true)">Go on</button>
      </template>
      <template v-else>
        Every job is a file in “{{ folder.name }}” as well, and the bench is one.
        <button type="button" class="btn px-2 py-1" @click="folder.sync().then(anew)">
          Look for changes
        </button>
      </template>
      <button type="button" class="btn px-2 py-1" @click="folder.leave()">Leave the folder alone</button>
    </p>
    <ul v-if="folder.conflicts.length > 0" class="grid gap-1" aria-label="Changed here and there">
      <li
        v-for="conflict in folder.conflicts"
        :key="conflict.file"
        class="flex flex-wrap items-center gap-2 rounded bg-gorse-wash p-1.5"
      >
        <span class="min-w-48 flex-1">
          <strong>{{ conflict.ours.name }}</strong>
          was changed here ({{ dateText(conflict.ours.changed, true) }}) and in the folder ({{
            dateText(conflict.theirs.changed, true)
          }}). The other one stays beside it as a copy.
        </span>
        <button type="button" class="btn px-2 py-0.5" @click="settle(conflict, 'ours')">Keep this one</button>
        <button type="button" class="btn px-2 py-0.5" @click="settle(conflict, 'theirs')">
          Take the folder’s
        </button>
      </li>
    </ul>
  </section>
</template>
