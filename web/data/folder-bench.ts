import { readIn, writeIn } from './folder'
import { folderStep } from './folder-step'
import { folderBench as words } from './words'

/** The bench's own file in a folder. */
export const BENCH_FILE = 'bench.uplands.json'
/** What the folder had where both changed: it stays there beside the new one. */
const OTHER_FILE = 'bench (other).json'

/** The bench as it is on this side. */
export interface BenchSide {
  text: () => Promise<string>
  /**
   * Takes records in; nothing is deleted for what a file does not have.
   * @param keepOurs where both have a record
   * @returns a sentence why it cannot be read, or the names of records that are otherwise there
   */
  take: (text: string, keepOurs: boolean) => Promise<{ refused: string | null; differs: string[] }>
}

interface Synced {
  last: Record<string, string>
  said: string[]
}
interface Kept {
  handle: FileSystemDirectoryHandle
  last: Record<string, string>
}

/** Holds the bench against the folder's. Where both changed, ours stays, and theirs is kept beside it. */
export async function syncBench({ handle, last }: Kept, side: BenchSide): Promise<Synced> {
  const [ours, theirs] = [await side.text(), await readIn(handle, BENCH_FILE)]
  const step = folderStep(ours, theirs, last[BENCH_FILE] ?? null)
  if (step === 'same') return { last: { ...last, [BENCH_FILE]: ours }, said: [] }
  if (step === 'write') {
    await writeIn(handle, BENCH_FILE, ours)
    return { last: { ...last, [BENCH_FILE]: ours }, said: [] }
  }
  const { refused, differs } = await side.take(theirs!, step === 'conflict')
  if (refused !== null) return { last, said: [words.folderLeft(BENCH_FILE, refused)] }
  if (step === 'read') return { last: { ...last, [BENCH_FILE]: theirs! }, said: [] }
  if (differs.length > 0) await writeIn(handle, OTHER_FILE, theirs!)
  const now = await side.text()
  await writeIn(handle, BENCH_FILE, now)
  const said =
    differs.length === 0 ? [] : [words.benchChangedHere(differs.slice(0, 5).join(', '), OTHER_FILE)]
  return { last: { ...last, [BENCH_FILE]: now }, said }
}

/** Writes the bench that was changed here; what somebody else changed meanwhile is left for later. */
export async function putBenchInFolder({ handle, last }: Kept, side: BenchSide): Promise<Kept['last']> {
  const [ours, theirs] = [await side.text(), await readIn(handle, BENCH_FILE)]
  const step = folderStep(ours, theirs, last[BENCH_FILE] ?? null)
  if (step === 'conflict' || step === 'read') return last
  if (step === 'write') await writeIn(handle, BENCH_FILE, ours)
  return { ...last, [BENCH_FILE]: ours }
}
