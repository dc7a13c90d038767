/** What is read from older files, before it is known to be right. */
export type RawRecord = Record<string, unknown>

export const isObject = (value: unknown): value is RawRecord =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
export const listOf = (value: unknown): unknown[] => (Array.isArray(value) ? value : [])
export const eachObject = (list: unknown, change: (item: RawRecord, i: number) => unknown): unknown =>
  Array.isArray(list) ? list.map((item: unknown, i) => (isObject(item) ? change(item, i) : item)) : list
