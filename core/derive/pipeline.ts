import type { FitPrediction } from '../fit'
import { lastOf, sheetUse, type SheetUse } from '../nest'
import { jobForStock } from './materials'
import type { Arrangement, Job } from '../job'
import { arrangeSteps } from './arrange'
import type { DerivedBox } from './box'
import { planCut } from './cut-plan'
import { deriveFit, turnedOf } from './fit'
import { depthsOf } from './own-ways'
import { keepLayout, needsLayout, withLayout } from './kept-layout'
import { layoutRules, partsByMaterial, type Part } from './parts'
import { supplyFor, surfacesOf } from './supply'
import { canBeMade, deriveParts, type DerivedThing, type Prepared } from './things'
import type { CutPlan } from './plan-types'

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
