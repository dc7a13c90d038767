import {
  boxSizes,
  makePanels,
  makeShell,
  sameThickness,
  specProblems,
  type BrokenPanel,
  type Panel,
  type PanelName,
  type Shell,
  type Size,
  type SpecProblem,
} from '../box'
import { compensationIn, type Compensations } from '../fit'
import { offsetBy, type Region } from '../geometry'
import { kerfOf, type Kerf } from '../kerf'
import type { Job } from '../job'
import { thicknessOf, type Thickness } from '../stock'

/**
 * A panel's shape as the beam must follow it, lying as it is and turned by a quarter; one object where they
 * are the same.
 */
export type CutShapes = [unturned: Region, turned: Region]

/**
 * All that follows from Measure and Shape. `shell` and `panels` are null when the box cannot be made;
 * `problems` says why.
 */
export interface DerivedBox {
  thickness: Thickness
  kerf: Kerf
  compensation: Compensations
  sizes: { outer: Size; inner: Size }
  problems: SpecProblem[]
  shell: Shell | null
  panels: Panel[] | null
  cuts: Map<PanelName, CutShapes>
}

/** Shares smaller than this cannot be cut apart from their neighbours, mm: a few kerfs. [FM] */
const LEAST_SHARE = 0.8

/** What must be left of a tab, or open in a notch, once kerf and interference are taken off, mm. [FM] */
const LEAST_LEFT = 0.3

/**
 * A notch narrower than the kerf would close in the compensated path, and a tab that narrow would burn away.
 * mm
 */
export const leastShare = (kerf: Kerf, interference: number): number =>
  Math.max(
    LEAST_SHARE,
    Math.max(kerf.width, kerf.by.x.width, kerf.by.y.width) + Math.abs(interference) + LEAST_LEFT,
  )

/** Moves a panel's outline to where the beam must run, for both ways in which it may lie. */
function cutShapes(
  { name, drawn }: Panel,
  { x, y }: Compensations,
): { name: PanelName; shapes: CutShapes | null; pieces: number } {
  const unturned = offsetBy(drawn, { x, y })
  const turned = x === y ? unturned : offsetBy(drawn, { x: y, y: x })
  const whole = unturned.length === 1 && turned.length === 1
  const pieces = Math.max(unturned.length, turned.length)
  return { name, shapes: whole ? [unturned[0], turned[0]] : null, pieces }
}

const apart = ({ name, pieces }: BrokenPanel): SpecProblem => ({
  kind: 'apart',
  field: 'interference',
  panel: name,
  pieces,
})

type BoxInput = Pick<Job, 'measure' | 'box' | 'interference'> & { cut: Pick<Job['cut'], 'compensation'> }

/** Works out thickness, kerf, sizes and panels of a job. Lengths in mm. */
export function deriveBox({ measure, box, interference, cut }: BoxInput): DerivedBox {
  const thickness = thicknessOf(measure.stock)
  const kerf = kerfOf(measure.kerf)
  const compensation = compensationIn(kerf, cut.compensation)
  const thicknesses = sameThickness(thickness.mean)
  const base = { thickness, kerf, compensation, sizes: boxSizes(box, thicknesses) }
  const refused = (problems: SpecProblem[]): DerivedBox => ({
    ...base,
    problems,
    shell: null,
    panels: null,
    cuts: new Map(),
  })
  const problems = specProblems(box, thicknesses, leastShare(kerf, interference))
  if (problems.length > 0) return refused(problems)
  const shell = makeShell(box, thicknesses)
  const { panels, broken } = makePanels(shell, box.proud, interference)
  if (broken.length > 0) return refused(broken.map(apart))
  const cuts = panels.map((panel) => cutShapes(panel, compensation))
  const split = cuts.filter(({ shapes }) => shapes === null)
  if (split.length > 0) return refused(split.map(apart))
  return {
    ...base,
    problems: [],
    shell,
    panels,
    cuts: new Map(cuts.map(({ name, shapes }) => [name, shapes!])),
  }
}
