import { z } from 'zod'
import { normalBelow } from '../statistics'
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
})
export type BendTest = z.infer<typeof bendTestSchema>

type Tried = Pick<BendTest, 'width' | 'link' | 'thickness' | 'rows' | 'angle'>

/** How far the surface of each link is sheared in a bend, without unit. */
export const shearOf = ({ width, link, thickness, rows, angle }: Tried): number =>
  surfaceShear({ sides: [width, thickness], length: link, angle: (angle * Math.PI) / 180 / rows })

/**
 * Before anything was tried: half of all sheets break at this shear; sheets differ by this, and one bend
 * from the next of the same sheet by that (of the logarithm). [FM]
 */
const USUAL = 0.02
const SHEETS = 0.5
const BENDS = 0.2

const STEPS = 161
const REACH = 4

/** Shears at which this sheet may break, each with its weight, after what was tried. */
function beliefs(tests: BendTest[]): { at: number; weight: number }[] {
  const tried = tests.map((test) => ({ shear: Math.log(shearOf(test)), broke: test.broke }))
  const all = Array.from({ length: STEPS }, (_, i) => {
    const z = -REACH + (2 * REACH * i) / (STEPS - 1)
    const at = Math.log(USUAL) + SHEETS * z
    const weight = tried.reduce(
      (product, { shear, broke }) => {
        const over = normalBelow((shear - at) / BENDS)
        return product * (broke ? over : 1 - over)
      },
      Math.exp((-z * z) / 2),
    )
    return { at, weight }
  })
  const sum = all.reduce((total, { weight }) => total + weight, 0)
  // Tests that contradict each other altogether say nothing.
  return sum > 0 ? all.map(({ at, weight }) => ({ at, weight: weight / sum })) : beliefs([])
}

/** Chance that a bend holds, from what this maker tried on this stock. */
export function oddsOfHolding(bend: Tried, tests: BendTest[]): number {
  const shear = Math.log(shearOf(bend))
  return beliefs(tests).reduce(
    (sum, { at, weight }) => sum + weight * (1 - normalBelow((shear - at) / BENDS)),
    0,
  )
}
