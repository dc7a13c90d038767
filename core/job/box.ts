import {
  boxSizes,
  makePanels,
  makeShell,
  sameThickness,
  specProblems,
  type Panel,
  type Shell,
  type Size,
  type SpecProblem,
} from '../box'
import { NO_TASTE, predictFit, type FitPrediction } from '../fit'
import { kerfOf, type Kerf } from '../kerf'
import { fixed } from '../length'
import { thicknessOf, type Thickness } from '../stock'
import type { Working } from '../working'
import type { Job } from './schema'

/** All that follows from Measure and Shape. `shell` and `panels` are null when the box cannot be made; `problems` says why. */
export interface DerivedBox {
  thickness: Thickness
  kerf: Kerf
  fit: FitPrediction
  sizes: { outer: Size; inner: Size }
  problems: SpecProblem[]
  shell: Shell | null
  panels: Panel[] | null
}

/** The narrowest cell along any edge, mm. */
const narrowest = (shell: Shell): number =>
  shell.edges.reduce(
    (least, { cells }) => cells.reduce((l, { from, to }) => Math.min(l, to - from), least),
    Infinity,
  )

/** Shares smaller than this cannot be cut apart from their neighbours, mm: a few kerfs. [FM] */
const LEAST_SHARE = 0.8

/** What must be left of a tab, or open in a notch, once kerf and interference are taken off, mm. [FM] */
const LEAST_LEFT = 0.3

/** A notch narrower than the kerf would close in the compensated path, and a tab that narrow would burn away. */
function tabProblems(shell: Shell, kerfWidth: number, interference: number): SpecProblem[] {
  const least = narrowest(shell)
  const needed = Math.max(LEAST_SHARE, kerfWidth + Math.abs(interference) + LEAST_LEFT)
  if (least >= needed) return []
  return [
    {
      field: 'tabs',
      message: `Some tabs would be ${fixed(least, 2)} mm wide; with this kerf and fit they need ${fixed(needed, 2)} mm. Make tabs wider, or fewer.`,
    },
  ]
}

/** Works out thickness, kerf, fit, sizes and panels of a job. Lengths in mm. */
export function deriveBox({
  measure,
  box,
  interference,
}: Pick<Job, 'measure' | 'box' | 'interference'>): DerivedBox {
  const thickness = thicknessOf(measure.stock)
  const kerf = kerfOf(measure.kerf)
  const fit = predictFit(
    kerf,
    thickness,
    kerf.perSide,
    interference,
    measure.stock?.family ?? 'other',
    box.proud,
    measure.taste ?? NO_TASTE,
  )
  const thicknesses = sameThickness(thickness.mean)
  const sizes = boxSizes(box, thicknesses)
  const problems = specProblems(box, thicknesses)
  const base = { thickness, kerf, fit, sizes }
  if (problems.length > 0) return { ...base, problems, shell: null, panels: null }
  const shell = makeShell(box, thicknesses)
  const crumbs = tabProblems(shell, kerf.width, interference)
  if (crumbs.length > 0) return { ...base, problems: crumbs, shell: null, panels: null }
  return { ...base, problems: [], shell, panels: makePanels(shell, box.proud, interference) }
}

/** Advice about tabs that can be cut but may not please. Width about 1.5 to 3 thicknesses; under one they break. [FM] */
export function tabAdvice({ shell, thickness }: Pick<DerivedBox, 'shell' | 'thickness'>): string[] {
  if (!shell) return []
  const least = narrowest(shell)
  const advice: string[] = []
  if (least < thickness.mean)
    advice.push(
      `The narrowest tab is ${fixed(least, 2)} mm, under one thickness: it may break while sanding or pressing.`,
    )
  if (shell.edges.some(({ shares }) => shares.length % 2 === 0))
    advice.push('An even count makes the two ends of an edge differ: opposite corners will not look alike.')
  return advice
}

/** What stands behind the size that was not typed. */
export function sizeWorking(
  { sizes, thickness }: Pick<DerivedBox, 'sizes' | 'thickness'>,
  spec: Job['box'],
): Working {
  const t = fixed(thickness.mean, 3)
  const given = spec.sizesAre === 'outer' ? sizes.outer : sizes.inner
  const other = spec.sizesAre === 'outer' ? sizes.inner : sizes.outer
  const sign = spec.sizesAre === 'outer' ? '−' : '+'
  const walls = { x: 2, y: 2, z: spec.top ? 2 : 1 }
  const line = (axis: 'x' | 'y' | 'z'): string =>
    `${fixed(given[axis], 2)} ${sign} ${walls[axis]} × ${t} = ${fixed(other[axis], 2)}`
  return {
    title: spec.sizesAre === 'outer' ? 'Inner size' : 'Outer size',
    result: `${fixed(other.x, 2)} × ${fixed(other.y, 2)} × ${fixed(other.z, 2)} mm`,
    formula:
      spec.sizesAre === 'outer'
        ? 'inner = outer − the walls met on that axis'
        : 'outer = inner + the walls met on that axis',
    substituted: [line('x'), line('y'), line('z')].join('; '),
    terms: [
      {
        symbol: spec.sizesAre,
        meaning: 'width × depth × height',
        value: `${fixed(given.x, 2)} × ${fixed(given.y, 2)} × ${fixed(given.z, 2)} mm`,
        source: 'your choice',
      },
      {
        symbol: 'T',
        meaning: 'mean thickness',
        value: `${t} mm`,
        source: thickness.measured ? 'reading' : 'default',
      },
    ],
    note: spec.top ? 'Height loses the floor and the top.' : 'Height loses the floor only: the box is open.',
  }
}
