import type { KerfRecord } from '../kerf'
import { NORMAL_95 } from '../statistics'
import type { Spread } from './gauss'

/** A figure that is likely near nothing and may be far from it. Deviations in mm. */
export interface Doubt {
  near: number
  far: number
  /** Odds that it is far. */
  odds: number
}

/**
 * What a kerf's record does not show of its error. All of them from memory, no source at hand, chosen so that
 * stated intervals hold in simulated workshops (scripts/testing/workshops.ts), and each given up for what is
 * measured.
 */
export const DOUBTS = {
  /** Calipers that are off zero, or a hand that squeezes: in every reading of every stock. [FM] */
  calipers: { near: 0.002, far: 0.017, odds: 0.06 },
  /** Cuts that are not upright, ends that swell: calipers touch another width than the joint does. [FM] */
  face: { near: 0.001, far: 0.009, odds: 0.01 },
  /** Focus that differs over the bed: squares from a corner say little of its middle. [FM] */
  place: { near: 0.001, far: 0.008, odds: 0.01 },
  /** More or less energy than the squares were cut with. [FM] */
  setting: { near: 0.001, far: 0.008, odds: 0.01 },
  /** Where the maker's own snug lies, before anything was said. [FM] */
  taste: { near: 0.006, far: 0.025, odds: 0.12 },
} as const satisfies Record<string, Doubt>

/** From one joint of a copy to the next: wandering focus, knots, a sheet that is not flat. [FM] */
const APART: Spread = [
  { sd: 0.004, weight: 0.55 },
  { sd: 0.008, weight: 0.25 },
  { sd: 0.0135, weight: 0.2 },
]
/** From one day to the next: warm tube, damp stock. [FM] */
export const DAYS: Spread = [
  { sd: 0.002, weight: 0.34 },
  { sd: 0.006, weight: 0.14 },
  { sd: 0.0135, weight: 0.52 },
]

/** What checks can rule out one by one. */
export const CHECKED = ['calipers', 'face', 'place', 'setting'] as const

/** A kerf that nobody measured may be another one altogether. [FM] */
const TYPED = { near: 0.02, far: 0.06, odds: 0.4 }
/** How far off an assumed kerf may be: the rest of what machines take. [CP] */
const ASSUMED: Doubt = { near: 0.05, far: 0.05, odds: 0 }
/** How far off a kerf may be when nobody said. [FM] */
const UNSAID = 0.02

/** Whether a kerf was read off a piece, so that calipers, face, place and setting are in it. */
export const isRead = (kerf: Pick<KerfRecord, 'method'> | null): boolean =>
  kerf !== null && kerf.method !== 'typed' && kerf.method !== 'guess'

/** What readings themselves leave open of a kerf. */
export function readingDoubt(kerf: Pick<KerfRecord, 'method' | 'doubt'> | null): Doubt {
  if (kerf === null) return ASSUMED
  if (isRead(kerf)) {
    const near = (kerf.doubt ?? UNSAID) / NORMAL_95
    return { near, far: near, odds: 0 }
  }
  const near = kerf.doubt === null ? TYPED.near : kerf.doubt / NORMAL_95
  return { near, far: Math.max(near, TYPED.far), odds: TYPED.odds }
}

/** One deviation for both of its cases. */
export const evenly = ({ near, far, odds }: Doubt): number =>
  Math.sqrt((1 - odds) * near ** 2 + odds * far ** 2)

/** A sheet that was read with its film on, at a burr, or in one thin place: so far off, and so often. [FM] */
const MISREAD = { far: 0.08, odds: 0.03 }
/** How far a sheet's mean is off what was read, where slots say something of it. */
export const sheetDoubt = (meanSd: number, isSaid: boolean): Doubt => ({
  near: meanSd,
  far: isSaid ? Math.max(meanSd, MISREAD.far) : meanSd,
  odds: isSaid ? MISREAD.odds : 0,
})

/** Squares that a kerf is taken to rest on where nobody says how many, and Student's factor for them. */
const [SQUARES, STUDENT] = [5, 2.776]
/** What hand and rounding alone leave between squares that are read both ways, mm. [FM] */
const HAND_ALONE = 0.0076

/**
 * How much joints differ, after the squares' own spread is seen: squares are parts as well. [PUB: Bayes'
 * rule; a sum of squares over its variance follows chi squared]
 */
export function apartFrom(kerf: Pick<KerfRecord, 'method' | 'doubt'> | null): Spread {
  if (kerf?.method !== 'squares' || kerf.doubt === null) return APART
  const seen = (kerf.doubt * Math.sqrt(SQUARES)) / STUDENT
  const freedom = SQUARES - 1
  const logs = APART.map(({ sd, weight }) => {
    const variance = HAND_ALONE ** 2 + sd ** 2
    return Math.log(weight) - (freedom / 2) * Math.log(variance) - (freedom * seen ** 2) / (2 * variance)
  })
  const weights = logs.map((log) => Math.exp(log - Math.max(...logs)))
  const sum = weights.reduce((total, each) => total + each, 0)
  return APART.map(({ sd }, i) => ({ sd, weight: weights[i] / sum }))
}
