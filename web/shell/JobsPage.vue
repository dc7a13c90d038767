<script setup lang="ts">
import { download } from '@web/data/download'
import {
  BookOpen,
  Combine,
  FileDown,
  Table2,
  FilePlus,
  FolderOpen,
  GraduationCap,
  Mountain,
} from '@lucide/vue'
import { computed, defineAsyncComponent, onMounted, ref } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import ContourBackdrop from '@web/parts/ContourBackdrop.vue'
import LongList from '@web/parts/LongList.vue'
import { dayOf, dateText } from '@web/data/dates'
import type { JobEntry } from '@web/data/job-list'
import { useMessages } from '@web/stores/messages'
import { useShelf } from '@web/stores/shelf'
import JobCard from './JobCard.vue'
import ThemeButton from './ThemeButton.vue'
import UnitsMenu from './UnitsMenu.vue'
import { jobsPage as words } from './words'

/** Fetched when they are first needed. */
const UnreadableList = defineAsyncComponent(() => import('@web/bench/UnreadableList.vue'))
const FolderCard = defineAsyncComponent(() => import('./FolderCard.vue'))
const NewJobDialog = defineAsyncComponent(() => import('./NewJobDialog.vue'))
const TableDialog = defineAsyncComponent(() => import('./TableDialog.vue'))
const TogetherDialog = defineAsyncComponent(() => import('./TogetherDialog.vue'))

const shelf = useShelf()
const router = useRouter()
const isTogether = ref(false)
const isTable = ref(false)
const isNew = ref(false)
const chooser = ref<HTMLInputElement>()
onMounted(() => shelf.open())

function go(id: string | null, station = 'measure', view = ''): void {
  if (id) void router.push({ name: 'job', params: { id, station, view } })
}
/** Who has cut before goes to the box; who has not is asked for laser and sheet. */
const began = (id: string | null, hasCut: boolean): void =>
  hasCut ? go(id, 'shape') : go(id, 'measure', 'first')
async function importChosen(): Promise<void> {
  const file = chooser.value?.files?.[0]
  if (file) go(await shelf.importFile(file))
  if (chooser.value) chooser.value.value = ''
}
async function exportEverything(): Promise<void> {
  const { writeEverything } = await import('@web/data/kept-files') // fetched when it is wanted
  const { all, unreadable: missing } = await shelf.everything()
  const now = new Date()
  const texts = writeEverything(all, now.toISOString())
  const part = (i: number): string => (texts.length > 1 ? `-${i + 1}-of-${texts.length}` : '')
  const files = texts.map((content, i) => ({
    name: `uplands-everything-${dayOf(now)}${part(i)}.json`,
    content,
  }))
  await download(files, 'uplands.zip')
  shelf.copied(now.toISOString())
  if (missing > 0) useMessages().say('look', words.fileJobs(all.jobs.length, missing))
}

/** When all of it was last written to a file: what only a browser has can be lost with it. */
const copyWords = computed(() => {
  const { lastCopy } = shelf
  const changed = shelf.jobs.filter((job) => lastCopy === null || job.changed > lastCopy).length
  if (lastCopy === null) return words.noCopyJobs
  const since = changed === 0 ? words.nothingChangedSince : words.jobChangedSince(changed)
  return words.lastCopyFile(dateText(lastCopy, true), since)
})

/** Which jobs are shown, and in which order. */
const wanted = ref('')
const order = ref<'changed' | 'name' | 'stock'>('changed')
const shown = computed(() => {
  const terms = wanted.value.trim().toLowerCase().split(/\s+/)
  const text = ({ name, stock, machine }: JobEntry): string =>
    `${name} ${stock?.name ?? ''} ${machine?.name ?? ''}`.toLowerCase()
  const keys = {
    changed: (a: JobEntry, b: JobEntry) => b.changed.localeCompare(a.changed),
    name: (a: JobEntry, b: JobEntry) => a.name.localeCompare(b.name),
    stock: (a: JobEntry, b: JobEntry) => (a.stock?.name ?? '').localeCompare(b.stock?.name ?? ''),
  }
  return shelf.jobs.filter((job) => terms.every((word) => text(job).includes(word))).sort(keys[order.value])
})
</script>

