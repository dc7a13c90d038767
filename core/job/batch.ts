import type { Job } from './schema'
import {
  FIRST_THING,
  MOST_COPIES,
  MOST_STOCKS,
  MOST_THINGS,
  nextThingId,
  thingsOf,
  withThings,
  type Thing,
} from './things'
import { batch as words } from './words'

/** Names of things are no longer than this. */
const MOST_LETTERS = 40

/** Why jobs cannot be cut together, as a sentence that says what would mend it; '' where they can. */
export function batchRefusal(jobs: Job[]): string {
  if (jobs.length < 2) return words.chooseTwoJobs
  const [first, ...others] = jobs
  const { machine, stock } = first.measure
  if (!stock || !machine) return words.noMachineNo(first.name)
  for (const { name, measure, interference } of others) {
    if (measure.stock?.id !== stock.id) return words.otherStock(name, measure.stock?.name, stock.name)
    if (measure.machine?.id !== machine.id)
      return words.otherMachine(name, measure.machine?.name, machine.name)
    if (interference !== first.interference) return words.wantsAnotherFit(name, first.name)
  }
  const many = jobs.find((job) => thingsOf(job).some(({ copies }) => copies > MOST_COPIES))
  if (many) return words.wantedMoreTimes(many.name, MOST_COPIES)
  if (moreOf(jobs).length > MOST_STOCKS) return words.togetherCutToo
  const count = jobs.reduce((sum, job) => sum + thingsOf(job).length, 0)
  return count > MOST_THINGS + 1 ? words.togetherMakeThings(count, MOST_THINGS + 1) : ''
}

/** Other stocks of all jobs, each once. */
const moreOf = (jobs: Job[]): Job['measure']['more'] => {
  const all = jobs.flatMap(({ measure }) => measure.more)
  return all.filter(({ stock }, i) => all.findIndex((each) => each.stock.id === stock.id) === i)
}

/**
 * One job that cuts several others together: their things as they are now, on the sheets of the first one's
 * stock. `batchRefusal` must have nothing to say.
 */
export function batchOf(jobs: Job[], about: Pick<Job, 'id' | 'name' | 'changed'>): Job {
  const [first] = jobs
  const made: Job = {
    ...first,
    ...about,
    whole: null,
    figures: [],
    follows: [],
    mockOf: null,
    measure: { ...first.measure, more: moreOf(jobs), trials: [] },
    layout: { settings: { ...first.layout.settings, sheets: null }, arrangement: null },
    cut: { ...first.cut, written: null },
    build: { ...first.build, done: [], count: null },
    template: false,
    log: [],
    batch: [],
  }
  const things: Thing[] = []
  const batch: Job['batch'] = []
  for (const job of jobs) {
    const own = thingsOf(job)
    for (const thing of own) {
      const id = things.length === 0 ? FIRST_THING.id : nextThingId(withThings(made, things))
      const name = own.length > 1 ? `${job.name}: ${thing.name}` : job.name
      things.push({ ...thing, id, name: name.slice(0, MOST_LETTERS) })
      batch.push({ thing: id, job: job.id, name: job.name })
    }
  }
  return { ...withThings(made, things), batch }
}
