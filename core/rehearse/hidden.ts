import { standardNormal, CALIPERS, randomFrom, shownBy, type Calipers } from '../statistics'
import type { Family } from '../stock'
import { WORLD_NAMES, WORLDS, type WorldName, type Workshop } from './worlds'

/**
 * What nobody at a bench knows of a laser and a sheet: the simulation's own truth, lengths in mm. All of it
 * is invented, within what makers report.
 */
export interface Hidden {
  seed: number
  /** Full width across and along the sheet, at the energy that just cuts. */
  kerf: { x: number; y: number }
  /** How much wider the kerf gets for each part more of energy than it was measured at. */
  widening: number
  measuredAt: number
  /** How much the kerf differs from part to part, one standard deviation: focus, a sheet not flat. */
  wander: number
  /** How much wider it gets from the middle of the bed to its right and to its back edge. */
  bed: { x: number; y: number }
  /** How much more of a part calipers touch than its joints do. */
  face: number
  calipers: Calipers
  /** Energy per cut face that just cuts sound material, J/mm². */
  need: number
  /** How far power goes up and down while it runs, as a share, and how long that takes, s. */
  drift: { share: number; period: number; phase: number }
  /** How much slower its moves are than its figures say, as a share. */
  sluggish: number
  /** Distance of the bed's slats: what is smaller falls between them. */
  slats: number
  /** Knots and the like in a sheet, at most. */
  knots: number
}

/** A place on a sheet that takes more energy: a knot, or glue in a void. */
interface Knot {
  x: number
  y: number
  radius: number
  factor: number
}

/** A sheet with its own thickness and its own faults. */
export interface HiddenSheet {
  width: number
  height: number
  thickness: (x: number, y: number) => number
  knots: Knot[]
}

/** Energy that just cuts, J/mm²: four fifths of where first tests begin. [FM] */
const NEEDS: Record<Family, number> = {
  plywood: 0.72,
  fibreboard: 0.75,
  'solid wood': 0.72,
  acrylic: 0.72,
  card: 0.24,
  other: 0.4,
}

/** Energy over what is needed, where nobody tried: a careful owner's. [FM] */
const MEASURED_AT = 1.35

/** From part to part of one sheet, mm: what is seen where one piece is measured after another. [FM] */
const WANDER = 0.006

/** What the owner of a laser knows of it: the truth lies about that. */
export interface Known {
  family: Family
  /** Measured, or assumed, full width, mm, and how well it is known, one standard deviation. */
  kerf: { x: number; y: number }
  doubt: number
  /** Energy of a setting that went through in a test, J/mm²; null where none was tried on this stock. */
  through: number | null
}

/** A laser like the owner's. A test that went through is true here as well: what is needed is less. */
export function hiddenMachine(seed: number, { family, kerf, doubt, through }: Known): Hidden {
  const random = randomFrom(seed * 7919 + 13)
  const both = doubt * standardNormal(random)
  const own = (width: number): number => Math.max(0.02, width + both + 0.15 * doubt * standardNormal(random))
  const usual = NEEDS[family] * (1 + 0.06 * standardNormal(random))
  const tried = through === null ? Infinity : through * (0.68 + 0.2 * random())
  return {
    seed,
    kerf: { x: own(kerf.x), y: own(kerf.y) },
    widening: 0.06 + 0.06 * random(),
    measuredAt: through === null ? MEASURED_AT : through / Math.min(usual, tried),
    wander: WANDER,
    bed: { x: 0, y: 0 },
    face: 0,
    calipers: CALIPERS,
    need: Math.min(usual, tried),
    drift: { share: 0.01 + 0.02 * random(), period: 120 + 400 * random(), phase: 6.3 * random() },
    sluggish: 0.02 + 0.06 * random(),
    slats: 12 + 8 * random(),
    knots: 3,
  }
}

/** Which world a seed is in, where none is asked for. */
export const worldOf = (seed: number): WorldName =>
  WORLD_NAMES[Math.floor(randomFrom(seed * 6151 + 29)() * WORLD_NAMES.length)]

/** What lasers take from a sheet, mm [CP], and how far their need is off the rule: a factor. [FM] */
const KERFS = { from: 0.08, to: 0.32 }
const NEED_OFF = 1.5

/** Any laser, in a world with something wrong: nothing of the owner's is true of it. */
export function anyMachine(seed: number, family: Family, world: WorldName = worldOf(seed)): Hidden {
  const random = randomFrom(seed * 7919 + 17)
  const shop: Workshop = WORLDS[world](random)
  const width =
    KERFS.from + (KERFS.to - KERFS.from) * random() + shop.day * standardNormal(random) + shop.setting
  return {
    seed,
    kerf: { x: width + shop.oval / 2, y: width - shop.oval / 2 },
    widening: 0.06 + 0.06 * random(),
    measuredAt: MEASURED_AT,
    wander: shop.apart,
    bed: { x: shop.bed * standardNormal(random), y: shop.bed * standardNormal(random) },
    face: shop.face,
    calipers: { ...CALIPERS, hand: shop.hand, zero: shop.zero },
    need: NEEDS[family] * NEED_OFF ** standardNormal(random),
    drift: {
      share: world === 'drifting power' ? 0.08 : 0.01 + 0.02 * random(),
      period: 120 + 400 * random(),
      phase: 6.3 * random(),
    },
    sluggish: 0.02 + 0.2 * random(),
    slats: 12 + 8 * random(),
    knots: shop.knots,
  }
}

/** Which laser is simulated: one like the owner's, any, or any with a certain thing wrong. */
export type LaserLike = 'mine' | 'any' | WorldName

export const laserLike = (like: LaserLike, seed: number, known: Known): Hidden =>
  like === 'mine'
    ? hiddenMachine(seed, known)
    : anyMachine(seed, known.family, like === 'any' ? undefined : like)

/** A part in simulated calipers: along both sides, and how thick, mm. */
export const readPart = (
  { width, height }: { width: number; height: number },
  thickness: number,
  { calipers, face }: Hidden,
  random: () => number,
): { width: number; height: number; thickness: number } => ({
  width: shownBy(calipers, width + face, random),
  height: shownBy(calipers, height + face, random),
  thickness: shownBy(calipers, thickness, random),
})

/**
 * The sheet of a seed.
 * @param mean what its owner measured, mm @param doubt spread of their readings, mm
 */
export function hiddenSheet(
  seed: number,
  sheet: number,
  size: { width: number; height: number },
  { mean, doubt }: { mean: number; doubt: number },
  family: Family,
  most = 3,
): HiddenSheet {
  const random = randomFrom(seed * 104_729 + sheet * 31 + 7)
  const middle = mean + 0.5 * doubt * standardNormal(random)
  const [across, along] = [doubt * standardNormal(random), doubt * standardNormal(random)]
  const [wave, phase] = [0.4 * doubt, 6.3 * random()]
  const hasKnots = family === 'plywood' || family === 'solid wood'
  const count = hasKnots ? Math.floor(random() * (most + 1)) : 0
  return {
    ...size,
    thickness: (x, y) =>
      middle +
      across * (x / size.width - 0.5) +
      along * (y / size.height - 0.5) +
      wave * Math.sin(x / 60 + phase) * Math.cos(y / 75),
    knots: Array.from({ length: count }, () => ({
      x: random() * size.width,
      y: random() * size.height,
      radius: 3 + 6 * random(),
      factor: 1.25 + 0.6 * random(),
    })),
  }
}
