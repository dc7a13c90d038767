import { withDatabase } from './db'

/** What a list says of a job. Whether the rest of it can be read is seen when it is opened or looked over. */
export interface JobEntry {
  id: string
  /** Goes up with every write. */
  revision: number
  name: string
  /** When it was changed last, as ISO 8601. */
  changed: string
  machine: Named | null
  stock: Named | null
  /** Whether it is offered as a kind when a job is begun. */
  template: boolean
}
interface Named {
  id: string
  name: string
}

const isText = (value: unknown): value is string => typeof value === 'string'
const at = (value: unknown, key: string): unknown =>
  typeof value === 'object' && value !== null ? (value as Record<string, unknown>)[key] : undefined

function namedAt(measure: unknown, key: string): Named | null {
  const [id, name] = ['id', 'name'].map((each) => at(at(measure, key), each))
  return isText(id) && isText(name) ? { id, name } : null
}

/** Storage is as foreign as any file: what has no name is no entry. */
function entryOf(stored: unknown): JobEntry | null {
  const [id, revision, job] = ['id', 'revision', 'job'].map((key) => at(stored, key))
  const [name, changed] = ['name', 'changed'].map((key) => at(job, key))
  if (!isText(id) || !isText(name) || !isText(changed) || typeof revision !== 'number') return null
  const measure = at(job, 'measure')
  return {
    id,
    revision,
    name,
    changed,
    machine: namedAt(measure, 'machine'),
    stock: namedAt(measure, 'stock'),
    template: at(job, 'template') === true,
  }
}

/** Every job in this browser, newest first, and the ids of all that is stored as one. */
export async function listEntries(): Promise<{ entries: JobEntry[]; ids: string[] }> {
  const [all, ids] = await withDatabase((db) => Promise.all([db.getAll('jobs'), db.getAllKeys('jobs')]))
  const entries = all.map(entryOf).filter((entry) => entry !== null)
  return { entries: entries.sort((a, b) => b.changed.localeCompare(a.changed)), ids }
}

/** How many jobs are stored, whether they can be read or not. */
export const countJobs = (): Promise<number> => withDatabase((db) => db.count('jobs'))
