import { readFileSync } from 'node:fs'
import {
  depthsOf,
  deriveAll,
  deriveFit,
  planOf,
  deriveParts,
  turnedOf,
  type Derived,
  type Part,
} from '../../core/derive'
import { readJob } from '../../core/keep'
import type { Job } from '../../core/job'

/** The jobs of the demo, and the specimen tray as it was before it had dividers. */
export type DemoName =
  | 'plain-tray'
  | 'specimen-tray'
  | 'logger-case'
  | 'slip-cases'
  | 'card-rack'
  | 'instrument-case'
  | 'field-book'
  | 'crate'
  | 'bottle-stand'
  | 'planter'
  | 'weather-hut'

const folderOf = (name: DemoName): string => (name === 'plain-tray' ? '.' : '../../demo')

export const demoText = (name: DemoName): string =>
  readFileSync(new URL(`${folderOf(name)}/${name}.json`, import.meta.url), 'utf8')

/** A demo job, read as any file is. */
export function demo(name: DemoName): Job {
  const read = readJob(demoText(name))
  if (!read.ok) throw new Error(read.error)
  return read.job
}

/** What is made of a job for the page, and handed to the planner. */
export function madeFor(job: Job): { parts: Part[]; depths: number[] } {
  const { things, parts } = deriveParts(job)
  return { parts, depths: depthsOf(things) }
}

/** As the page has it: a layout that was made before stays, also when it is stale. */
export function derivedAsShown(job: Job): { job: Job; parts: Part[]; derived: Derived } {
  const { arrangement } = job.layout
  if (!arrangement) return deriveAll(job)
  const prepared = deriveParts(job)
  const fit = deriveFit(job, prepared.box, turnedOf(arrangement.placements))
  return {
    job,
    parts: prepared.parts,
    derived: { box: prepared.box, things: prepared.things, fit, ...planOf(job, prepared) },
  }
}
