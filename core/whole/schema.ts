import { z } from 'zod'
import { cellsSchema } from '../box'
import { PULL_KINDS } from '../fittings'

/** Boxes that stand in each other. All lengths in mm. */
const length = z.number().min(1).max(5000)
const room = z.number().min(0).max(500)
const play = z.number().min(0).max(50)

/** What a drawer is drawn out by. */
export const DRAWER_PULLS = ['none', ...PULL_KINDS] as const

/** How a drawer's front stands: back in its opening, level with the case, or as a plate over the case. */
export const FRONT_KINDS = ['set back', 'flush', 'plate'] as const

/** What a drawer runs on: a shelf under it, or a strip at each side. */
export const RUN_KINDS = ['shelves', 'runners'] as const

/** Whether the boxes keep the sizes that a hand gave them: only where they stand is worked out then. */
const byHand = z.boolean()

/** What is in the front of a drawer, or of every box of a set, to draw it out by. */
const pull = z.strictObject({ kind: z.enum(DRAWER_PULLS), size: z.number().min(4).max(200) })

/** A case of columns × rows, and a drawer in every opening. Outer size of the case. */
const cabinetSchema = z.strictObject({
  kind: z.literal('cabinet'),
  byHand,
  width: length,
  depth: length,
  height: length,
  columns: cellsSchema,
  /** From the top downward. */
  rows: cellsSchema,
  on: z.enum(RUN_KINDS),
  /** Height of a runner. */
  runner: z.number().min(1).max(200),
  /** Left at each side of a drawer, and above it. [CP: 1.27 and 0.65] */
  side: play,
  above: play,
  /** Left between a drawer and the back of the case. */
  behind: room,
  front: z.enum(FRONT_KINDS),
  setBack: room,
  /** Between two plates. */
  gap: play,
  pull,
})
export type Cabinet = z.infer<typeof cabinetSchema>

/** Boxes that fill a space, such as a drawer. Inner size of that space. */
const setSchema = z.strictObject({
  kind: z.literal('set'),
  byHand,
  width: length,
  depth: length,
  height: length,
  columns: cellsSchema,
  /** From the front backward. */
  rows: cellsSchema,
  /** Left between boxes, and between them and the sides of the space: room to grip. */
  gap: play,
  /** Left above them. */
  above: room,
  /** Height of the boxes of each row; null, or no figure for a row, is as high as there is room. */
  heights: z.array(length.nullable()).max(60),
  /** How a row is divided that differs from the others; none, or an empty one, is as the columns are. */
  own: z.array(cellsSchema).max(60),
  pull,
})
export type BoxSet = z.infer<typeof setSchema>

/** A tray that stands on ledges inside a box. */
const nestedSchema = z.strictObject({
  kind: z.literal('nested'),
  byHand,
  /** How high its underside stands above the box's floor. */
  at: length,
  /** Height of the ledges that it stands on. */
  ledge: z.number().min(1).max(200),
  height: length,
  /** Left between it and each wall. */
  play,
})
export type Nested = z.infer<typeof nestedSchema>

/** A second box upside down over the first. */
const capSchema = z.strictObject({
  kind: z.literal('cap'),
  byHand,
  /** How far it reaches down over the walls. */
  over: length,
  /** Left between its walls and those of the box, on each side. [FM: 0.2 to 0.4 slides] */
  play,
})
export type Cap = z.infer<typeof capSchema>

/** What the sizes of two halves are measured between: the walls, or the lining that stands inside them. */
export const HALVES_INSIDE = ['lining', 'walls'] as const

/** One box, closed and cut in two at a height: both halves have the same foot. Inner size of the whole. */
const halvesSchema = z.strictObject({
  kind: z.literal('halves'),
  byHand,
  width: length,
  depth: length,
  height: length,
  /** How high the lower half reaches inside. */
  at: length,
  /** How far the lining of the lower half stands above its rim. */
  lining: length,
  inside: z.enum(HALVES_INSIDE),
  /** Left between the lining and each wall. */
  play,
})
export type Halves = z.infer<typeof halvesSchema>

export const wholeSchema = z.discriminatedUnion('kind', [
  cabinetSchema,
  setSchema,
  nestedSchema,
  capSchema,
  halvesSchema,
])
export type Whole = z.infer<typeof wholeSchema>
export type WholeKind = Whole['kind']
