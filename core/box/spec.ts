import { z } from 'zod'
import { planSchema, wallCount } from '../angled'
import { AXES, type Axis, type Size } from '../assembly'
import { boltsSchema, edgeRuleSchema, type EdgeRule } from '../joints'
import { bendsSchema, NO_BENDS } from './bends'
import { NO_DIVIDERS, dividersSchema } from './cells'
import { LIES } from './in-use'
import {
  fittingsSchema,
  kindOfLid,
  lidOf,
  PANEL_NAMES,
  WALL_IDS,
  WALLS,
  type FacePanel,
  type PanelName,
  type Thicknesses,
  type TopEdge,
} from '../fittings'
import { drawingSchema, MOST_DRAWINGS, MOST_PICTURES, pictureSchema } from '../art'
import { engravingSchema, MOST_ENGRAVINGS } from './engraving-record'
import { MOST_OPENINGS, openingSchema } from './opening-record'
import { planSizes } from './plan-sizes'

export type { PanelName, Thicknesses }

/** Edges that are shared out alike: those between walls, those of the floor, those of the top. */
export const EDGE_GROUPS = ['uprights', 'floor', 'top'] as const
export type EdgeGroup = (typeof EDGE_GROUPS)[number]

/** How walls meet at the corners. */
export const CORNER_KINDS = ['fingers', 'butt', 'lap', 'tenon'] as const
export type CornerKind = (typeof CORNER_KINDS)[number]

/** How the floor is held. `outside`: it lies below the walls; `butt`: between them. */
export const FLOOR_KINDS = ['fingers', 'butt', 'outside', 'tenon', 'groove', 'ledge', 'none'] as const
export type FloorKind = (typeof FLOOR_KINDS)[number]

export const WALL_PAIRS = ['front and back', 'left and right'] as const

/** What may come from a stock of its own: a group of parts, or one panel. */
const STOCK_USES = ['walls', 'floor', 'top', 'dividers', 'front', 'back', 'left', 'right'] as const
export type StockUse = (typeof STOCK_USES)[number]

/** A panel is divided in six at most. */
export const MOST_SEAMS = 5

/** How panels that are larger than the bed are divided. */
export const seamsSchema = z.strictObject({
  divides: z.boolean(),
  /** How far the sides of their fingers slant, so that they hold in the plane; 0 pulls apart. degrees */
  angle: z.number().min(0).max(30),
  /** Not all seams in one plane. */
  staggered: z.boolean(),
  /** Of panels by name: where the maker has them, from the lower end of the longer side, in order. mm */
  at: z.record(z.string().min(1).max(40), z.array(z.number().min(0).max(5000)).min(1).max(MOST_SEAMS)),
})

const size = z.number().min(1).max(5000)
const small = z.number().min(0).max(500)
const play = z.number().min(0).max(10)

/** Edges that may have a joint of their own, by the two panels that meet there. */
const EDGE_IDS = [
  'front-left',
  'front-right',
  'back-left',
  'back-right',
  'front-floor',
  'back-floor',
  'left-floor',
  'right-floor',
  'front-top',
  'back-top',
  'left-top',
  'right-top',
] as const
export type EdgeId = (typeof EDGE_IDS)[number]

/**
 * The joint of one edge, where it differs from its group's. `fingers` has shares of its own, in tenons where
 * walls are set in; `butt`: the leading panel runs past.
 */
const edgeOwnSchema = z.strictObject({
  kind: z.enum(['fingers', 'butt']),
  rule: edgeRuleSchema,
  bolts: boltsSchema.nullable(),
})
export type EdgeOwn = z.infer<typeof edgeOwnSchema>

/**
 * What a maker says about a box. Lengths in mm; `sizesAre` tells which side of the walls they were measured
 * on.
 */
