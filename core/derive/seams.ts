import { SMALL, type Fault, type Panel } from '../assembly'
import { MOST_SEAMS, type BoxSpec } from '../box'
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

/** The pieces of a panel along its longer side, each with a name of its own. */
const lettered = (panel: Panel, pieces: Panel[]): Panel[] =>
  pieces.map((piece, i) => {
    const name = String.fromCharCode(97 + i)
    return { ...piece, id: `${panel.id}-${name}`, label: `${panel.label} ${name}` }
  })

/**
 * A panel cut along one line after the other; null where a piece would fall apart.
 * @param place of a line, by what is left of the panel
 */
function piecesAt(
  panel: Panel,
  count: number,
  place: (rest: Panel, i: number) => number,
  interference: number,
  angle: number,
): Panel[] | null {
  const pieces: Panel[] = []
  let rest = panel
  for (let i = 0; i < count; i++) {
    const divided = halves(rest, dividedAxis(panel), place(rest, i), interference, angle)
    if (!divided) return null
    pieces.push(divided[0])
    rest = divided[1]
  }
  return lettered(panel, [...pieces, rest])
}

/** Where a panel begins and ends along its longer side, on its own plane, mm. */
function reachOf(panel: Panel): { from: number; to: number } {
  const { minX, maxX, minY, maxY } = bounds(panel.region.outline)
  return dividedAxis(panel) === 'x' ? { from: minX, to: maxX } : { from: minY, to: maxY }
}

/** Why a panel cannot be divided where a maker has it; mm from the lower end of its longer side. */
export type SeamFault =
  | { why: 'close'; at: number; least: number }
  | { why: 'large'; piece: string; length: number }
  | { why: 'apart' }

/** A panel in pieces that meet where the maker has it, or why that cannot be. @param at in any order, mm */
export function seamedAt(
  panel: Panel,
  at: number[],
  bed: [number, number],
  interference: number,
  angle: number,
): Panel[] | SeamFault {
  const { from, to } = reachOf(panel)
  const places = [...at].sort((a, b) => a - b)
  const least = REACHED * panel.thickness
  const ends = [0, ...places, to - from]
  const close = ends.findIndex((end, i) => i > 0 && end - ends[i - 1] < least)
  if (close > 0) return { why: 'close', at: ends[Math.min(close, places.length)], least }
  const pieces = piecesAt(panel, places.length, (_, i) => from + places[i], interference, angle)
  if (!pieces) return { why: 'apart' }
  const large = pieces.find(({ size }) => !fitsBed(size, bed))
  if (!large) return pieces
  return { why: 'large', piece: large.label, length: Math.max(large.size.width, large.size.height) }
}

/** Where the pieces of a panel meet, from the lower end of its longer side, mm. */
export const seamPlaces = ({ panel, axis, pieces }: Divided): number[] =>
  pieces.slice(1).map(({ region }, i) => {
    const [low, high] = [bounds(pieces[i].region.outline), bounds(region.outline)]
    const [end, begin] = axis === 'x' ? [low.maxX, high.minX] : [low.maxY, high.minY]
    return (end + begin) / 2 - reachOf(panel).from // fingers of both reach as far over the line
  })

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
  const { from, to } = reachOf(panel)
  const [length, across] = [to - from, Math.min(panel.size.width, panel.size.height)]
  const room = across <= Math.min(...bed) ? Math.max(...bed) : Math.min(...bed)
  const count = seamCount(length, room, panel.thickness)
  if (across > Math.max(...bed) || count > MOST_SEAMS + 1) return [panel]
  const slack = room - length / count - REACHED * panel.thickness - MOVED
  const by = shift * Math.max(0, Math.min(slack, (STAGGER * length) / count))
  const place = (rest: Panel, i: number): number =>
    clearPlace(rest, dividedAxis(panel), from + (length * (i + 1)) / count + by)
  return piecesAt(panel, count - 1, place, interference, angle) ?? [panel]
}

/** A panel larger than the bed as it is cut, and why it is not divided where the maker has it. */
export interface Oversize extends Divided {
  fault: SeamFault | null
}

/**
 * A panel larger than the bed in pieces that meet where the maker has it; evenly where that cannot be.
 * @param index of it among the panels: staggered seams stand off to either side in turn
 */
export function inPieces(
  panel: Panel,
  { angle, staggered, at }: BoxSpec['seams'],
  index: number,
  bed: [number, number],
  interference: number,
): Oversize {
  const axis = dividedAxis(panel)
  const byHand = at[panel.id] && seamedAt(panel, at[panel.id], bed, interference, angle)
  if (Array.isArray(byHand)) return { panel, axis, pieces: byHand, fault: null }
  const shift = staggered ? (index % 2 === 0 ? 1 : -1) : 0
  return { panel, axis, pieces: seamed(panel, bed, interference, { angle, shift }), fault: byHand ?? null }
}
