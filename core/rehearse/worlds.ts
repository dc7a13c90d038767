import { CALIPERS } from '../statistics'

type Random = () => number

/**
 * What is wrong with a workshop's readings, and with its kerf beyond them, mm: what squares, read once, do
 * not show. All of it invented, within what makers report. [FM]
 */
export interface Workshop {
  /** Added to every reading of calipers, and the deviation of one reading. */
  zero: number
  hand: number
  /** By how much the kerf at the joints is more than calipers touch: taper, swollen ends. */
  face: number
  /** By how much it is more at the cut's setting than at the squares' own. */
  setting: number
  /** By how much it differs from the middle of the bed to its edge: one deviation. */
  bed: number
  /** From joint to joint, and from day to day, deviations. */
  apart: number
  day: number
  /** By how much the two directions differ. */
  oval: number
  /** Places in a sheet that take more energy, at most. */
  knots: number
}

const PLAIN: Workshop = {
  zero: 0,
  hand: CALIPERS.hand,
  face: 0,
  setting: 0,
  bed: 0,
  apart: 0.004,
  day: 0.002,
  oval: 0,
  knots: 3,
}
const either = (random: Random, size: number): number => (random() < 0.5 ? -size : size)

/** Twelve kinds of them: each with something that squares do not show, or that they show badly. */
export const WORLDS = {
  plain: () => PLAIN,
  'oval beam': (random: Random) => ({ ...PLAIN, oval: 0.02 + 0.03 * random() }),
  'part to part': () => ({ ...PLAIN, apart: 0.013 }),
  'drifting power': () => ({ ...PLAIN, day: 0.013 }),
  knotty: (random: Random) => ({ ...PLAIN, apart: random() < 0.3 ? 0.016 : 0.008, knots: 8 }),
  taper: (random: Random) => ({ ...PLAIN, face: 0.006 + 0.014 * random() }),
  'another speed': (random: Random) => ({ ...PLAIN, setting: either(random, 0.005 + 0.015 * random()) }),
  'calipers off': (random: Random) => ({ ...PLAIN, zero: either(random, 0.02) }),
  'a hand that squeezes': (random: Random) => ({ ...PLAIN, zero: -(0.008 + 0.016 * random()) }),
  'focus over the bed': () => ({ ...PLAIN, bed: 0.012, apart: 0.008 }),
  'ends that swell': (random: Random) => ({ ...PLAIN, face: 0.006 + 0.014 * random() }),
  'unsteady hand': () => ({ ...PLAIN, hand: 0.02 }),
} satisfies Record<string, (random: Random) => Workshop>

export type WorldName = keyof typeof WORLDS
export const WORLD_NAMES = Object.keys(WORLDS) as WorldName[]
