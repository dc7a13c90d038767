import type { Job } from '../job'
import { arrangeSteps, type Arranged } from './arrange'
import { canBeMade, needsLayout, deriveParts } from './pipeline'
import type { Part } from './parts'

/** Something that a maker could do differently. Lengths in mm. */
export type Change =
  | { kind: 'gap' | 'margin' | 'width' | 'depth' | 'height'; value: number }
  | { kind: Switch }

/** What is said by one switch of Lay out. */
type Switch = 'grain' | 'turning' | 'offcuts' | 'sheets' | 'shared edges' | 'openings' | 'any angle'

/** What a change would come to. */
export interface Helpful {
  change: Change
  /** Parts more that are placed, and whole sheets less. */
  placed: number
  sheets: number
}

/** How much smaller gap and margin are tried, and by how much sizes, in mm: the least that helps counts. */
const SHARES = [0.8, 0.6, 0.4]
const SHORTER = [1, 2, 4]

/** Layouts that are tried for each change: what helps much helps soon. */
const TRIES = 500

/** Smaller gaps than this leave no wood between two cuts, mm. */
const LEAST_GAP = 1

const round = (value: number): number => Number(value.toFixed(2))

/** Changes to try, in rows: of each row the first that helps is enough. */
export function changesFor({ layout: { settings }, measure: { stock }, box, whole }: Job): Change[][] {
  const lengths = (kind: 'gap' | 'margin'): Change[] =>
    SHARES.map((share) => ({ kind, value: round(settings[kind] * share) })).filter(
      ({ value }) => value >= (kind === 'gap' ? LEAST_GAP : 0) && value < settings[kind],
    )
  const has = (isThere: boolean, change: Change): Change[][] => (isThere ? [[change]] : [])
  const offcuts = stock?.offcuts.some(({ id }) => !settings.kept.includes(id)) ?? false
  const sizes = (whole ? [] : (['height', 'width', 'depth'] as const)).map((kind) =>
    SHORTER.map((by): Change => ({ kind, value: round(box[kind] - by) })).filter(
      (change) => 'value' in change && change.value > box[kind] / 2,
    ),
  )
  return [
    ...has(offcuts && settings.first === 'whole sheets', { kind: 'offcuts' }),
    ...has(settings.sheets !== null, { kind: 'sheets' }),
    ...has(!settings.shareEdges, { kind: 'shared edges' }),
    ...has(!settings.inOpenings, { kind: 'openings' }),
    ...has(!settings.anyAngle && settings.turning && settings.grain === 'free', { kind: 'any angle' }),
    ...has(!settings.turning, { kind: 'turning' }),
    ...has(settings.grain !== 'free' && (stock?.grain ?? 'none') !== 'none', { kind: 'grain' }),
    lengths('gap'),
    lengths('margin'),
    ...sizes,
  ].filter((row) => row.length > 0)
}

/** The same job with one thing changed. */
export function withChange(job: Job, change: Change): Job {
  const set = (part: Partial<Job['layout']['settings']>): Job => ({
    ...job,
    layout: { ...job.layout, settings: { ...job.layout.settings, ...part } },
  })
  switch (change.kind) {
    case 'gap':
    case 'margin':
      return set({ [change.kind]: change.value })
    case 'grain':
      return set({ grain: 'free' })
    case 'turning':
      return set({ turning: true })
    case 'offcuts':
      return set({ first: 'offcuts' })
    case 'sheets':
      return set({ sheets: null })
    case 'shared edges':
      return set({ shareEdges: true })
    case 'openings':
      return set({ inOpenings: true })
    case 'any angle':
      return set({ anyAngle: true })
    default:
      return { ...job, box: { ...job.box, [change.kind]: change.value } }
  }
}

/** Sizes are tried without what was pinned where other parts were. */
const unpinned = (job: Job): Job => ({ ...job, layout: { ...job.layout, arrangement: null } })

/** What a layout still needs: parts that lie nowhere, and whole sheets. */
interface Needs {
  unplaced: number
  sheets: number
}

function needsOf({ placements, unplaced, offcuts }: Arranged, parts: Part[]): Needs {
  const materials = new Map(parts.map(({ id, material }) => [id, material]))
  const used = new Set(placements.map(({ part, sheet }) => `${materials.get(part)} ${sheet}`))
  return { unplaced: unplaced.length, sheets: used.size - offcuts.length }
}

const isLess = (now: Needs, before: Needs): boolean =>
  now.unplaced < before.unplaced || (now.unplaced === before.unplaced && now.sheets < before.sheets)

/** One step of a trial: how many rows are done, and what was found so far. */
export interface HelpProgress {
  tried: number
  of: number
  found: Helpful[]
}

/**
 * Tries what would place more parts, or save a sheet: each change by itself, laid out as the job is.
 * Yields often, so that a worker can listen.
 */
export function* whatHelps(job: Job): Generator<HelpProgress, Helpful[]> {
  const { parts } = deriveParts(job)
  const rows = changesFor(job)
  const of = rows.reduce((sum, row) => sum + row.length, 0)
  const found: Helpful[] = []
  let tried = 0
  let before: Needs | null = null
  /** Laid out until it is better than the job is now, or for a while. */
  function* needsWith(changed: Job): Generator<HelpProgress, Needs | null> {
    const prepared = deriveParts(changed)
    if (!canBeMade(prepared.things)) return null
    const steps = arrangeSteps(prepared.parts, changed)
    let needs: Needs | null = null
    for (let i = 0; i < TRIES; i++) {
      const step = steps.next()
      needs = needsOf(step.done ? step.value : step.value.layout, prepared.parts)
      if (step.done || (before && isLess(needs, before))) break
      yield { tried, of, found }
    }
    return needs
  }
  const { arrangement } = job.layout
  before = arrangement && !needsLayout(job, parts) ? needsOf(arrangement, parts) : yield* needsWith(job)
  if (!before) return found
  // One sheet is spared by offcuts only.
  const isSmall = before.unplaced === 0 && before.sheets <= 1
  let done = 0
  for (const row of rows) {
    tried = done
    done += row.length
    if (isSmall && row[0].kind !== 'offcuts') continue
    for (const change of row) {
      const needs = yield* needsWith(unpinned(withChange(job, change)))
      tried++
      if (!needs || !isLess(needs, before)) continue
      const placed = before.unplaced - needs.unplaced
      found.push({ change, placed, sheets: before.sheets - needs.sheets })
      break
    }
    yield { tried: done, of, found }
  }
  return found
}
