import type { Job } from '@core/job'
import { filesIn, readIn, writeIn } from './folder'
import { BENCH_FILE } from './folder-bench'
import { folderStep } from './folder-step'
import { listJobs, saveJob } from './jobs'
import { folderSync as words } from './words'

/** A folder, and what each of its files was when it was as here. */
export interface Folder {
  handle: FileSystemDirectoryHandle
  last: Record<string, string>
}

/** A job that was changed here and in the folder since both were the same. */
export interface FolderConflict {
  file: string
  ours: Job
  theirs: Job
}

export interface Synced {
  last: Folder['last']
  conflicts: FolderConflict[]
  /** Sentences about files that could not be read. */
  refused: string[]
  /** Whether anything came in. */
  isNew: boolean
}

/** Fetched when a folder is first written to: most makers have none. */
const keeping = () => import('@web/data/kept-files')

/** The file of a job: one that is there keeps its name when the job gets another. */
async function fileOf({ id, name }: Job, names: Iterable<string>): Promise<string> {
  const { fileStem } = await keeping()
  const end = `-${fileStem(id)}.uplands.json`
  for (const each of names) if (each.endsWith(end)) return each
  return `${fileStem(name)}${end}`
}

/** Writes one job that was changed here; what somebody else changed meanwhile is left for later. */
export async function putInFolder({ handle, last }: Folder, job: Job): Promise<Folder['last']> {
  const { writeJob } = await keeping()
  const [file, text] = [await fileOf(job, Object.keys(last)), writeJob(job)]
  const step = folderStep(text, await readIn(handle, file), last[file] ?? null)
  if (step === 'conflict' || step === 'read') return last
  if (step === 'write') await writeIn(handle, file, text)
  return { ...last, [file]: text }
}

/** Holds every job here against every file there. */
export async function syncFolder(folder: Folder): Promise<Synced> {
  const { readJob, writeJob } = await keeping()
  const [{ jobs }, files] = [await listJobs(), await filesIn(folder.handle)]
  files.delete(BENCH_FILE)
  const synced: Synced = { last: { ...folder.last }, conflicts: [], refused: [], isNew: false }
  const ours = new Map<string, (typeof jobs)[number]>()
  for (const stored of jobs) ours.set(await fileOf(stored.job, files.keys()), stored)
  for (const file of new Set([...ours.keys(), ...files.keys()])) {
    const stored = ours.get(file)
    const [here, there] = [stored ? writeJob(stored.job) : null, files.get(file) ?? null]
    const step = folderStep(here, there, folder.last[file] ?? null)
    if (step === 'write') await writeIn(folder.handle, file, here!)
    if (step === 'write' || (step === 'same' && here !== null)) synced.last[file] = here!
    if (step === 'write' || step === 'same') continue
    const read = readJob(there!)
    if (!read.ok) synced.refused.push(words.folderLeft(file, read.error))
    else if (step === 'conflict') synced.conflicts.push({ file, ours: stored!.job, theirs: read.job })
    else {
      await saveJob(read.job, stored?.revision ?? 0)
      synced.last[file] = there!
      synced.isNew = true
    }
  }
  return synced
}

/** Ends a conflict with the one or the other; the other is kept beside it as a copy. */
export async function settleConflict(
  { handle, last }: Folder,
  { file, ours, theirs }: FolderConflict,
  kept: 'ours' | 'theirs',
): Promise<Folder['last']> {
  const { writeJob } = await keeping()
  const [chosen, other] = kept === 'ours' ? [ours, theirs] : [theirs, ours]
  await saveJob({ ...other, id: crypto.randomUUID(), name: `${other.name.slice(0, 60)} (other)` }, 0)
  const { jobs } = await listJobs()
  await saveJob(chosen, jobs.find(({ job }) => job.id === chosen.id)?.revision ?? 0)
  const text = writeJob(chosen)
  await writeIn(handle, file, text)
  return { ...last, [file]: text }
}
