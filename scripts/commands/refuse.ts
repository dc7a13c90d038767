/** Ends with one sentence; 2 is "what you gave me cannot be used". */
export function refuse(sentence: string): never {
  console.error(sentence)
  process.exit(2)
}

/** A whole number from 0 as it was typed; null where it is none. */
export const wholeNumber = (text: string): number | null =>
  /^\d{1,15}$/.test(text.trim()) ? Number(text) : null
