import { wayOf, type Axis, type Feature, type Panel } from '../assembly'
import { slitLines, zoneOf, type Zone } from '../bend'
import { chainOf, seamedPanel, type BoxSpec } from '../box'
import type { PanelName } from '../fittings'
import {
  cross,
  dot,
  intersection,
  signedArea,
  sizeOf,
  transformPoint,
  union,
  type Point,
  type Region,
  type Ring,
  type Vector,
} from '../geometry'
import { inHalves } from './seams'

/** A quarter turn: every bend of a box, when it is closed. */
const QUARTER = Math.PI / 2

/** How the plane of a panel lies on the developed sheet. */
interface Onto {
  panel: string
  /** Takes a point of the panel's own plane onto the sheet, mm. */
  onto: (point: Point) => Point
  /** Whether the panel's own x runs along the sheet's y. */
  isTurned: boolean
  /** Where on the panel's plane that holds, if it is half of a panel. */
  within: Ring | null
}

/** Panels that are one bent sheet, as it is cut: from its outside face. */
export interface Joined {
  panels: PanelName[]
  piece: Panel
  /** The zones of slits between them, and where each begins on the sheet. */
  zones: { from: number; low: number; zone: Zone }[]
  /** Open lines that are cut through. */
  slits: [Point, Point][]
  faces: Onto[]
}

const AXIS: Record<Axis, number> = { x: 0, y: 1, z: 2 }

/** The way that a panel's outside face looks. */
function outwardOf({ frame }: Panel): Vector {
  const { axis, sign } = wayOf(frame, 'z')
  const way: Vector = [0, 0, 0]
  way[AXIS[axis]] = sign
  return way
}

const opposite = ([x, y, z]: Vector): Vector => [-x, -y, -z]

/** A panel of the sheet, or half of one. */
interface Link {
  panel: Panel
  within: Ring | null
}

/** The panels along the sheet, one that it begins and ends in as halves; null where that falls apart. */
function linksOf(spec: BoxSpec, panels: Panel[], interference: number): Link[] | null {
  const names = chainOf(spec)
  const all = names.map((name): Link => ({ panel: panels.find(({ id }) => id === name)!, within: null }))
  const seamed = seamedPanel(spec)
  if (!seamed) return all
  const [{ panel }, { panel: next }] = all
  const ownX = wayOf(panel.frame, 'x')
  const isAlongX = ownX.axis === wayOf(next.frame, 'z').axis
  const { sign } = isAlongX ? ownX : wayOf(panel.frame, 'y')
  const halves = inHalves(panel, isAlongX ? 'x' : 'y', interference)
  if (!halves) return null
  const isNextHigh = wayOf(next.frame, 'z').sign === sign
  const [beside, last] = isNextHigh ? [halves[1], halves[0]] : halves
  return [beside, ...all.slice(1, -1), last]
}

/** What is taken out of a panel, as far as it is on its part of the sheet. */
const featuresOf = ({ panel, within }: Link, onto: (point: Point) => Point): Feature[] =>
  panel.features.flatMap((feature) => {
    const shapes = within
      ? intersection({ outline: feature.shape, holes: [] }, within).map(({ outline }) => outline)
      : [feature.shape]
    return shapes.map((shape) => ({ ...feature, shape: shape.map(onto) }))
  })

/**
 * The one sheet that bends round the edges of a box; null where none does, or where it would fall apart.
 * @param panels of the box as they are drawn flat
 */
export function joinedOf(spec: BoxSpec, panels: Panel[], kerf: number, interference: number): Joined | null {
  const names = [...new Set(chainOf(spec))]
  if (names.length === 0) return null
  const links = linksOf(spec, panels, interference)
  if (!links) return null
  const chain = links.map(({ panel }) => panel)
  const [first, second] = chain
  let along: Vector = outwardOf(second)
  const side = cross(outwardOf(first), along)
  let reached = 0
  const faces: Onto[] = []
  const zones: Joined['zones'] = []
  const parts: { region: Ring[]; drawn: Ring[] } = { region: [], drawn: [] }
  for (const [i, panel] of chain.entries()) {
    const way = along
    const place = ({ x, y }: Point): Point => {
      const at = transformPoint(panel.frame, [x, y, 0])
      return { x: dot(at, way), y: dot(at, side) }
    }
    // Where the panel is flat: from bend to bend, whatever tabs reach beyond.
    const corners = [
      { x: panel.blank.minX, y: panel.blank.minY },
      { x: panel.blank.maxX, y: panel.blank.maxY },
    ].map(place)
    const [low, high] = [Math.min(corners[0].x, corners[1].x), Math.max(corners[0].x, corners[1].x)]
    const shift = reached - low
    const onto = (point: Point): Point => {
      const { x, y } = place(point)
      return { x: x + shift, y }
    }
    const [from, to] = [onto({ x: 0, y: 0 }), onto({ x: 1, y: 0 })]
    faces.push({
      panel: panel.id,
      onto,
      isTurned: Math.abs(to.y - from.y) > 0.5,
      within: links[i].within,
    })
    parts.region.push(...ringsOnto(panel.region, onto))
    parts.drawn.push(...ringsOnto(panel.drawn, onto))
    reached += high - low
    if (i < chain.length - 1) {
      const [bottom, top] = [Math.min(corners[0].y, corners[1].y), Math.max(corners[0].y, corners[1].y)]
      const zone = zoneOf(spec.bends, QUARTER, panel.thickness, kerf, top - bottom)
      zones.push({ from: reached, low: bottom, zone })
      const strip = [
        { x: reached, y: bottom },
        { x: reached + zone.flat, y: bottom },
        { x: reached + zone.flat, y: top },
        { x: reached, y: top },
      ]
      parts.region.push(strip)
      parts.drawn.push(strip)
      reached += zone.flat
      along = opposite(outwardOf(panel))
    }
  }
  const region = union(parts.region)
  const drawn = union(parts.drawn)
  if (region.length !== 1 || drawn.length !== 1) return null
  const slits = zones.flatMap(({ from, low, zone }) =>
    slitLines(zone).map((line) => line.map(({ x, y }) => ({ x: x + from, y: y + low })) as [Point, Point]),
  )
  const piece: Panel = {
    ...first,
    id: names.join('+'),
    label: names.map((name) => chain.find(({ id }) => id === name)!.label).join(', '),
    region: region[0],
    drawn: drawn[0],
    size: sizeOf(region[0]),
    painted: null,
    features: links.flatMap((link, i) => featuresOf(link, faces[i].onto)),
  }
  return { panels: names, piece, zones, slits, faces }
}

/** The rings of a region on the sheet; holes stay holes. */
function ringsOnto({ outline, holes }: Region, onto: (point: Point) => Point): Ring[] {
  const place = (ring: Ring, sign: 1 | -1): Ring => {
    const placed = ring.map(onto)
    return signedArea(placed) * sign < 0 ? placed.reverse() : placed
  }
  return [place(outline, 1), ...holes.map((hole) => place(hole, -1))]
}
