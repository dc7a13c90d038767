import { SMALL, type Fault, type Panel } from '../assembly'
import {
  area,
  bounds,
  intersection,
  sharedArea,
  sizeOf,
  transformPoint,
  type Region,
  type Ring,
} from '../geometry'
import { seamAcross, seamCount, seamSide, type Seam } from '../joints'
import type { Machine } from '../machine'

/** A line may be moved this far to stay clear of tabs and cut-outs, mm. [FM] */
const MOVED = 20
const STEPS = 41

/** The place near `wanted` that is farthest from any corner of the panel, so that no sliver is left. */
function clearPlace({ region }: Panel, axis: 'x' | 'y', wanted: number): number {
  const corners = [region.outline, ...region.holes].flatMap((ring) => ring.map((point) => point[axis]))
  const clear = (at: number): number => Math.min(...corners.map((corner) => Math.abs(corner - at)))
  let best = wanted
  for (let i = 0; i < STEPS; i++) {
    const at = wanted + (((i % 2 === 0 ? 1 : -1) * Math.ceil(i / 2)) / (STEPS / 2)) * MOVED
    if (clear(at) > clear(best) + 0.5) best = at
  }
  return best
}

function cutOut(region: Region, seam: Seam, half: 0 | 1, overlap: number): Region | null {
  const pieces = intersection(region, seamSide(seam, half, overlap))
  return pieces.length === 1 ? pieces[0] : null
}

function seamOf(panel: Panel, axis: 'x' | 'y', at: number, angle = 0): Seam {
  const box = bounds(panel.region.outline)
  const [from, to] = axis === 'x' ? [box.minY, box.maxY] : [box.minX, box.maxX]
  return seamAcross(axis, at, from, to, panel.thickness, angle)
}

/** Both halves of a panel; null where one of them would fall apart. */
function halves(
  panel: Panel,
  axis: 'x' | 'y',
  at: number,
  interference: number,
  angle = 0,
): [Panel, Panel] | null {
  const seam = seamOf(panel, axis, at, angle)
  const made = ([0, 1] as const).map((half): Panel | null => {
    const region = cutOut(panel.region, seam, half, 0)
    const drawn = cutOut(panel.drawn, seam, half, interference / 2)
    return region && drawn && { ...panel, region, drawn, size: sizeOf(region), painted: null }
  })
  return made[0] && made[1] ? [made[0], made[1]] : null
}

/** Half of a panel, and where on its plane that is. */
export interface Half {
  panel: Panel
  within: Ring
}

/** A panel in two halves that meet at a seam near its middle, the lower one first; null if it falls apart. */
export function inHalves(panel: Panel, axis: 'x' | 'y', interference: number): [Half, Half] | null {
  const { minX, maxX, minY, maxY } = panel.blank
  const at = clearPlace(panel, axis, axis === 'x' ? (minX + maxX) / 2 : (minY + maxY) / 2)
  const made = halves(panel, axis, at, interference)
  if (!made) return null
  const [low, high] = axis === 'x' ? ['minX' as const, 'maxX' as const] : ['minY' as const, 'maxY' as const]
  const within = ([0, 1] as const).map((half) => seamSide(seamOf(panel, axis, at), half, 0))
  return [
    { panel: { ...made[0], blank: { ...panel.blank, [high]: at } }, within: within[0] },
    { panel: { ...made[1], blank: { ...panel.blank, [low]: at } }, within: within[1] },
  ]
}

/** Whether a size fits a bed, either way round. */
export const fitsBed = ({ width, height }: Panel['size'], bed: [number, number]): boolean =>
  Math.max(width, height) <= Math.max(...bed) && Math.min(width, height) <= Math.min(...bed)

/** The bed's room for parts, mm. */
export const bedRoom = ({ bedWidth, bedHeight }: Machine, margin: number): [number, number] => [
  bedWidth - 2 * margin,
  bedHeight - 2 * margin,
]

/** A panel that was divided: its pieces meet along lines across one of its own axes. */
export interface Divided {
  panel: Panel
  axis: 'x' | 'y'
  pieces: Panel[]
}

/** Which of its own axes a panel is divided across: its longer one. */
export const dividedAxis = ({ size }: Pick<Panel, 'size'>): 'x' | 'y' =>
  size.width >= size.height ? 'x' : 'y'

/** Why pieces do not make up their panel: two in the same place, or something that none of them has. */
export function seamFaults({ panel, pieces }: Divided): Fault[] {
  const { minX, maxX, minY, maxY } = bounds(panel.region.outline)
  const [x, y, z] = transformPoint(panel.frame, [(minX + maxX) / 2, (minY + maxY) / 2, panel.thickness / 2])
  const fault = (kind: Fault['kind']): Fault => ({ kind, panels: [panel.id], at: { x, y, z } })
  const whole = area(panel.region)
  const sum = pieces.reduce((total, { region }) => total + area(region), 0)
  const overlaps = pieces.some((piece, i) =>
    pieces.slice(i + 1).some((other) => sharedArea(piece.region, other.region) > SMALL),
  )
  const isMissing = sum < whole - SMALL - 1e-6 * whole
  return [...(overlaps ? [fault('overlap')] : []), ...(isMissing ? [fault('missing')] : [])]
}

/** How the sides of a seam's fingers slant, degrees, and which way it is moved off its even place. */
export interface SeamWay {
  angle: number
  shift: -1 | 0 | 1
}
const STRAIGHT: SeamWay = { angle: 0, shift: 0 }
/** Staggered seams stand off their even places by that share of a piece, where the bed lets them. [FM] */
const STAGGER = 0.2
/** Both pieces of a seam reach over its line, in thicknesses. */
const REACHED = 3

/**
 * A panel in pieces that each fit the bed, divided by fingers that lie in its plane; itself where it fits,
 * or cannot be divided.
 */
export function seamed(
  panel: Panel,
  bed: [number, number],
  interference: number,
  { angle, shift }: SeamWay = STRAIGHT,
): Panel[] {
  if (fitsBed(panel.size, bed)) return [panel]
  const { width, height } = panel.size
  const axis = dividedAxis(panel)
  const [length, across] = axis === 'x' ? [width, height] : [height, width]
  const room = across <= Math.min(...bed) ? Math.max(...bed) : Math.min(...bed)
  const count = seamCount(length, room, panel.thickness)
  if (across > Math.max(...bed) || count > 6) return [panel]
  const box = bounds(panel.region.outline)
  const start = axis === 'x' ? box.minX : box.minY
  const pieces: Panel[] = []
  const slack = room - length / count - REACHED * panel.thickness - MOVED
  const by = shift * Math.max(0, Math.min(slack, (STAGGER * length) / count))
  let rest = panel
  for (let i = 1; i < count; i++) {
    const at = clearPlace(rest, axis, start + (length * i) / count + by)
    const divided = halves(rest, axis, at, interference, angle)
    if (!divided) return [panel]
    pieces.push(divided[0])
    rest = divided[1]
  }
  return [...pieces, rest].map((piece, i) => {
    const name = String.fromCharCode(97 + i)
    return { ...piece, id: `${panel.id}-${name}`, label: `${panel.label} ${name}` }
  })
}
