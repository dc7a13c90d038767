import { withDatabase } from './db'

/** Small remembered facts, such as that the demo jobs were laid out once. */
export const getFact = async (id: string): Promise<string | null> =>
  (await withDatabase((db) => db.get('facts', id)))?.value ?? null
export const setFact = async (id: string, value: string): Promise<void> =>
  void (await withDatabase((db) => db.put('facts', { id, value })))
