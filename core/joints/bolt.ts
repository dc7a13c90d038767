import { z } from 'zod'
import type { Ring } from '../geometry'

export const BOLT_SIZES = ['M2', 'M2.5', 'M3', 'M4', 'M5', 'M6'] as const
export type BoltSize = (typeof BOLT_SIZES)[number]

/** Sizes of a bolt and its nut, mm. */
export interface BoltTable {
  diameter: number
  /** Clearance hole, medium fit. [PUB: ISO 273, from memory] */
  hole: number
  /** Across the flats of the nut, and its greatest height. [PUB: ISO 4032, from memory] */
  flats: number
  nut: number
}

export const BOLTS: Record<BoltSize, BoltTable> = {
  M2: { diameter: 2, hole: 2.4, flats: 4, nut: 1.6 },
  'M2.5': { diameter: 2.5, hole: 2.9, flats: 5, nut: 2 },
  M3: { diameter: 3, hole: 3.4, flats: 5.5, nut: 2.4 },
  M4: { diameter: 4, hole: 4.5, flats: 7, nut: 3.2 },
  M5: { diameter: 5, hole: 5.5, flats: 8, nut: 4.7 },
  M6: { diameter: 6, hole: 6.6, flats: 10, nut: 5.2 },
}

/**
 * Bolts along an edge: a hole in the part that laps, a T-shaped cut-out in the one that stands against it.
 */
export const boltsSchema = z.strictObject({
  size: z.enum(BOLT_SIZES),
  count: z.number().int().min(1).max(12),
  /** Length under the head. */
  length: z.number().min(4).max(100),
})
export type Bolts = z.infer<typeof boltsSchema>

/** Room round the nut, so that it can be pushed in by hand, mm. [FM] */
const NUT_PLAY = 0.2
/** The bolt's end reaches this far beyond its nut, mm. [FM] */
const BEYOND = 1

/**
 * What a bolt takes of the two panels, mm: how deep the shank's slot reaches, and where the nut lies in it.
 */
export function boltDepths(
  { size, length }: Bolts,
  lapped: number,
): { shank: number; nut: [number, number] } {
  const { nut } = BOLTS[size]
  const reach = length - lapped
  return { shank: reach, nut: [reach - BEYOND - nut - NUT_PLAY, reach - BEYOND] }
}

/** Corners of the circle that stands for a bolt's hole: as wide across its corners as the hole. */
const HOLE_CORNERS = 24

/** The hole in the part that laps. @param at its middle, mm */
export const boltHole = ({ size }: Pick<Bolts, 'size'>, at: { x: number; y: number }): Ring =>
  Array.from({ length: HOLE_CORNERS }, (_, i) => {
    const angle = (2 * Math.PI * i) / HOLE_CORNERS
    const radius = BOLTS[size].hole / 2
    return { x: at.x + radius * Math.cos(angle), y: at.y + radius * Math.sin(angle) }
  })

/**
 * The T-shaped cut-out in the part that stands against it, from its edge inward, in figures along the edge
 * (`s`) and inward from the edge (`depth`), mm. It begins a little outside, so that no skin is left.
 */
export function nutSlot(bolts: Bolts, s: number, lapped: number): { s: number; depth: number }[] {
  const { hole, flats } = BOLTS[bolts.size]
  const { shank, nut } = boltDepths(bolts, lapped)
  const [half, wide] = [hole / 2, (flats + NUT_PLAY) / 2]
  const out = -1
  const side = (sign: 1 | -1): [number, number][] => [
    [s + sign * half, out],
    [s + sign * half, nut[0]],
    [s + sign * wide, nut[0]],
    [s + sign * wide, nut[1]],
    [s + sign * half, nut[1]],
    [s + sign * half, shank],
  ]
  return [...side(-1), ...side(1).reverse()].map(([along, depth]) => ({ s: along, depth }))
}

/**
 * Where bolts lie along an edge: spread evenly, each moved into the middle of the nearest own stretch. mm
 */
export function boltPlaces(
  stretches: { from: number; to: number }[],
  count: number,
  needed: number,
): number[] {
  const wide = stretches.filter(({ from, to }) => to - from >= needed)
  if (wide.length === 0) return []
  const [low, high] = [stretches[0].from, stretches[stretches.length - 1].to]
  const places = Array.from({ length: count }, (_, i) => {
    const wanted = low + ((high - low) * (i + 0.5)) / count
    const middles = wide.map(({ from, to }) => (from + to) / 2)
    return wide.length === 1 && count > 1
      ? wanted
      : middles.reduce((best, at) => (Math.abs(at - wanted) < Math.abs(best - wanted) ? at : best))
  })
  return [...new Set(places)]
}

/**
 * Least width of a stretch that a bolt's hole fits into, mm: web on either side as wide as the hole. [FM]
 */
export const boltRoom = (size: BoltSize): number => 2 * BOLTS[size].hole
