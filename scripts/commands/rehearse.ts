import { writeFileSync } from 'node:fs'
import { parseArgs } from 'node:util'
import { rehearse, WORLD_NAMES, type LaserLike } from '../../core/rehearse'
import { readJobFile } from './read-job-file'
import { refuse, wholeNumber } from './refuse'

const LASERS: LaserLike[] = ['any', 'mine', ...WORLD_NAMES]

/** Cuts a job on the simulated laser of a seed, and writes each part as it was cut. */
export function runRehearse(args: string[], usage: string): void {
  let parsed
  try {
    parsed = parseArgs({
      args,
      allowPositionals: true,
      options: {
        out: { type: 'string' },
        seed: { type: 'string', default: '1' },
        laser: { type: 'string', default: 'any' },
      },
    })
  } catch (error) {
    return refuse(`${(error as Error).message.split('\n')[0]} ${usage}`)
  }
  const [file] = parsed.positionals
  const { out } = parsed.values
  const seed = wholeNumber(parsed.values.seed)
  if (!file || !out) return refuse(usage)
  if (seed === null) return refuse(`--seed is a whole number, such as 1. ${usage}`)
  const like = LASERS.find((each) => each === parsed.values.laser)
  if (!like) return refuse(`--laser is one of ${LASERS.join(', ')}. ${usage}`)
  const made = rehearse(readJobFile(file), seed, like)
  if (!made.ok) return refuse(`Nothing is cut. ${made.error}`)
  try {
    writeFileSync(out, `${JSON.stringify(made.rehearsal, null, 1)}\n`)
  } catch (error) {
    refuse(`${out} cannot be written: ${(error as Error).message}. Give a file that may be written.`)
  }
  console.log(out)
}
