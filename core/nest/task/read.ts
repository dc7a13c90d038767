import { z } from 'zod'
import { area, asOutline, difference, signedArea, union, type Region, type Ring } from '../../geometry'
import { sentenceFor } from '../../limits'
import { read as words } from './words'

export const MILLIMETRES = { mm: 1, in: 25.4 }
const point = z.tuple([z.number().min(-1e5).max(1e5), z.number().min(-1e5).max(1e5)])
const ring = z.array(point).min(3).max(5000)
const id = z.string().min(1).max(50)
const QUARTERS = [0, 90, 180, 270]
const size = z.number().positive().max(1e5)

/** What is to be laid out on what, by itself: no job is needed. Lengths in the task's own unit. */
const taskSchema = z.strictObject({
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
        /** How it may lie: any angles, degrees counter-clockwise. */
        turns: z.array(z.number().min(0).lt(360)).min(1).max(72).default(QUARTERS),
      }),
    )
    .min(1)
    .max(2000),
  sheets: z
    .array(
      z.strictObject({
        id,
        width: size.optional(),
        height: size.optional(),
        /** Instead of width and height: a sheet of any shape, such as an offcut. */
        outline: ring.optional(),
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
    return { ok: false, error: words.taskNotReadable }
  }
  const read = taskSchema.safeParse(raw)
  if (!read.success) return { ok: false, error: words.taskCannotUsed(sentenceFor(read.error)) }
  const error = faultOf(read.data)
  return error ? { ok: false, error } : { ok: true, task: read.data }
}

/** What is wrong with a task beside its form, in one sentence. */
function faultOf({ parts, sheets }: Task): string | null {
  for (const part of parts) {
    if (Math.abs(signedArea(asRing(part.outline, 1))) < 1e-6) return words.outlinePartNo(part.id)
    if (!isSimple(part.outline)) return words.outlinePartCrosses(part.id)
    if (!areHolesInside(part)) return words.holePartNot(part.id)
  }
  for (const { id: name, width, height, outline } of sheets) {
    if (outline ? width !== undefined || height !== undefined : width === undefined || height === undefined)
      return words.sheetNeedsWidth(name)
    if (outline && !isSimple(outline)) return words.outlineSheetCrosses(name)
  }
  if (new Set(parts.map((part) => part.id)).size < parts.length) return words.twoPartsSame
  if (new Set(sheets.map((sheet) => sheet.id)).size < sheets.length) return words.twoSheetsSame
  const count = parts.reduce((sum, part) => sum + part.count, 0)
  return count > MOST_PARTS ? words.partsMostLay(count, MOST_PARTS) : null
}

const isSame = (a: number, b: number): boolean => Math.abs(a - b) <= 1e-4 + 1e-6 * Math.abs(b)

/** Whether a ring bounds one piece without crossing itself. */
function isSimple(points: [number, number][]): boolean {
  const ring = asOutline(asRing(points, 1))
  const regions = union([ring])
  return regions.length === 1 && regions[0].holes.length === 0 && isSame(area(regions[0]), signedArea(ring))
}

function areHolesInside({ outline, holes }: Task['parts'][number]): boolean {
  if (holes.length === 0) return true
  if (!holes.every(isSimple)) return false
  const whole: Region = { outline: asOutline(asRing(outline, 1)), holes: [] }
  const rings = holes.map((hole) => asOutline(asRing(hole, 1)))
  const left = difference(whole, rings).reduce((sum, region) => sum + area(region), 0)
  return isSame(left, area(whole) - rings.reduce((sum, ring) => sum + signedArea(ring), 0))
}

export const asRing = (points: [number, number][], scale: number): Ring =>
  points.map(([x, y]) => ({ x: x * scale, y: y * scale }))
