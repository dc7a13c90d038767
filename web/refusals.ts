/**
 * What a store would not take, in one sentence. The field that gave it out shows it; if none does, a message
 * says it.
 */
interface Refusal {
  sentence: string
  shown: boolean
}

let latest: Refusal | null = null

export function refuse(sentence: string, otherwise: (sentence: string) => void): void {
  const refusal: Refusal = { sentence, shown: false }
  latest = refusal
  // Whoever gave the edit out has until it is done with it to show the sentence in its place.
  queueMicrotask(() => {
    if (!refusal.shown) otherwise(sentence)
  })
}

/**
 * Does something that a store may refuse. @returns why it was refused, to be shown by the caller; null when
 * it was taken
 */
export function tryTo(act: () => void): string | null {
  latest = null
  act()
  const refusal = latest as Refusal | null
  latest = null
  if (!refusal) return null
  refusal.shown = true
  return refusal.sentence
}
