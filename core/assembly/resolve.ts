import {
  difference,
  moveEdges,
  paint,
  sizeOf,
  type Bounds,
  type Painting,
  type Point,
  type Region,
  type Ring,
  type Stroke,
} from '../geometry'
import type { Faces } from '../art'
import { claimsContext, strokesOf, type ClaimsContext, type Wanted } from './claimed'
import { plateShapes } from './plates'
import { keyOf } from './shape-key'
import type { Assembly, Joint, Part } from './types'

/** A part as it comes out of its joints. Lengths in mm. */
export interface Panel extends Part {
  /** The exact shape. Proud tab ends reach beyond the outer size. */
  region: Region
  /** The shape that is drawn: with the wanted interference at glue lines, and play where things slide. */
  drawn: Region
  size: { width: number; height: number }
  /** What it was painted from; null where more than that was taken out of it. */
  painted: Painted | null
  /** What is burnt into its faces, where anything is. */
  faces?: Faces
}

/** Rectangles painted over each other, and where each of them is drawn, mm. */
interface Painted {
  painting: Painting
  edges: Bounds[]
}

/** A part that would not come out in one piece. */
export interface BrokenPanel {
  name: string
  pieces: number
}

interface Context extends ClaimsContext {
  /** Shapes by what they are painted from: dividers that are alike are one shape. */
  shapes: Map<string, Shape>
  byId: Map<string, Joint>
}

/** The exact shape of a part in regions, the drawn one, and what that was painted from. */
interface Shape {
  exact: Region[]
  drawn: Region[]
  painted: Painted | null
}

/** A part's shape: its blank, less what others claim, and what it claims itself. */
function shapeOf(part: Part, context: Context): Shape {
  if (part.sides) return { ...plateShapes(part, context.byId, context.parts, context), painted: null }
  const { strokes, edges } = strokesOf(part, context)
  const openings = part.features.filter(({ depth }) => depth === null).map(({ shape }) => shape)
  const key = keyOf(strokes, edges, openings)
  const known = context.shapes.get(key)
  if (known) return known
  const made = paintShape(strokes, edges, openings)
  context.shapes.set(key, made)
  return made
}

const NOWHERE = { x: 0, y: 0 }

function paintShape(strokes: Stroke[], edges: Bounds[], openings: Ring[]): Shape {
  const painting = paint(strokes)
  const open = (regions: Region[]): Region[] =>
    openings.length > 0 ? regions.flatMap((region) => difference(region, openings)) : regions
  const exact = open(painting.regions)
  const isExact = strokes.every(({ area }, i) => area === edges[i])
  const moved = isExact ? painting.regions : moveEdges(painting, edges, NOWHERE)
  // Where an edge is moved past another one, only painting tells what comes of it.
  const drawn = moved ?? paint(edges.map((area, i) => ({ area, fill: strokes[i].fill }))).regions
  const isWhole = openings.length === 0 && moved !== null
  return {
    exact,
    drawn: isExact ? exact : open(drawn),
    painted: isWhole ? { painting, edges } : null,
  }
}

/**
 * The panels of an assembly: outline of a part = blank + own claims − others' claims − through features.
 * @returns the panels, and those that would fall apart: where there are any, it cannot be made
 */
export function resolve(assembly: Assembly, wanted: Wanted): { panels: Panel[]; broken: BrokenPanel[] } {
  const byId = new Map(assembly.joints.map((joint) => [joint.id, joint]))
  const context: Context = { ...claimsContext(assembly, wanted), shapes: new Map(), byId }
  const broken: BrokenPanel[] = []
  const panels = assembly.parts.flatMap((part): Panel[] => {
    const { exact, drawn, painted } = shapeOf(part, context)
    const pieces = Math.max(exact.length, drawn.length)
    if (pieces !== 1 || exact.length !== drawn.length) {
      broken.push({ name: part.id, pieces })
      return []
    }
    return [{ ...part, region: exact[0], drawn: drawn[0], size: sizeOf(exact[0]), painted }]
  })
  return { panels, broken }
}

/**
 * The drawn shape grown on every side, as the beam must run.
 * @param by outward, for sides across x and across y, mm
 * @returns null where only a general offset tells what comes of it
 */
export function grown({ painted }: Panel, by: Point): Region | null {
  const regions = painted && moveEdges(painted.painting, painted.edges, by)
  return regions?.length === 1 ? regions[0] : null
}
