import { withDatabase } from './db'

/** What of a browser's own types is not in all of them yet. */
interface Picker {
  showDirectoryPicker?: (options: { mode: 'readwrite' }) => Promise<FileSystemDirectoryHandle>
}
type Asking = FileSystemDirectoryHandle & {
  queryPermission?: (options: { mode: 'readwrite' }) => Promise<PermissionState>
  requestPermission?: (options: { mode: 'readwrite' }) => Promise<PermissionState>
  entries: () => AsyncIterable<[string, FileSystemHandle]>
}

/** Larger than any file of ours, bytes. */
const LARGEST = 90_000_000

export const canKeepFolder = (): boolean => 'showDirectoryPicker' in globalThis

/** Asks for a folder; null where the maker thinks better of it. */
export async function askForFolder(): Promise<FileSystemDirectoryHandle | null> {
  try {
    return (await (globalThis as Picker).showDirectoryPicker?.({ mode: 'readwrite' })) ?? null
  } catch {
    return null
  }
}

const ID = 'folder'
/** The folder that was chosen, and what each of its files was when it was as here. */
export interface KeptFolder {
  id: string
  handle: FileSystemDirectoryHandle
  last: Record<string, string>
}
export const loadFolder = (): Promise<KeptFolder | undefined> => withDatabase((db) => db.get('folders', ID))
export const saveFolder = (folder: Omit<KeptFolder, 'id'>): Promise<unknown> =>
  withDatabase((db) => db.put('folders', { id: ID, ...folder }))
export const forgetFolder = (): Promise<void> => withDatabase((db) => db.delete('folders', ID))

/** Whether it may be written to. @param ask the maker, who has just pressed something */
export async function mayWrite(handle: FileSystemDirectoryHandle, ask: boolean): Promise<boolean> {
  const asking = handle as Asking
  if (!asking.queryPermission) return true
  const now = await asking.queryPermission({ mode: 'readwrite' })
  if (now === 'granted' || !ask) return now === 'granted'
  return (await asking.requestPermission?.({ mode: 'readwrite' })) === 'granted'
}

/** Every file of ours that a folder holds, by name. */
export async function filesIn(handle: FileSystemDirectoryHandle): Promise<Map<string, string>> {
  const found = new Map<string, string>()
  for await (const [name, entry] of (handle as Asking).entries()) {
    if (entry.kind !== 'file' || !name.endsWith('.uplands.json')) continue
    const file = await (entry as FileSystemFileHandle).getFile()
    if (file.size <= LARGEST) found.set(name, await file.text())
  }
  return found
}

/** What a file of a folder says; null where there is none. */
export async function readIn(handle: FileSystemDirectoryHandle, name: string): Promise<string | null> {
  try {
    return await (await (await handle.getFileHandle(name)).getFile()).text()
  } catch {
    return null
  }
}

/** Writes a file whole: what was there stays until the new one is. */
export async function writeIn(handle: FileSystemDirectoryHandle, name: string, text: string): Promise<void> {
  const file = await handle.getFileHandle(name, { create: true })
  const stream = await file.createWritable()
  await stream.write(text)
  await stream.close()
}
