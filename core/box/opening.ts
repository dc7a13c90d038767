import { placing, turning } from '../art'
import {
  arcOf,
  bounds,
  disc,
  ellipseArc,
  halfEllipse,
  roundedRectangle,
  slotRing,
  type Bounds,
  type Point,
  type Ring,
} from '../geometry'
import { outlined, stencilled } from '../lettering'
import type { FacePanel, PanelName } from '../fittings'
import type { Opening, OpeningShape, Repeat } from './opening-record'

const polygon = (sides: number, across: number, from = Math.PI / 2): Ring =>
  Array.from({ length: sides }, (_, i) => {
    const angle = from + (2 * Math.PI * i) / sides
    return { x: (across / 2) * Math.cos(angle), y: (across / 2) * Math.sin(angle) }
  })

/** A head's circle that runs into a neck going up. */
function keyhole(head: number, neck: number, rise: number): Ring {
  const [r, n] = [head / 2, Math.min(neck, head * 0.98) / 2]
  const side = Math.asin(n / r)
  const below = arcOf({ x: 0, y: 0 }, r, Math.PI / 2 + side, Math.PI / 2 + 2 * Math.PI - side)
  const above = arcOf({ x: 0, y: Math.max(rise, r) }, n, 0, Math.PI)
  return [...below, ...above]
}

/** A window whose upper end is half a circle, or less where it is too low for that. */
function arched(width: number, height: number): Ring {
  const [half, rise] = [width / 2, Math.min(width / 2, height)]
  const spring = height / 2 - rise
  const foot = [
    { x: -half, y: -height / 2 },
    { x: half, y: -height / 2 },
  ]
  const curve = ellipseArc({ x: 0, y: spring }, [half, rise], 0, Math.PI)
  return spring > -height / 2 ? [...foot, ...curve] : curve
}

/** Half an ellipse that hangs from y = 0, and what is above that, so that it is open there. */
const scooped = (width: number, depth: number): Ring => [
  ...halfEllipse(-width / 2, width / 2, 0, -depth),
  { x: -width / 2, y: 1 },
  { x: width / 2, y: 1 },
]

const shifted = (ring: Ring, x: number, y: number): Ring =>
  ring.map((point) => ({ x: point.x + x, y: point.y + y }))

/** As many as go into a field with the web between, its middle the field's middle. */
function places(room: number, pitch: number, size: number): number[] {
  const count = Math.max(0, Math.floor((room - size) / pitch + 1e-9) + 1)
  return Array.from({ length: count }, (_, i) => (i - (count - 1) / 2) * pitch)
}

function vents({ pattern, width, height, size, web }: Extract<OpeningShape, { kind: 'vents' }>): Ring[] {
  if (pattern === 'slots')
    return places(width, size + web, size).map((x) =>
      shifted(
        slotRing({ x: 0, y: 0 }, height, size).map((point) => ({ x: -point.y, y: point.x })),
        x,
        0,
      ),
    )
  if (pattern === 'holes')
    return places(width, size + web, size).flatMap((x) =>
      places(height, size + web, size).map((y) => disc({ x, y }, size / 2)),
    )
  // Six-sided: flats a web apart on all sides, every second column shifted by half.
  const flats = (size * Math.sqrt(3)) / 2
  const across = ((flats + web) * Math.sqrt(3)) / 2
  return places(width, across, size).flatMap((x, column) => {
    const shift = column % 2 === 1 ? (flats + web) / 2 : 0
    return places(height - 2 * shift, flats + web, flats).map((y) => shifted(polygon(6, size, 0), x, y))
  })
}

function lettersOf({ text, height, bridge }: Extract<OpeningShape, { kind: 'letters' }>): Ring[] {
  const { regions, width } = outlined(text, height)
  return stencilled(regions, bridge).map(({ outline }) => shifted(outline, -width / 2, -height / 2))
}

