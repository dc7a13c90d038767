/** Ends with one sentence; 2 is "what you gave me cannot be used". */
export function refuse(sentence: string): never {
  console.error(sentence)
  process.exit(2)
}
