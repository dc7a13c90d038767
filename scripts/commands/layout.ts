import { existsSync, readFileSync, statSync } from 'node:fs'
import { layoutTask, readTask } from '../../core/nest'
import { readArguments } from './arguments'
import { refuse, wholeNumber } from './refuse'
import { writeAnswer } from './write-answer'

/** A task larger than this is refused before it is parsed, bytes. */
const LIMIT = 20_000_000
const MOST_SECONDS = 3600

interface Asked {
  file: string
  out: string
  seconds: number
  seed: number
}

function asked(args: string[], usage: string): Asked {
  const parsed = readArguments(args, usage, {
    out: { type: 'string' },
    seconds: { type: 'string', default: '10' },
    seed: { type: 'string', default: '1' },
  })
  const [file] = parsed.positionals
  const { out } = parsed.values
  const [seconds, seed] = [Number(parsed.values.seconds || NaN), wholeNumber(parsed.values.seed)]
  if (!file || !out) return refuse(usage)
  if (!(seconds > 0 && seconds <= MOST_SECONDS))
    return refuse(`--seconds is from 0.1 to ${MOST_SECONDS}. ${usage}`)
  if (seed === null) return refuse(`--seed is a whole number, such as 1. ${usage}`)
  return { file, out, seconds, seed }
}

/** Lays out what a file says on the sheets that it says, and writes where everything lies. */
export function runLayout(args: string[], usage: string): void {
  const { file, out, seconds, seed } = asked(args, usage)
  if (!existsSync(file) || !statSync(file).isFile())
    refuse(`There is no file ${file}. Give the path of a task.`)
  if (statSync(file).size > LIMIT)
    refuse(`${file} is larger than ${LIMIT / 1e6} MB, too large for a task. Give a smaller one.`)
  const read = readTask(readFileSync(file, 'utf8'))
  if (!read.ok) return refuse(read.error)
  const layout = layoutTask(read.task, seconds, seed, () => performance.now() / 1000)
  writeAnswer(out, layout)
}
