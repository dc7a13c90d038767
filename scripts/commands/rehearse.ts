import { rehearse, WORLD_NAMES, type LaserLike } from '../../core/rehearse'
import { readJobFile } from './read-job-file'
import { readArguments } from './arguments'
import { refuse, wholeNumber } from './refuse'
import { writeAnswer } from './write-answer'

const LASERS: LaserLike[] = ['any', 'mine', ...WORLD_NAMES]

/** Cuts a job on the simulated laser of a seed, and writes each part as it was cut. */
export function runRehearse(args: string[], usage: string): void {
  const parsed = readArguments(args, usage, {
    out: { type: 'string' },
    seed: { type: 'string', default: '1' },
    laser: { type: 'string', default: 'any' },
  })
  const [file] = parsed.positionals
  const { out } = parsed.values
  const seed = wholeNumber(parsed.values.seed)
  if (!file || !out) return refuse(usage)
  if (seed === null) return refuse(`--seed is a whole number, such as 1. ${usage}`)
  const like = LASERS.find((each) => each === parsed.values.laser)
  if (!like) return refuse(`--laser is one of ${LASERS.join(', ')}. ${usage}`)
  const made = rehearse(readJobFile(file), seed, like)
  if (!made.ok) return refuse(`Nothing is cut. ${made.error}`)
  writeAnswer(out, made.rehearsal)
}