export const boxSpecSchema = z.strictObject({
  sizesAre: z.enum(['outer', 'inner']),
  width: size,
  depth: size,
  height: size,
  /** Walls that stand at any angle, instead of width and depth; null for a rectangle. */
  plan: planSchema.nullable(),
  tabs: z.strictObject({
    uprights: edgeRuleSchema,
    floor: edgeRuleSchema,
    top: edgeRuleSchema,
    /** Whether uprights are shared out between floor and rim, or over the full height. */
    over: z.enum(['between', 'full']),
    /** Opposite edges run the other way round. */
    mirrored: z.boolean(),
    /** Made unequal, so that a panel put in the wrong way round does not enter. */
    keyed: z.boolean(),
  }),
  /** How far tab ends stand out of the mating face, to be sanded off. */
  proud: z.number().min(0).max(20),
  corners: z.strictObject({
    kind: z.enum(CORNER_KINDS),
    /** Which walls lead: they run past the others, or keep the lower half of a lap. */
    leads: z.enum(WALL_PAIRS),
    /** How far the other walls are set in from the ends of the leading ones; in a lap, both. */
    setIn: small,
  }),
  floor: z.strictObject({
    kind: z.enum(FLOOR_KINDS),
    /** How far its underside stands above the walls' lower edge. */
    raised: small,
    /** Depth of the groove it stands in. */
    depth: z.number().min(0.1).max(50),
    /** Width of the ledges it lies on. */
    ledge: z.number().min(1).max(200),
    /** Height of the arches between feet; 0 is none. */
    arch: small,
  }),
  bolts: z.strictObject({
    uprights: boltsSchema.nullable(),
    floor: boltsSchema.nullable(),
    top: boltsSchema.nullable(),
  }),
  edges: z.partialRecord(z.enum(EDGE_IDS), edgeOwnSchema),
  dividers: dividersSchema,
  lies: z.enum(LIES),
  fittings: fittingsSchema,
  bends: bendsSchema,
  openings: z.array(openingSchema).max(MOST_OPENINGS),
  engravings: z.array(engravingSchema).max(MOST_ENGRAVINGS),
  /** Artwork that was read in. */
  drawings: z.array(drawingSchema).max(MOST_DRAWINGS),
  pictures: z.array(pictureSchema).max(MOST_PICTURES),
  /** Added to the thickest reading for slots, to the length of laps, and left round loose parts. */
  play: z.strictObject({ slots: play, laps: play, loose: play }),
  /** Stock by use, as its id; what is not named comes from the job's own. */
  stocks: z.partialRecord(z.enum(STOCK_USES), z.string().min(1).max(60)),
  /** Divides panels that are larger than the bed. */
  seams: seamsSchema,
})
export type BoxSpec = z.infer<typeof boxSpecSchema>

/** The panels of a box that something may be placed on: those that it has. */
export const facePanels = (spec: Pick<BoxSpec, 'fittings' | 'floor' | 'plan'>): FacePanel[] => {
  const names = panelNames(spec)
  if (!spec.plan) return names
  const { shape, slope } = spec.plan
  const others: FacePanel[] = names.filter((name) => !WALLS.includes(name))
  const beyond: FacePanel[] = slope?.ridge && names.includes('top') ? ['top-2'] : []
  return [...WALL_IDS.slice(0, wallCount(shape)), ...others, ...beyond]
}

/** The same rule for every group. */
export const sameTabs = (rule: EdgeRule): BoxSpec['tabs'] => ({
  uprights: rule,
  floor: rule,
  top: rule,
  over: 'between',
  mirrored: false,
  keyed: false,
})

/** All that a box of fingers on every edge does not ask for. */
export const PLAIN_BOX: Omit<BoxSpec, 'sizesAre' | 'width' | 'depth' | 'height' | 'tabs' | 'proud'> = {
  plan: null,
  corners: { kind: 'fingers', leads: 'front and back', setIn: 0 },
  floor: { kind: 'fingers', raised: 0, depth: 1, ledge: 8, arch: 0 },
  bolts: { uprights: null, floor: null, top: null },
  edges: {},
  dividers: NO_DIVIDERS,
  lies: 'upright',
  fittings: [],
  bends: NO_BENDS,
  openings: [],
  engravings: [],
  drawings: [],
  pictures: [],
  play: { slots: 0, laps: 0.2, loose: 0.5 },
  stocks: {},
  seams: { divides: false, angle: 0, staggered: true, at: {} },
}

export const sameThickness = (thickness: number): Thicknesses =>
  Object.fromEntries([...PANEL_NAMES, 'dividers'].map((name) => [name, thickness])) as Thicknesses

/** Which size of the spec runs along which axis. */
export const FIELD_OF: Record<Axis, 'width' | 'depth' | 'height'> = { x: 'width', y: 'depth', z: 'height' }

type Outline = Pick<BoxSpec, 'fittings' | 'floor' | 'corners'>

/** Panels of a box, in the order in which they are named. */
export const panelNames = ({ fittings, floor }: Pick<BoxSpec, 'fittings' | 'floor'>): PanelName[] =>
  PANEL_NAMES.filter(
    (name) => (name !== 'top' || lidOf({ fittings })) && (name !== 'floor' || floor.kind !== 'none'),
  )

/** Groups of edges that a box has. */
export const edgeGroups = ({ fittings, floor }: Pick<BoxSpec, 'fittings' | 'floor'>): EdgeGroup[] =>
  EDGE_GROUPS.filter(
    (group) => (group !== 'top' || lidOf({ fittings })) && (group !== 'floor' || floor.kind !== 'none'),
  )

const isSetIn = ({ kind, setIn }: BoxSpec['corners']): boolean =>
  kind === 'lap' || kind === 'tenon' || (kind === 'butt' && setIn > 0)

