import { database } from './db'

/** Small remembered facts, such as that the demo jobs were laid out once. */
export const getFact = async (id: string): Promise<string | null> =>
  (await (await database()).get('facts', id))?.value ?? null
export const setFact = async (id: string, value: string): Promise<void> =>
  void (await (await database()).put('facts', { id, value }))
