import type { Words } from '../art'
import type { FitPrediction } from '../fit'
import { isSameRecord } from '../limits'
import { lastOf, sheetUse, type SheetUse } from '../nest'
import { jobForStock } from './materials'
import { thingsOf, type Arrangement, type Job, type Thing } from '../job'
import { arrangeSteps, keepLayout } from './arrange'
import { deriveBox, type DerivedBox } from './box'
import { planCut } from './cut-plan'
import { deriveFit, turnedOf } from './fit'
import { depthsOf } from './own-ways'
import { layoutRules, layoutSignature, makeParts, partsByMaterial, type Part } from './parts'
import { supplyFor, surfacesOf } from './supply'
import type { CutPlan } from './plan-types'

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

/** Whether a layout is of these parts, by these settings. */
export const isLayoutOf = ({ signature }: Arrangement, job: Job, parts: Part[]): boolean =>
  signature === layoutSignature(parts, job)

/** Whether the layout that a job keeps was made for other parts, or is none. */
export const needsLayout = (job: Job, parts: Part[]): boolean => {
  const { arrangement } = job.layout
  return !arrangement || !isLayoutOf(arrangement, job, parts)
}

/** The same job with a layout. */
export const withLayout = (job: Job, arrangement: Arrangement): Job => ({
  ...job,
  layout: { ...job.layout, arrangement },
})

/** Parts → layout, at one go. */
export const arrange = (parts: Part[], job: Job): Arrangement =>
  keepLayout(lastOf(arrangeSteps(parts, job)), parts, job)

/** Sheets of one stock, and how well they are used. */
interface StockUse extends SheetUse {
  material: string
}

/** How well the sheets of all stocks are used together, and each by itself. */
export interface JobUse extends SheetUse {
  stocks: StockUse[]
}

/** How well the sheets are used; null while nothing is laid out. */
export function useOf(job: Job, parts: Part[]): JobUse | null {
  const { arrangement } = job.layout
  if (!arrangement) return null
  const stocks = partsByMaterial(parts, job).map(({ material, parts: own }): StockUse => {
    const seen = jobForStock(job, material)
    const ids = new Set(own.map(({ id }) => id))
    const placed = arrangement.placements.filter(({ part }) => ids.has(part))
    return { material, ...sheetUse(own, placed, layoutRules(seen), surfacesOf(seen), supplyFor(seen)) }
  })
  if (stocks.length === 1) return { ...stocks[0], stocks }
  const sum = (figure: (use: StockUse) => number): number =>
    stocks.reduce((total, use) => total + figure(use), 0)
  return {
    sheets: sum(({ sheets }) => sheets),
    offcuts: sum(({ offcuts }) => offcuts),
    area: sum(({ area }) => area),
    loads: sum(({ loads }) => loads),
    use:
      sum(({ use, area }) => use * area) /
      Math.max(
        1,
        sum(({ area }) => area),
      ),
    fewest: sum(({ fewest }) => fewest),
    stocks,
  }
}

/** Whether all things of a job can be made. */
export const canBeMade = (things: DerivedThing[]): boolean => things.every(({ box }) => box.panels !== null)

/** Layout → plan; none while one of the things cannot be made. */
export const planOf = (
  job: Job,
  { things, parts }: Pick<Prepared, 'things' | 'parts'>,
): { plan: CutPlan | null; use: JobUse | null } =>
  canBeMade(things)
    ? { plan: planCut(job, parts, depthsOf(things)), use: useOf(job, parts) }
    : { plan: null, use: null }

/** All that is known of a job at one moment. */
export interface Derived {
  /** Of the thing in hand. */
  box: DerivedBox
  things: DerivedThing[]
  fit: FitPrediction
  plan: CutPlan | null
  use: JobUse | null
}

/** The whole way, for whoever has the time: a layout is made where there is none, or none that fits. */
export function deriveAll(job: Job): { job: Job; parts: Part[]; derived: Derived } {
  const prepared = deriveParts(job)
  const { box, things, parts } = prepared
  const isLaidOut = !canBeMade(things) || !needsLayout(job, parts)
  const laidOut = isLaidOut ? job : withLayout(job, arrange(parts, job))
  const fit = deriveFit(laidOut, box, turnedOf(laidOut.layout.arrangement?.placements ?? []))
  return { job: laidOut, parts, derived: { box, things, fit, ...planOf(laidOut, prepared) } }
}
