import type { Pose, SlideGroup } from '../assembly'
import type { BoxSpec } from '../box'
import type { Materials } from '../fittings'

/** One of the boxes: what of it the whole decides. Equal ones are one member, in copies. */
export interface Member {
  name: string
  copies: number
  /** Puts what the whole decides into a box. */
  fixed: (box: BoxSpec) => BoxSpec
}

/** A copy of a member in its place, and how it comes out of it. */
export interface Place {
  /** Index of its member. */
  member: number
  label: string
  pose: Pose
  group: Pick<SlideGroup, 'way' | 'range'> | null
}

/** Boxes that stand in each other. */
export interface Arranged {
  members: Member[]
  places: Place[]
}

/** Why boxes cannot stand in each other, as one sentence. Lengths in mm. */
export interface WholeProblem {
  /** The field to look at. */
  field: string
  what:
    | { kind: 'cells'; cells: 'columns' | 'rows'; over: number; room: number }
    | { kind: 'no room'; size: 'width' | 'depth' | 'height'; left: number }
    | { kind: 'too many'; members: number; most: number }
    | { kind: 'split'; least: number; most: number }
    | { kind: 'reach'; most: number }
}

export type Result = { ok: true; arranged: Arranged } | { ok: false; problem: WholeProblem }

/** A box as it is now, and what it is cut from. */
interface Given {
  box: BoxSpec
  materials: Materials
}

/** The first box, which the others stand in or on, and one that the others are like. */
export interface WholeContext {
  first: Given
  other: Given
}

export const refused = (field: string, what: WholeProblem['what']): Result => ({
  ok: false,
  problem: { field, what },
})

/** A box smaller than this on any side is none, mm. */
export const LEAST = 5
