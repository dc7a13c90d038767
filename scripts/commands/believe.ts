import { believed } from '../../core/say'
import { readJobAndBench } from './read-job-file'
import { readArguments } from './arguments'
import { refuse } from './refuse'
import { writeAnswer } from './write-answer'

/** Speed, power and passes as `8.33,100,3`. */
function settingIn(text: string): { speed: number; power: number; passes: number } | null {
  const figures = text.split(',').map(Number)
  const [speed, power, passes = 1] = figures
  const isGood =
    (figures.length === 2 || figures.length === 3) &&
    speed > 0 &&
    speed <= 5000 &&
    power > 0 &&
    power <= 100 &&
    Number.isInteger(passes) &&
    passes >= 1 &&
    passes <= 20
  return isGood ? { speed, power, passes } : null
}

/** Writes what is believed of a job: kerf, fit, setting, time, and what would tell most. */
export function runBelieve(args: string[], usage: string): void {
  const parsed = readArguments(args, usage, {
    out: { type: 'string' },
    job: { type: 'string' },
    at: { type: 'string', multiple: true, default: [] },
  })
  const [file] = parsed.positionals
  const { out, job: name, at } = parsed.values
  if (!file || !out) return refuse(usage)
  const settings = at.map(
    (text) => settingIn(text) ?? refuse(`--at is speed,power,passes such as 8.33,100,3. ${usage}`),
  )
  const { job, bench } = readJobAndBench(file, name)
  writeAnswer(out, believed(job, bench, settings))
}
