import { z } from 'zod'
import { normalBelow } from '../statistics'
import { SLITS_LIE, type SlitsLie } from './slits'
import { surfaceShear } from './torsion'

/** A bend that was tried: how it was slit, and what came of it. Lengths in mm. */
export const bendTestSchema = z.strictObject({
  id: z.string().min(1).max(60),
  /** Width of a link after cutting, its length, and the sheet's thickness. */
  width: z.number().min(0.1).max(100),
  link: z.number().min(0.1).max(500),
  thickness: z.number().min(0.05).max(50),
  rows: z.number().int().min(1).max(1000),
  /** How far it was bent, degrees, and whether it broke there. */
  angle: z.number().min(1).max(360),
  broke: z.boolean(),
  on: z.string().max(40),
  /** How its slits lay to the face grain. */
  grain: z.enum(SLITS_LIE),
})
export type BendTest = z.infer<typeof bendTestSchema>

export type SlitBend = Pick<BendTest, 'width' | 'link' | 'thickness' | 'rows' | 'angle' | 'grain'>

/** How far the surface of each link is sheared in a bend, without unit. */
export const shearOf = ({ width, link, thickness, rows, angle }: Omit<SlitBend, 'grain'>): number =>
  surfaceShear({ sides: [width, thickness], length: link, angle: (angle * Math.PI) / 180 / rows })

/**
 * Before anything was tried: half of all sheets break at this shear; sheets differ by this, and one bend
 * from the next of the same sheet by that (of the logarithm). Links along the face grain bear more than
 * those across it, by about so much, and sheets differ in that as well. [FM]
 */
const USUAL = 0.02
const SHEETS = 0.5
const BENDS = 0.2
const ALONG = 0.25
const GRAINS = 0.2

/** Steps of the two things that are not known of a sheet, and how far they reach, in deviations. */
const STEPS = 81
const GRAIN_STEPS = 13
const REACH = 4

/** A sheet as it may be: shears at which links break that lie along the grain, and across it. */
interface Sheet {
  along: number
  across: number
  weight: number
}

const stepsOf = (steps: number, reach: number): number[] =>
  Array.from({ length: steps }, (_, i) => -reach + (2 * reach * i) / (steps - 1))

/** Chance that a bend breaks in a sheet; where nobody knows how its slits lie, either is as likely. */
function breaks(bend: { shear: number; grain: SlitsLie }, { along, across }: Sheet): number {
  const [first, second] = [along, across].map((at) => normalBelow((bend.shear - at) / BENDS))
  if (bend.grain === 'along') return first
  return bend.grain === 'across' ? second : (first + second) / 2
}

/** Sheets that this one may be, each with its weight, after what was tried. */
function beliefs(tests: BendTest[]): Sheet[] {
  const tried = tests.map((test) => ({
    shear: Math.log(shearOf(test)),
    grain: test.grain,
    broke: test.broke,
  }))
  const all = stepsOf(STEPS, REACH).flatMap((z) =>
    stepsOf(GRAIN_STEPS, 2.5).map((g): Sheet => {
      const middle = Math.log(USUAL) + SHEETS * z
      const half = (ALONG + GRAINS * g) / 2
      const sheet = { along: middle + half, across: middle - half, weight: Math.exp(-(z * z + g * g) / 2) }
      for (const test of tried) {
        const over = breaks(test, sheet)
        sheet.weight *= test.broke ? over : 1 - over
      }
      return sheet
    }),
  )
  const sum = all.reduce((total, { weight }) => total + weight, 0)
  // Tests that contradict each other altogether say nothing.
  return sum > 0 ? all.map((sheet) => ({ ...sheet, weight: sheet.weight / sum })) : beliefs([])
}

/** Chance that a bend holds, from what this maker tried on this stock. */
export function oddsOfHolding(bend: SlitBend, tests: BendTest[]): number {
  const wanted = { shear: Math.log(shearOf(bend)), grain: bend.grain }
  return beliefs(tests).reduce((sum, sheet) => sum + sheet.weight * (1 - breaks(wanted, sheet)), 0)
}
