/** Whether two records say the same, key by key, in whatever order they were written. */
export function isSameRecord(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false
  if (Array.isArray(a) !== Array.isArray(b)) return false
  const keys = Object.keys(a)
  if (keys.length !== Object.keys(b).length) return false
  return keys.every((key) =>
    isSameRecord((a as Record<string, unknown>)[key], (b as Record<string, unknown>)[key]),
  )
}