/** A shape about its own middle. */
export function ringsOfShape(shape: OpeningShape): Ring[] {
  switch (shape.kind) {
    case 'round':
      return [disc({ x: 0, y: 0 }, shape.diameter / 2)]
    case 'rectangle':
      return [roundedRectangle(shape.width, shape.height, shape.radius)]
    case 'slot':
      return [slotRing({ x: 0, y: 0 }, Math.max(shape.length, shape.width * 1.001), shape.width)]
    case 'polygon':
      return [polygon(shape.sides, shape.across)]
    case 'keyhole':
      return [keyhole(shape.head, shape.neck, shape.rise)]
    case 'vents':
      return vents(shape)
    case 'arch':
      return [arched(shape.width, shape.height)]
    case 'scoop':
      return [scooped(shape.width, shape.depth)]
    case 'letters':
      return lettersOf(shape)
  }
}

export const OPPOSITE: Record<PanelName, PanelName> = {
  front: 'back',
  back: 'front',
  left: 'right',
  right: 'left',
  floor: 'top',
  top: 'floor',
}

/** Where each of a repeated opening stands about the middle of all, and how far it is turned, degrees. */
function spots(repeat: Repeat): { shift: Point; turn: number }[] {
  if (repeat.kind === 'grid') {
    const { columns, rows, apart } = repeat
    return Array.from({ length: columns * rows }, (_, i) => ({
      shift: {
        x: ((i % columns) - (columns - 1) / 2) * apart,
        y: (Math.floor(i / columns) - (rows - 1) / 2) * apart,
      },
      turn: 0,
    }))
  }
  const { count, radius, turned } = repeat
  return Array.from({ length: count }, (_, i) => {
    const angle = Math.PI / 2 - (2 * Math.PI * i) / count
    const shift = { x: radius * Math.cos(angle), y: radius * Math.sin(angle) }
    return { shift, turn: turned ? (-360 * i) / count : 0 }
  })
}

/** A scoop hangs from the edge that it is anchored on: how far it is turned for that, degrees. */
const HUNG: Partial<Record<Opening['anchor'], number>> = { left: 90, right: -90, bottom: 180 }

/**
 * All rings of an opening on its panel's own plane.
 * @param base the rectangle that its place is told from, mm
 * @param mirror the panel's rectangle, for the one on the opposite panel: left and right change places there
 */
export function ringsOfOpening(opening: Opening, base: Bounds, mirror: Bounds | null = null): Ring[] {
  const shapes = ringsOfShape(opening.shape)
  const hung = opening.shape.kind === 'scoop' ? (HUNG[opening.anchor] ?? 0) : 0
  const about = spots(opening.repeat).flatMap(({ shift, turn }) => {
    const turned = turning(opening.turn + hung + turn)
    const spot = (point: Point): Point => {
      const { x, y } = turned(point)
      return { x: x + shift.x, y: y + shift.y }
    }
    return shapes.map((ring) => ring.map(spot))
  })
  // A scoop hangs from the edge by its middle.
  const point = opening.shape.kind === 'scoop' ? ('centre' as const) : opening.point
  const place = placing({ ...opening, point }, base, about.flat())
  const rings = about.map((ring) => ring.map(place))
  if (!mirror) return rings
  const middle = mirror.minX + mirror.maxX
  return rings.map((ring) => ring.map(({ x, y }) => ({ x: middle - x, y })).reverse())
}

/**
 * The rectangle that a place on a panel is told from: that of an opening before it on the same panel, or the
 * panel's own.
 */
export function baseOf(openings: Opening[], panel: string, from: string, face: Bounds): Bounds {
  const i = from === '' ? -1 : openings.findIndex((each) => each.id === from && each.panel === panel)
  if (i < 0) return face
  const before = openings.slice(0, i)
  return bounds(ringsOfOpening(openings[i], baseOf(before, panel, openings[i].from, face)).flat())
}

/** How many holes an opening comes to. */
export const countOf = ({ shape, repeat, mirrored }: Opening): number =>
  ringsOfShape(shape).length * spots(repeat).length * (mirrored ? 2 : 1)

/** The panel that lies over against one; walls that stand at an angle have none. */
export const oppositeOf = (panel: FacePanel): PanelName | null =>
  panel in OPPOSITE ? OPPOSITE[panel as PanelName] : null
