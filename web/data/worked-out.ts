import { arrangementSchema, type Arrangement } from '@core/job'
import { withDatabase } from './db'

/** The layout that was worked out for a job last; null where there is none that can be read. */
export async function loadWorkedOut(job: string): Promise<Arrangement | null> {
  const stored = await withDatabase((db) => db.get('workedOut', job))
  return arrangementSchema.safeParse(stored?.arrangement).data ?? null
}

/** Keeps a layout beside its job: its signature says what it was worked out from. */
export const saveWorkedOut = (job: string, arrangement: Arrangement): Promise<unknown> =>
  withDatabase((db) => db.put('workedOut', { id: job, arrangement }))
