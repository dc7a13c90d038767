import { z } from 'zod'
import type { Region, Turn } from '../geometry'

/**
 * Which pieces are taken first: whole sheets only; the smallest offcuts, or those that have been there
 * longest; or whatever is cheapest for its size.
 */
export const PIECES_FIRST = ['whole sheets', 'offcuts', 'oldest', 'cheapest'] as const

/** Whole sheets that one layout may use at most. */
export const MOST_SHEETS = 200

/** What the maker says about laying out. Lengths in mm. The sheet's size is the stock's. */
export const layoutSettingsSchema = z.strictObject({
  /** Whole sheets that may be used; null is as many as it takes. */
  sheets: z.number().int().min(1).max(MOST_SHEETS).nullable(),
  /** Kept free along every side of a sheet, and of the bed where the sheet is larger. */
  margin: z.number().min(0).max(200),
  /** Kept free between two parts. */
  gap: z.number().min(0).max(100),
  /** How a panel's own width lies to the grain, which runs along the sheet's width. */
  grain: z.enum(['free', 'along', 'across']),
  turning: z.boolean(),
  /** What is taken before whole sheets. */
  first: z.enum(PIECES_FIRST),
  /** Offcuts that this job leaves alone, by id. */
  kept: z.array(z.string().min(1).max(60)).max(100),
  /** Whether what is left over gets a name scored on it. */
  nameRest: z.boolean(),
  /** Whether parts may lie in the openings of larger ones. */
  inOpenings: z.boolean(),
  /** Whether parts may lie at any angle, where neither grain nor beam speaks against it. */
  anyAngle: z.boolean(),
  /** Whether straight edges of two parts may lie on each other and be cut once. */
  shareEdges: z.boolean(),
})
export type LayoutSettings = z.infer<typeof layoutSettingsSchema>

/** Sheets that are looked at where as many are used as it takes. */
const AS_IT_TAKES = 60
/** How many whole sheets may be used. */
export const sheetsAllowed = ({ sheets }: Pick<LayoutSettings, 'sheets'>): number => sheets ?? AS_IT_TAKES

/** What every layout keeps to, whatever it is made on. */
export type NestRules = Pick<LayoutSettings, 'margin' | 'gap' | 'grain' | 'turning'> &
  Partial<Pick<LayoutSettings, 'anyAngle' | 'shareEdges'>>

const place = z.number().min(-10000).max(10000)

export const placementSchema = z.strictObject({
  part: z.string().min(1).max(60),
  sheet: z.number().int().min(0).max(299),
  /** Lower left corner of the turned part's outline, in mm from the sheet's lower left corner. */
  x: place,
  y: place,
  /** Degrees counter-clockwise. */
  turn: z.number().min(0).lt(360),
  pinned: z.boolean(),
})
export type Placement = z.infer<typeof placementSchema>

const length = z.number().min(0).max(100000)

/**
 * A part that lies nowhere, and why: no room left, too large, or too large only as it may lie. Its size and
 * the largest room, mm.
 */
export const unplacedSchema = z.strictObject({
  part: z.string().min(1).max(60),
  why: z.enum(['full', 'too large', 'turned it would fit']),
  size: z.tuple([length, length]),
  room: z.tuple([length, length]),
})
export type Unplaced = z.infer<typeof unplacedSchema>

/**
 * A part to be placed, its lower left corner at (0, 0): the compensated shape as it is cut when it lies as
 * it is, and when it lies turned by a quarter. The two differ where the beam is not round; they are one
 * object where it is.
 */
export interface NestPart {
  id: string
  shape: Region
  turnedShape: Region
  /** Turns that this one may lie in, where not all that are allowed. */
  turns?: Turn[]
  /** How its own width must lie to the sheet's width, where others may lie otherwise. */
  grain?: 'along' | 'across'
  /** Which box it is a part of: where not all parts fit, whole boxes come first. */
  box?: string
}

/** The shape of a part that is cut lying this way, not turned yet. */
export const shapeFor = ({ shape, turnedShape }: Omit<NestPart, 'id'>, turn: Turn): Region =>
  turn % 180 === 0 ? shape : turnedShape

/** A layout. Sheets are counted as they lie in the supply that it was made on. */
export interface Layout {
  placements: Placement[]
  unplaced: Unplaced[]
}

/** Turns that one part may lie in; the first is how it lies unturned. */
export function turnsOf(
  { turns, grain }: Pick<NestPart, 'turns' | 'grain'>,
  rules: Pick<LayoutSettings, 'grain' | 'turning'>,
): Turn[] {
  const allowed = allowedTurns(grain ? { ...rules, grain } : rules)
  return turns ? allowed.filter((turn) => turns.includes(turn)) : allowed
}

/** Whether a part may lie at any angle: it is cut alike along and across, and has no turns of its own. */
export const isFree = (
  { shape, turnedShape, turns, grain }: Omit<NestPart, 'id'>,
  rules: Pick<NestRules, 'grain' | 'turning' | 'anyAngle'>,
): boolean =>
  rules.anyAngle === true &&
  rules.turning &&
  rules.grain === 'free' &&
  !grain &&
  !turns &&
  shape === turnedShape

/** Whether a part may lie turned by so much. */
export const mayLie = (
  part: Omit<NestPart, 'id'>,
  rules: Pick<NestRules, 'grain' | 'turning' | 'anyAngle'>,
  turn: Turn,
): boolean => isFree(part, rules) || turnsOf(part, rules).includes(turn)

/** Turns that grain and the maker allow; the first is how a part lies unturned. */
export function allowedTurns({ grain, turning }: Pick<LayoutSettings, 'grain' | 'turning'>): Turn[] {
  const turns: Turn[] = grain === 'across' ? [90, 270] : grain === 'along' ? [0, 180] : [0, 90, 180, 270]
  return turning ? turns : turns.slice(0, 1)
}
