import { nestParts, type Layout, type NestProgress, type Placement, type Supply } from '../nest'
import type { Job } from '../job'
import { jobForStock } from './materials'
import type { Arranged } from './kept-layout'
import { layoutRules, partsByMaterial, type Part } from './parts'
import { inSupply, numbered, supplyFor, surfaceFor } from './supply'

/** Pinned placements of parts that still exist, on the sheets of a supply. */
function pinnedIn(job: Job, material: string, parts: Part[]): { pinned: Placement[]; supply: Supply } {
  const supply = supplyFor(job)
  const ids = new Set(parts.map(({ id }) => id))
  const { placements = [], offcuts = [] } = job.layout.arrangement ?? {}
  const own = offcuts.filter((each) => each.material === material)
  const held = placements.filter(({ part, pinned }) => pinned && ids.has(part))
  // What is pinned stays on its sheet, also where fewer are allowed by now.
  const highest = held.reduce((most, { sheet }) => Math.max(most, sheet), -1)
  const wholes = highest + 1 - own.filter(({ sheet }) => sheet <= highest).length
  const whole = surfaceFor(job)
  while (supply.filter(({ offcut }) => offcut === null).length < wholes) supply.push(whole)
  const place = inSupply(own, supply)
  const pinned = held
    .map((each) => ({ ...each, sheet: place(each.sheet) }))
    // Pinned to an offcut that is not there any more, it is laid out like the others.
    .filter(({ sheet }) => sheet >= 0)
  return { pinned, supply }
}

const joined = (a: Arranged, b: Arranged): Arranged => ({
  placements: [...a.placements, ...b.placements],
  unplaced: [...a.unplaced, ...b.unplaced],
  offcuts: [...a.offcuts, ...b.offcuts],
})

export type ArrangeProgress = Omit<NestProgress, 'layout'> & { layout: Arranged }

/**
 * Lays out a job's parts step by step, stock by stock, each on its own sheets; what is pinned stays. Sheets
 * are counted within their stock.
 * @param seed another one searches another way
 * @param most steps for each stock, after which the best so far is taken
 */
export function* arrangeSteps(
  parts: Part[],
  job: Job,
  seed = 0,
  most = Infinity,
): Generator<ArrangeProgress, Arranged> {
  const groups = partsByMaterial(parts, job)
  let done: Arranged = { placements: [], unplaced: [], offcuts: [] }
  for (const [i, { material, parts: own }] of groups.entries()) {
    const seen = jobForStock(job, material)
    const { pinned, supply } = pinnedIn(seen, material, own)
    const rules = layoutRules(seen)
    const steps = nestParts(own, rules, supply, pinned, seed)
    for (let made = 1; ; made++) {
      const step = steps.next()
      const layout = numbered(step.done ? step.value : step.value.layout, supply, material)
      if (step.done || made >= most) {
        done = joined(done, layout)
        break
      }
      const { tried, of } = step.value
      // What comes after is not laid out yet: stopped now, it would be missing.
      const rest: Arranged = {
        placements: [],
        unplaced: groups.slice(i + 1).flatMap((group) => group.parts.map(waiting)),
        offcuts: [],
      }
      yield { tried: i * of + tried, of: of * groups.length, layout: joined(joined(done, layout), rest) }
    }
  }
  return done
}

const waiting = ({ id }: Part): Layout['unplaced'][number] => ({
  part: id,
  why: 'full',
  size: [0, 0],
  room: [0, 0],
})
