import type { Slit } from '../bend'
import type { Bounds, Matrix4, Point, Ring, Vector } from '../geometry'
import type { EndKind } from './meeting'

export type Axis = 'x' | 'y' | 'z'
export const AXES: readonly Axis[] = ['x', 'y', 'z']
export type Size = Record<Axis, number>

/** The axis that is neither of two: where slabs across both meet, they meet along it. */
export const thirdAxis = (a: Axis, b: Axis): Axis => AXES.find((axis) => axis !== a && axis !== b)!

/** A box in space, axis by axis, mm. */
export interface Block {
  min: Size
  max: Size
}

type FeatureName =
  | 'arch'
  | 'scoop'
  | 'bolt hole'
  | 'nut slot'
  | 'groove'
  | 'finger hole'
  | 'finger slot'
  | 'finger notch'
  | 'notch'
  | 'corner'
  | 'opening'
  | 'hole'

/**
 * What takes something out of a panel, or a part of its depth. Its shape is an outline (counter-clockwise)
 * in the panel's own plane, mm.
 */
export interface Feature {
  what: FeatureName
  /** How deep, from the inside face; null goes through. */
  depth: number | null
  shape: Ring
  /** The joint it belongs to; null for the maker's own. */
  joint: string | null
}

/** One side of a part that meets others at any angle, counter-clockwise round its own plane. mm */
export interface PlateSide {
  /** A point of the line of meeting, and the way along it with the part on the left. */
  at: Point
  way: Point
  /** The joint that is there; null for a free edge. */
  joint: string | null
  /** Whether claims run along `way`, or against it. */
  isAlong: boolean
  /** How far from the line the other's outside face begins, tabs end, and shoulders stand. */
  face: number
  end: number
  shoulder: number
  /** How far the other part reaches beyond the first and the last claim; null is to the next side. */
  beyond: [low: number | null, high: number | null]
}

/**
 * A flat part. Its frame is rigid; its own z runs from the inside face (0) to the outside face
 * (`thickness`). Lengths in mm.
 */
export interface Part {
  id: string
  label: string
  thickness: number
  /** The thickest reading of its stock: slots for it must let that through. */
  thickest: number
  frame: Matrix4
  /** The rectangle it begins as, before joints share out what it shares with others. */
  blank: Bounds
  /** What stands out of that rectangle, as another one. */
  tongue?: Bounds
  /** Its sides, where it does not meet the others at right angles along the axes of the box. */
  sides?: PlateSide[]
  /** Where others stand in slots of such a part, clear of its sides. */
  inner?: PlateSide[]
  features: Feature[]
  /** Rows of slits that it bends along. */
  bends?: Omit<Strip, 'id' | 'label' | 'parts'>
}

/**
 * A stretch of the line where two parts meet: whose it is, 0 or 1; null is air. mm along the joint's axis.
 */
export interface Claim {
  owner: 0 | 1 | null
  from: number
  to: number
}

/** What is between two claims of different owners: a glue line, or faces that slide on each other. */
type Meeting = 'glue' | 'slide'

/** The line on which parts at any angle meet: of outer faces, round a reflex corner of the inner ones. */
export interface Line {
  at: Vector
  way: Vector
  isReflex: boolean
  ends: EndKind
  /** The stretch that no third part reaches into, mm along it. */
  clear: [from: number, to: number]
}

/**
 * Where the slabs of two parts overlap in space. The prism is cut along the line of meeting into claims, and
 * both parts are cut from that one statement: they cannot disagree.
 */
export interface Joint {
  id: string
  kind: JointName
  /** The part that leads, and the other one. */
  parts: [string, string]
  /** The axis that it runs along; at any angle, the nearest one. */
  along: Axis
  /** Where it runs, at any angle. */
  line?: Line
  claims: Claim[]
  /** How deep the other part enters the leading one, from its inside face; null is right through. */
  depth: number | null
  between: Meeting
  /** Whether the other part goes into a slot with walls on both sides: of the leading one, of the other. */
  slots: [boolean, boolean]
  /**
   * Added to the thickest reading for the width of a slot, to the length of a lap, and to the depth of a
   * pocket, mm.
   */
  play: { walls: number; ends: number; bottom: number }
  /** Whether ends stand out of the mating face by the proud length. */
  proud: boolean
  /** The widths that the edge was shared out in, and whether over the corners as well. */
  shares: number[]
  full: boolean
}

type JointName = 'fingers' | 'butt' | 'lap' | 'tenon' | 'groove'

/** Where three slabs meet. The block belongs to one of them. */
export interface Corner {
  parts: [string, string, string]
  owner: string
}

/** Faces that lie on each other without sharing space, mm². */
export interface Contact {
  parts: [string, string]
  area: number
}

/** Parts that move together, straight: a lid, a drawer. It can be drawn out as far as that, mm. */
export interface SlideGroup {
  id: string
  parts: string[]
  motion: 'slide'
  way: { axis: Axis; sign: 1 | -1 }
  range: number
  /** Where it cannot be drawn out altogether: which of its parts strikes what at the end of its range. */
  strikes?: [string, string]
}

/** Parts that open with a bend, from the quarter turn that it is made for to flat. */
export interface BendGroup {
  id: string
  parts: string[]
  motion: 'bend'
  /** The panel that stays, and the one that the bend leads to. */
  from: string
  to: string
  /** Radius of its inside, mm. */
  radius: number
  /** A group that must be out before these open: what holds them shut. */
  after?: string
}

/** Parts that turn about a line, as a lid on pins does. Opened, what lies in front of it goes up. */
export interface HingeGroup {
  id: string
  parts: string[]
  motion: 'hinge'
  axis: 'x'
  /** A point of that line, mm. */
  at: Size
  /** How far it opens, degrees. */
  range: number
}

export type Group = SlideGroup | BendGroup | HingeGroup

/**
 * One sheet that bends between two of its parts, which lie on the same plane when it is closed: it is cut as
 * one, with rows of slits between them that run along x.
 */
export interface Strip {
  id: string
  label: string
  parts: [string, string]
  /** The zone of slits, on the plane of both. */
  zone: Bounds
  /** How far it bends, radians. */
  angle: number
  slits: Slit
}

/** Everything a box is made of, and how it holds together. */
export interface Assembly {
  parts: Part[]
  joints: Joint[]
  corners: Corner[]
  contacts: Contact[]
  groups: Group[]
  /** Parts that are one bent sheet: they come in together. */
  sheets: string[][]
  strips: Strip[]
}
