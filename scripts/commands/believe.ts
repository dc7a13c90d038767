import { writeFileSync } from 'node:fs'
import { parseArgs } from 'node:util'
import { isEverything, readEverything, readJob } from '../../core/keep'
import { believed, type KnownBench } from '../../core/say'
import type { Job } from '../../core/job'
import { readText } from './read-job-file'
import { refuse } from './refuse'

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

/** A job of a file, and the bench where the file holds everything. */
function jobIn(file: string, name: string | undefined): { job: Job; bench: KnownBench | null } {
  const text = readText(file)
  if (!isEverything(text)) {
    const read = readJob(text)
    return read.ok ? { job: read.job, bench: null } : refuse(read.error)
  }
  const read = readEverything(text)
  if (!read.ok) return refuse(read.error)
  const { jobs, bench } = read.everything
  const job = name === undefined && jobs.length === 1 ? jobs[0] : jobs.find((each) => each.name === name)
  if (!job) {
    const names = jobs.map((each) => `“${each.name}”`).join(', ')
    return refuse(`The file holds ${jobs.length} jobs: say which by --job NAME. It has ${names || 'none'}.`)
  }
  return { job, bench }
}

/** Writes what is believed of a job: kerf, fit, setting, time, and what would tell most. */
export function runBelieve(args: string[], usage: string): void {
  let parsed
  try {
    parsed = parseArgs({
      args,
      allowPositionals: true,
      options: {
        out: { type: 'string' },
        job: { type: 'string' },
        at: { type: 'string', multiple: true, default: [] },
      },
    })
  } catch (error) {
    return refuse(`${(error as Error).message.split('\n')[0]} ${usage}`)
  }
  const [file] = parsed.positionals
  const { out, job: name, at } = parsed.values
  if (!file || !out) return refuse(usage)
  const settings = at.map(
    (text) => settingIn(text) ?? refuse(`--at is speed,power,passes such as 8.33,100,3. ${usage}`),
  )
  const { job, bench } = jobIn(file, name)
  try {
    writeFileSync(out, `${JSON.stringify(believed(job, bench, settings), null, 1)}\n`)
  } catch (error) {
    refuse(`${out} cannot be written: ${(error as Error).message}. Give a file that may be written.`)
  }
  console.log(out)
}
