import { z } from 'zod'
import type { Size } from '../assembly'
import type { PanelName } from './names'

/** How a box stands in use: it is worked out with its open side up, however that is. */
export const LIES = ['upright', 'on its back', 'upside down'] as const
export type LiesHow = (typeof LIES)[number]

/** What a drawer is drawn out by. */
export const PULL_KINDS = ['none', 'hole', 'half-round', 'slot', 'knob'] as const
export type PullKind = (typeof PULL_KINDS)[number]

/** How the sides rise behind a lower front. */
export const RIM_SHAPES = ['slope', 'curve', 'step'] as const
export type RimShape = (typeof RIM_SHAPES)[number]

const overhang = z.number().min(-500).max(500)
const reach = z.number().min(0).max(2000)

/** A row of equal things: their diameter where they are held, and where they are widest. */
export const holeRowSchema = z.strictObject({
  count: z.number().int().min(1).max(40),
  lip: z.number().min(1).max(500),
  widest: z.number().min(1).max(500),
})
export type HoleRow = z.infer<typeof holeRowSchema>

/** What is added to the walls of a box. Lengths in mm. */
export const fittingsSchema = z.strictObject({
  /** A sheet glued before the front: how far it reaches past the box on each side. */
  plate: z.strictObject({ left: overhang, right: overhang, down: overhang, up: overhang }).nullable(),
  /** In the front wall: a hole, a half-round notch at the rim, a slot of twice the width, a glued disc. */
  pull: z.strictObject({ kind: z.enum(PULL_KINDS), size: z.number().min(4).max(200) }),
  /** Four sheets that stand inside the walls and reach above the rim, for the other half to go over. */
  lining: z.strictObject({ above: reach, play: z.number().min(0).max(5) }).nullable(),
  /** Strips on the inside of the walls, for a tray to stand on; from the floor to their upper edge. */
  ledge: z.strictObject({ at: reach, width: z.number().min(1).max(200) }).nullable(),
  /** Strips on the sides of every column, for drawers to run on: as high as they are, from the back on. */
  runners: z
    .strictObject({
      rows: z.array(z.number().min(1).max(5000)).min(2).max(40),
      high: z.number().min(1).max(200),
      setBack: reach,
    })
    .nullable(),
  /** Rows of round holes in the floor, for what stands in a box upside down. */
  holes: z
    .strictObject({
      /** Added to the diameter of what stands there. */
      play: z.number().min(0).max(20),
      rows: z.array(holeRowSchema).min(1).max(20),
    })
    .nullable(),
  /**
   * A front wall that is lower by so much, in an open box; the sides rise behind it over that run, 0 being
   * all of the depth, or half of it for a step.
   */
  rim: z
    .strictObject({ drop: z.number().min(1).max(2000), shape: z.enum(RIM_SHAPES), run: reach })
    .nullable(),
  /** Corners that no joint is at, of lids and dividers and strips: rounded, or cut off aslant. */
  softened: z
    .strictObject({ kind: z.enum(['round', 'chamfer']), size: z.number().min(0.5).max(200) })
    .nullable(),
  /** Height of arches along the rim of the walls, which is below when the box stands upside down. */
  arch: reach,
})
export type Fittings = z.infer<typeof fittingsSchema>

export const NO_FITTINGS: Fittings = {
  plate: null,
  pull: { kind: 'none', size: 16 },
  lining: null,
  ledge: null,
  runners: null,
  holes: null,
  rim: null,
  softened: null,
  arch: 0,
}

const SIDES_OF: Record<LiesHow, Partial<Record<PanelName, string>>> = {
  upright: {},
  'on its back': { floor: 'back', front: 'bottom', back: 'top' },
  'upside down': { floor: 'top', front: 'back', back: 'front', top: 'floor' },
}

/** What a panel is called where it stands in use. */
export const labelOf = (lies: LiesHow, name: PanelName): string => SIDES_OF[lies][name] ?? name

/** Width, depth and height of a box as it stands in use. */
export const sizeInUse = (lies: LiesHow, { x, y, z }: Size): [number, number, number] =>
  lies === 'on its back' ? [x, z, y] : [x, y, z]
