/** Where preferences are kept; null in a browser that forbids it, where they last as long as the page. */
function storage(): Storage | null {
  try {
    return globalThis.localStorage
  } catch {
    return null
  }
}

export function readPreference(key: string): string | null {
  try {
    return storage()?.getItem(`uplands-${key}`) ?? null
  } catch {
    return null
  }
}

export function writePreference(key: string, value: string): void {
  try {
    storage()?.setItem(`uplands-${key}`, value)
  } catch {
    // no room left, or forbidden: the choice holds for this page
  }
}
