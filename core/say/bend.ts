import type { BendReport } from '../derive'
import { percent, type Say } from '../length'
import type { Working } from '../working'

/** How hard it is to hold a bend closed by its far edge, N. [FM] */
const FORCES: [most: number, word: string][] = [
  [1, 'soft: it stays where it is put'],
  [5, 'easy: a finger holds it'],
  [20, 'firm: it wants a latch or glue'],
  [Infinity, 'stiff: it springs open, and pulls at its glue'],
]
export const forceWord = (force: number): string => FORCES.find(([most]) => force <= most)![1]

/** How likely a bend is to hold, and why, in one sentence. */
export function bendLine({ odds, tried, shear, held, broke }: BendReport): string {
  const chance = `It holds with ${percent(odds)}`
  if (tried === 0)
    return `${chance}, from what sheets of this kind usually bear (from memory): cut a test piece.`
  if (broke !== null && shear >= broke) return `${chance}: one of yours that was bent no harder broke.`
  if (held !== null && shear <= held) return `${chance}: one of yours that was bent harder held.`
  if (held === null) return `${chance}: the one of yours that broke was bent harder; none held yet.`
  return `${chance}: harder than any of yours that held, and none that hard was tried.`
}

/** The arithmetic of a bend. */
export function bendWorking(report: BendReport, thickness: number, radius: number, say: Say): Working {
  const { zone, twist, shear } = report
  return {
    title: 'Shear of a link in the bend',
    result: shear.toFixed(4),
    formula: 'φ · b · β ÷ (α · ℓ), with φ = 90° ÷ rows and rows = π/2 · (R + T/2) ÷ pitch',
    substituted:
      `${twist.toFixed(2)}° over ${say.length(zone.link)}; ` +
      `${zone.rows} rows in ${say.length(zone.flat)}`,
    terms: [
      { symbol: 'R', meaning: 'inside radius', value: say.length(radius), source: 'your choice' },
      { symbol: 'T', meaning: 'thickness', value: say.length(thickness), source: 'reading' },
      {
        symbol: 'b',
        meaning: 'shorter side of a link',
        value: say.length(Math.min(zone.width, thickness)),
        source: 'derived',
      },
      { symbol: 'ℓ', meaning: 'length that twists', value: say.length(zone.link), source: 'derived' },
    ],
    note:
      'α and β are those of a rectangular bar in torsion (Timoshenko and Goodier, Theory of Elasticity; ' +
      'Roark’s Formulas). Face grain along the links bears most; a flaw in the sheet there breaks it.',
  }
}