<template>
  <div class="relative min-h-screen">
    <ContourBackdrop />
    <main class="relative mx-auto max-w-4xl px-6 py-8 max-sm:px-3">
      <div class="flex flex-wrap items-start justify-between gap-4">
        <div>
          <h1 class="flex items-center gap-2 text-3xl">
            <Mountain :size="30" aria-hidden="true" />
            {{ words.uplands }}
          </h1>
          <p class="mt-1 max-w-prose text-quiet">
            {{ words.sheetPaperTravels }}
          </p>
        </div>
        <span class="flex gap-1">
          <UnitsMenu />
          <ThemeButton />
        </span>
      </div>
      <div class="mt-5 flex flex-wrap gap-2">
        <button type="button" class="btn btn-main" @click="isNew = true">
          <FilePlus :size="16" aria-hidden="true" />
          {{ words.newJob }}
        </button>
        <button type="button" class="btn" @click="chooser?.click()">
          <FolderOpen :size="16" aria-hidden="true" />
          {{ words.importFile }}
        </button>
        <RouterLink to="/bench" class="btn">
          <BookOpen :size="16" aria-hidden="true" />
          {{ words.benchStockOrders }}
        </RouterLink>
        <RouterLink to="/learn" class="btn">
          <GraduationCap :size="16" aria-hidden="true" />
          {{ words.learnHands }}
        </RouterLink>
        <button v-if="shelf.jobs.length > 1" type="button" class="btn" @click="isTogether = true">
          <Combine :size="16" aria-hidden="true" />
          {{ words.cutJobsTogether }}
        </button>
        <button v-if="shelf.jobs.length > 0" type="button" class="btn" @click="isTable = true">
          <Table2 :size="16" aria-hidden="true" />
          {{ words.boxesTable }}
        </button>
        <button type="button" class="btn" @click="exportEverything">
          <FileDown :size="16" aria-hidden="true" />
          {{ words.everythingFile }}
        </button>
        <button type="button" class="btn" @click="shelf.addDemo()">{{ words.fetchFieldStations }}</button>
        <input
          ref="chooser"
          type="file"
          accept=".json,application/json"
          class="sr-only"
          tabindex="-1"
          :aria-label="words.jobFile"
          @change="importChosen"
        />
      </div>
      <UnreadableList v-if="shelf.unreadable.length > 0" class="mt-5" :records="shelf.unreadable" />
      <div class="mt-6 flex flex-wrap items-end justify-between gap-2">
        <h2>{{ words.jobsBrowser }}</h2>
        <span v-if="shelf.jobs.length > 1" class="flex flex-wrap gap-2">
          <input
            v-model="wanted"
            type="search"
            class="input w-44! font-sans!"
            :aria-label="words.searchJobs"
            :placeholder="words.search"
          />
          <select v-model="order" class="input w-36! font-sans!" :aria-label="words.sortJobs">
            <option value="changed">{{ words.newestFirst }}</option>
            <option value="name">{{ words.byName }}</option>
            <option value="stock">{{ words.byStock }}</option>
          </select>
        </span>
      </div>
      <p v-if="shelf.failed" class="mt-2 text-rowan" role="alert">
        {{ words.storageBrowserDid }}
      </p>
      <p
        v-else-if="shelf.ready && shelf.jobs.length === 0 && shelf.unreadable.length > 0"
        class="mt-2 text-quiet"
      >
        {{ words.noneThemRead }}
      </p>
      <p v-else-if="shelf.ready && shelf.jobs.length === 0" class="mt-2 text-quiet">
        {{ words.noneYetStart }}
      </p>
      <p v-else-if="shelf.ready && shown.length === 0" class="mt-2 text-quiet">
        {{ words.noJobName(wanted.trim()) }}
      </p>
      <p v-if="shelf.ready && shelf.jobs.length > 0" class="note mt-1" data-testid="copied">
        {{ copyWords }}
      </p>
      <FolderCard v-if="shelf.ready" />
      <LongList
        v-slot="{ item }"
        class="mt-2"
        :label="words.jobs"
        :items="shown"
        :height="74"
        scrolls="window"
      >
        <JobCard :entry="item" @duplicate="shelf.duplicate(item).then(go)" @remove="shelf.remove(item)" />
      </LongList>
    </main>
    <NewJobDialog v-if="isNew" open @close="isNew = false" @made="began" />
    <TableDialog v-if="isTable" open @close="isTable = false" @made="go($event, 'shape')" />
    <TogetherDialog v-if="isTogether" open @close="isTogether = false" @made="go" />
  </div>
</template>
