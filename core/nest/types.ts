import { z } from 'zod'
import type { Region, Turn } from '../geometry'

const side = z.number().positive().max(5000)

/** What the maker says about laying out. Lengths in mm. */
export const layoutSettingsSchema = z.strictObject({
  sheetWidth: side,
  sheetHeight: side,
  sheets: z.number().int().min(1).max(200),
  /** Kept free along every side of a sheet. */
  margin: z.number().min(0).max(200),
  /** Kept free between two parts. */
  gap: z.number().min(0).max(100),
  /** How a panel's own width lies to the grain, which runs along the sheet's width. */
  grain: z.enum(['free', 'along', 'across']),
  turning: z.boolean(),
})
export type LayoutSettings = z.infer<typeof layoutSettingsSchema>

export const placementSchema = z.strictObject({
  part: z.string().min(1).max(60),
  sheet: z.number().int().min(0).max(199),
  /** Lower left corner of the turned part's outline, in mm from the sheet's lower left corner. */
  x: z.number().min(-10000).max(10000),
  y: z.number().min(-10000).max(10000),
  turn: z.union([z.literal(0), z.literal(90), z.literal(180), z.literal(270)]),
  pinned: z.boolean(),
})
export type Placement = z.infer<typeof placementSchema>

/** A part to be placed: the compensated shape, its lower left corner at (0, 0). */
export interface NestPart {
  id: string
  shape: Region
}

/** The room that there is: a sheet, as far as the bed reaches. */
export interface Room {
  width: number
  height: number
}

export interface Unplaced {
  part: string
  reason: string
}

export interface Layout {
  placements: Placement[]
  unplaced: Unplaced[]
}

/** Turns that grain and the maker allow; the first is how a part lies unturned. */
export function allowedTurns({ grain, turning }: Pick<LayoutSettings, 'grain' | 'turning'>): Turn[] {
  const turns: Turn[] = grain === 'across' ? [90, 270] : grain === 'along' ? [0, 180] : [0, 90, 180, 270]
  return turning ? turns : turns.slice(0, 1)
}

/** As much of a sheet as the machine's bed reaches. */
export const roomOf = (settings: LayoutSettings, bed: Room | null): Room => ({
  width: Math.min(settings.sheetWidth, bed?.width ?? Infinity),
  height: Math.min(settings.sheetHeight, bed?.height ?? Infinity),
})
