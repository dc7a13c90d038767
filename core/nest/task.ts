import { z } from 'zod'
import { bounds, signedArea, turnPoints, type Region, type Ring, type Turn } from '../geometry'
import { sentenceFor } from '../limits'
import { fewestSheets } from './check'
import { nestSteps } from './nest'
import { surfaceOf, type Surface } from './surface'
import type { Layout, LayoutSettings, NestPart, Unplaced } from './types'

const MILLIMETRES = { mm: 1, in: 25.4 }
const point = z.tuple([z.number().min(-1e5).max(1e5), z.number().min(-1e5).max(1e5)])
const ring = z.array(point).min(3).max(5000)
const id = z.string().min(1).max(50)
const turn = z.union([z.literal(0), z.literal(90), z.literal(180), z.literal(270)])
const QUARTERS: Turn[] = [0, 90, 180, 270]

/** What is to be laid out on what, by itself: no job is needed. Lengths in the task's own unit. */
export const taskSchema = z.strictObject({
  units: z.enum(['mm', 'in']).default('mm'),
  /** Kept free between parts, and along the sides of a sheet. */
  gap: z.number().min(0).max(1000).default(0),
  margin: z.number().min(0).max(1000).default(0),
  parts: z
    .array(
      z.strictObject({
        id,
        outline: ring,
        holes: z.array(ring).max(2000).default([]),
        count: z.number().int().min(1).max(2000).default(1),
        /** How it may lie, degrees counter-clockwise. */
        turns: z.array(turn).min(1).max(4).default(QUARTERS),
      }),
    )
    .min(1)
    .max(2000),
  sheets: z
    .array(
      z.strictObject({
        id,
        width: z.number().positive().max(1e5),
        height: z.number().positive().max(1e5),
        count: z.number().int().min(1).max(200).default(1),
        price: z.number().min(0).max(1e9).default(0),
      }),
    )
    .min(1)
    .max(50),
})
export type Task = z.infer<typeof taskSchema>

export interface TaskLayout {
  placements: {
    part: string
    copy: number
    sheet: string
    number: number
    x: number
    y: number
    angle: number
  }[]
  unplaced: { part: string; copy: number; reason: string }[]
  sheetsUsed: number
  /** No layout takes fewer sheets than that; proven when this one takes no more. */
  bound: number
  proven: boolean
  seconds: number
}

export type TaskRead = { ok: true; task: Task } | { ok: false; error: string }

/** Parts that a task may come to. */
const MOST_PARTS = 2000

/** Reads a task, or refuses it whole with one sentence. */
export function readTask(text: string): TaskRead {
  let raw: unknown
  try {
    raw = JSON.parse(text)
  } catch {
    return { ok: false, error: 'The task is not readable JSON. Write it anew.' }
  }
  const read = taskSchema.safeParse(raw)
  if (!read.success)
    return { ok: false, error: `The task cannot be used: ${sentenceFor(read.error)}. Mend that in the file.` }
  const flat = read.data.parts.find(({ outline }) => Math.abs(signedArea(asRing(outline, 1))) < 1e-6)
  if (flat)
    return { ok: false, error: `The outline of part “${flat.id}” has no area. Give its corners in order.` }
  const count = read.data.parts.reduce((sum, part) => sum + part.count, 0)
  return count > MOST_PARTS
    ? { ok: false, error: `These are ${count} parts; ${MOST_PARTS} are the most. Lay fewer out at a time.` }
    : { ok: true, task: read.data }
}

const asRing = (points: [number, number][], scale: number): Ring =>
  points.map(([x, y]) => ({ x: x * scale, y: y * scale }))

/** A part of the task as it is nested, and where its own origin is from its lower left corner, mm. */
interface Own {
  part: Task['parts'][number]
  copy: number
  nested: NestPart
  outline: Ring
}

function ownParts({ parts }: Task, scale: number): Own[] {
  return parts.flatMap((part) => {
    const turned = (points: Ring, way: 1 | -1): Ring =>
      signedArea(points) * way < 0 ? [...points].reverse() : points
    const outline = turned(asRing(part.outline, scale), 1)
    const { minX, minY } = bounds(outline)
    const toOrigin = (points: Ring): Ring => points.map(({ x, y }) => ({ x: x - minX, y: y - minY }))
    const shape: Region = {
      outline: toOrigin(outline),
      holes: part.holes.map((hole) => toOrigin(turned(asRing(hole, scale), -1))),
    }
    return Array.from({ length: part.count }, (_, i): Own => {
      const nested = { id: `${part.id}#${i + 1}`, shape, turnedShape: shape, turns: part.turns }
      return { part, copy: i + 1, nested, outline }
    })
  })
}

/** One kind of sheet of a task. */
interface Stocked {
  sheet: Task['sheets'][number]
  surface: Surface
  settings: LayoutSettings
}

