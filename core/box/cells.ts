import { z } from 'zod'

/**
 * How dividers go into the walls: a slot open at the rim, a groove, a closed slot for a tenon, or not at
 * all.
 */
export const INTO_KINDS = ['slot', 'groove', 'tenon', 'loose'] as const
export type IntoKind = (typeof INTO_KINDS)[number]

/** Widths of cells in mm, one after the other; null takes an equal part of what is left. */
export const cellsSchema = z.array(z.number().min(1).max(5000).nullable()).max(60)
export type Cells = z.infer<typeof cellsSchema>

const rowSchema = z.strictObject({
  cells: cellsSchema,
  /** Height of these dividers; null reaches the rim. */
  height: z.number().min(1).max(5000).nullable(),
  /** How far they stand above the floor. */
  lift: z.number().min(0).max(500),
})

/** Dividers between columns stand across the width, those between rows across the depth. */
export const dividersSchema = z.strictObject({
  columns: rowSchema,
  rows: rowSchema,
  into: z.enum(INTO_KINDS),
  /** Depth of a groove, mm. */
  depth: z.number().min(0.1).max(50),
  /** Depth of the scoops in their tops, for fingers; 0 is none. */
  scoop: z.number().min(0).max(500),
  /** Added to the width of what they stand in, for those that are to come out easily, mm. */
  play: z.number().min(0).max(5),
  /** Whether a tab of theirs goes into the floor. */
  foot: z.boolean(),
})
export type Dividers = z.infer<typeof dividersSchema>
export type DividerRow = Dividers['columns']

const NONE: DividerRow = { cells: [], height: null, lift: 0 }
export const NO_DIVIDERS: Dividers = {
  columns: NONE,
  rows: NONE,
  into: 'slot',
  depth: 1,
  scoop: 0,
  play: 0,
  foot: false,
}

/** Cells along one direction: their widths in mm, or by how much they are too wide. */
export type SharedCells = { ok: true; widths: number[] } | { ok: false; over: number }

/**
 * Widths of cells in `room` mm, with dividers `thickness` thick between them. What is left over goes to the
 * open ones in equal parts, or to the last one where none is open.
 */
export function shareCells(cells: Cells, room: number, thickness: number): SharedCells {
  const left = room - (cells.length - 1) * thickness
  const fixed = cells.reduce<number>((sum, width) => sum + (width ?? 0), 0)
  const open = cells.filter((width) => width === null).length
  const rest = left - fixed
  if (rest < -1e-6 || (open > 0 && rest / open < 1))
    return { ok: false, over: open > 0 ? open - rest : -rest }
  const widths = cells.map((width, i) => {
    if (width === null) return rest / open
    return open === 0 && i === cells.length - 1 ? width + rest : width
  })
  return { ok: true, widths }
}

/** Where dividers stand between cells: from where to where, mm from the inside of the first wall. */
export function dividerPlaces(widths: number[], thickness: number): [number, number][] {
  let reached = 0
  return widths.slice(0, -1).map((width) => {
    const from = reached + width
    reached = from + thickness
    return [from, reached]
  })
}
