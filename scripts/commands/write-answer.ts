import { writeFileSync } from 'node:fs'
import { refuse } from './refuse'

/** Writes text to a file and names it; or says why it cannot be. */
export function writeText(out: string, text: string): void {
  try {
    writeFileSync(out, text)
  } catch (error) {
    refuse(`${out} cannot be written: ${(error as Error).message}. Give a file that may be written.`)
  }
  console.log(out)
}

/** The same with an answer, as JSON. */
export const writeAnswer = (out: string, answer: unknown): void =>
  writeText(out, `${JSON.stringify(answer, null, 1)}\n`)