/** The cheapest for its size first, the larger ones before the smaller. */
function stockedOf({ sheets, gap, margin }: Task, scale: number): Stocked[] {
  const size = ({ width, height }: Task['sheets'][number]): number => width * height
  const cheapness = (sheet: Task['sheets'][number]): number => sheet.price / size(sheet)
  return [...sheets]
    .sort((a, b) => cheapness(a) - cheapness(b) || size(b) - size(a))
    .map((sheet) => ({
      sheet,
      surface: surfaceOf({ width: sheet.width * scale, height: sheet.height * scale }, null),
      settings: {
        sheets: sheet.count,
        margin: margin * scale,
        gap: gap * scale,
        grain: 'free' as const,
        turning: true,
      },
    }))
}

interface Found {
  /** By kind of sheet. */
  layouts: { on: Stocked; layout: Layout }[]
  unplaced: Unplaced[]
  sheets: number
  price: number
}

const REASONS: Record<Unplaced['why'], string> = {
  full: 'no room is left on the sheets',
  'too large': 'it is larger than the sheets',
  'turned it would fit': 'it would fit only if it were turned another way',
}

/** One try: kinds of sheets one after the other, each with what the ones before left over. */
function tryOnce(own: Own[], stocked: Stocked[], seed: number, isLate: () => boolean): Found {
  let left = own.map(({ nested }) => nested)
  const layouts: Found['layouts'] = []
  let unplaced: Unplaced[] = []
  let [sheets, price] = [0, 0]
  for (const on of stocked) {
    if (left.length === 0) break
    const steps = nestSteps(left, on.settings, on.surface, [], seed)
    let step = steps.next()
    while (!step.done && !isLate()) step = steps.next()
    const layout: Layout = step.done ? step.value : step.value.layout
    layouts.push({ on, layout })
    const used = new Set(layout.placements.map(({ sheet }) => sheet)).size
    sheets += used
    price += used * on.sheet.price
    unplaced = layout.unplaced
    const missing = new Set(unplaced.map(({ part }) => part))
    left = left.filter((part) => missing.has(part.id))
  }
  return { layouts, unplaced, sheets, price }
}

const isBetter = (a: Found, b: Found): boolean =>
  a.unplaced.length !== b.unplaced.length
    ? a.unplaced.length < b.unplaced.length
    : a.price !== b.price
      ? a.price < b.price
      : a.sheets < b.sheets

/** No layout does with fewer sheets, by area alone: as if all were of the largest kind. */
function boundOf(own: Own[], stocked: Stocked[]): number {
  const parts = own.map(({ nested }) => nested)
  return Math.min(...stocked.map(({ settings, surface }) => fewestSheets(parts, settings, surface)))
}

/** How often a task is tried anew while there is time. */
const MOST_TRIES = 1000

/**
 * Lays a task out for as long as is wanted, or until no layout can take fewer sheets.
 * @param seconds at most
 * @param seed the same seed and enough time give the same layout
 * @param now a clock, seconds
 */
export function layoutTask(task: Task, seconds: number, seed: number, now: () => number): TaskLayout {
  const begun = now()
  const scale = MILLIMETRES[task.units]
  const own = ownParts(task, scale)
  const stocked = stockedOf(task, scale)
  const bound = boundOf(own, stocked)
  const isLate = (): boolean => now() - begun > seconds
  const isProven = ({ unplaced, sheets }: Found): boolean => unplaced.length === 0 && sheets <= bound
  let best = tryOnce(own, stocked, seed, isLate)
  for (let i = 1; i < MOST_TRIES && !isProven(best) && !isLate(); i++) {
    const next = tryOnce(own, stocked, seed + i, isLate)
    if (isBetter(next, best)) best = next
  }
  const byId = new Map(own.map((each) => [each.nested.id, each]))
  const round = (value: number): number => Number((value / scale).toFixed(6))
  return {
    placements: best.layouts.flatMap(({ on, layout }) =>
      layout.placements.map(({ part: name, sheet, x, y, turn: angle }) => {
        const { part, copy, outline } = byId.get(name)!
        // Turned about its own origin, then moved: its lower left corner comes to where it was put.
        const { minX, minY } = bounds(turnPoints(outline, angle))
        return {
          part: part.id,
          copy,
          sheet: on.sheet.id,
          number: sheet + 1,
          x: round(x - minX),
          y: round(y - minY),
          angle,
        }
      }),
    ),
    unplaced: best.unplaced.map(({ part: name, why }) => {
      const { part, copy } = byId.get(name)!
      return { part: part.id, copy, reason: REASONS[why] }
    }),
    sheetsUsed: best.sheets,
    bound,
    proven: isProven(best),
    seconds: Number((now() - begun).toFixed(3)),
  }
}
