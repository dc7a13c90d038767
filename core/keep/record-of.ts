import {
  deriveFit,
  markOf,
  planOf,
  deriveParts,
  turnedOf,
  type CutPlan,
  type Derived,
  type LoadPlan,
  type Part,
} from '../derive'
import type { Job } from '../job'
import { cutsThrough } from '../machine'
import type { CutPath } from '../plan'
import type { CutRecord } from './cut-record'

/** Points that one record keeps: of more, only what is cut through is kept. */
const MOST_POINTS = 200_000

const rounded = (value: number): number => Number(value.toFixed(4))
const flat = ({ points, ...path }: CutPath): CutRecord['loads'][number]['paths'][number] => ({
  ...path,
  at: points.flatMap(({ x, y }) => [rounded(x), rounded(y)]),
})

/** A load without what is worked out of it. */
function recordedLoad(load: LoadPlan, isKept: (path: CutPath) => boolean): CutRecord['loads'][number] {
  const { material, sheet, offcut, outline, load: number, of, x, y, width, height, face, aim } = load
  const paths = load.paths.filter(isKept).map(flat)
  return { material, sheet, offcut, outline, load: number, of, x, y, width, height, face, aim, paths }
}

/** The record of what is written now. @param laid the job with its layout @param date when */
export function recordOf(laid: Job, plan: CutPlan, parts: Part[], date: string): CutRecord {
  const mark = markOf(laid, plan)
  const count = plan.loads.flatMap(({ paths }) => paths).reduce((sum, { points }) => sum + points.length, 0)
  const isKept = ({ operation }: CutPath): boolean => count <= MOST_POINTS || cutsThrough(operation)
  const loads = plan.loads.map((load) => recordedLoad(load, isKept))
  return {
    id: `${laid.id}/${mark}`,
    job: laid.id,
    mark,
    date,
    signature: plan.signature,
    laid,
    parts: parts.map(({ id, label }) => ({ id, label })),
    loads,
    total: plan.total,
  }
}

const linesOf = ({ paths }: CutRecord['loads'][number]): CutPath[] =>
  paths.map(({ at, ...path }) => ({
    ...path,
    points: at.flatMap((x, i) => (i % 2 === 0 ? [{ x, y: at[i + 1] }] : [])),
  }))

/** All that was known of a cut: its lines as they were written, the rest worked out from its own job. */
export function derivedOf({ laid, loads, total }: CutRecord): { derived: Derived; parts: Part[] } {
  const prepared = deriveParts(laid)
  const { box, things, parts } = prepared
  const fit = deriveFit(laid, box, turnedOf(laid.layout.arrangement?.placements ?? []))
  const { plan: now, use } = planOf(laid, prepared)
  if (!now) return { derived: { box, things, fit, plan: null, use }, parts }
  const written = loads.map((load, i): LoadPlan => ({
    ...load,
    paths: linesOf(load),
    time: (now.loads[i] ?? now.loads[0]).time,
  }))
  return { derived: { box, things, fit, plan: { ...now, loads: written, total }, use }, parts }
}
