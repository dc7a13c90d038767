import { curvePieces, type DrawnLine, type Point } from '../geometry'
import { figure, layerOf, placesOf, readGroups, type Entity } from './dxf-groups'
import { addLines, Refusal, type RawArt } from './raw-art'
import { readDxf as words } from './words'

/** What a unit of `$INSUNITS` is in mm. [PUB: the DXF reference, header variables]; from memory. */
const UNITS: Record<number, number> = { 1: 25.4, 2: 304.8, 4: 1, 5: 10, 6: 1000 }

/** An arc is cut into pieces of about this angle, radians: 0.02 % of its radius off. */
const PIECE = 0.04

const radians = (degrees: number): number => (degrees * Math.PI) / 180

function arc(centre: Point, radius: number, from: number, sweep: number): Point[] {
  const pieces = Math.max(1, Math.min(400, Math.ceil(Math.abs(sweep) / PIECE)))
  return Array.from({ length: pieces + 1 }, (_, i) => {
    const angle = from + (sweep * i) / pieces
    return { x: centre.x + radius * Math.cos(angle), y: centre.y + radius * Math.sin(angle) }
  })
}

/** From one vertex to the next, the first left out: a bulge is the tangent of a quarter of the arc. */
function bulged(a: Point, b: Point, bulge: number): Point[] {
  const chord = Math.hypot(b.x - a.x, b.y - a.y)
  if (Math.abs(bulge) < 1e-9 || chord < 1e-12) return [b]
  const sweep = 4 * Math.atan(bulge)
  const radius = chord / (2 * Math.sin(sweep / 2))
  // The centre lies to the left of the way for a positive bulge.
  const toCentre = Math.atan2(b.y - a.y, b.x - a.x) + Math.PI / 2 - sweep / 2
  const centre = { x: a.x + radius * Math.cos(toCentre), y: a.y + radius * Math.sin(toCentre) }
  const start = Math.atan2(a.y - centre.y, a.x - centre.x)
  return [...arc(centre, Math.abs(radius), start, sweep).slice(1, -1), b]
}

type Vertex = ReturnType<typeof placesOf>[number]

function polyline(vertices: Vertex[], closed: boolean): DrawnLine | null {
  if (vertices.length < 2) return null
  const count = closed ? vertices.length : vertices.length - 1
  const { x, y } = vertices[0]
  const way: Point[] = [{ x, y }]
  for (let i = 0; i < count; i++) {
    const next = vertices[(i + 1) % vertices.length]
    way.push(...bulged(vertices[i], { x: next.x, y: next.y }, vertices[i].bulge))
  }
  return { points: closed ? way.slice(0, -1) : way, closed }
}

const sweepFrom = (from: number, to: number): number => (to > from ? to - from : to - from + 2 * Math.PI)

function ellipse(entity: Entity): DrawnLine | null {
  const [[centre], [major]] = [placesOf(entity, 10), placesOf(entity, 11)]
  if (!centre || !major) return null
  const from = figure(entity, 41)
  const ratio = figure(entity, 40) || 1
  const sweep = sweepFrom(from, figure(entity, 42) || 2 * Math.PI)
  const points = arc({ x: 0, y: 0 }, 1, from, sweep).map(({ x, y }) => ({
    x: centre.x + x * major.x - y * ratio * major.y,
    y: centre.y + x * major.y + y * ratio * major.x,
  }))
  const isWhole = sweep > 2 * Math.PI - 1e-6
  return { points: isWhole ? points.slice(0, -1) : points, closed: isWhole }
}

/** A spline of one cubic piece by its control points; others by the places that they are fitted to. */
function spline(entity: Entity): DrawnLine | null {
  const [controls, fits] = [placesOf(entity, 10), placesOf(entity, 11)]
  if (controls.length === 4 && figure(entity, 71) === 3)
    return { points: [controls[0], ...curvePieces(controls, 0.01)], closed: false }
  const points = (fits.length > 1 ? fits : controls).map(({ x, y }) => ({ x, y }))
  return points.length > 1 ? { points, closed: figure(entity, 70) % 2 === 1 } : null
}

/** What an entity draws; `vertices` are those that follow it as entities of their own. */
function lineOf(entity: Entity, vertices: Vertex[]): DrawnLine | null {
  const [centre] = placesOf(entity, 10)
  const radius = figure(entity, 40)
  const isClosed = figure(entity, 70) % 2 === 1
  switch (entity.type) {
    case 'LINE':
      return polyline([...placesOf(entity, 10), ...placesOf(entity, 11)], false)
    case 'LWPOLYLINE':
      return polyline(placesOf(entity, 10), isClosed)
    case 'POLYLINE':
      return polyline(vertices, isClosed)
    case 'CIRCLE':
      return centre && radius > 0
        ? { points: arc(centre, radius, 0, 2 * Math.PI).slice(0, -1), closed: true }
        : null
    case 'ARC': {
      const from = radians(figure(entity, 50))
      const sweep = sweepFrom(from, radians(figure(entity, 51)))
      return centre && radius > 0 ? { points: arc(centre, radius, from, sweep), closed: false } : null
    }
    case 'ELLIPSE':
      return ellipse(entity)
    case 'SPLINE':
      return spline(entity)
    default:
      return null
  }
}

const DRAWN = ['LINE', 'LWPOLYLINE', 'POLYLINE', 'CIRCLE', 'ARC', 'ELLIPSE', 'SPLINE']
const SILENT = ['VERTEX', 'SEQEND', 'POINT', 'EOF']

/** What is left out of a drawing, in words. */
const noteFor = (type: string): string =>
  type === 'INSERT' ? words.blocksLeftOut : words.drawnLeftOut(type.slice(0, 30))

/** Notes about what was left out, at most. */
const MOST_NOTES = 5

/** Reads the lines of a DXF drawing by its layers. Text is refused, blocks and hatches are told of. */
export function readDxf(text: string): RawArt {
  const file = readGroups(text)
  if (!file) throw new Refusal(words.dxfFileCannot)
  const art: RawArt = { mm: UNITS[file.unit] ?? null, groups: new Map(), notes: new Set() }
  for (const [i, entity] of file.entities.entries()) {
    const { type } = entity
    if (type.endsWith('TEXT')) throw new Refusal(words.textDrawingFonts)
    if (!DRAWN.includes(type)) {
      if (!SILENT.includes(type) && art.notes.size < MOST_NOTES) art.notes.add(noteFor(type))
      continue
    }
    const vertices: Vertex[] = []
    for (let next = i + 1; file.entities[next]?.type === 'VERTEX'; next++)
      vertices.push(...placesOf(file.entities[next], 10))
    const line = lineOf(entity, vertices)
    if (line) addLines(art, { colour: layerOf(entity), isFilled: false }, [line])
  }
  return art
}
