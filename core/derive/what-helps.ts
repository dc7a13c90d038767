import type { Job } from '../job'
import { arrangeSteps } from './arrange'
import { keepLayout, type Arranged } from './kept-layout'
import { changesFor, withChange, type Change, type StockKnown } from './changes'
import { planCut } from './cut-plan'
import { depthsOf } from './own-ways'
import { canBeMade, deriveParts, type Prepared } from './things'
import { needsLayout, withLayout } from './kept-layout'
import { takenOf, type Taken } from './takes'

/** What a change would come to. */
export interface Helpful {
  change: Change
  /** Parts more that are placed, and whole sheets less. */
  placed: number
  sheets: number
  /** Whole sheets that it takes. */
  takes: number
  /** What it costs less; null where a stock has no price. Below 0 it is dearer. */
  price: number | null
  /** Seconds that the laser is done sooner, as planned. Below 0 it is later. */
  seconds: number
}

/** Layouts that are tried of each stock for a change: what helps much helps soon. */
const TRIES = 500

/** Prices that differ by less are the same. */
const SAME_PRICE = 0.005

/** The same of areas, mm². */
const SAME_AREA = 1

/** Sizes are tried without what was pinned where other parts were. */
const unpinned = (job: Job): Job => ({ ...job, layout: { ...job.layout, arrangement: null } })

/** What a layout still needs: parts that lie nowhere, and what it takes. */
type Needs = Taken & { unplaced: number }

/** A job laid out one way, and what that needs. */
interface Tried {
  job: Job
  prepared: Prepared
  layout: Arranged
  needs: Needs
}

const needsOf = (layout: Arranged, { parts }: Prepared, job: Job): Needs => ({
  ...takenOf(layout, parts, job),
  unplaced: layout.unplaced.length,
})

const isFewer = (now: Needs, before: Needs): boolean =>
  now.unplaced < before.unplaced || (now.unplaced === before.unplaced && now.sheets < before.sheets)

/** Sheets of another size are compared by what is missing, then by their price, or by how large they are. */
function isCheaper(now: Needs, before: Needs): boolean {
  if (now.unplaced !== before.unplaced) return now.unplaced < before.unplaced
  if (now.missing !== before.missing) return now.missing < before.missing
  if (now.price !== null && before.price !== null) return now.price < before.price - SAME_PRICE
  return now.area < before.area - SAME_AREA
}

const isLessBy = ({ kind }: Change): typeof isFewer => (kind === 'stock' ? isCheaper : isFewer)

/** The laser's seconds for a layout, as planned. */
function secondsOf({ job, prepared: { parts, things }, layout }: Tried): number {
  const laid = withLayout(job, keepLayout(layout, parts, job))
  return planCut(laid, parts, depthsOf(things)).total.seconds
}

/** Who places more comes first, then who is cheaper, takes fewer sheets, is done sooner. */
function byGain(a: Helpful, b: Helpful): number {
  if (a.placed !== b.placed) return b.placed - a.placed
  const cheaper = (b.price ?? 0) - (a.price ?? 0)
  if (a.price !== null && b.price !== null && Math.abs(cheaper) > SAME_PRICE) return cheaper
  return b.sheets - a.sheets || b.seconds - a.seconds
}

/** One step of a trial: how many rows are done, and what was found so far, the cheapest first. */
export interface HelpProgress {
  tried: number
  of: number
  found: Helpful[]
}

/**
 * Tries what would place more parts, save a sheet or take cheaper ones: each change by itself, laid out as
 * the job is. Yields often, so that a worker can listen.
 * @param known stocks that it could be cut from instead (`otherStocks`)
 */
export function* whatHelps(job: Job, known: StockKnown[] = []): Generator<HelpProgress, Helpful[]> {
  const now = deriveParts(job)
  const rows = changesFor(job, known)
  const of = rows.reduce((sum, row) => sum + row.length, 0)
  const found: Helpful[] = []
  let tried = 0
  /** Laid out until it is better than the job is now, or for a while. */
  function* tryOut(changed: Job, isEnough: (needs: Needs) => boolean): Generator<HelpProgress, Tried | null> {
    const prepared = deriveParts(changed)
    if (!canBeMade(prepared.things)) return null
    const steps = arrangeSteps(prepared.parts, changed, 0, TRIES)
    for (;;) {
      const step = steps.next()
      const layout = step.done ? step.value : step.value.layout
      const needs = needsOf(layout, prepared, changed)
      if (step.done || isEnough(needs)) return { job: changed, prepared, layout, needs }
      yield { tried, of, found }
    }
  }
  const { arrangement: layout } = job.layout
  const before: Tried | null =
    layout && !needsLayout(job, now.parts)
      ? { job, prepared: now, layout, needs: needsOf(layout, now, job) }
      : yield* tryOut(job, () => false)
  if (!before) return found
  const secondsBefore = secondsOf(before)
  // One sheet is spared by offcuts, or by one of another stock.
  const isSmall = before.needs.unplaced === 0 && before.needs.sheets <= 1
  let done = 0
  for (const row of rows) {
    tried = done
    done += row.length
    if (isSmall && row[0].kind !== 'offcuts' && row[0].kind !== 'stock') continue
    for (const change of row) {
      const isEnough = (needs: Needs): boolean => isLessBy(change)(needs, before.needs)
      const after = yield* tryOut(unpinned(withChange(job, change)), isEnough)
      tried++
      if (!after || !isEnough(after.needs)) continue
      found.push({ change, ...gainOf(before.needs, after.needs), seconds: secondsBefore - secondsOf(after) })
      found.sort(byGain)
      break
    }
    yield { tried: done, of, found }
  }
  return found
}

const gainOf = (before: Needs, after: Needs): Omit<Helpful, 'change' | 'seconds'> => ({
  placed: before.unplaced - after.unplaced,
  sheets: before.sheets - after.sheets,
  takes: after.sheets,
  price: before.price === null || after.price === null ? null : before.price - after.price,
})
