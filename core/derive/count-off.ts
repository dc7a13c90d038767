import type { Job } from '../job'
import type { Part } from './parts'
import type { LoadPlan } from './plan-types'

type Named = Pick<LoadPlan, 'material' | 'sheet' | 'load' | 'face'>
type Cut = Named & Pick<LoadPlan, 'paths'>
type CountedPart = Pick<Part, 'id' | 'panel' | 'thing' | 'label'>

/** What a load is counted off by. */
export const loadKey = ({ material, sheet, load, face }: Named): string =>
  `${material}/${sheet}/${load}/${face}`

/** A load, what comes out of it, and how many sets are complete once it is cut as well. */
interface CountedLoad<L extends Cut, P extends CountedPart> {
  key: string
  load: L
  parts: P[]
  isCut: boolean
  complete: number
}

export interface CountedOff<L extends Cut, P extends CountedPart> {
  loads: CountedLoad<L, P>[]
  /** Sets that can be built from what is cut and sound, and that there will be when all is. */
  complete: number
  of: number
  /** Parts that were cut and spoilt. */
  spoilt: P[]
  /** Loads that make a first set complete earlier than going by their order does; empty where none do. */
  first: L[]
}

/** How many sets parts make: copies of a panel are alike. @param sets that all of them make */
function setsIn(there: Set<string>, parts: CountedPart[], sets: number): number {
  const counts = new Map<string, { there: number; all: number }>()
  for (const { id, thing, panel } of parts) {
    const key = `${thing} ${panel}`
    const count = counts.get(key) ?? { there: 0, all: 0 }
    counts.set(key, { there: count.there + (there.has(id) ? 1 : 0), all: count.all + 1 })
  }
  const possible = [...counts.values()].map((count) => Math.floor((count.there * sets) / count.all))
  return possible.length === 0 ? 0 : Math.min(...possible)
}

/** The fewest of some lists, up to three, that are enough. */
function fewest<T>(all: T[], isEnough: (some: T[]) => boolean): T[] | null {
  const tryWith = (some: T[], from: number, more: number): T[] | null => {
    if (more === 0) return isEnough(some) ? some : null
    for (let i = from; i < all.length; i++) {
      const found = tryWith([...some, all[i]], i + 1, more - 1)
      if (found) return found
    }
    return null
  }
  for (const size of [1, 2, 3]) {
    const found = size > all.length ? null : tryWith([], 0, size)
    if (found) return found
  }
  return null
}

/** More loads than these are cut in their order. */
const MOST_TRIED = 24

/**
 * Counts a job off, load by load: what comes out of each, and how many sets are complete after it.
 * @param count what is cut, and what was spoilt @param sets that the job makes
 */
export function countOff<L extends Cut, P extends CountedPart>(
  parts: P[],
  loads: L[],
  count: Pick<NonNullable<Job['build']['count']>, 'loads' | 'spoilt'>,
  sets: number,
): CountedOff<L, P> {
  const byId = new Map(parts.map((part) => [part.id, part]))
  const spoilt = new Set(count.spoilt)
  const lastLoad = new Map<string, number>()
  for (const [i, { paths }] of loads.entries())
    for (const { operation, part } of paths)
      if (operation === 'outline' && byId.has(part)) lastLoad.set(part, i)
  const ofLoad = loads.map((_, i) => parts.filter(({ id }) => lastLoad.get(id) === i))
  const soundIn = (chosen: number[]): Set<string> =>
    new Set(chosen.flatMap((i) => ofLoad[i].map(({ id }) => id)).filter((id) => !spoilt.has(id)))
  const cut = loads.flatMap((load, i) => (count.loads.includes(loadKey(load)) ? [i] : []))
  const completeWith = (chosen: number[]): number => setsIn(soundIn(chosen), parts, sets)
  const there = new Set(cut.flatMap((i) => ofLoad[i].map(({ id }) => id)))
  const order = loads.map((_, i) => i)
  const firstAt = order.find((i) => completeWith(order.slice(0, i + 1)) > 0) ?? loads.length
  const early =
    cut.length === 0 && loads.length <= MOST_TRIED ? fewest(order, (some) => completeWith(some) > 0) : null
  return {
    loads: loads.map((load, i) => ({
      key: loadKey(load),
      load,
      parts: ofLoad[i],
      isCut: cut.includes(i),
      complete: completeWith([...new Set([...cut, ...order.slice(0, i + 1)])]),
    })),
    complete: completeWith(cut),
    of: sets,
    spoilt: parts.filter(({ id }) => spoilt.has(id) && there.has(id)),
    first: early && early.length <= firstAt ? early.map((i) => loads[i]) : [],
  }
}
