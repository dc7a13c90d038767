import type { Words } from '../art'
import { isSameRecord } from '../limits'
import { thingsOf, type Job, type Thing } from '../job'
import { deriveBox, type DerivedBox } from './box'
import { makeParts, type Part } from './parts'

/** One of the things that a job makes, as far as its panels. */
export interface DerivedThing {
  thing: Thing
  box: DerivedBox
}

/** A job as far as its layout: what the worker, the page and the command line all begin with. */
export interface Prepared {
  /** Of the thing in hand. */
  box: DerivedBox
  things: DerivedThing[]
  /** Of all things. */
  parts: Part[]
}

type ThingsJob = Pick<Job, 'measure' | 'box' | 'interference' | 'thing' | 'copies' | 'also'> & {
  cut: Pick<Job['cut'], 'compensation'>
}

type BoxJob = Pick<Job, 'measure' | 'box' | 'interference'> & { cut: Pick<Job['cut'], 'compensation'> }

type Known = [measure: Job['measure'], interference: number, compensation: string, box: DerivedBox]
/** What was worked out of a box last: things that nobody touched are not worked out again. */
const known = new WeakMap<Thing['box'], Known>()

/** What `deriveBox` says, worked out once for the same box of the same stock. */
export function boxOf({ measure, interference, cut, box }: BoxJob): DerivedBox {
  const before = known.get(box)
  if (before?.[0] === measure && before[1] === interference && before[2] === cut.compensation)
    return before[3]
  const now = deriveBox({ measure, interference, cut, box })
  known.set(box, [measure, interference, cut.compensation, now])
  return now
}

/** Every thing of a job. */
export const deriveThings = (job: ThingsJob): DerivedThing[] =>
  thingsOf(job).map((thing) => ({ thing, box: boxOf({ ...job, box: thing.box }) }))

/** What a text may say: of the job, and of the jobs whose things are cut together. */
export type JobWords = Words & { jobs?: Record<string, string> }

/** The parts that were made of a box last, and from what beside it: their shapes are compared by identity. */
const knownParts = new WeakMap<DerivedBox, { from: unknown; parts: Part[] }>()

/** The parts of every thing: the same ones while neither its box nor what is asked of them is another. */
export const partsOfThings = (
  things: DerivedThing[],
  { letters, face }: Pick<Job['cut'], 'letters' | 'face'>,
  words?: JobWords,
): Part[] =>
  things.flatMap(({ thing, box }) => {
    const owner = { thing: thing.id, name: things.length > 1 ? thing.name : '', copies: thing.copies }
    const own = words && { ...words, job: words.jobs?.[thing.id] ?? words.job }
    const from = [owner, letters, face, own]
    const before = knownParts.get(box)
    if (before && isSameRecord(before.from, from)) return before.parts
    const parts = makeParts(box, owner, { letters, face }, own)
    knownParts.set(box, { from, parts })
    return parts
  })

/** What a text may say of its job. */
export const wordsOf = ({ name, log, batch }: Pick<Job, 'name' | 'log' | 'batch'>): JobWords => ({
  job: name,
  ...(batch.length > 0 ? { jobs: Object.fromEntries(batch.map((each) => [each.thing, each.name])) } : {}),
  revision: String(log.reduce((most, { number }) => Math.max(most, number), 0) + 1),
})

/** Job → boxes → parts. */
export function deriveParts(job: Job): Prepared {
  const box = boxOf(job)
  const things = deriveThings(job)
  return { box, things, parts: partsOfThings(things, job.cut, wordsOf(job)) }
}

/** Whether all things of a job can be made. */
export const canBeMade = (things: DerivedThing[]): boolean => things.every(({ box }) => box.panels !== null)
