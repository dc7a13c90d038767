import { z } from 'zod'
import { NORMAL_95 } from '../statistics'
import type { CheckRecord } from './check-record'

const mm = z.number().min(-20_000).max(20_000)
/** A place on the bed, mm from its left and its front. */
export const placeSchema = z.strictObject({ x: mm, y: mm })
export type Place = z.infer<typeof placeSchema>

const lean = z.number().min(-0.2).max(0.2)
/** How much wider the kerf gets from the middle of the bed to its right and to its back edge, mm. */
export const tiltSchema = z.strictObject({ x: lean, y: lean })
export type Tilt = z.infer<typeof tiltSchema>

/** How the kerf leans over a bed, as far as it was measured. */
export interface BedBelief {
  tilt: Tilt
  /** Half of the 95 % interval of either figure, mm. */
  half: Tilt
  /** How many joints and parts of a known place say so. */
  count: number
}

interface Size {
  bedWidth: number
  bedHeight: number
}

/** A place in halves of the bed from its middle. */
const inHalves = ({ x, y }: Place, { bedWidth, bedHeight }: Size): [number, number] => [
  (2 * x) / bedWidth - 1,
  (2 * y) / bedHeight - 1,
]

/** How much more kerf a place takes than the middle of the bed, mm. */
export function moreAt(tilt: Tilt, place: Place, bed: Size): number {
  const [u, v] = inHalves(place, bed)
  const within = (value: number): number => Math.max(-1, Math.min(1, value))
  return tilt.x * within(u) + tilt.y * within(v)
}

/** How much the kerf leans over a bed, before anything is known, and what joints differ by, mm. [FM] */
const USUAL = 0.006
const JOINTS = 0.006

/**
 * Learns from joints and parts of known places how the kerf leans over the bed: a plane, and what every cut
 * has to itself beside it; the middle of every cut is taken out first. [PUB: Bayesian linear regression,
 * Bishop, Pattern Recognition and Machine Learning, 2006, 3.3]
 */
export function believeBed(checks: CheckRecord[], machineId: string, bed: Size): BedBelief {
  let [xx, xy, yy] = [1 / USUAL ** 2, 0, 1 / USUAL ** 2]
  let [xs, ys, count] = [0, 0, 0]
  for (const check of checks) {
    if (check.machineId !== machineId || (check.about !== 'play' && check.about !== 'part')) continue
    const seen = check.off.flatMap((off, i) => {
      const at = check.at[i]
      return at ? [{ off, at: inHalves(at, bed) }] : []
    })
    if (seen.length < 2) continue
    const mean = (of: (each: (typeof seen)[number]) => number): number =>
      seen.reduce((sum, each) => sum + of(each), 0) / seen.length
    const [u0, v0, off0] = [mean(({ at }) => at[0]), mean(({ at }) => at[1]), mean(({ off }) => off)]
    const variance = (check.doubt / NORMAL_95) ** 2 + JOINTS ** 2
    for (const { off, at } of seen) {
      const [u, v, rest] = [at[0] - u0, at[1] - v0, off - off0]
      xx += (u * u) / variance
      xy += (u * v) / variance
      yy += (v * v) / variance
      xs += (u * rest) / variance
      ys += (v * rest) / variance
      count++
    }
  }
  const determinant = xx * yy - xy * xy
  return {
    tilt: { x: (yy * xs - xy * ys) / determinant, y: (xx * ys - xy * xs) / determinant },
    half: { x: NORMAL_95 * Math.sqrt(yy / determinant), y: NORMAL_95 * Math.sqrt(xx / determinant) },
    count,
  }
}

/** Whether a lean is more than chance: one of its figures is surely not nothing. */
export const isLeaning = ({ tilt, half }: BedBelief): boolean =>
  Math.abs(tilt.x) > half.x || Math.abs(tilt.y) > half.y
