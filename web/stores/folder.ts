import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { askForFolder, canKeepFolder, forgetFolder, loadFolder, mayWrite, saveFolder } from '@web/data/folder'
import {
  putInFolder,
  settleConflict,
  syncFolder,
  type Folder,
  type FolderConflict,
} from '@web/data/folder-sync'
import { BENCH_STORES } from '@web/data/db'
import { putBenchInFolder, syncBench } from '@web/data/folder-bench'
import { onSaved } from '@web/data/jobs'
import { useBench } from './bench'
import { benchSide } from './bench-side'
import { useMessages } from './messages'
import { folder as words } from './words'

/** How long after a change it is written, ms: typing writes once. */
const SOON = 800

/** A folder into which every job is written as a file on each change, and from which changes come back. */
export const useFolder = defineStore('folder', () => {
  const messages = useMessages()
  const folder = shallowRef<Folder | null>(null)
  /** Whether the browser has to be asked again before it may be written to. */
  const isAsleep = ref(false)
  const conflicts = shallowRef<FolderConflict[]>([])
  const name = computed(() => folder.value?.handle.name ?? '')
  const isOffered = canKeepFolder()

  /** Works with the folder, and keeps what was the same afterwards; a failure is said, and it waits. */
  async function work(how: (now: Folder) => Promise<Folder['last']>): Promise<void> {
    const now = folder.value
    if (!now || isAsleep.value) return
    try {
      folder.value = { handle: now.handle, last: await how(now) }
      await saveFolder(folder.value)
    } catch {
      isAsleep.value = true
      messages.say('look', words.cannotWrittenNow(name.value))
    }
  }

  /** @returns whether anything came in */
  async function sync(): Promise<boolean> {
    let isNew = false
    await work(async (now) => {
      const synced = await syncFolder(now)
      conflicts.value = synced.conflicts
      for (const sentence of synced.refused) messages.say('look', sentence)
      isNew = synced.isNew
      const { last, said } = await syncBench({ ...now, last: synced.last }, benchSide())
      for (const sentence of said) messages.say('look', sentence)
      return last
    })
    return isNew
  }
  async function settle(conflict: FolderConflict, kept: 'ours' | 'theirs'): Promise<void> {
    await work((now) => settleConflict(now, conflict, kept))
    conflicts.value = conflicts.value.filter(({ file }) => file !== conflict.file)
  }

  async function begin({ handle, last }: Folder, ask: boolean): Promise<void> {
    folder.value = { handle, last }
    isAsleep.value = !(await mayWrite(handle, ask))
  }
  async function choose(): Promise<boolean> {
    const handle = await askForFolder()
    if (!handle) return false
    await begin({ handle, last: {} }, true)
    return sync()
  }
  /** The folder of before. @param ask the maker, who has just pressed something */
  async function wake(ask = false): Promise<void> {
    const kept = isOffered ? await loadFolder().catch(() => undefined) : undefined
    if (kept) await begin(folder.value ?? kept, ask)
  }
  async function leave(): Promise<void> {
    folder.value = null
    conflicts.value = []
    await forgetFolder()
  }

  const waiting = new Map<string, ReturnType<typeof setTimeout>>()
  onSaved((job) => {
    if (!folder.value) return
    clearTimeout(waiting.get(job.id))
    const later = setTimeout(() => void work((now) => putInFolder(now, job)), SOON)
    waiting.set(job.id, later)
  })
  const bench = useBench()
  let later: ReturnType<typeof setTimeout>
  watch(
    () => BENCH_STORES.map((shelf) => bench[shelf]),
    () => {
      if (!folder.value) return
      clearTimeout(later)
      later = setTimeout(() => void work((now) => putBenchInFolder(now, benchSide())), SOON)
    },
  )
  return { name, isOffered, isAsleep, conflicts, choose, wake, leave, sync, settle }
})
