import { z } from 'zod'
import { boxSpecSchema } from '../box'

/** Copies of one thing that a job makes. */
export const MOST_COPIES = 100
export const copiesSchema = z.number().int().min(1).max(MOST_COPIES)

export const thingHeadSchema = z.strictObject({
  id: z.string().regex(/^[a-z]{1,2}$/),
  name: z.string().min(1).max(40),
})

/** One of several things that a job makes: a case, and the trays that stand in it. */
export const thingSchema = z.strictObject({
  ...thingHeadSchema.shape,
  copies: copiesSchema,
  box: boxSpecSchema,
})
export type Thing = z.infer<typeof thingSchema>

/** Which job a thing of a batch was taken from. */
export const batchEntrySchema = z.strictObject({
  thing: thingHeadSchema.shape.id,
  job: z.string().min(1).max(60),
  name: z.string().min(1).max(80),
})

/** Stocks that a job may be cut from beside its own. */
export const MOST_STOCKS = 8

/** Things that a job may hold beside the one in hand. */
export const MOST_THINGS = 199

/** What every job begins with. */
export const FIRST_THING = { id: 'a', name: 'box' }

interface HasThings {
  thing: z.infer<typeof thingHeadSchema>
  also: Thing[]
  copies: number
  box: Thing['box']
}

/** Everything a job makes, in the order in which it was added; the one in hand is among them. */
export const thingsOf = ({ thing, copies, box, also }: HasThings): Thing[] =>
  [{ ...thing, copies, box }, ...also].sort((a, b) => (order(a.id) < order(b.id) ? -1 : 1))

const order = (id: string): string => id.padStart(2, ' ')

/** The next id that no thing has: a, b, … z, aa, ab, … zz. */
export function nextThingId(job: HasThings): string {
  const taken = new Set(thingsOf(job).map(({ id }) => id))
  const letters = Array.from({ length: 26 }, (_, i) => String.fromCharCode(97 + i))
  const all = [...letters, ...letters.flatMap((first) => letters.map((letter) => first + letter))]
  return all.find((id) => !taken.has(id))!
}

/** What the parts of a thing are called by, before their own names; nothing for the first one. */
export const partPrefix = (thing: string): string => (thing === FIRST_THING.id ? '' : `${thing}:`)

/** The same job with another of its things in hand; itself where there is no such thing. */
export function withThing<J extends HasThings>(job: J, id: string): J {
  const next = job.also.find((thing) => thing.id === id)
  if (!next) return job
  const now: Thing = { ...job.thing, copies: job.copies, box: job.box }
  const { copies, box, ...thing } = next
  return { ...job, thing, copies, box, also: [...job.also.filter((each) => each !== next), now] }
}

/** The same job with other things; the one in hand stays in hand where it is still there. */
export function withThings<J extends HasThings>(job: J, things: Thing[]): J {
  const inHand = things.find(({ id }) => id === job.thing.id) ?? things[0]
  const { copies, box, ...thing } = inHand
  return { ...job, thing, copies, box, also: things.filter((each) => each !== inHand) }
}
