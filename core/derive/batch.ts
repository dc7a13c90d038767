import { area } from '../geometry'
import type { Job } from '../job'
import type { DerivedThing } from './things'

/** What one job has of a batch, by the area of its parts. */
export interface BatchShare {
  job: string
  name: string
  parts: number
  /** Of all parts, 0 to 1. */
  share: number
}

/** How a batch is shared out among the jobs that it cuts; empty for a job of its own. */
export function batchShares({ batch }: Pick<Job, 'batch'>, things: DerivedThing[]): BatchShare[] {
  const shares = new Map<string, BatchShare>()
  let whole = 0
  for (const { thing, box } of things) {
    const from = batch.find((entry) => entry.thing === thing.id)
    if (!from) continue
    const own = box.pieces.reduce((sum, { region }) => sum + area(region), 0) * thing.copies
    const known = shares.get(from.job) ?? { job: from.job, name: from.name, parts: 0, share: 0 }
    known.parts += box.pieces.length * thing.copies
    known.share += own
    whole += own
    shares.set(from.job, known)
  }
  return [...shares.values()].map((each) => ({ ...each, share: whole > 0 ? each.share / whole : 0 }))
}
