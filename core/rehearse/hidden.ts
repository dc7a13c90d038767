import { randomFrom } from '../statistics'
import type { Family } from '../stock'

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
  /** Energy per cut face that just cuts sound material, J/mm². */
  need: number
  /** How far power goes up and down while it runs, as a share, and how long that takes, s. */
  drift: { share: number; period: number; phase: number }
  /** How much slower its moves are than its figures say, as a share. */
  sluggish: number
  /** Distance of the bed's slats: what is smaller falls between them. */
  slats: number
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
  thickness: (x: number, y: number) => number
  knots: Knot[]
}

/**
 * A throw from the bell curve, by two even ones. [PUB: Box & Muller, A note on the generation of random
 * normal deviates, Annals of Mathematical Statistics 29 (1958)]
 */
export const bell = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())

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

/** The laser of a seed. A test that went through is true here as well: what is needed is less. */
export function hiddenMachine(seed: number, { family, kerf, doubt, through }: Known): Hidden {
  const random = randomFrom(seed * 7919 + 13)
  const both = doubt * bell(random)
  const own = (width: number): number => Math.max(0.02, width + both + 0.15 * doubt * bell(random))
  const usual = NEEDS[family] * (1 + 0.06 * bell(random))
  const tried = through === null ? Infinity : through * (0.68 + 0.2 * random())
  return {
    seed,
    kerf: { x: own(kerf.x), y: own(kerf.y) },
    widening: 0.06 + 0.06 * random(),
    measuredAt: through === null ? MEASURED_AT : through / Math.min(usual, tried),
    wander: WANDER,
    need: Math.min(usual, tried),
    drift: { share: 0.01 + 0.02 * random(), period: 120 + 400 * random(), phase: 6.3 * random() },
    sluggish: 0.02 + 0.06 * random(),
    slats: 12 + 8 * random(),
  }
}

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
): HiddenSheet {
  const random = randomFrom(seed * 104_729 + sheet * 31 + 7)
  const middle = mean + 0.5 * doubt * bell(random)
  const [across, along] = [doubt * bell(random), doubt * bell(random)]
  const [wave, phase] = [0.4 * doubt, 6.3 * random()]
  const hasKnots = family === 'plywood' || family === 'solid wood'
  const count = hasKnots ? Math.floor(random() * 4) : 0
  return {
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
