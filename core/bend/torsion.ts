/** Terms of a series that falls as fast as these do: more change nothing. */
const TERMS = 40
const odd = Array.from({ length: TERMS }, (_, i) => 2 * i + 1)

/** Figures of a bar's section, by the ratio of its longer side to its shorter one. */
export interface Section {
  /** Torque = β · G · a · b³ · twist per length. */
  beta: number
  /** Torque = α · a · b² · greatest stress. */
  alpha: number
}

/**
 * Torsion of a rectangular bar, from the series that the published table was worked out with.
 * [PUB: Timoshenko & Goodier, Theory of Elasticity, on the torsion of rectangular bars; Roark’s Formulas
 * for Stress and Strain]
 * @param ratio longer side ÷ shorter side, 1 or more
 */
export function sectionOf(ratio: number): Section {
  const half = (Math.PI * ratio) / 2
  const beta =
    (1 - (192 / Math.PI ** 5 / ratio) * odd.reduce((sum, n) => sum + Math.tanh(n * half) / n ** 5, 0)) / 3
  const share = 1 - (8 / Math.PI ** 2) * odd.reduce((sum, n) => sum + 1 / (n * n * Math.cosh(n * half)), 0)
  return { beta, alpha: beta / share }
}

/** A bar that is twisted. Lengths in mm, the angle in radians. */
export interface Bar {
  sides: [number, number]
  length: number
  angle: number
}

/** Greatest shear at the bar's surface, without unit: stress ÷ G = φ·b·β ÷ (α·ℓ). */
export function surfaceShear({ sides, length, angle }: Bar): number {
  const [b, a] = [...sides].sort((p, q) => p - q)
  const { alpha, beta } = sectionOf(a / b)
  return (angle * b * beta) / (alpha * length)
}

/** Torque that holds it so, N·mm. @param modulus G of the material, N/mm² */
export function torqueOf({ sides, length, angle }: Bar, modulus: number): number {
  const [b, a] = [...sides].sort((p, q) => p - q)
  return (sectionOf(a / b).beta * modulus * a * b ** 3 * angle) / length
}
