import { localAxis, type Edge, type PanelName, type Shell } from '../box'
import { NO_TASTE, predictFit, type Boundary, type FitPrediction } from '../fit'
import type { Direction } from '../kerf'
import type { Job } from '../job'
import type { Placement } from '../nest'
import type { DerivedBox } from './box'

/**
 * Whether each part lies turned by a quarter, by its id; parts that lie nowhere are taken to lie as they are.
 */
export type Turned = Record<string, boolean>

export const turnedOf = (placements: Placement[]): Turned =>
  Object.fromEntries(placements.filter(({ turn }) => turn % 180 !== 0).map(({ part }) => [part, true]))

const other: Record<Direction, Direction> = { x: 'y', y: 'x' }

/** In which direction of the sheet a panel's tab sides along an edge were cut. */
function cutDirection(name: PanelName, { along }: Edge, turned: boolean): Direction {
  const own = localAxis(name, along)
  return turned ? other[own] : own
}

/** The glue lines of every copy of a box, each with the directions in which its two edges were cut. */
export function boundariesOf({ edges }: Shell, copies: number, turned: Turned): Boundary[] {
  const found = new Map<string, Boundary>()
  for (let copy = 1; copy <= copies; copy++) {
    for (const edge of edges) {
      const [a, b] = edge.panels.map((name) => cutDirection(name, edge, turned[`${name}-${copy}`] ?? false))
      const where = `${edge.panels[0]} and ${edge.panels[1]}`
      found.set(`${where} ${a}${b}`, { edges: [a, b], where })
    }
  }
  return [...found.values()]
}

type FitJob = Pick<Job, 'measure' | 'interference' | 'copies'> & {
  box: Pick<Job['box'], 'proud'>
  cut: Pick<Job['cut'], 'compensation'>
}

/** The fit of a job's joints as its parts lie on the sheets. */
export function deriveFit(
  { measure, interference, copies, box: { proud }, cut }: FitJob,
  { kerf, thickness, shell }: Pick<DerivedBox, 'kerf' | 'thickness' | 'shell'>,
  turned: Turned,
): FitPrediction {
  return predictFit({
    kerf,
    thickness,
    compensate: cut.compensation,
    interference,
    proud,
    taste: measure.taste ?? NO_TASTE,
    boundaries: shell && !kerf.round ? boundariesOf(shell, copies, turned) : [],
  })
}

/** Which panels lie better turned by a quarter, with the odds of the wanted fit then; null when none do. */
export interface BetterWay {
  turn: PanelName[]
  odds: number
}

/** Only a gain that can be felt is worth turning panels for, as a share. */
const WORTH = 0.02

/**
 * The way round in which the panels of one box fit best, when the laser's software compensates a beam that is
 * not round. With compensation in the paths each direction has its own, and all ways round are alike.
 */
export function betterWay(job: FitJob, box: DerivedBox, turned: Turned): BetterWay | null {
  if (!box.shell || box.kerf.round || job.cut.compensation === 'paths') return null
  const { names } = box.shell
  const now = deriveFit(job, box, turned)
  let best: BetterWay | null = null
  for (let ways = 0; ways < 2 ** names.length; ways++) {
    const lying: Turned = {}
    for (const [i, name] of names.entries()) {
      const isTurned = (ways & (1 << i)) !== 0
      for (let copy = 1; copy <= job.copies; copy++) lying[`${name}-${copy}`] = isTurned
    }
    const odds = deriveFit(job, box, lying).odds[now.wanted]
    if (odds <= (best?.odds ?? now.odds[now.wanted] + WORTH)) continue
    const turn = names.filter((name) => lying[`${name}-1`] !== (turned[`${name}-1`] ?? false))
    best = { turn, odds }
  }
  return best
}
