<script setup lang="ts">
import { FileDown, TriangleAlert, Trash2, Wrench } from '@lucide/vue'
import { fileStem } from '@core/keep'
import { download } from '@web/data/download'
import type { Unreadable } from '@web/data/unreadable'
import { useShelf } from '@web/stores/shelf'
import { unreadableList as words } from './words'

/** Records that are stored and cannot be read: why, and what can be done about each. */
defineProps<{ records: Unreadable[] }>()
const shelf = useShelf()

function exportAsItIs({ name, shelf: of, raw }: Unreadable): void {
  const stem = fileStem(`${of} ${name}`)
  void download(
    [{ name: `${stem}-as-stored.json`, content: JSON.stringify(raw, null, 2) + '\n' }],
    `${stem}.zip`,
  )
}
</script>

<template>
  <section
    v-if="records.length > 0"
    class="rounded-md border border-rowan bg-rowan-wash p-3 text-sm"
    :aria-label="words.cannotRead"
  >
    <h2 class="flex items-center gap-1.5">
      <TriangleAlert :size="17" aria-hidden="true" />
      {{ words.storedHereBut }}
    </h2>
    <ul class="mt-1 grid gap-2">
      <li
        v-for="record in records"
        :key="`${record.shelf} ${record.id}`"
        class="flex flex-wrap items-center gap-2"
      >
        <p class="min-w-48 flex-1">
          <strong>{{ record.name }}:</strong>
          {{ record.why }}
          <span v-if="record.repaired" class="block text-[13px]">
            {{ words.itCanBe(record.repaired.mended.join('; ')) }}
          </span>
        </p>
        <button type="button" class="btn" @click="exportAsItIs(record)">
          <FileDown :size="15" aria-hidden="true" />
          {{ words.exportAsIt }}
        </button>
        <button v-if="record.repaired" type="button" class="btn" @click="shelf.settle(record, 'repair')">
          <Wrench :size="15" aria-hidden="true" />
          {{ words.mendIt }}
        </button>
        <button type="button" class="btn" @click="shelf.settle(record, 'delete')">
          <Trash2 :size="15" aria-hidden="true" />
          {{ words.deleteIt }}
        </button>
      </li>
    </ul>
  </section>
</template>
