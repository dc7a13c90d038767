import type { z } from 'zod'
import type { Block, Feature, Group, Joint, Part, PartsById, Size, Strip } from '../assembly'
import type { Ring } from '../geometry'
import type { Say } from '../length'
import type { AddedPart, Base, Shell, Thicknesses } from './shell'

interface FieldBase {
  key: string
  /** The name that errors, find and forms know it by. */
  at: string
  label: string
  /** Words that it is found by, beside its label. */
  words?: string
  /** Whether it is there, as the fitting is now. */
  when?: (own: never) => boolean
}

/** One figure, choice or switch of a fitting: forms, find and errors read the same. */
export type Field =
  | (FieldBase & { kind: 'length'; step?: number })
  | (FieldBase & { kind: 'figure'; unit: string; step?: number })
  | (FieldBase & { kind: 'choice'; options: readonly { value: string | boolean; label: string }[] })
  | (FieldBase & { kind: 'switch' })

/** Why a fitting cannot be made, with the figures that its sentence needs. */
export interface FittingProblem {
  kind: 'fitting'
  fitting: string
  field: string
  why: string
  figures: Record<string, number>
}

/** A box that a fitting is to go on, before anything of it stands. Lengths in mm. */
export interface Site<Spec extends Base = Base> {
  spec: Spec
  t: Thicknesses
  inner: Size
  outer: Size
  bent: readonly string[]
  /** Whether anything closes it. */
  isClosed: boolean
}

/** Parts that a fitting adds, what joins them, what of them moves, and which come in together. */
export interface FittingParts {
  added: AddedPart[]
  joints: Joint[]
  groups: Group[]
  sheets: string[][]
  /** Sheets that bend between two of their parts. */
  strips: Strip[]
}
export const NOTHING: FittingParts = { added: [], joints: [], groups: [], sheets: [], strips: [] }

/** What stands already when a fitting takes something out of a part. */
interface Standing {
  joints: Joint[]
  parts: PartsById
  /** Parts with a shape of their own: their corners stay as they are. */
  shaped: readonly string[]
}

/** A thing beside the sheet: how many for one box, and its sizes, mm. */
export interface Bought {
  what: string
  count: number
  sizes: { label: string; length: number }[]
}

/**
 * One kind of thing that is added to a box: what a maker may say of it, what it begins with, what it is made
 * of, why it cannot be, and its words. Geometry is stated here and nowhere else.
 */
export interface FittingKind<Own extends { type: string }> {
  type: Own['type']
  /** What it is called in a list, and how it is found. */
  title: string
  words: string
  schema: z.ZodType<Own>
  /** Whether a box has it by itself, or boxes that stand in each other give it to one. */
  of: 'box' | 'either' | 'whole'
  fields: readonly Field[]
  /** What a maker would start from on a box whose walls are so thick, mm. @param before settings to keep */
  begin: (spec: Base, thickness: number, before?: Partial<Own>) => Own
  problems?: (own: Own, site: Site) => FittingProblem[]
  /** What is said of each problem. */
  sentences?: Record<string, (figures: Record<string, number>, say: Say) => string>
  make?: (own: Own, shell: Shell) => Partial<FittingParts>
  /** What it takes out of a part. */
  features?: (own: Own, shell: Shell, part: Part, standing: Standing) => Feature[]
  /** Parts with a shape of their own: their corners stay as they are. */
  shaped?: readonly string[]
  /** What is bought or found for it, beside the sheet. */
  bought?: (own: Own, shell: Shell) => Bought[]
  /** What it is, in a line, where its figures one by one would say it badly. */
  said?: (own: Own, say: Say) => string
  /** A line of how it is used or built, shown at its figures. */
  note?: (own: Own, say: Say) => string
}

/** How the edges of a top are joined, where they are joined as other edges of the box may be. */
export type TopEdge = 'fingers' | 'butt' | 'outside' | 'tenon' | 'none'

/** What an edge between a top and a wall is, where the top says so itself. */
type OwnEdge = Pick<Joint, 'kind' | 'claims' | 'depth' | 'between' | 'slots' | 'shares' | 'play'>

/** What closes a box: the panel called top is its. */
export interface LidKind<Own extends { type: string }> extends FittingKind<Own> {
  /** What it is called in a choice of tops. */
  name: string
  edge: TopEdge
  /** Where its panel is: in between the walls, on them, or over the front wall between the others. */
  sits: 'in' | 'on the walls' | 'over the front'
  /** Whether it comes off or opens: it is a lid then, and its tabs and bolts are nothing to ask for. */
  opens: boolean
  /** Whether it leaves the walls' upper edge free all round, for slots that are open there. */
  freesRim?: boolean
  /** How far its outside face lies below the walls' upper edge, mm. */
  lowered?: (own: Own, t: Thicknesses) => number
  /** What it takes of the height below its panel, and how far it hangs down where dividers stand, mm. */
  below?: (own: Own, t: Thicknesses) => number
  hangs?: (own: Own, t: Thicknesses) => number
  /** What stays open when it is shut, mm wide. */
  slit?: (own: Own, shell: Shell) => number
  /** The space of its panel. @param block between its faces, over the whole outer size */
  block?: (own: Own, shell: Shell, block: Block) => Block
  /** How it is joined to a wall, where it says so itself. */
  joinTo?: (own: Own, shell: Shell, wall: string) => OwnEdge | null
  /** Words for Build: how what is its comes in. @param from which side @param together parts */
  build?: (own: Own, from: string, together: string[]) => string | null
}

/** Goes right through, and is the maker's own. */
export const throughFeature = (what: Feature['what'], shape: Ring): Feature => ({
  what,
  depth: null,
  shape,
  joint: null,
})

/** A problem of a fitting. */
export const problemOf = (
  fitting: string,
  field: string,
  why: string,
  figures: Record<string, number> = {},
): FittingProblem => ({ kind: 'fitting', fitting, field, why, figures })

/** A web of wood beside a slot is left at least this wide, in thicknesses. [FM] */
export const WEB = 2
/** What must be left under a groove, mm. [FM] */
export const LEAST_SKIN = 0.3
/** To half a millimetre, as settings are offered. */
export const toHalf = (value: number): number => Math.round(value * 2) / 2
/** Lengths that are offered are rounded up to this, mm. */
const STEP = 0.1
export const roundUp = (length: number): number => Math.ceil(length / STEP - 1e-6) * STEP