/** How far the walls that close an axis stand in from the outer size, mm. */
export function setInOf({ kind, leads, setIn }: BoxSpec['corners'], axis: 'x' | 'y'): number {
  if (kind === 'fingers') return 0
  const isLapped = leads === (axis === 'x' ? 'front and back' : 'left and right')
  return kind === 'lap' || isLapped ? setIn : 0
}

/** Whether one edge of a group that is joined so may have a joint of its own. */
export const canDiffer = (kind: ReturnType<typeof kindOf>): boolean =>
  ['fingers', 'butt', 'tenon', 'lap'].includes(kind)

/** The name of an edge, whichever of its panels leads. */
export function edgeId(a: PanelName, b: PanelName): EdgeId {
  const order: PanelName[] = ['front', 'back', 'left', 'right', 'floor', 'top']
  return [a, b].sort((p, q) => order.indexOf(p) - order.indexOf(q)).join('-') as EdgeId
}

/** How the edges of a group are joined. */
export const kindOf = (
  { corners, floor, fittings }: Outline,
  group: EdgeGroup,
): CornerKind | FloorKind | TopEdge =>
  group === 'uprights' ? corners.kind : group === 'floor' ? floor.kind : topEdge({ fittings })

/** How the edges of the top are joined; a lid that opens joins none of them so. */
export function topEdge(spec: Pick<BoxSpec, 'fittings'>): TopEdge {
  const lid = lidOf(spec)
  return lid ? kindOfLid(lid).edge : 'none'
}

const FLUSH = ['fingers', 'butt', 'outside']

/** How far the floor's underside stands above the walls' lower edge, mm. */
export const raisedBy = ({ floor }: Pick<BoxSpec, 'floor'>): number =>
  floor.kind === 'fingers' || floor.kind === 'outside' || floor.kind === 'none' ? 0 : floor.raised
/** Whether a box has a lid that comes off or opens. */
export function opens(spec: Pick<BoxSpec, 'fittings'>): boolean {
  const lid = lidOf(spec)
  return lid !== null && kindOfLid(lid).opens
}

/** Whether slots at the rim can be reached: in an open box, and under a lid that lifts off the walls. */
export function isRimFree(spec: Pick<BoxSpec, 'fittings'>): boolean {
  const lid = lidOf(spec)
  return lid === null || kindOfLid(lid).freesRim === true
}

/** How far the top's outside face lies below the walls' upper edge, mm. */
export function loweredBy(spec: Pick<BoxSpec, 'fittings'>, t: Thicknesses): number {
  const lid = lidOf(spec)
  return lid ? (kindOfLid(lid).lowered?.(lid, t) ?? 0) : 0
}
/** How far down a lid reaches below its panel, mm. */
export function takenBelow(spec: Pick<BoxSpec, 'fittings'>, t: Thicknesses): number {
  const lid = lidOf(spec)
  return lid ? (kindOfLid(lid).below?.(lid, t) ?? 0) : 0
}

/** Whether a floor or top reaches into the corners of the shell, where three slabs meet. */
export function isFlush(spec: Outline, name: 'floor' | 'top', t: Thicknesses): boolean {
  const isThere = name === 'floor' ? spec.floor.kind !== 'none' : lidOf(spec) !== null
  const back = name === 'floor' ? raisedBy(spec) : loweredBy(spec, t)
  return isThere && FLUSH.includes(kindOf(spec, name)) && back === 0 && !isSetIn(spec.corners)
}

/** What the walls take from each axis, mm. */
export function taken(spec: Outline, t: Thicknesses): Size {
  const floor = spec.floor.kind === 'none' ? 0 : t.floor + raisedBy(spec)
  return {
    x: t.left + t.right + 2 * setInOf(spec.corners, 'x'),
    y: t.front + t.back + 2 * setInOf(spec.corners, 'y'),
    z: floor + (lidOf(spec) ? t.top + loweredBy(spec, t) + takenBelow(spec, t) : 0),
  }
}

/**
 * Outer and inner size in mm, whichever of the two was given. `inner = outer − the walls met on that axis`.
 * [DEF]
 */
export function boxSizes(spec: BoxSpec, thicknesses: Thicknesses): { outer: Size; inner: Size } {
  if (spec.plan) return planSizes(spec, thicknesses)
  const walls = taken(spec, thicknesses)
  const given: Size = { x: spec.width, y: spec.depth, z: spec.height }
  const sign = spec.sizesAre === 'outer' ? -1 : 1
  const other = Object.fromEntries(AXES.map((axis) => [axis, given[axis] + sign * walls[axis]])) as Size
  return spec.sizesAre === 'outer' ? { outer: given, inner: other } : { outer: other, inner: given }
}
